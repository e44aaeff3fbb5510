package wideharbor.app.photos;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.ObjectMapper;
import wideharbor.app.job.JobStore;
import wideharbor.app.live.Happened;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.photo.Mark;
import wideharbor.core.photo.Photo;
import wideharbor.core.photo.PhotoOf;
import wideharbor.core.quantity.Words;

/** Keeps photos and what is told of them. */
@Service
public class PhotoService {
    /** Pictures that are read at a time: a large one takes some 200 MB while it is. */
    private static final int AT_ONCE = 1;

    private static final int WAIT_SECONDS = 12;
    /** Of one thing over all jobs. */
    private static final int MOST_OF_ONE = 60;

    private static final int MOST_ON_PAPER = 40;

    private final PhotoRows rows;
    private final PictureRows pictures;
    private final JobStore jobs;
    private final Accounts accounts;
    private final Happened happened;
    private final ObjectMapper json;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final Semaphore reading = new Semaphore(AT_ONCE);

    PhotoService(
            PhotoRows rows,
            PictureRows pictures,
            JobStore jobs,
            Accounts accounts,
            Happened happened,
            ObjectMapper json,
            TransactionTemplate transaction,
            Clock clock) {
        this.rows = rows;
        this.pictures = pictures;
        this.jobs = jobs;
        this.accounts = accounts;
        this.happened = happened;
        this.json = json;
        this.transaction = transaction;
        this.clock = clock;
    }

    /** The first taken first. */
    @Transactional(readOnly = true)
    List<PhotoController.PhotoView> of(String job) {
        requireThere(job);
        return rows.findByJobOrderByAt(job, Limit.of(Photo.MOST)).stream()
                .map(this::view)
                .toList();
    }

    /** Of one thing in all jobs, the last first. */
    @Transactional(readOnly = true)
    List<PhotoController.PhotoView> of(PhotoOf of) {
        return rows.findByKindAndOfOrderByAtDesc(of.kind(), of.id(), Limit.of(MOST_OF_ONE)).stream()
                .map(this::view)
                .toList();
    }

    /** A photo on paper; {@code picture}: as a data address, with its marks drawn into it. */
    public record Pictured(String of, String words, String picture) {}

    /** Photos of one kind for a paper, those of a thing whose id begins so; the first taken first. */
    @Transactional(readOnly = true)
    public List<Pictured> onPaper(String job, PhotoOf.Kind kind, String idsFrom) {
        List<PhotoRow> some = rows.findByJobOrderByAt(job, Limit.of(Photo.MOST)).stream()
                .filter(r -> r.of().kind() == kind && r.of().id().startsWith(idsFrom))
                .limit(MOST_ON_PAPER)
                .toList();
        Map<String, PictureRow> kept = pictures
                .all(some.stream().map(PhotoRow::getId).toList())
                .stream()
                .collect(Collectors.toMap(PictureRow::photo, Function.identity()));
        return some.stream()
                .flatMap(r -> Optional.ofNullable(kept.get(r.getId())).stream()
                        .map(p ->
                                new Pictured(r.of().id().substring(idsFrom.length()), r.words(), address(p, marks(r)))))
                .toList();
    }

    private static String address(PictureRow kept, List<Mark> marks) {
        return "data:image/jpeg;base64,"
                + Base64.getEncoder().encodeToString(MarkedPicture.draw(kept.picture(), marks));
    }

    private PhotoController.PhotoView view(PhotoRow r) {
        return new PhotoController.PhotoView(
                r.getId(),
                r.job(),
                r.of().toString(),
                r.width(),
                r.height(),
                r.words(),
                marks(r),
                accounts.displayName(r.takenBy()),
                r.at(),
                r.version());
    }

    private List<Mark> marks(PhotoRow row) {
        return Arrays.asList(json.readValue(row.marks(), Mark[].class));
    }

    /** One that is known already is passed over. */
    public void bring(String job, String id, String of, byte[] bytes, String who) {
        PhotoOf subject = parse(of);
        requireThere(job);
        if (rows.existsById(id)) {
            return;
        }
        Picture picture = read(bytes);
        transaction.executeWithoutResult(t -> {
            jobs.lock(job);
            if (rows.existsById(id)) {
                return;
            }
            if (rows.countByJob(job) >= Photo.MOST) {
                throw Refusal.conflict(
                        "A job keeps " + Photo.MOST + " photos; remove one that tells nothing any more.");
            }
            rows.saveAndFlush(new PhotoRow(
                    id,
                    job,
                    subject,
                    picture.widthPx(),
                    picture.heightPx(),
                    who,
                    clock.instant().truncatedTo(ChronoUnit.MICROS)));
            pictures.save(new PictureRow(id, picture));
            happened.toJob(job);
        });
    }

    private static PhotoOf parse(String of) {
        try {
            return PhotoOf.parse(of);
        } catch (IllegalArgumentException e) {
            throw new Refusal(HttpStatus.BAD_REQUEST, Words.reason(e) + ".");
        }
    }

    private Picture read(byte[] bytes) {
        try {
            if (!reading.tryAcquire(WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw Refusal.busy();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Refusal.busy();
        }
        try {
            return Picture.read(bytes);
        } finally {
            reading.release();
        }
    }

    private void requireThere(String job) {
        if (!jobs.exists(job)) {
            throw Refusal.notFound("There is no job '" + job + "'.");
        }
    }

    private PhotoRow row(String job, String id) {
        return rows.findById(id)
                .filter(r -> r.job().equals(job))
                .orElseThrow(() -> Refusal.notFound("There is no such photo on this job."));
    }

    /** Words and marks; refused where somebody else has changed them since. */
    @Transactional
    public void tell(String job, String id, PhotoController.PhotoTold told) {
        jobs.lock(job);
        PhotoRow row = row(job, id);
        if (row.version() != told.version()) {
            throw Refusal.conflict(
                    "Somebody else has changed this photo's words or marks meanwhile: look at it again.");
        }
        try {
            List<Mark> marks = told.marks().stream()
                    .map(m -> new Mark(m.kind(), m.fromX(), m.fromY(), m.toX(), m.toY(), m.words()))
                    .toList();
            Photo photo = new Photo(
                            id, row.of(), row.width(), row.height(), row.words(), List.of(), row.takenBy(), row.at())
                    .told(told.words(), marks);
            row.tell(photo.words(), json.writeValueAsString(photo.marks()));
        } catch (IllegalArgumentException e) {
            throw new Refusal(HttpStatus.BAD_REQUEST, Words.reason(e) + ".");
        }
        happened.toJob(job);
    }

    /** By whoever took it, or a lead. */
    @Transactional
    void remove(String job, String id, String who, boolean lead) {
        jobs.lock(job);
        PhotoRow row = row(job, id);
        if (!lead && !row.takenBy().equals(who)) {
            throw new Refusal(HttpStatus.FORBIDDEN, "Whoever took a photo removes it, or a lead.");
        }
        pictures.deleteById(id);
        rows.delete(row);
        happened.toJob(job);
    }

    @Transactional(readOnly = true)
    byte[] picture(String job, String id, boolean small) {
        Optional<byte[]> found = small ? pictures.small(job, id) : pictures.picture(job, id);
        return found.orElseThrow(() -> Refusal.notFound("There is no such photo on this job."));
    }
}
