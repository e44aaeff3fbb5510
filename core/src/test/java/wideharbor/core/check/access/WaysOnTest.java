package wideharbor.core.check.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.check.access.AccessChecksTest.box;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Shape.Use;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** The way on of what drops in under a roof, and of a ring that comes along a rail. */
class WaysOnTest {
    /** A snap plate drops in along the receiver's normal; a roof 30 over it stands in the way. */
    private Rigs underRoof(boolean roofOnBody) {
        Parts body = part("body")
                .shaped(box(-60, -50, -60, 60, -1, 60, Use.SOLID))
                .port("base", "flat-base", Role.B, new Vec3(0, -1, 0), Vec3.UP, Vec3.FORWARD)
                .port("side", "side-tie", Role.EITHER, new Vec3(60, 0, 0), Vec3.LEFT, Vec3.UP);
        if (roofOnBody) {
            body.shaped(box(-60, 40, -60, 60, 50, 60, Use.SOLID));
        }
        ItemType receiver = part("receiver")
                .shaped(box(-30, 0, -30, 30, 10, 30, Use.SOLID))
                .port("foot", "flat-base", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .port("snap", "snap-plate", Role.B, new Vec3(0, 10, 0), Vec3.UP, Vec3.FORWARD)
                .make();
        ItemType plate = part("plate")
                .shaped(box(-20, 0, -20, 20, 12, 20, Use.SOLID))
                .port("snap", "snap-plate", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .make();
        ItemType roof = part("roof")
                .shaped(box(-130, 30, -20, -20, 40, 20, Use.SOLID))
                .port("tie", "side-tie", Role.EITHER, Vec3.ZERO, Parts.RIGHT, Vec3.UP)
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", body.make())
                .with("receiver", receiver)
                .with("plate", plate)
                .join("j", "body:base", "receiver:foot")
                .join("k", "receiver:snap", "plate:snap")
                .on("none");
        return roofOnBody ? rigs : rigs.with("roof", roof).join("r", "body:side", "roof:tie");
    }

    @Test
    void whatMustBeThereFirstBlocksForGood() {
        Finding finding = verify(new PathBlocked()).given(underRoof(true)).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("plate cannot be put on: body is in its way", finding.title());
    }

    /**
     * A ring comes along a rail over the body's barrel of radius 60. Its bore of 69.5 leaves 9.5 of air all round; one
     * of 56 does not go over it from either end.
     */
    private Rigs ringOverBarrel(double bore) {
        ItemType body = part("body")
                .shaped(new Shape.Cylinder(new Vec3(0, 0, -200), new Vec3(0, 0, 200), 60, Use.SOLID))
                .port("base", "flat-base", Role.B, new Vec3(0, -85, 0), DOWN, Vec3.FORWARD)
                .make();
        ItemType rail = part("rail")
                .port("foot", "flat-base", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                .carrier("rail", "dovetail-narrow", Role.A, Vec3.ZERO, DOWN, -150, 150)
                .make();
        ItemType ring = part("ring")
                .shaped(new Shape.Ring(new Vec3(0, 85, -5), new Vec3(0, 85, 5), 80, bore, Use.SOLID))
                .clamp("clamp", "dovetail-narrow", Role.B, Vec3.ZERO, Vec3.UP, 10)
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("rail", rail)
                .with("ring", ring)
                .join("j", "body:base", "rail:foot")
                .join("k", "rail:rail", "ring:clamp")
                .on("none");
    }

    @Test
    void aRingGoesOverWhatItsBoreClears() {
        verify(new PathBlocked()).given(ringOverBarrel(69.5)).holds();
        Finding finding = verify(new PathBlocked()).given(ringOverBarrel(56)).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("ring cannot be put on: body is in its way", finding.title());
    }

    @Test
    void whatMayComeLaterIsAMatterOfOrder() {
        Finding finding = verify(new PathBlocked()).given(underRoof(false)).finds(Severity.NOTE, CheckState.FOUND);
        assertEquals("plate goes on before roof", finding.title());
    }
}
