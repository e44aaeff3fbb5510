package wideharbor.core.check.rods;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class RoomBesideLensTest {
    /** Rod centres 60 apart, as far below the axis as asked, from z −100 on. */
    private static Rigs rig(double below, double barrelRadius) {
        ItemType cube = part("body")
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -below, -60), DOWN, 40)
                .facet(new OpticalFacet.Camera("mount", 6))
                .make();
        ItemType lens = part("lens")
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .shaped(new Shape.Cylinder(Vec3.ZERO, new Vec3(0, 0, 120), barrelRadius, Shape.Use.SOLID))
                .facet(new OpticalFacet.Lens("mount", 50, 2, 120, 2 * barrelRadius, 1, Optional.empty()))
                .make();
        return Rigs.rig()
                .with("body", cube)
                .with("rods", Bag.rods(300))
                .join("j", "body:rods", "rods:rods")
                .set("rods:rods:0", -150)
                .lens("l", lens, "body:mount", "mount")
                .on("none");
    }

    /** √(30² + 40²) = 50; less 7.5 and 41 is 1.5 mm. */
    @Test
    void aFatBarrelOverShallowRodsIsAStop() {
        Finding finding = verify(new RoomBesideLens())
                .given(rig(40, 41))
                .finds(Severity.STOP, 1.5, 3, Double.POSITIVE_INFINITY, "mm");
        assertEquals("lens clears rods-300 by 1.5 mm only", finding.title());
    }

    @Test
    void deeperInItIsToldAsSuch() {
        Finding finding = verify(new RoomBesideLens())
                .given(rig(40, 57))
                .finds(Severity.STOP, -14.5, 3, Double.POSITIVE_INFINITY, "mm");
        assertEquals("lens stands 14.5 mm into rods-300", finding.title());
    }

    /** √(30² + 85²) = 90.1. */
    @Test
    void atTheStandardHeightThereIsRoom() {
        verify(new RoomBesideLens()).given(rig(85, 57)).holds();
    }

    @Test
    void rodsBehindTheMountMeetNoBarrel() {
        verify(new RoomBesideLens()).given(rig(40, 57).set("rods:rods:0", 240)).looksAtNothing();
    }
}
