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

    /** Codes of the house's pieces that its parts are, each with a blank around it; written with the content. */
    @Column(columnDefinition = "text")
    String pieces = "";

    @Column(name = "taken_off")
    boolean takenOff;

    @Version
    long version;

    protected BuildRow() {}

    BuildRow(String job, String build, int ordinal) {
        this.key = new Key(job, build);
        this.ordinal = ordinal;
    }
}
