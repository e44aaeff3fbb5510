package wideharbor.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import wideharbor.app.assembly.AssemblyController;
import wideharbor.app.assembly.AssemblyService;
import wideharbor.app.benchtest.BenchTestController;
import wideharbor.app.benchtest.BenchTestService;
import wideharbor.app.benchtest.BenchTestViews;
import wideharbor.app.job.Standpoint;
import wideharbor.app.packing.PackingController;
import wideharbor.app.packing.PackingService;
import wideharbor.app.packing.PackingViews;
import wideharbor.core.dispatch.Move;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** What hands do in the demo house: tick, test and pack, by the services that people's acts go through. */
@Component
class DemoHands {
    private final AssemblyService assembly;
    private final BenchTestService tests;
    private final PackingService packing;
    private final DemoPieces pieces;

    DemoHands(AssemblyService assembly, BenchTestService tests, PackingService packing, DemoPieces pieces) {
        this.assembly = assembly;
        this.tests = tests;
        this.packing = packing;
        this.pieces = pieces;
    }

    static String id() {
        return UUID.randomUUID().toString();
    }

    private static Standpoint at(String job, String build) {
        return new Standpoint(job, BuildId.of(build), ConfigurationId.NONE, LensId.NONE);
    }

    void tick(String job, String build, int most, String who) {
        List<AssemblyController.Tick> ticks = assembly.sheet(at(job, build), false).steps().stream()
                .limit(most)
                .map(s -> new AssemblyController.Tick(id(), s.key(), s.print(), true, s.minutes(), ""))
                .toList();
        assembly.tick(at(job, build), ticks, who);
    }

    /** A test that failed, what was seen, and what was done before it held. */
    record Failed(String test, String seen, String done) {}

    /** All tests of a body; those that ask for a second person by that one too. */
    void test(String job, String build, List<Failed> failedFirst, String tech, String lead) {
        List<BenchTestViews.TestLine> plan = tests.sheet(at(job, build)).tests();
        List<BenchTestController.Found> first = new ArrayList<>();
        for (BenchTestViews.TestLine test : plan) {
            failedFirst.stream()
                    .filter(f -> f.test().equals(test.key()))
                    .findFirst()
                    .ifPresentOrElse(
                            f -> first.addAll(List.of(
                                    found(test, BenchTestController.Said.DOES_NOT, f.seen()),
                                    found(test, BenchTestController.Said.HOLDS, f.done()))),
                            () -> first.add(good(test)));
        }
        tests.found(at(job, build), first, tech);
        tests.found(
                at(job, build),
                plan.stream()
                        .filter(BenchTestViews.TestLine::twice)
                        .map(DemoHands::good)
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
            // Nameplates tell a little more than things take, sheets a little less than things weigh.
            double end = (test.unit().equals("W") ? test.from() : test.to())
                    .orElse(test.computed().get());
            double room = end - test.computed().get();
            return Math.round((test.computed().get() + room / 5) * 1000) / 1000.0;
        }
        double least = test.from().orElse(0.0);
        // Of 80 % of its label that is asked, a battery of a good house has 98.
        double good = test.unit().equals("Wh") ? least / 0.8 * 0.98 : least * 1.15 + 8;
        return test.to().map(most -> (least + most) / 2).orElse(Math.round(good * 10) / 10.0);
    }

    PackingViews.PackSheet packing(String job) {
        return packing.sheet(job, List.of());
    }

    /** The first cases, as the plan fills them. */
    void pack(String job, int cases, String who) {
        PackingViews.PackSheet sheet = packing(job);
        List<PackingController.Scan> scans = new ArrayList<>();
        for (PackingViews.PackBox box : sheet.boxes().stream().limit(cases).toList()) {
            for (PackingViews.PackContent content : box.plan()) {
                if (toldApart(sheet, content.type())) {
                    pieces.ready(content.type(), content.pieces(), scans)
                            .forEach(code -> scans.add(into(code, 1, box.number())));
                } else {
                    scans.add(into(content.type(), content.pieces(), box.number()));
                }
            }
        }
        packing.scan(job, scans, who);
    }

    /** What lies in no case yet goes into one. */
    void packTheRest(String job, int box, String who) {
        PackingViews.PackSheet sheet = packing(job);
        List<PackingController.Scan> scans = new ArrayList<>();
        for (PackingViews.PackLine line : sheet.lines()) {
            int left = line.wanted() - line.in();
            if (left > 0 && line.toldApart()) {
                pieces.ready(line.type(), left + line.in(), scans).stream()
                        .filter(code -> !line.codes().contains(code))
                        .limit(left)
                        .forEach(code -> scans.add(into(code, 1, box)));
            } else if (left > 0) {
                scans.add(into(line.type(), left, box));
            }
        }
        if (!scans.isEmpty()) {
            packing.scan(job, scans, who);
        }
    }

    private static boolean toldApart(PackingViews.PackSheet sheet, String type) {
        return sheet.lines().stream().anyMatch(l -> l.type().equals(type) && l.toldApart());
    }

    private static PackingController.Scan into(String code, int count, int box) {
        return new PackingController.Scan(id(), Move.Kind.INTO_CASE, code, count, box, "", 0);
    }

    /** Of a piece by its code, or of so many of a type, what did not come back whole. */
    static PackingController.Scan told(Move.Kind kind, String code, String remark, double cost) {
        return new PackingController.Scan(id(), kind, code, 1, 0, remark, cost);
    }

    /** Everything that left comes back, but what is told otherwise. */
    void unpack(String job, List<PackingController.Scan> otherwise, String who) {
        List<PackingController.Scan> scans = new ArrayList<>(otherwise);
        List<String> told = otherwise.stream().map(PackingController.Scan::code).toList();
        for (PackingViews.PackLine line : packing(job).lines()) {
            if (line.toldApart()) {
                line.codes().stream().filter(c -> !told.contains(c)).forEach(code -> scans.add(back(code, 1)));
            } else {
                int left = line.in() - (told.contains(line.type()) ? 1 : 0);
                if (left > 0) {
                    scans.add(back(line.type(), left));
                }
            }
        }
        packing.scan(job, scans, who);
    }

    private static PackingController.Scan back(String code, int count) {
        return new PackingController.Scan(id(), Move.Kind.BACK, code, count, 0, "", 0);
    }
}
