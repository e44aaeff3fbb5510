package wideharbor.core.front;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.quantity.CheckState;

class LensSumsTest {
    /** f 24, N 2, 36 × 20, pupil 45, an opening of 130 × 98 40 ahead: 69.8 of 65. */
    @Test
    void anOpeningBeforeALens() {
        LensSums.Corners c =
                LensSums.corners(24, 2 / 0.93, 1, new Window(36, 20), 45, new LensSums.Before(40, 130, 98, false), 0.3);
        assertEquals(73.74, c.acrossDegrees(), 0.01);
        assertEquals(45.24, c.uprightDegrees(), 0.01);
        assertEquals(41.18, c.diagonalMm(), 0.01);
        assertEquals(-4.75, c.roomMm(), 1e-9);
        assertEquals(0.66, c.stops(), 0.01);
        assertEquals(CheckState.FOUND, c.state());
        LensSums.Corners round =
                LensSums.corners(24, 2, 1, new Window(36, 20), 45, new LensSums.Before(40, 220, 220, true), 0.3);
        assertTrue(round.roomMm() > 0);
        assertEquals(CheckState.FINE, round.state());
        assertThrows(IllegalArgumentException.class, () -> new LensSums.Before(40, Double.NaN, 98, false));
    }

    /** Ring 81.6 of module 0.8, 40 teeth, rod 30 aside and 85 under: 56 apart, 50.1 to 130.1 with an arm of 40. */
    @Test
    void aDriveOnARod() {
        LensSums.Gears g = LensSums.gears(81.6, 0.8, 40, 40, 30, 85);
        assertEquals(56, g.apartMm(), 1e-9);
        assertEquals(90.14, g.rodMm(), 0.01);
        assertEquals(50.14, g.nearestMm(), 0.01);
        assertEquals(130.14, g.farthestMm(), 0.01);
        assertEquals(2, g.swings().size());
        assertEquals(2.5, g.turns(), 1e-9);
        assertTrue(LensSums.gears(81.6, 0.8, 40, 30, 30, 85).swings().isEmpty());
        assertThrows(IllegalArgumentException.class, () -> LensSums.gears(81.6, 0, 40, 40, 30, 85));
    }

    /** 26 + 26.05 under a lens of 52 and 35 mm: 0.05 too long, sharp to 24.5 m. Too short has no farthest. */
    @Test
    void aLensOnAdapters() {
        LensSums.Flange far = LensSums.flange(26, 26.05, 52, 35, 0.02);
        assertEquals(52.05, far.sumMm(), 1e-9);
        assertEquals(0.05, far.errorMm(), 1e-9);
        assertEquals(24.5, far.farthestMetres().orElseThrow(), 1e-6);
        assertEquals(CheckState.FOUND, far.state());
        LensSums.Flange near = LensSums.flange(26, 25.95, 52, 35, 0.02);
        assertTrue(near.farthestMetres().isEmpty());
        assertEquals(CheckState.FOUND, near.state());
        assertEquals(CheckState.FINE, LensSums.flange(26, 26.02, 52, 35, 0.02).state());
        assertThrows(IllegalArgumentException.class, () -> LensSums.flange(26, 26, 0, 35, 0.02));
    }
}
