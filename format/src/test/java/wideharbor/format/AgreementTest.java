package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wideharbor.core.analysis.HandForce;
import wideharbor.core.analysis.Hang;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.View;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.sheet.Meters;
import wideharbor.core.sheet.Meters.Standing;
import wideharbor.core.sheet.PowerSheet;

/**
 * One judgement a fact: whatever a meter, a dimension of the drawing or a row of the power sheet says, the findings say
 * too, on the shipped jobs and on two hundred disturbed copies of them.
 */
class AgreementTest {
    private static final long SEED = 20_261_128;
    private static final int COPIES_A_JOB = 40;

    private final CheckEngine engine = CheckEngine.standard();
    private int compared;

    static List<String> jobs() throws IOException {
        return Disturbed.demoFiles();
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void whatIsShownIsWhatIsFound(String file) throws IOException {
        Job job = Disturbed.demo(file);
        agrees(job, file);
        Random random = new Random(SEED + file.hashCode());
        for (int i = 0; i < COPIES_A_JOB; i++) {
            agrees(Disturbed.copyOf(job, random), file + ", copy " + i);
        }
        assertTrue(compared > COPIES_A_JOB, "something was compared");
    }

    private void agrees(Job job, String which) {
        for (Build build : job.gear().builds()) {
            for (Configuration configuration : build.configurations()) {
                for (LensId lens : build.lensIds()) {
                    RigAnalysis rig = RigAnalysis.of(job, build, configuration.id(), lens);
                    agrees(rig, engine.check(rig), which + ", " + build.id() + " " + configuration.id() + " " + lens);
                }
            }
        }
    }

    private void agrees(RigAnalysis rig, Report report, String where) {
        Meters meters = Meters.of(rig);
        meters.rods().ifPresent(r -> {
            Drawing.RodHeight drawn = Drawing.of(rig, View.RIGHT).rodHeights().get(0);
            Predicate<Finding> these = f -> f.key().parts().contains(drawn.rods());
            same(r.standing() == Standing.STOP, found(report, "rods.axis-height", these), where + ": axis meter");
            same(
                    !drawn.met(),
                    found(report, "rods.axis-height", these.and(f -> f.key().is("height"))),
                    where + ": axis dimension");
        });
        meters.balance().ifPresent(b -> {
            same(
                    b.standing() == Standing.STOP || b.standing() == Standing.CAUTION,
                    found(report, "balance.slide", f -> true),
                    where + ": balance meter");
            same(b.standing() == Standing.MET, report.of("balance.slide").isEmpty(), where + ": balance fine");
            Drawing.of(rig, View.RIGHT)
                    .plumb()
                    .ifPresent(
                            p -> same(p.balanced(), report.of("balance.slide").isEmpty(), where + ": plumb line"));
        });
        same(
                meters.mass().standing() == Standing.MET,
                report.of("balance.mass-window").isEmpty()
                        && meters.mass().unweighed().isEmpty(),
                where + ": mass meter");
        meters.charge()
                .ifPresent(c -> same(
                        c.standing() == Standing.STOP,
                        found(report, "power.runtime", f -> true),
                        where + ": charge meter"));
        same(
                meters.outputs().standing() == Standing.STOP,
                found(report, "power.output-load", f -> true),
                where + ": outputs meter");
        borne(rig, report, where);
        power(rig, report, where);
    }

    /** Hands on a shouldered rig, a rig that hangs: the line in the drawing is the finding. */
    private void borne(RigAnalysis rig, Report report, String where) {
        boolean drawnBad = Drawing.of(rig, View.RIGHT).bearings().stream().anyMatch(b -> !b.met());
        HandForce.of(rig)
                .filter(h -> h.posture().carried().isComplete())
                .ifPresent(h -> same(
                        drawnBad, found(report, "balance.shoulder", f -> f.key().is("hands")), where + ": hands"));
        Hang.of(rig)
                .filter(h -> h.posture().carried().isComplete() && !h.turnsOver())
                .ifPresent(h -> same(
                        drawnBad, found(report, "balance.hang", f -> f.key().is("tilt")), where + ": hang"));
    }

    private void power(RigAnalysis rig, Report report, String where) {
        for (PowerSheet.FeedRow row : PowerSheet.of(rig, PowerSheet.Change.NONE).tree()) {
            boolean bad = row.state() == CheckState.FOUND;
            String at = where + ": " + row.kind() + " " + row.title();
            switch (row.kind()) {
                case BATTERY ->
                    same(
                            bad,
                            found(
                                    report,
                                    "power.battery-load",
                                    f -> f.key().part().equals(row.placement())),
                            at);
                case DEVICE -> {
                    if (bad) {
                        same(
                                true,
                                found(
                                        report,
                                        "power.volts",
                                        f -> f.key().socket().placement().equals(row.placement())),
                                at);
                    }
                }
                case OUTLET -> {
                    if (bad) {
                        same(
                                true,
                                found(
                                        report,
                                        "power.output-load",
                                        f -> f.key().socket().placement().equals(row.placement())),
                                at);
                    }
                }
            }
        }
    }

    private static boolean found(Report report, String check, Predicate<Finding> which) {
        return report.of(check).stream().anyMatch(which.and(f -> f.state() == CheckState.FOUND));
    }

    private void same(boolean shown, boolean found, String where) {
        compared++;
        assertEquals(found, shown, where);
    }
}
