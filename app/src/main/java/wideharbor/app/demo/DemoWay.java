package wideharbor.app.demo;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.dispatch.DispatchService;
import wideharbor.app.files.PackageFiles;
import wideharbor.app.notes.NoteController;
import wideharbor.app.notes.NoteService;
import wideharbor.app.security.Accounts;
import wideharbor.core.note.Note;

/**
 * What two people of the demo house have done before anybody looks, by the services that people's acts go through:
 * First Bell was out last month and came back; Slack Water is begun on the table, with three steps ticked; Second Bell
 * is built and bench-checked, with a test that failed first, and its first cases are packed.
 */
@Component
@Order(3)
class DemoWay implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoWay.class);
    private static final String BEGUN = "slack-water";
    private static final String CHECKED = "second-bell";
    private static final List<DemoHands.Failed> FAILED_FIRST = List.of(new DemoHands.Failed(
            "a:head:head:studio", "creeps forward from 40° on, 12–480 at its front", "one step more of the springs"));
    private static final int FIRST_STEPS = 3;
    private static final int CASES_PACKED = 2;

    private final PackageFiles files;
    private final Accounts accounts;
    private final DemoHands hands;
    private final DemoLastMonth lastMonth;
    private final DispatchService dispatch;
    private final NoteService notes;

    DemoWay(
            PackageFiles files,
            Accounts accounts,
            DemoHands hands,
            DemoLastMonth lastMonth,
            DispatchService dispatch,
            NoteService notes) {
        this.files = files;
        this.accounts = accounts;
        this.hands = hands;
        this.lastMonth = lastMonth;
        this.dispatch = dispatch;
        this.notes = notes;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!files.broughtTheDemo()) {
            return;
        }
        String tech = accounts.idOf("tech").orElse("");
        String lead = accounts.idOf("lead").orElse("");
        if (tech.isEmpty() || lead.isEmpty()) {
            return;
        }
        lastMonth.run(CHECKED, tech, lead);
        hands.tick(BEGUN, "a", FIRST_STEPS, tech);
        for (String build : List.of("a", "b", "c")) {
            hands.tick(CHECKED, build, Integer.MAX_VALUE, tech);
            hands.test(CHECKED, build, FAILED_FIRST, tech, lead);
        }
        dispatch.built(CHECKED);
        dispatch.checked(CHECKED);
        hands.pack(CHECKED, CASES_PACKED, tech);
        know(tech);
        LOG.info("What the demo house has done so far is on file");
    }

    /** What the house knows of things. */
    private void know(String tech) {
        note(
                Note.Kind.KNOWN,
                "type:body-tern",
                "Below freezing the mount is stiff: warm it in the hand before the lens goes on, never with a key.",
                tech);
        note(
                Note.Kind.NEXT_TIME,
                "standard:rod-15-lw",
                "Count the end stops twice: two were left in the case on the night shoot.",
                tech);
    }

    private void note(Note.Kind kind, String about, String words, String who) {
        notes.write(new NoteController.NewNote(DemoHands.id(), kind, about, words, ""), who);
    }
}
