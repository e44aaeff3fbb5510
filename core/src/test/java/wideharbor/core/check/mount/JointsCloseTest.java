package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
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

    /** A millimetre in ten is within half a millimetre; a face that stands off, in and beside say so, each by name. */
    @ParameterizedTest
    @CsvSource({
        "0, 0, 0.5, 0, ''",
        "0, 0, 0.6, 0, 'plate 0.6 mm apart from body'",
        "0, 0, -0.6, 0, 'plate 0.6 mm into body'",
        "0.6, 0, 0.5, 0, 'plate 0.6 mm off from body'",
        "3, 4, 0, 0, 'plate 5.0 mm off from body'",
        "-3, -4, -4.9, 0, 'plate 5.0 mm off from body'",
        "3, 4, 5.1, 0, 'plate 5.1 mm apart from body'",
        "0, 0, 0, 5, 'plate meets body at 5.0°'"
    })
    void howFarAFaceMisses(double aside, double along, double apart, double degrees, String says) {
        double turn = Math.toRadians(degrees);
        ItemType body = Parts.part("body")
                .face("hold", Port.Role.B, new Vec3(0, 300, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("top", Port.Role.B, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        ItemType plate = Parts.part("plate")
                .face("held", Port.Role.A, new Vec3(0, 300, 0), Parts.DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face(
                        "foot",
                        Port.Role.A,
                        new Vec3(aside, apart, along),
                        new Vec3(Math.sin(turn), -Math.cos(turn), 0),
                        Vec3.FORWARD,
                        0,
                        Port.Pins.NONE)
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", body)
                .with("plate", plate)
                .join("j", "body:hold", "plate:held")
                .close("k", "body:top", "plate:foot")
                .on("none");
        List<Finding> findings = verify(new JointsClose()).given(rigs).report().findings();
        assertEquals(
                says.isEmpty() ? List.of() : List.of(says),
                findings.stream().map(Finding::title).toList());
        if (!findings.isEmpty()) {
            String aspect = says.contains(" off ") ? "offset" : says.contains("meets") ? "angle" : "gap";
            assertEquals(aspect, findings.get(0).key().aspect());
        }
    }

    /** Lens bottom at −45, rods at −83, cradle 20 over them at −63: it must rise by 18. Set to 15 it stands 3 off. */
    @Test
    void aLensSupportThatDoesNotTouchIsFound() {
        Finding finding = verify(new JointsClose())
                .given(braced(15))
                .finds(Severity.STOP, 3, Double.NEGATIVE_INFINITY, 0.5, "mm");
        assertEquals(
                "joints.close|gap|a|studio|prime|joint:j-brace", finding.key().toString());
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

    /**
     * The axis stands 66 + 11 + 6 = 83 over the rods, the unit's coupler 85: two shims of 1 under the camera dock it.
     */
    @Test
    void aCameraLowAtItsFrontUnitIsShimmedUp() {
        var fix = verify(new JointsClose()).given(docked(11)).isMendedBy("shims");
        assertEquals("Shims 1.0 + 1.0 under quick", fix.title());
    }

    @Test
    void aCameraThatMeetsItsFrontUnitNeedsNoShims() {
        verify(new JointsClose()).given(docked(13)).holds();
    }

    /** At 66 + 13 + 2 + 6 = 87 the camera stands 2 high: the riser under it comes out. */
    @Test
    void aCameraHighAtItsFrontUnitLosesItsRiser() {
        Rigs high = docked(13, "quick:bottom", "riser:top")
                .with("riser", Bag.spacer("riser", 2, false))
                .join("r", "riser:bottom", "bridge:top");
        verify(new JointsClose()).given(high).isMendedBy("take-out");
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
                                new JointId("j-brace"),
                                Joint.Kind.CLOSING,
                                Rigs.port("support:cradle"),
                                Rigs.port("lens-prime:barrel"),
                                Joint.Confidence.TRIED_BY_US,
                                "")))
                .on("none");
    }

    private static Rigs docked(double plate) {
        return docked(plate, "quick:bottom", "bridge:top");
    }

    /**
     * A camera on a plate and rods; a front unit rides the rods with its coupler 85 over them and 100 ahead of the
     * clamp.
     */
    private static Rigs docked(double plate, String upper, String lower) {
        ItemType ring = part("ring")
                .weighs(180, Vec3.ZERO)
                .port("body", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .port("dock", "dock-coupler", Role.A, new Vec3(0, 0, 16), Vec3.FORWARD, Vec3.UP)
                .make();
        ItemType unit = part("unit")
                .weighs(2900, Vec3.ZERO)
                .port("dock", "dock-coupler", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -85, 80), DOWN, 60)
                .make();
        ItemType shim = Bag.spacer("shim", 1, true);
        return Rigs.rig()
                .with("body", Bag.body())
                .with("ring", ring)
                .with("quick", Bag.quick(plate))
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(400))
                .with("unit", unit)
                .knows(shim)
                .inKit(shim, 3)
                .join("a", "body:base", "quick:top")
                .join("b", upper, lower)
                .join("c", "bridge:rods", "rods:rods")
                .join("d", "body:mount", "ring:body")
                .join("e", "rods:rods", "unit:rods")
                .close("f", "ring:dock", "unit:dock")
                .set("rods:rods:0", -60)
                .set("unit:rods:0", 236)
                .on("none");
    }
}
