package wideharbor.app.crew;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "remark")
class RemarkRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private long id;

    @Column(name = "job_id")
    private String job = "";

    private String who = "";

    @Column(name = "said_at", columnDefinition = "datetime(6)")
    private Instant saidAt = Instant.EPOCH;

    private String words = "";

    @Column(name = "settled_at", columnDefinition = "datetime(6)")
    private @Nullable Instant settledAt;

    @Column(name = "settled_by")
    private String settledBy = "";

    protected RemarkRow() {}

    RemarkRow(String job, String who, Instant saidAt, String words) {
        this.job = job;
        this.who = who;
        this.saidAt = saidAt;
        this.words = words;
    }

    long id() {
        return id;
    }

    String job() {
        return job;
    }

    String who() {
        return who;
    }

    Instant saidAt() {
        return saidAt;
    }

    String words() {
        return words;
    }

    boolean isSettled() {
        return settledAt != null;
    }

    String settledBy() {
        return settledBy;
    }

    void settle(String by, Instant when) {
        settledBy = by;
        settledAt = when;
    }
}
