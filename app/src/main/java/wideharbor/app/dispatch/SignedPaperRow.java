package wideharbor.app.dispatch;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "signed_paper")
class SignedPaperRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String job,
            @Column(name = "job_revision") int revision,
            @Column(name = "name") String name) {}

    @EmbeddedId
    Key key = new Key("", 0, "");

    @Column(columnDefinition = "longblob")
    byte[] content = new byte[0];

    protected SignedPaperRow() {}

    SignedPaperRow(Key key, byte[] content) {
        this.key = key;
        this.content = content;
    }
}
