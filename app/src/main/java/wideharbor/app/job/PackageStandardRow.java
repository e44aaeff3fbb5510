package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A mounting standard as a file has it, where the house has another or none. */
@Entity
@Table(name = "package_standard")
class PackageStandardRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String jobId,
            @Column(name = "id") String id) {}

    @EmbeddedId
    Key key = new Key("", "");

    @Column(columnDefinition = "longtext")
    String content = "";

    protected PackageStandardRow() {}

    PackageStandardRow(Key key, String content) {
        this.key = key;
        this.content = content;
    }
}
