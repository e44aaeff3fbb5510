package wideharbor.app.live;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "house_event")
class EventRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private long seq;

    @Column(name = "happened_at", columnDefinition = "datetime(6)")
    private Instant happenedAt = Instant.EPOCH;

    @Column(name = "job_id")
    private String job = "";

    private String who = "";
    private String tab = "";

    protected EventRow() {}

    EventRow(Instant happenedAt, String job, String who, String tab) {
        this.happenedAt = happenedAt;
        this.job = job;
        this.who = who;
        this.tab = tab;
    }

    long seq() {
        return seq;
    }

    String job() {
        return job;
    }

    String who() {
        return who;
    }

    String tab() {
        return tab;
    }
}
