package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Verdict;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class LensSupportTest {
    /** 2 kg at 100 mm: 2 · 9.80665 · 0.1 = 1.96 N·m, 200 long: the mount carries it. */
    @Test
    void holdsForALightLens() {
        verify(new LensSupport()).given(unbraced(2000, 100, 200)).holds();
    }

    /** 2.4 kg at 300: 7.06 N·m over the mount's 6. */
    @Test
    void findsTooMuchMoment() {
        Finding finding = verify(new LensSupport())
                .given(unbraced(2400, 300, 240))
                .finds(Severity.STOP, 7.06, Double.NEGATIVE_INFINITY, 6, "N·m");
        assertEquals("prime needs a lens support", finding.title());
    }

    @ParameterizedTest
    @CsvSource({"2000, 80, 251, mm", "2501, 80, 200, g"})
    void findsTooLongAndTooHeavy(double grams, double centre, double length, String unit) {
        Finding finding =
                verify(new LensSupport()).given(unbraced(grams, centre, length)).finds(Severity.STOP, CheckState.FOUND);
        assertTrue(finding.evidence().toString().contains(unit));
    }

    /** Worked: 4.2 kg, centre at 130, support at 180: R_s = 41.19·130/180 = 29.7 N, R_m = 11.4 N. */
    @Test
    void sharesTheLoadWithASupportAheadOfTheCentre() {
        LensMoment moment = LensMoment.of(braced(4200, 130, 180).resolve(), 0.5).orElseThrow();
        assertEquals(5.35, moment.moment().value(), 0.005);
        LensMoment.Brace brace = moment.braces().get(0);
        assertEquals(29.7, brace.newton().value(), 0.05);
        assertEquals(11.4, moment.mountNewton().value(), 0.05);
        assertEquals(
                4.2 * 9.80665, brace.newton().value() + moment.mountNewton().value(), 1e-9);
        verify(new LensSupport()).given(braced(4200, 130, 180)).holds();
    }

    /** Worked: the same with the support at 100: R_s = 53.5 N, R_m = −12.4 N: the mount lifts. */
    @Test
    void aSupportBehindTheCentreLiftsTheMount() {
        Finding finding = verify(new LensSupport())
                .given(braced(4200, 130, 100))
                .finds(Severity.CAUTION, -12.36, 0, Double.POSITIVE_INFINITY, "N");
        assertTrue(finding.title().contains("lifts its mount by 12.4 N"), finding.title());
    }

    @Test
    void looksAtNothingWithoutALens() {
        verify(new LensSupport()).given(Bag.onRods(300)).looksAtNothing();
    }

    private static Rigs unbraced(double grams, double centre, double length) {
        return Rigs.rig()
                .with("body", Bag.body())
                .lens("prime", Bag.lens("prime", grams, centre, length), "body:mount", "mount")
                .on("none");
    }

    /**
     * The support's cradle stands at the given distance from the flange: rods start at −140, the body's base is at −80.
     */
    private static Rigs braced(double grams, double centre, double... supportsAt) {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(450))
                .join("b", "body:base", "bridge:top")
                .join("c", "bridge:rods", "rods:rods")
                .set("rods:rods:0", -60);
        List<Command> closing = new ArrayList<>();
        for (int i = 0; i < supportsAt.length; i++) {
            String id = "support" + (i == 0 ? "" : i);
            rigs.with(id, Bag.lensSupport())
                    .join("d" + i, "rods:rods", id + ":rods")
                    .set(id + ":rods:0", supportsAt[i] + 140);
            closing.add(new Command.Set(SettingKey.parse(id + ":cradle:0"), 7, false));
            closing.add(new Command.Join(new Joint(
                    new JointId("j-brace" + i),
                    Joint.Kind.CLOSING,
                    Rigs.port(id + ":cradle"),
                    Rigs.port("lens-prime:barrel"),
                    Joint.Confidence.TRIED_BY_US,
                    "")));
        }
        return rigs.lens(
                        "prime",
                        Bag.lens("prime", grams, centre, 240),
                        "body:mount",
                        "mount",
                        closing.toArray(Command[]::new))
                .on("none");
    }

    /** R_i = W·z·z_i / Σ z_j²: 41.19 · 130 · (100 and 180) / 42 400 = 12.6 and 22.7 N, the mount 5.8. */
    @Test
    void twoBracesShareByTheirDistance() {
        LensMoment moment =
                LensMoment.of(braced(4200, 130, 100, 180).resolve(), 0.5).orElseThrow();
        assertEquals(
                List.of(100.0, 180.0),
                moment.braces().stream().map(b -> (double) Math.round(b.atMm())).toList());
        assertEquals(12.6, moment.braces().get(0).newton().value(), 0.05);
        assertEquals(22.7, moment.braces().get(1).newton().value(), 0.05);
        assertEquals(5.8, moment.mountNewton().value(), 0.05);
    }

    /** In the flange's plane or behind it a brace bears nothing: the lens is judged by what the mount bears alone. */
    @Test
    void aBraceBehindTheFlangeIsNone() {
        LensMoment moment = LensMoment.of(braced(4200, 130, 0).resolve(), 0.5).orElseThrow();
        assertFalse(moment.isBraced());
        assertEquals(5.35, moment.moment().value(), 0.005);
        assertTrue(Double.isFinite(moment.mountNewton().value()));
    }

    /** 2.4 kg ± a quarter at 245: 4.3 to 7.2 N·m on a mount for 6: the lens is to be weighed. */
    @Test
    void aLensOfWhichNobodyKnowsTheMassIsUndecided() {
        ItemType loose = Parts.part("loose")
                .is(Category.LENS)
                .weighs(Figure.range(2400, 1800, 3000, Figure.Source.CLAIMED), new Vec3(0, 0, 245))
                .port("mount", "mount-pl", Port.Role.B, Vec3.ZERO, Parts.BACK, Vec3.UP)
                .facet(new OpticalFacet.Lens("mount", 50, 2, 240, 100, 1, Optional.empty()))
                .make();
        Finding finding = verify(new LensSupport())
                .given(Rigs.rig()
                        .with("body", Bag.body())
                        .lens("loose", loose, "body:mount", "mount")
                        .on("none"))
                .finds(Severity.STOP, CheckState.UNDECIDED);
        assertTrue(finding.why().contains("the mass of loose decides it"), finding.why());
    }

    /** A waiver of its moment is no waiver of its length: shorter and lighter on one count, it is another fact. */
    @Test
    void aWaiverOfTheMomentDoesNotCoverTheLength() {
        Finding moment =
                verify(new LensSupport()).given(unbraced(4000, 300, 200)).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("moment", moment.key().aspect());
        Job.Waiver waiver = new Job.Waiver(
                moment.key(), new Job.Accepted(1e9, moment.evidence().unit()), "held by hand", "lead", "now");
        Finding length =
                verify(new LensSupport()).given(unbraced(1200, 100, 400)).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("length", length.key().aspect());
        assertTrue(Verdict.isWaived(moment, List.of(waiver)));
        assertFalse(Verdict.isWaived(length, List.of(waiver)));
    }
}
