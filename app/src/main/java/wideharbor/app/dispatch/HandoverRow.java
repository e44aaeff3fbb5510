package wideharbor.app.dispatch;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import wideharbor.core.dispatch.Handover;

@Entity
@Table(name = "handover")
class HandoverRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String job,
            @Column(name = "job_revision") int revision) {}

    @EmbeddedId
    Key key = new Key("", 0);

    @Column(name = "handed_to")
    private String to = "";

    @Column(columnDefinition = "mediumtext")
    private String drawn = "";

    private String who = "";

    @Column(name = "handed_at", columnDefinition = "datetime(6)")
    private Instant at = Instant.EPOCH;

    protected HandoverRow() {}

    HandoverRow(Key key, Handover handover, String who, Instant at) {
        this.key = key;
        this.to = handover.to();
        this.drawn = handover.drawn();
        this.who = who;
        this.at = at;
    }

    Handover handover() {
        return new Handover(to, drawn);
    }

    String who() {
        return who;
    }

    Instant at() {
        return at;
    }
}
