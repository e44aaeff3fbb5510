package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A part that a file brought and that the house has not taken. */
@Entity
@Table(name = "package_part")
class PackagePartRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String jobId,
            @Column(name = "type_id") String typeId,
            @Column(name = "revision") int revision) {}

    @EmbeddedId
    Key key = new Key("", "", 0);

    @Column(columnDefinition = "longtext")
    String content = "";

    protected PackagePartRow() {}

    PackagePartRow(Key key, String content) {
        this.key = key;
        this.content = content;
    }
}
