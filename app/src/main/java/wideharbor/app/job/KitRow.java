package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "kit_line")
class KitRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String jobId,
            @Column(name = "type_id") String typeId,
            @Column(name = "type_revision") int typeRevision) {}

    @EmbeddedId
    Key key = new Key("", "", 0);

    int pieces;

    protected KitRow() {}

    KitRow(Key key, int pieces) {
        this.key = key;
        this.pieces = pieces;
    }
}
