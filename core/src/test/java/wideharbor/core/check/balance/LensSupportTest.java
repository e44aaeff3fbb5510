package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Verdict;
import wideharbor.core.id.JointId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
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
    private static Rigs braced(double grams, double centre, double supportAt) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(450))
                .with("support", Bag.lensSupport())
                .join("b", "body:base", "bridge:top")
                .join("c", "bridge:rods", "rods:rods")
                .join("d", "rods:rods", "support:rods")
                .set("rods:rods:0", -60)
                .set("support:rods:0", supportAt + 140)
                .lens(
                        "prime",
                        Bag.lens("prime", grams, centre, 240),
                        "body:mount",
                        "mount",
                        new Command.Set(SettingKey.parse("support:cradle:0"), 7, false),
                        new Command.Join(new Joint(
                                new JointId("j-brace"),
                                Joint.Kind.CLOSING,
                                Rigs.port("support:cradle"),
                                Rigs.port("lens-prime:barrel"),
                                Joint.Confidence.TRIED_BY_US,
                                "")))
                .on("none");
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
