package wideharbor.app.photos;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import org.springframework.data.domain.Persistable;
import wideharbor.core.photo.PhotoOf;

@Entity
@Table(name = "photo")
class PhotoRow implements Persistable<String> {
    @Id
    @Column(columnDefinition = "char(36)")
    private String id = "";

    @Column(name = "job_id")
    private String job = "";

    @Enumerated(EnumType.STRING)
    @Column(name = "of_kind", columnDefinition = "varchar(16)")
    private PhotoOf.Kind kind = PhotoOf.Kind.JOB;

    @Column(name = "of_id")
    private String of = "";

    @Column(name = "width_px")
    private int width;

    @Column(name = "height_px")
    private int height;

    private String words = "";

    @Column(columnDefinition = "json")
    private String marks = "[]";

    @Column(name = "taken_by")
    private String takenBy = "";

    @Column(name = "taken_at", columnDefinition = "datetime(6)")
    private Instant at = Instant.EPOCH;

    @Version
    private long version;

    @Transient
    private boolean fresh;

    protected PhotoRow() {}

    PhotoRow(String id, String job, PhotoOf of, int width, int height, String takenBy, Instant at) {
        this.id = id;
        this.job = job;
        this.kind = of.kind();
        this.of = of.id();
        this.width = width;
        this.height = height;
        this.takenBy = takenBy;
        this.at = at;
        this.fresh = true;
    }

    @Override
    public String getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    @PostLoad
    @PostPersist
    void isKept() {
        fresh = false;
    }

    String job() {
        return job;
    }

    PhotoOf of() {
        return new PhotoOf(kind, of);
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    String words() {
        return words;
    }

    /** As JSON. */
    String marks() {
        return marks;
    }

    String takenBy() {
        return takenBy;
    }

    Instant at() {
        return at;
    }

    long version() {
        return version;
    }

    void tell(String other, String pointed) {
        this.words = other;
        this.marks = pointed;
    }
}
