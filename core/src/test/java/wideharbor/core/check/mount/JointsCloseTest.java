package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class JointsCloseTest {
    /** A cage: side plate of 140 from a top plate at +70 to a bottom plate at −70. */
    @Test
    void aCageClosesWhereTheSidePlateIsAsLongAsTheBodyIsHigh() {
        verify(new JointsClose()).given(cage(140)).holds();
    }

    /** One of 138 misses by 2 in the plane of the face. */
    @Test
    void aShortSidePlateDoesNotClose() {
        verify(new JointsClose()).given(cage(138)).finds(Severity.STOP, 2, Double.NEGATIVE_INFINITY, 0.5, "mm");
    }

    /**
     * Lens bottom at −45, rods at −83, cradle 20 over them at −63: it must rise by 18. Set to 15 it stands 3 off.
     */
    @Test
    void aLensSupportThatDoesNotTouchIsFound() {
        Finding finding = verify(new JointsClose())
                .given(braced(15))
                .finds(Severity.STOP, 3, Double.NEGATIVE_INFINITY, 0.5, "mm");
        assertEquals("joints.close|a|studio|prime|j-brace", finding.key().toString());
    }

    @Test
    void aLensSupportAtTheRightHeightCloses() {
        verify(new JointsClose()).given(braced(18)).holds();
    }

    @Test
    void theHeightThatClosesItIsOffered() {
        // Rods of the right height, so that only the support is wrong: a plate of 13 puts them at −85, the gap is 20.
        var fix = verify(new JointsClose()).given(braced(15, 13)).isMendedBy("set");
        assertEquals(1, fix.commands().size());
        assertEquals(20, ((Command.Set) fix.commands().get(0).command()).value(), 1e-6);
    }

    @Test
    void looksAtNothingWithoutClosingJoints() {
        verify(new JointsClose()).given(Bag.onRods(300)).looksAtNothing();
    }

    static Rigs cage(double sidePlate) {
        ItemType body = part("body")
                .face("top", Role.B, new Vec3(0, 70, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("base", Role.B, new Vec3(0, -70, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        ItemType top = part("top")
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("tie", "side-tie", Role.EITHER, new Vec3(-60, 0, 0), RIGHT, Vec3.UP)
                .make();
        ItemType bottom = part("bottom")
                .face("foot", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("tie", "side-tie", Role.EITHER, new Vec3(-60, 0, 0), RIGHT, Vec3.UP)
                .make();
        ItemType side = part("side")
                .port("upper", "side-tie", Role.EITHER, Vec3.ZERO, Vec3.LEFT, Vec3.UP)
                .port("lower", "side-tie", Role.EITHER, new Vec3(0, -sidePlate, 0), Vec3.LEFT, Vec3.UP)
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("top", top)
                .with("bottom", bottom)
                .with("side", side)
                .join("a", "body:top", "top:foot")
                .join("b", "body:base", "bottom:foot")
                .join("c", "top:tie", "side:upper")
                .close("d", "bottom:tie", "side:lower")
                .on("none");
    }

    private static Rigs braced(double height) {
        return braced(height, 11);
    }

    static Rigs braced(double height, double plate) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("quick", Bag.quick(plate))
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(400))
                .with("support", Bag.lensSupport())
                .join("a", "body:base", "quick:top")
                .join("b", "quick:bottom", "bridge:top")
                .join("c", "bridge:rods", "rods:rods")
                .join("d", "rods:rods", "support:rods")
                .set("rods:rods:0", -60)
                .set("support:rods:0", 260)
                .lens(
                        "prime",
                        Bag.lens("prime", 3000, 100, 200),
                        "body:mount",
                        "mount",
                        new Command.Set(SettingKey.parse("support:cradle:0"), height, false),
                        new Command.Join(new Joint(
                                "j-brace",
                                Joint.Kind.CLOSING,
                                Rigs.port("support:cradle"),
                                Rigs.port("lens-prime:barrel"),
                                Joint.Confidence.TRIED_BY_US)))
                .on("none");
    }
}
