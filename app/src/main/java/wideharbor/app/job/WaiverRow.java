package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "waiver")
class WaiverRow {
    @EmbeddedId
    FindingId id = new FindingId("", "");

    @Column(name = "accepted_excess")
    double acceptedExcess;

    String reason = "";
    String who = "";

    @Column(name = "waived_at", columnDefinition = "datetime(6)")
    Instant waivedAt = Instant.EPOCH;

    protected WaiverRow() {}

    WaiverRow(FindingId id, double acceptedExcess, String reason, String who, Instant waivedAt) {
        this.id = id;
        this.acceptedExcess = acceptedExcess;
        this.reason = reason;
        this.who = who;
        this.waivedAt = waivedAt;
    }
}
