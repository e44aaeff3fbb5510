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

    /** Why it is not as far as it was; empty when it never went back. */
    @Column(name = "stage_note")
    String stageNote = "";

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

    /** The number of the house's rules under which the counts above were made. */
    @Column(name = "judged_under")
    long judgedUnder;

    /** The checks that made them. */
    @Column(name = "judged_with")
    String judgedWith = "";

    /** The rules that made its verdict another one; 0 when none did. */
    @Column(name = "turned_under")
    long turnedUnder;

    /** Since when it is laid aside; nothing while somebody works on it. */
    @Column(name = "archived_at", columnDefinition = "datetime")
    @Nullable
    LocalDateTime archivedAt;

    /** From when on a deleted job is gone for good; nothing for one that is only laid aside. */
    @Column(name = "forget_at", columnDefinition = "datetime")
    @Nullable
    LocalDateTime forgetAt;

    @Column(name = "archived_by")
    String archivedBy = "";

    @Version
    long version;

    /**
     * Whether what was counted is no verdict any more: made under other rules of the house, or by other checks. What
     * has left keeps the verdict that it left with. The queries of {@link Rows.Jobs} ask the same.
     */
    boolean isStale(long rules, String checks) {
        return !stage.hasLeft() && (judgedUnder != rules || !judgedWith.equals(checks));
    }

    protected JobRow() {}

    JobRow(String id, String title) {
        this.id = id;
        this.title = title;
    }
}
