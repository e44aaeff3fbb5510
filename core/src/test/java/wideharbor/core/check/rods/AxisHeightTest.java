package wideharbor.core.check.rods;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class AxisHeightTest {
    /** Base to axis 66, plate 11, rods 6 below the bracket's top: 66 + 11 + 6 = 83; lightweight rods want 85 ± 1. */
    @Test
    void findsTheAxisLow() {
        Finding finding = verify(new AxisHeight()).given(Bag.onRods(300)).finds(Severity.STOP, 83, 84, 86, "mm");
        assertEquals("Axis 2.0 mm low over the rods", finding.title());
        assertEquals(
                "rods.axis-height|height|a|studio||part:rods", finding.key().toString());
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
        return withPlate(Bag.quick(thick));
    }

    private static Rigs withPlate(ItemType plate) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("quick", plate)
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

    /** Beside the mid-line no riser helps, though both are told in millimetres. */
    @Test
    void noRiserIsOfferedWhereTheAxisIsBeside() {
        ItemType aside = Parts.part("aside")
                .is(Category.PLATE)
                .weighs(400, new Vec3(0, -6.5, 0))
                .face("top", Port.Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .face("bottom", Port.Role.B, new Vec3(5, -13, 0), Parts.DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        Rigs beside = withPlate(aside).inKit(Bag.spacer("riser-2", 2, false), 1);
        Finding finding = verify(new AxisHeight()).given(beside).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("sideways", finding.key().aspect());
        assertEquals(List.of(), new AxisHeight().candidates(finding, beside.analysis()));
    }
}
