package wideharbor.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.geometry.View.Point;

class PoseTest {
    /** +90° about z carries camera-left to up. */
    @Test
    void turnsByTheRightHand() {
        same(Vec3.UP, Pose.rotation(Vec3.FORWARD, 90).turn(Vec3.LEFT));
    }

    /** About x the lens goes down, about y it pans left. */
    @Test
    void tiltsDownAndPansLeft() {
        same(Vec3.UP.negated(), Pose.rotation(Vec3.LEFT, 90).turn(Vec3.FORWARD));
        same(Vec3.LEFT, Pose.rotation(Vec3.UP, 90).turn(Vec3.FORWARD));
    }

    @Test
    void matingPutsNormalOnNormalAndUpOnUp() {
        Pose flipped = Pose.port(new Vec3(1, 2, 3), Vec3.LEFT, Vec3.FORWARD).then(Pose.FLIP);
        same(Vec3.LEFT.negated(), flipped.n());
        same(Vec3.FORWARD, flipped.u());
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void inverseUndoesAndDeterminantStaysOne(long seed) {
        Random random = new Random(seed);
        Pose pose = Pose.IDENTITY;
        for (int i = 0; i < 20; i++) {
            Vec3 axis = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
            pose = pose.then(Pose.rotation(axis, random.nextDouble() * 360))
                    .then(Pose.translation(new Vec3(random.nextDouble() * 100, 0, -5)));
        }
        Vec3 point = new Vec3(3, -7, 11);
        same(point, pose.inverse().apply(pose.apply(point)));
        assertEquals(1, pose.determinant(), 1e-9, "seed " + seed);
    }

    @Test
    void aPortsAxesMustBeAtRightAngles() {
        assertThrows(IllegalArgumentException.class, () -> Pose.port(Vec3.ZERO, Vec3.UP, new Vec3(0, 1, 0.2)));
    }

    /** From the left the lens points left, from the right right, from the front camera-left is at right, above up. */
    @Test
    void viewsFollowTheDrawingOffice() {
        assertEquals(new Point(-1, 0), View.LEFT.project(Vec3.FORWARD));
        assertEquals(new Point(1, 0), View.RIGHT.project(Vec3.FORWARD));
        assertEquals(new Point(1, 0), View.FRONT.project(Vec3.LEFT));
        assertEquals(new Point(0, 1), View.ABOVE.project(Vec3.FORWARD));
        assertEquals(new Point(-1, 0), View.ABOVE.project(Vec3.LEFT));
    }

    /** Whoever looks from a side stands on that side. */
    @Test
    void theEyeStandsWhereTheViewSays() {
        same(Vec3.LEFT, View.LEFT.towardsEye());
        same(Vec3.LEFT.negated(), View.RIGHT.towardsEye());
        same(Vec3.FORWARD, View.FRONT.towardsEye());
        same(Vec3.UP, View.ABOVE.towardsEye());
    }

    @Test
    void aBoxIsDrawnAsItsRectangleAndARingWithItsBore() {
        Outline box = Outline.of(
                new Shape.Box(new Vec3(-1, -2, -3), new Vec3(1, 2, 3), Shape.Use.SOLID), Pose.IDENTITY, View.RIGHT);
        assertEquals(4, box.border().size());
        Outline ring =
                Outline.of(new Shape.Ring(Vec3.ZERO, Vec3.FORWARD, 10, 8, Shape.Use.SOLID), Pose.IDENTITY, View.FRONT);
        assertEquals(28, ring.bore().size());
        assertEquals(
                0,
                Outline.of(new Shape.Ring(Vec3.ZERO, Vec3.FORWARD, 10, 8, Shape.Use.SOLID), Pose.IDENTITY, View.LEFT)
                        .bore()
                        .size());
    }

    static void same(Vec3 expected, Vec3 actual) {
        assertEquals(expected.x(), actual.x(), 1e-9);
        assertEquals(expected.y(), actual.y(), 1e-9);
        assertEquals(expected.z(), actual.z(), 1e-9);
    }
}
