package wideharbor.core.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each sum worked by hand; docs/balance.md walks through the same numbers. */
class StaticsTest {

    /** 28 · 11.10 / 10.16 = 30.6: the dovetail of 0.94 kg stays where it is. */
    @Test
    void aSlideMovesLessThanAllAndSoGoesFurther() {
        assertEquals(30.59, Statics.slide(-28, 11_100, 10_160), 0.01);
    }

    /** A slide that carries everything goes just as far as the centre is off, the other way. */
    @Test
    void aSlideThatCarriesAllGoesTheDistanceItself() {
        assertEquals(-17, Statics.slide(17, 9000, 9000), 1e-9);
    }

    /** 12 · 9.80665 · 150 · sin 30° / 1000 = 8.83; 20 mm ahead adds 12 · 9.80665 · 20 · cos 30° / 1000 = 2.04. */
    @Test
    void aHeadIsTurnedByHeightAndByDistanceAhead() {
        assertEquals(8.83, Statics.noseDown(12_000, 150, 0, 30), 0.005);
        assertEquals(10.86, Statics.noseDown(12_000, 150, 20, 30), 0.005);
    }

    /** Level, only the distance ahead counts: 12 · 9.80665 · 20 / 1000 = 2.35. */
    @Test
    void levelOnlyTheDistanceCounts() {
        assertEquals(2.354, Statics.noseDown(12_000, 150, 20, 0), 0.001);
        assertEquals(0, Statics.noseDown(12_000, 150, 0, 0), 1e-12);
    }

    /** 9.4 · 9.80665 · 60 / 250 = 22.1. */
    @Test
    void theHandsHoldWhatThePadDoesNot() {
        assertEquals(22.12, Statics.handForce(9400, 60, 250), 0.01);
        assertEquals(-11.06, Statics.handForce(9400, -30, 250), 0.01);
    }

    /** Twice as far out, the hands hold half. */
    @Test
    void longerGripsHoldLess() {
        assertEquals(Statics.handForce(9400, 60, 250) / 2, Statics.handForce(9400, 60, 500), 1e-9);
    }

    /** atan(21.8 / 187.8) = 6.62°; 45° when both are alike. */
    @Test
    void aRigHangsByTheSlopeFromHookToCentre() {
        assertEquals(6.62, Statics.hangTilt(21.8, 187.8), 0.01);
        assertEquals(45, Statics.hangTilt(80, 80), 1e-9);
        assertEquals(-6.62, Statics.hangTilt(-21.8, 187.8), 0.01);
    }

    /** π (15⁴ − 11⁴) / 64 = 1766 for a tube of 2 mm wall; π 15⁴ / 64 = 2485 for a solid rod. */
    @Test
    void areaMomentsOfTubeAndRod() {
        assertEquals(1766.4, Statics.areaMoment(15, 2), 0.1);
        assertEquals(2485.0, Statics.areaMoment(15, 7.5), 0.1);
    }

    /** Half of 29.75 on each rod, 250 free: 14.875 · 250³ / (3 · 69 000 · 1766.4) = 0.64; solid steel 0.16. */
    @Test
    void rodsSinkByTheCubeOfTheirLength() {
        double ei = 69_000 * Statics.areaMoment(15, 2);
        assertEquals(0.636, 14.875 * Statics.sagByForce(250, 250) / ei, 0.001);
        assertEquals(0.156, 14.875 * Statics.sagByForce(250, 250) / (200_000 * Statics.areaMoment(15, 7.5)), 0.001);
        assertEquals(8, Statics.sagByForce(200, 200) / Statics.sagByForce(100, 100), 1e-9);
    }

    /**
     * A brace of 24.63 N at 150 and a box of 6.7 N at 240, half of each on a rod: 0.216 + 0.127 = 0.343 mm at the box.
     */
    @Test
    void loadsSinkARodOneOnTopOfTheOther() {
        double ei = 69_000 * Statics.areaMoment(15, 2);
        double brace = 24.63 / 2 * Statics.sagByForce(240, 150) / ei;
        double box = 6.7 / 2 * Statics.sagByForce(240, 240) / ei;
        assertEquals(0.343, brace + box, 0.0005);
        // Short of the load the rod has sunk less: at 150 under the box alone 3.35 · 150² · (720 − 150) / 6EI = 0.059.
        assertEquals(0.0588, 6.7 / 2 * Statics.sagByForce(150, 240) / ei, 0.0005);
    }

    /** 1 N on a tip of 100 turns as 1 N·mm there: 100²/2; its own weight spread over 100 sinks the tip by 100⁴/8. */
    @Test
    void aMomentAndTheRodsOwnWeight() {
        assertEquals(5000, Statics.sagByMoment(100, 100), 1e-9);
        assertEquals(50 * (2 * 100 - 50) / 2.0, Statics.sagByMoment(100, 50), 1e-9);
        assertEquals(Math.pow(100, 4) / 8, Statics.sagByItself(100, 100), 1e-6);
    }

    /** atan(240 / 1360) = 10.0°: feet on a circle of 480 leave 240 to the nearest edge. */
    @Test
    void aTripodTipsWhenItsCentreStandsOverAnEdge() {
        assertEquals(10.0, Statics.tipAngle(240, 1360), 0.02);
        assertEquals(0, Statics.tipAngle(0, 900), 1e-9);
    }

    /** A lens of 4.2 kg whose centre is 130 ahead: 5.35 N·m; braced at 180 and at 100. */
    @ParameterizedTest
    @CsvSource({"180, 29.7, 11.4", "100, 53.5, -12.4"})
    void aBraceAndTheMountShareALens(double at, double brace, double mount) {
        double weight = 4.2 * Statics.G;
        assertEquals(5.35, weight * 130 / 1000, 0.005);
        double byBrace = weight * 130 / at;
        assertEquals(brace, byBrace, 0.06);
        assertEquals(mount, weight - byBrace, 0.06);
    }
}
