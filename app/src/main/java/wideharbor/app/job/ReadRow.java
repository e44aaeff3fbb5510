package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "caution_read")
class ReadRow {
    @EmbeddedId
    FindingId id = new FindingId("", "");

    String who = "";

    @Column(name = "read_at", columnDefinition = "datetime(6)")
    Instant readAt = Instant.EPOCH;

    protected ReadRow() {}

    ReadRow(FindingId id, String who, Instant readAt) {
        this.id = id;
        this.who = who;
        this.readAt = readAt;
    }
}
