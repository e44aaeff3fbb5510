package wideharbor.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "journal_entry")
class JournalRow {
    @Embeddable
    record Key(
            @Column(name = "job_id") String jobId,
            @Column(name = "build_id") String buildId,
            @Column(name = "seq") int seq) {}

    @EmbeddedId
    Key key = new Key("", "", 0);

    String who = "";

    @Column(name = "done_at", columnDefinition = "datetime(6)")
    Instant doneAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(10)")
    Journal.Kind kind = Journal.Kind.EDIT;

    String summary = "";

    @Column(columnDefinition = "longtext")
    String commands = "";

    @Column(columnDefinition = "longtext")
    String inverse = "";

    @Column(name = "before_revision")
    int beforeRevision;

    @Column(name = "after_revision")
    int afterRevision;

    String reason = "";

    /** What the state after it is called; empty while nobody named it. */
    String name = "";

    @Column(name = "named_by")
    String namedBy = "";

    @Column(name = "of_seq")
    int ofSeq;

    protected JournalRow() {}

    JournalRow(Key key) {
        this.key = key;
    }
}
