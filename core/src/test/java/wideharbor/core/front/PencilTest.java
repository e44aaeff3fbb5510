package wideharbor.core.front;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.catalog.OpticalFacet.Lens;
import wideharbor.core.id.PlacementId;

/** Pencils to the corners, by figures worked by hand. */
class PencilTest {
    private static Lens lens(double focal, double number, double squeeze) {
        return new Lens("mount", focal, number / 0.93, 120, 110, squeeze, Optional.empty());
    }

    private static Edge edge(double ahead, double width, double height) {
        return new Edge(PlacementId.of("box"), "edge", OpeningKind.STAGE, ahead, 0, 0, width / 2, height / 2, false);
    }

    private static Edge ring(double ahead, double diameter) {
        return new Edge(
                PlacementId.of("ring"), "ring", OpeningKind.RING, ahead, 0, 0, diameter / 2, diameter / 2, true);
    }

    private static final Pencil WIDE = Pencil.of(lens(24, 2, 1), new Window(36, 20), 45, 45);

    /** tan θ 0.75 and 0.4167, r 6. At D 85: 63.8 + 6 = 69.8 of 65; 35.4 + 6 = 41.4 of 49. */
    @Test
    void aStageShadesTheCornerByWhatIsPastIt() {
        Shade shade = WIDE.at(edge(40, 130, 98));
        assertEquals(65 - 69.75, shade.roomMm(), 1e-9);
        assertFalse(shade.cut(), "the middle of the pencil, at 63.8, is inside");
        assertTrue(shade.share() > 0.2 && shade.share() < 0.5, "share " + shade.share());
    }

    /** A circle of 6 cut at 1.25 from its middle: arccos(q) ÷ π − q √(1 − q²) ÷ π with q = 0.2083, 36.9 % lost. */
    @Test
    void theShareIsTheSegmentOfTheCircle() {
        double q = 1.25 / 6;
        double lost = (Math.acos(q) - q * Math.sqrt(1 - q * q)) / Math.PI;
        Shade shade = WIDE.at(edge(40, 130, 98));
        assertEquals(lost, shade.share(), 2e-3);
        assertEquals(-Math.log(1 - lost) / Math.log(2), shade.stops(), 6e-3);
    }

    /** At D 123: 92.3 of 65. */
    @Test
    void theNextStageCutsIt() {
        Shade shade = WIDE.at(edge(78, 130, 98));
        assertTrue(shade.cut());
        assertEquals(1, shade.share(), 1e-9);
        assertEquals(10, shade.stops(), 1e-9, "black");
    }

    /** At D 75: 56.3 + 6 = 62.3 of 65. */
    @Test
    void tenCloserItIsClear() {
        Shade shade = WIDE.at(edge(30, 130, 98));
        assertEquals(65 - 62.25, shade.roomMm(), 1e-9);
        assertEquals(0, shade.share());
    }

    /** f 50, N 2, squeeze 2, window 22 × 18.6, D 100: x 44.0 + 6.25 = 50.3; y 18.6 + 12.5 = 31.1. */
    @Test
    void aSqueezedLensSeesWiderThroughANarrowerPupil() {
        Pencil squeezed = Pencil.of(lens(50, 2, 2), new Window(22, 18.6), 60, 60);
        assertEquals(51 - 50.25, squeezed.at(edge(40, 102, 200)).roomMm(), 1e-9);
        assertEquals(32 - 31.1, squeezed.at(edge(40, 200, 64)).roomMm(), 1e-9);
    }

    /** With the pupil for the width 20 farther ahead it is 0.88 · 20 narrower there. */
    @Test
    void eachAxisHasItsOwnPupil() {
        Pencil squeezed = Pencil.of(lens(50, 2, 2), new Window(22, 18.6), 40, 60);
        assertEquals(51 - 50.25 + 0.44 * 20, squeezed.at(edge(40, 102, 200)).roomMm(), 1e-9);
        assertEquals(32 - 31.1, squeezed.at(edge(40, 200, 64)).roomMm(), 1e-9);
    }

    /** A round edge is met along the diagonal: √(63.75² + 35.42²) + 6 = 78.9. */
    @Test
    void aRingIsMetAlongTheDiagonal() {
        assertEquals(
                80 - Math.hypot(63.75, 85 * 20 / 48.0) - 6,
                WIDE.at(ring(40, 160)).roomMm(),
                0.02);
        assertTrue(WIDE.at(ring(40, 140)).cut());
    }

    /** 5 aside, the far corner has 5 less. */
    @Test
    void aBoxOffTheAxisCutsOneSide() {
        Edge centred = edge(30, 130, 98);
        Edge off = new Edge(centred.part(), "edge", OpeningKind.STAGE, 30, 5, 0, 65, 49, false);
        assertEquals(WIDE.at(centred).roomMm() - 5, WIDE.at(off).roomMm(), 1e-9);
    }

    private static double between(Random random, double from, double to) {
        return from + random.nextDouble() * (to - from);
    }

    @RepeatedTest(300)
    void fartherAheadItNeverShadesLess(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        Pencil pencil =
                Pencil.of(lens(between(random, 8, 200), between(random, 1.2, 8), 1), new Window(36, 20), 40, 40);
        double ahead = between(random, 0, 120);
        double width = between(random, 60, 260);
        double more = between(random, 0, 60);
        for (Edge edge : List.of(edge(ahead, width, width * 0.75), ring(ahead, width))) {
            Shade near = pencil.at(edge);
            Shade far = pencil.at(edge.moved(more));
            assertTrue(far.roomMm() <= near.roomMm() + 1e-9);
            assertTrue(far.share() >= near.share() - 1e-3, near + " then " + far);
            assertTrue(far.cut() || !near.cut());
        }
    }

    @RepeatedTest(300)
    void aLargerOpeningNeverCutsMore(RepetitionInfo round) {
        Random random = new Random(1000 + round.getCurrentRepetition());
        Pencil pencil = Pencil.of(lens(between(random, 8, 200), 2, 1.8), new Window(28, 18), 30, 50);
        double ahead = between(random, 0, 120);
        double width = between(random, 40, 260);
        double more = between(random, 0, 80);
        Shade small = pencil.at(edge(ahead, width, width * 0.8));
        Shade large = pencil.at(edge(ahead, width + more, width * 0.8 + more));
        assertTrue(large.share() <= small.share() + 1e-9 && large.roomMm() >= small.roomMm());
    }
}
