package wideharbor.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.assembly.AssemblyController;
import wideharbor.app.assembly.AssemblyService;
import wideharbor.app.benchtest.BenchTestController;
import wideharbor.app.benchtest.BenchTestService;
import wideharbor.app.benchtest.BenchTestViews;
import wideharbor.app.dispatch.DispatchService;
import wideharbor.app.files.PackageFiles;
import wideharbor.app.job.Standpoint;
import wideharbor.app.notes.NoteController;
import wideharbor.app.notes.NoteService;
import wideharbor.app.packing.PackingController;
import wideharbor.app.packing.PackingService;
import wideharbor.app.packing.PackingViews;
import wideharbor.app.security.Accounts;
import wideharbor.core.dispatch.Move;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.note.Note;

/**
 * What two people of the demo house have done before anybody looks, by the services that people's acts go through:
 * Slack Water is begun on the table, with three steps ticked; Second Bell is built and bench-checked, with a test that
 * failed first, and its first cases are packed.
 */
@Component
@Order(3)
class DemoWay implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoWay.class);
    private static final String BEGUN = "slack-water";
    private static final String CHECKED = "second-bell";
    private static final String FAILED_FIRST = "a:head:head:studio";
    private static final int FIRST_STEPS = 3;
    private static final int CASES_PACKED = 2;

    private final PackageFiles files;
    private final Accounts accounts;
    private final AssemblyService assembly;
    private final BenchTestService tests;
    private final DispatchService dispatch;
    private final PackingService packing;
    private final DemoPieces pieces;
    private final NoteService notes;

    DemoWay(
            PackageFiles files,
            Accounts accounts,
            AssemblyService assembly,
            BenchTestService tests,
            DispatchService dispatch,
            PackingService packing,
            DemoPieces pieces,
            NoteService notes) {
        this.files = files;
        this.accounts = accounts;
        this.assembly = assembly;
        this.tests = tests;
        this.dispatch = dispatch;
        this.packing = packing;
        this.pieces = pieces;
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
        tick(BEGUN, "a", FIRST_STEPS, tech);
        for (String build : List.of("a", "b", "c")) {
            tick(CHECKED, build, Integer.MAX_VALUE, tech);
            test(CHECKED, build, tech, lead);
        }
        dispatch.built(CHECKED);
        dispatch.checked(CHECKED);
        pack(CHECKED, tech);
        know(tech, lead);
        LOG.info("What the demo house has done so far is on file");
    }

    /** What the house learnt on earlier jobs. */
    private void know(String tech, String lead) {
        note(
                Note.Kind.NEXT_TIME,
                "type:head-120",
                "With the 12–480 set the springs one step higher before it is tried.",
                lead);
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
        notes.write(new NoteController.NewNote(id(), kind, about, words, ""), who);
    }

    private static Standpoint at(String job, String build) {
        return new Standpoint(job, BuildId.of(build), ConfigurationId.NONE, LensId.NONE);
    }

    private static String id() {
        return UUID.randomUUID().toString();
    }

    private void tick(String job, String build, int most, String who) {
        List<AssemblyController.Tick> ticks = assembly.sheet(at(job, build), false).steps().stream()
                .limit(most)
                .map(s -> new AssemblyController.Tick(id(), s.key(), s.print(), true, s.minutes(), ""))
                .toList();
        assembly.tick(at(job, build), ticks, who);
    }

    private void test(String job, String build, String tech, String lead) {
        List<BenchTestViews.TestLine> plan = tests.sheet(at(job, build)).tests();
        List<BenchTestController.Found> first = new ArrayList<>();
        for (BenchTestViews.TestLine test : plan) {
            if (test.key().equals(FAILED_FIRST)) {
                first.add(found(
                        test, BenchTestController.Said.DOES_NOT, "creeps forward from 40° on, 12–480 at its front"));
                first.add(found(test, BenchTestController.Said.HOLDS, "one step more of the springs"));
            } else {
                first.add(good(test));
            }
        }
        tests.found(at(job, build), first, tech);
        tests.found(
                at(job, build),
                plan.stream()
                        .filter(BenchTestViews.TestLine::twice)
                        .map(DemoWay::good)
                        .toList(),
                lead);
    }

    private static BenchTestController.Found good(BenchTestViews.TestLine test) {
        return found(test, test.measured() ? BenchTestController.Said.MEASURED : BenchTestController.Said.HOLDS, "");
    }

    private static BenchTestController.Found found(
            BenchTestViews.TestLine test, BenchTestController.Said said, String remark) {
        return new BenchTestController.Found(
                id(), test.key(), test.print(), said, test.measured() ? likely(test) : 0, 0, "", remark);
    }

    /** A little off what was computed, as real things are; else something well within what is needed. */
    private static double likely(BenchTestViews.TestLine test) {
        if (test.computed().isPresent()) {
            double room =
                    test.to().orElse(test.computed().get()) - test.computed().get();
            return Math.round((test.computed().get() + room / 5) * 1000) / 1000.0;
        }
        double least = test.from().orElse(0.0);
        return test.to().map(most -> (least + most) / 2).orElse(least * 1.15 + 8);
    }

    /** The first cases, as the plan fills them. */
    private void pack(String job, String who) {
        PackingViews.PackSheet sheet = packing.sheet(job, List.of());
        List<PackingController.Scan> scans = new ArrayList<>();
        for (PackingViews.PackBox box : sheet.boxes().subList(0, CASES_PACKED)) {
            for (PackingViews.PackContent content : box.plan()) {
                boolean toldApart =
                        sheet.lines().stream().anyMatch(l -> l.type().equals(content.type()) && l.toldApart());
                if (toldApart) {
                    pieces.ready(content.type(), content.pieces(), scans)
                            .forEach(code -> scans.add(scan(code, 1, box.number())));
                } else {
                    scans.add(scan(content.type(), content.pieces(), box.number()));
                }
            }
        }
        packing.scan(job, scans, who);
    }

    private static PackingController.Scan scan(String code, int count, int box) {
        return new PackingController.Scan(id(), Move.Kind.INTO_CASE, code, count, box, "", 0);
    }
}
