package wideharbor.app.live;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "presence")
class PresenceRow {
    @Id
    private String tab = "";

    private String who = "";

    @Column(name = "job_id")
    private String job = "";

    @Column(name = "build_id")
    private String build = "";

    @Column(name = "seen_at", columnDefinition = "datetime(6)")
    private Instant seenAt = Instant.EPOCH;

    protected PresenceRow() {}

    PresenceRow(String tab, String who, String job, String build, Instant seenAt) {
        this.tab = tab;
        this.who = who;
        this.job = job;
        this.build = build;
        this.seenAt = seenAt;
    }

    String tab() {
        return tab;
    }

    String who() {
        return who;
    }

    String job() {
        return job;
    }

    String build() {
        return build;
    }
}
