package wideharbor.core.clearance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.clearance.LensView.Sight;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What a lens sees, straight and fisheye, wherever its pupil may be. */
class LensViewTest {
    private static LensView view(double focal, Optional<Double> circle, double width, double height) {
        ItemType body = Parts.part("body")
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(new OpticalFacet.Camera("mount", 6, Optional.of(width), Optional.of(height)))
                .make();
        Parts lens = Parts.part("lens")
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Parts.BACK, Vec3.UP)
                .facet(new OpticalFacet.Lens("mount", focal, 2.8, 100, 80, 1, Optional.empty()));
        circle.ifPresent(c -> lens.facet(new OpticalFacet.Fisheye(c)));
        return LensView.of(Rigs.rig()
                        .with("body", body)
                        .with("lens", lens.make())
                        .join("j", "body:mount", "lens:mount")
                        .on("none")
                        .resolve())
                .orElseThrow();
    }

    /** A point so far from the axis, so many degrees off it, 1000 mm from the front glass at (0, 0, 100). */
    private static Vec3 off(double degrees, double roundDegrees) {
        double t = Math.toRadians(degrees);
        double r = Math.toRadians(roundDegrees);
        return new Vec3(1000 * Math.sin(t) * Math.cos(r), 1000 * Math.sin(t) * Math.sin(r), 100 + 1000 * Math.cos(t));
    }

    /** 24 × 18 at 12 mm: 45° to the side, 36.9° up. */
    @Test
    void aStraightLensSeesAPyramid() {
        LensView view = view(12, Optional.empty(), 24, 18);
        assertEquals(Sight.IN, view.of(off(44, 0)));
        assertEquals(Sight.PERHAPS, view.of(off(46, 0)), "from the mount it is 42.1° off");
        assertEquals(Sight.OUT, view.of(off(50, 0)));
        assertEquals(Sight.IN, view.of(off(36, 90)));
        assertEquals(Sight.OUT, view.of(off(42, 90)));
    }

    /** With the pupil on file, 40 behind the glass, nothing is open: 45° from there. */
    @Test
    void aPupilOnFileDecides() {
        ItemType body = Parts.part("body")
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(new OpticalFacet.Camera("mount", 6, Optional.of(24.0), Optional.of(18.0)))
                .make();
        ItemType lens = Parts.part("lens")
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Parts.BACK, Vec3.UP)
                .facet(new OpticalFacet.Lens("mount", 12, 2.8, 100, 80, 1, Optional.empty()))
                .facet(new FrontFacet.Light(Figure.maker(40), Optional.empty(), Figure.maker(31), Optional.empty()))
                .make();
        LensView view = LensView.of(Rigs.rig()
                        .with("body", body)
                        .with("lens", lens)
                        .join("j", "body:mount", "lens:mount")
                        .on("none")
                        .resolve())
                .orElseThrow();
        assertEquals(Sight.IN, view.of(new Vec3(1039, 0, 1100)), "1040 is 45° from the pupil at 60");
        assertEquals(Sight.OUT, view.of(new Vec3(1041, 0, 1100)));
        // A box whose near corner is 0.5 in counts as out, as drawings go; 10 in is in.
        assertEquals(Sight.OUT, view.of(Solid.box(new Vec3(1039.5, -5, 1080), new Vec3(1100, 5, 1100))));
        assertEquals(Sight.IN, view.of(Solid.box(new Vec3(1030, -5, 1080), new Vec3(1100, 5, 1100))));
        assertEquals(Sight.OUT, view.of(Solid.box(new Vec3(-20, -80, 20), new Vec3(20, -50, 95))), "beside the barrel");
    }

    /** 8 mm with a circle of 8·π = 25.13 mm and a window that holds it: 180°, a half space and not a pyramid of 59°. */
    @Test
    void aFisheyeOf180SeesAHalfSpace() {
        LensView view = view(8, Optional.of(8 * Math.PI), 30, 30);
        for (int round = 0; round < 360; round += 30) {
            assertEquals(Sight.IN, view.of(off(85, round)), "at " + round);
            assertEquals(Sight.OUT, view.of(off(95, round)), "at " + round);
        }
        assertEquals(Sight.PERHAPS, view.of(off(91, 0)), "its pupil may be 40 mm behind the glass");
    }

    /** Of 220° it sees what stands behind its front, up to 110° off. */
    @Test
    void beyondAHalfSpaceItSeesBehindItself() {
        LensView view = view(6, Optional.of(2 * 6 * Math.toRadians(110)), 30, 30);
        assertEquals(Sight.IN, view.of(off(105, 90)));
        assertTrue(off(105, 90).z() < 0, "behind the mount");
        assertEquals(Sight.OUT, view.of(off(114, 90)));
    }

    /** A window of 14.4 mm crops it to ±51.6° up and down; to the sides it is the circle that ends it. */
    @Test
    void theWindowCropsTheCircle() {
        LensView view = view(8, Optional.of(8 * Math.PI), 30, 14.4);
        assertEquals(Sight.IN, view.of(off(50, 90)));
        assertEquals(Sight.OUT, view.of(off(56, 90)));
        assertEquals(Sight.IN, view.of(off(86, 0)));
    }
}
