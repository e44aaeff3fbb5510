package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import wideharbor.core.dispatch.Gate;

@Entity
@Table(name = "job")
class JobRow {
    @Id
    String id = "";

    String title = "";

    @Column(name = "load_at", columnDefinition = "datetime")
    LocalDateTime loadAt = LocalDateTime.MIN;

    String place = "";
    String operator = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(20)")
    Gate.Stage stage = Gate.Stage.DRAFT;

    int revision = 1;

    @Column(name = "state_no")
    long stateNo = 1;

    @Column(columnDefinition = "longtext")
    String brief = "";

    boolean clear;
    int stops;
    int undecided;

    @Column(name = "unread_cautions")
    int unreadCautions;

    @Column(name = "configurations_clear")
    int configurationsClear;

    @Column(name = "configurations_all")
    int configurationsAll;

    /** Since when it is laid aside; nothing while somebody works on it. */
    @Column(name = "archived_at", columnDefinition = "datetime")
    @Nullable
    LocalDateTime archivedAt;

    @Column(name = "archived_by")
    String archivedBy = "";

    @Version
    long version;

    protected JobRow() {}

    JobRow(String id, String title) {
        this.id = id;
        this.title = title;
    }
}
