package wideharbor.app.snapshots;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import wideharbor.app.job.Standpoint;

/** A configuration as somebody left it: its numbers and its drawing. */
@Entity
@Table(name = "left_state")
class SnapshotRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    long id;

    @Column(name = "job_id")
    String job = "";

    @Column(name = "build_id")
    String build = "";

    @Column(name = "configuration_id")
    String configuration = "";

    @Column(name = "lens_id")
    String lens = "";

    int revision;
    String who = "";

    @Column(name = "left_at", columnDefinition = "datetime(6)")
    Instant leftAt = Instant.EPOCH;

    String note = "";

    @Column(columnDefinition = "longtext")
    String marks = "";

    @Column(columnDefinition = "longtext")
    String drawing = "";

    protected SnapshotRow() {}

    SnapshotRow(Standpoint spot, int revision, String who, Instant leftAt, String note, String marks, String drawing) {
        this.job = spot.job();
        this.build = spot.build().toString();
        this.configuration = spot.configuration().toString();
        this.lens = spot.lens().toString();
        this.revision = revision;
        this.who = who;
        this.leftAt = leftAt;
        this.note = note;
        this.marks = marks;
        this.drawing = drawing;
    }
}
