package wideharbor.app.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import wideharbor.app.dispatch.DispatchController;
import wideharbor.app.dispatch.DispatchService;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobStore;
import wideharbor.app.notes.NoteController;
import wideharbor.app.notes.NoteService;
import wideharbor.app.packing.PackingController;
import wideharbor.app.photos.PhotoController;
import wideharbor.app.photos.PhotoService;
import wideharbor.app.web.HouseClock;
import wideharbor.core.dispatch.Move;
import wideharbor.core.job.Job;
import wideharbor.core.job.JobStart;
import wideharbor.core.note.Note;
import wideharbor.core.photo.Mark;

/**
 * The job of last month: the same package as one that is being prepared, sent, and come back with a loss, a damage and
 * its photo, and two things to do next time. All of it is as of then.
 */
@Component
class DemoLastMonth {
    static final String ID = "first-bell";
    private static final int DAYS_AGO = 35;
    private static final int DAYS_OUT = 4;
    private static final List<String> BODIES = List.of("a", "b", "c");
    /** The piece whose tape is to be read in the photo. */
    private static final String CRACKED = "MN-016";

    private static final String LOST = "c-tc-80";
    private static final String HEAD = "head-120";
    private static final String SIGNATURE =
            "M60 130L90 60L110 120L140 80L150 130L190 95L215 130L260 70L270 135L320 100L360 125L470 110";

    private final JobStore store;
    private final JobChanges changes;
    private final DemoHands hands;
    private final DispatchService dispatch;
    private final NoteService notes;
    private final PhotoService photos;
    private final HouseClock clock;
    private final String demo;

    DemoLastMonth(
            JobStore store,
            JobChanges changes,
            DemoHands hands,
            DispatchService dispatch,
            NoteService notes,
            PhotoService photos,
            HouseClock clock,
            @Value("${harbor.demo}") String demo) {
        this.store = store;
        this.changes = changes;
        this.hands = hands;
        this.dispatch = dispatch;
        this.notes = notes;
        this.photos = photos;
        this.clock = clock;
        this.demo = demo;
    }

    /** @param like the job that is prepared with the same package now */
    void run(String like, String tech, String lead) {
        clock.ago(Duration.ofDays(DAYS_AGO), () -> sent(like, tech, lead));
        clock.ago(Duration.ofDays(DAYS_AGO - DAYS_OUT), () -> back(tech, lead));
    }

    private void sent(String like, String tech, String lead) {
        Job now = store.load(like).job();
        Job then = JobStart.like(now, ID, "First Bell", LocalDate.now(clock)).accepted(now.reads(), now.waivers());
        changes.create(then, JobChanges.From.HOUSE);
        for (String build : BODIES) {
            hands.tick(ID, build, Integer.MAX_VALUE, tech);
            hands.test(ID, build, List.of(), tech, lead);
        }
        dispatch.built(ID);
        dispatch.checked(ID);
        dispatch.sign(ID, tech);
        dispatch.sign(ID, lead);
        int cases = hands.packing(ID).boxes().size();
        hands.pack(ID, cases, tech);
        hands.packTheRest(ID, cases, tech);
        dispatch.packed(ID);
        dispatch.leave(ID, new DispatchController.HandOver("Tove Wrenfield", SIGNATURE), lead);
    }

    private void back(String tech, String lead) {
        PackingController.Scan cracked = DemoHands.told(
                Move.Kind.DAMAGED, CRACKED, "Glass cracked from the upper right corner; fell off the desk", 640);
        PackingController.Scan lost =
                DemoHands.told(Move.Kind.MISSING, LOST, "Left in the sound cart, says the desk; asked for twice", 48);
        hands.unpack(ID, List.of(cracked, lost), tech);
        picture(tech);
        dispatch.reconciled(ID);
        next("type:monitor-9", "On a table it lies flat or stands in its yoke, never against a case.", tech);
        next("type:" + HEAD, "With the 12–480 set the springs one step higher before it is tried.", lead);
    }

    private void picture(String who) {
        String id = DemoHands.id();
        Path file = Path.of(demo, "photos", "cracked-monitor.jpg");
        try {
            photos.bring(ID, id, "piece:" + CRACKED, Files.readAllBytes(file), who);
        } catch (IOException e) {
            throw new UncheckedIOException("The demo's photo " + file, e);
        }
        List<PhotoController.MarkTold> marks = Stream.of(
                        new Mark(Mark.Kind.ARROW, 0.86, 0.62, 0.71, 0.3, "struck here"),
                        new Mark(Mark.Kind.LABEL, 0.42, 0.52, 0.42, 0.52, "picture still there"))
                .map(m -> new PhotoController.MarkTold(m.kind(), m.fromX(), m.fromY(), m.toX(), m.toY(), m.words()))
                .toList();
        photos.tell(
                ID,
                id,
                new PhotoController.PhotoTold("Back from First Bell, before it was unpacked further", marks, 0));
    }

    private void next(String about, String words, String who) {
        notes.write(new NoteController.NewNote(DemoHands.id(), Note.Kind.NEXT_TIME, about, words, ID), who);
    }
}
