package wideharbor.app.crew;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

@Entity
@Table(name = "crew_member")
class CrewRow {
    @Embeddable
    record Key(
            @Column(name = "user_id") String userId,
            @Column(name = "job_id") String jobId) implements Serializable {}

    @EmbeddedId
    private Key key = new Key("", "");

    @Column(name = "invited_by")
    private String invitedBy = "";

    @Column(columnDefinition = "datetime(6)")
    private Instant since = Instant.EPOCH;

    private boolean ended;

    protected CrewRow() {}

    CrewRow(Key key, String invitedBy, Instant since) {
        this.key = key;
        this.invitedBy = invitedBy;
        this.since = since;
    }

    Key key() {
        return key;
    }

    String invitedBy() {
        return invitedBy;
    }

    Instant since() {
        return since;
    }

    boolean hasEnded() {
        return ended;
    }

    void end() {
        ended = true;
    }
}
