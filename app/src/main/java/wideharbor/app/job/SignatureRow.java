package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "signature")
class SignatureRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String jobId,
            @Column(name = "job_revision") int jobRevision,
            @Column(name = "who") String who) {}

    @EmbeddedId
    Key key = new Key("", 0, "");

    @Column(name = "signed_at", columnDefinition = "datetime(6)")
    Instant signedAt = Instant.EPOCH;

    @Column(columnDefinition = "char(64)")
    String seal = "";

    protected SignatureRow() {}

    SignatureRow(Key key, Instant signedAt, String seal) {
        this.key = key;
        this.signedAt = signedAt;
        this.seal = seal;
    }
}
