package wideharbor.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DockingGapsTest {
    private static DockingGaps.Reading gaps(
            double top, double bottom, double left, double right, double up, double aside) {
        return new DockingGaps.Reading(top, bottom, left, right, up, aside, 86, 120, 110);
    }

    private static List<DockingGaps.Act> acts(DockingGaps.Plan plan) {
        return plan.steps().stream().map(DockingGaps.Instruction::act).toList();
    }

    /**
     * 0.45 mm over 86 mm: atan(0.45/86) = 0.30°, nose up. Over a base of 110 the rear edge takes 0.58 mm; the coupler
     * drops 120·tan 0.30° = 0.63 mm, so a camera that stood level with the front unit then stands 0.63 low.
     */
    @Test
    void topWiderIsNoseUpAndTurningMovesTheCoupler() {
        DockingGaps.Plan plan = DockingGaps.read(gaps(0.55, 0.10, 0.2, 0.2, 0, 0), 0.1);
        assertEquals(0.2998, plan.pitchDegrees(), 1e-4);
        assertEquals(List.of(DockingGaps.Act.PITCH, DockingGaps.Act.HEIGHT), acts(plan));
        assertEquals(0.5756, plan.steps().get(0).amount(), 1e-4);
        assertTrue(
                plan.steps().get(0).words().contains("rear edge"),
                plan.steps().get(0).words());
        assertEquals(0.6279, plan.steps().get(1).amount(), 1e-4);
    }

    /** Right wider is nose right: the rear end goes right, the coupler then swings left by 0.63 mm. */
    @Test
    void rightWiderIsNoseRight() {
        DockingGaps.Plan plan = DockingGaps.read(gaps(0.2, 0.2, 0.10, 0.55, 0, 0), 0.1);
        assertEquals(0.2998, plan.yawDegrees(), 1e-4);
        assertEquals(List.of(DockingGaps.Act.YAW, DockingGaps.Act.LATERAL), acts(plan));
        assertTrue(plan.steps().get(0).words().contains("to camera right: the nose points right"));
        assertEquals(-0.6279, plan.steps().get(1).amount(), 1e-4);
    }

    /** A step that the turn itself takes away is not mended twice. */
    @Test
    void theStepIsReadTogetherWithTheTurn() {
        assertEquals(List.of(DockingGaps.Act.PITCH), acts(DockingGaps.read(gaps(0.55, 0.10, 0.2, 0.2, 0.63, 0), 0.1)));
    }

    /**
     * Nose down by 0.3°: the shim goes under the front edge and the camera turns about the rear one, 220 behind the
     * coupler: it rises by 220 · tan 0.3° = 1.15, not by 120 · tan 0.3° = 0.63.
     */
    @Test
    void aShimUnderTheFrontTurnsAboutTheRear() {
        double gap = 86 * Math.tan(Math.toRadians(0.3));
        DockingGaps.Plan plan =
                DockingGaps.read(new DockingGaps.Reading(0.1, 0.1 + gap, 0.2, 0.2, 0, 0, 86, 120, 100), 0.1);
        assertEquals(List.of(DockingGaps.Act.PITCH, DockingGaps.Act.HEIGHT), acts(plan));
        assertEquals(-1.15, plan.steps().get(1).amount(), 0.005);
    }

    @Test
    void evenGapsAndStepsAreHeightAndLateralAlone() {
        DockingGaps.Plan plan = DockingGaps.read(gaps(0.1, 0.1, 0.1, 0.1, -0.4, 0.3), 0.1);
        assertEquals(List.of(DockingGaps.Act.HEIGHT, DockingGaps.Act.LATERAL), acts(plan));
        assertEquals(0.4, plan.steps().get(0).amount(), 1e-9);
        assertEquals(-0.3, plan.steps().get(1).amount(), 1e-9);
    }

    @Test
    void anEvenGapIsClosedLast() {
        DockingGaps.Plan plan = DockingGaps.read(gaps(0.5, 0.5, 0.5, 0.5, 0, 0), 0.1);
        assertEquals(List.of(DockingGaps.Act.CLOSE), acts(plan));
        assertTrue(
                DockingGaps.read(gaps(0.08, 0.05, 0.06, 0.1, 0.05, -0.05), 0.1).seated());
    }

    @ParameterizedTest
    @CsvSource({"-1, Gap must lie from 0 to 20 mm", "25, but was 25"})
    void nonsenseIsRefusedWithTheLimit(double top, String words) {
        assertTrue(assertThrows(IllegalArgumentException.class, () -> gaps(top, 0, 0, 0, 0, 0))
                .getMessage()
                .contains(words));
    }

    /** A camera set off by known amounts is brought home by what the plan says. */
    @ParameterizedTest
    @ValueSource(longs = {3, 11, 2026})
    void thePlanBringsAnySmallMisplacementHome(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 100; i++) {
            double pitch = (random.nextDouble() - 0.5) * 1.6;
            double up = (random.nextDouble() - 0.5) * 4;
            double open = 86 * Math.tan(Math.toRadians(pitch));
            DockingGaps.Plan plan =
                    DockingGaps.read(gaps(Math.max(0, open) + 0.2, Math.max(0, -open) + 0.2, 0.2, 0.2, up, 0), 0.05);
            double turned = plan.steps().stream().anyMatch(s -> s.act() == DockingGaps.Act.PITCH) ? pitch : 0;
            double lifted = plan.steps().stream()
                    .filter(s -> s.act() == DockingGaps.Act.HEIGHT)
                    .mapToDouble(DockingGaps.Instruction::amount)
                    .sum();
            // Nose up it turns about the front edge, 120 behind the coupler; nose down about the rear one, 230.
            double left = up - (turned > 0 ? 120 : 230) * Math.tan(Math.toRadians(turned)) + lifted;
            assertTrue(Math.abs(left) <= 0.05 + 1e-9, "seed " + seed + ", case " + i + ": " + left + " left over");
        }
    }
}
