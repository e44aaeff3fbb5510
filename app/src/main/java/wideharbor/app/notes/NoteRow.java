package wideharbor.app.notes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import wideharbor.core.note.About;
import wideharbor.core.note.Note;

@Entity
@Table(name = "note")
class NoteRow {
    @Id
    @Column(columnDefinition = "char(36)")
    private String id = "";

    @Enumerated(EnumType.STRING)
    @Column(columnDefinition = "varchar(16)")
    private Note.Kind kind = Note.Kind.KNOWN;

    @Enumerated(EnumType.STRING)
    @Column(name = "about_of", columnDefinition = "varchar(16)")
    private About.Of of = About.Of.TYPE;

    @Column(name = "about_id")
    private String about = "";

    private String words = "";

    @Column(name = "job_id")
    private String job = "";

    private String who = "";

    @Column(name = "noted_at", columnDefinition = "datetime(6)")
    private Instant at = Instant.EPOCH;

    private String settled = "";

    @Column(name = "settled_by")
    private String settledBy = "";

    @Column(name = "settled_at", columnDefinition = "datetime(6)")
    private @Nullable Instant settledAt;

    protected NoteRow() {}

    NoteRow(Note note) {
        this.id = note.id();
        this.kind = note.kind();
        this.of = note.about().of();
        this.about = note.about().id();
        this.words = note.words();
        this.job = note.job();
        this.who = note.who();
        this.at = note.at();
    }

    void settle(String why, String by, Instant when) {
        this.settled = why;
        this.settledBy = by;
        this.settledAt = when;
    }

    String settledBy() {
        return settledBy;
    }

    Note note() {
        return new Note(id, kind, new About(of, about), words, job, who, at, settled);
    }
}
