package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;

@Entity
@Table(name = "build")
class BuildRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String jobId,
            @Column(name = "build_id") String buildId) {}

    @EmbeddedId
    Key key = new Key("", "");

    String title = "";
    int ordinal;
    int revision = 1;

    @Column(columnDefinition = "longtext")
    String content = "";

    @Column(name = "taken_off")
    boolean takenOff;

    @Version
    long version;

    protected BuildRow() {}

    BuildRow(String job, String build, String title, int ordinal, String content) {
        this.key = new Key(job, build);
        this.title = title;
        this.ordinal = ordinal;
        this.content = content;
    }
}
