package wideharbor.core.check.rods;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class AxisHeightTest {
    /** Base to axis 66, plate 11, rods 6 below the bracket's top: 66 + 11 + 6 = 83; lightweight rods want 85 ± 1. */
    @Test
    void findsTheAxisLow() {
        Finding finding = verify(new AxisHeight()).given(Bag.onRods(300)).finds(Severity.STOP, 83, 84, 86, "mm");
        assertEquals("Axis 2.0 mm low over the rods", finding.title());
        assertEquals("rods.axis-height|a|studio||rods", finding.key().toString());
    }

    /** A plate of 13 gives 66 + 13 + 6 = 85. */
    @Test
    void holdsWithAThickerPlate() {
        verify(new AxisHeight()).given(withPlate(13)).holds();
    }

    @Test
    void holdsAtTheEdgeOfTheTolerance() {
        verify(new AxisHeight()).given(withPlate(12)).holds();
    }

    @Test
    void looksAtNothingWhereNothingRidesOnTheRods() {
        verify(new AxisHeight())
                .given(Rigs.rig()
                        .with("body", Bag.body())
                        .with("quick", Bag.quick(11))
                        .with("bridge", Bag.bridge())
                        .with("rods", Bag.rods(300))
                        .join("a", "body:base", "quick:top")
                        .join("b", "quick:bottom", "bridge:top")
                        .join("c", "bridge:rods", "rods:rods")
                        .on("none"))
                .looksAtNothing();
    }

    @Test
    void aRiserOfTheRightHeightMendsIt() {
        var fix = verify(new AxisHeight())
                .given(Bag.onRods(300)
                        .inKit(Bag.spacer("riser-2", 2, false), 1)
                        .inKit(Bag.spacer("riser-6", 6, false), 1))
                .isMendedBy("riser");
        assertTrue(fix.title().startsWith("riser-2 under"), fix.title());
    }

    /** Two of 1.0 make the 2.0 that is missing; a single 0.5 would not. */
    @Test
    void shimsFromTheKitMendIt() {
        var fix = verify(new AxisHeight())
                .given(Bag.onRods(300)
                        .inKit(Bag.spacer("shim-10", 1, true), 3)
                        .inKit(Bag.spacer("shim-05", 0.5, true), 2))
                .isMendedBy("shims");
        assertTrue(fix.title().startsWith("Shims 1.0 + 1.0"), fix.title());
        assertEquals(
                1,
                fix.commands().stream()
                        .filter(c -> c.toString().contains("AddKit"))
                        .count());
    }

    /** With a riser of 4 in it the axis stands at 87: 2 high. Taking it out leaves 83, which is no remedy. */
    @Test
    void shimsAreNeverOfferedWhereTheAxisIsHigh() {
        Rigs high = Rigs.rig()
                .with("body", Bag.body())
                .with("quick", Bag.quick(11))
                .with("riser", Bag.spacer("riser-4", 4, false))
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(300))
                .with("box", Bag.box())
                .join("a", "body:base", "quick:top")
                .join("b", "quick:bottom", "riser:top")
                .join("c", "riser:bottom", "bridge:top")
                .join("d", "bridge:rods", "rods:rods")
                .join("e", "rods:rods", "box:rods")
                .set("rods:rods:0", -50)
                .set("box:rods:0", 200)
                .inKit(Bag.spacer("shim-10", 1, true), 4)
                .on("none");
        verify(new AxisHeight()).given(high).finds(Severity.STOP, 87, 84, 86, "mm");
        assertTrue(verify(new AxisHeight()).given(high).fixes().isEmpty());
    }

    /** A plate of 13 and a riser of 4: 66 + 13 + 4 + 6 = 89, 4 high; without the riser 85. */
    @Test
    void takingARiserOutMendsAHighAxis() {
        verify(new AxisHeight())
                .given(Rigs.rig()
                        .with("body", Bag.body())
                        .with("quick", Bag.quick(13))
                        .with("riser", Bag.spacer("riser-4", 4, false))
                        .with("bridge", Bag.bridge())
                        .with("rods", Bag.rods(300))
                        .with("box", Bag.box())
                        .join("a", "body:base", "quick:top")
                        .join("b", "quick:bottom", "riser:top")
                        .join("c", "riser:bottom", "bridge:top")
                        .join("d", "bridge:rods", "rods:rods")
                        .join("e", "rods:rods", "box:rods")
                        .set("rods:rods:0", -50)
                        .set("box:rods:0", 200)
                        .on("none"))
                .isMendedBy("take-out");
    }

    private static Rigs withPlate(double thick) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("quick", Bag.quick(thick))
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(300))
                .with("box", Bag.box())
                .join("a", "body:base", "quick:top")
                .join("b", "quick:bottom", "bridge:top")
                .join("c", "bridge:rods", "rods:rods")
                .join("d", "rods:rods", "box:rods")
                .set("rods:rods:0", -50)
                .set("box:rods:0", 200)
                .on("none");
    }
}
