package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import wideharbor.core.job.Job;

@Entity
@Table(name = "waiver")
class WaiverRow {
    @EmbeddedId
    FindingId id = new FindingId("", "");

    @Column(name = "accepted_excess")
    double acceptedExcess;

    String unit = "";

    @Column(name = "key_form")
    int keyForm = FindingId.FORM;

    String reason = "";
    String who = "";

    @Column(name = "waived_at", columnDefinition = "datetime(6)")
    Instant waivedAt = Instant.EPOCH;

    protected WaiverRow() {}

    WaiverRow(FindingId id, Job.Accepted accepted, String reason, String who, Instant waivedAt) {
        this.id = id;
        this.acceptedExcess = accepted.excess();
        this.unit = accepted.unit();
        this.reason = reason;
        this.who = who;
        this.waivedAt = waivedAt;
    }
}
