package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import wideharbor.core.job.Job;

@Entity
@Table(name = "caution_read")
class ReadRow {
    @EmbeddedId
    FindingId id = new FindingId("", "");

    double excess;
    String unit = "";
    String who = "";

    @Column(name = "key_form")
    int keyForm = FindingId.FORM;

    @Column(name = "read_at", columnDefinition = "datetime(6)")
    Instant readAt = Instant.EPOCH;

    protected ReadRow() {}

    ReadRow(FindingId id, Job.Accepted accepted, String who, Instant readAt) {
        this.id = id;
        this.excess = accepted.excess();
        this.unit = accepted.unit();
        this.who = who;
        this.readAt = readAt;
    }
}
