package wideharbor.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SolidTest {
    private static Solid box(double half) {
        return Solid.box(new Vec3(-half, -half, -half), new Vec3(half, half, half));
    }

    /** Cubes of 20 side by side, 15 between their middles: 5 deep. */
    @Test
    void twoBoxesShareWhatTheShortestShiftParts() {
        Solid moved = box(10).placed(Pose.translation(new Vec3(15, 3, 2)));
        assertEquals(5, box(10).depth(moved), 1e-9);
        assertTrue(
                box(10).depth(box(10).placed(Pose.translation(new Vec3(20, 0, 0)))) <= 1e-9,
                "touching is not overlapping");
    }

    /** Turned by 45° its corner reaches 10·√2 = 14.14: 22 between middles leaves 2.14. */
    @Test
    void aTurnedBoxReachesWithItsCorner() {
        Solid turned = box(10).placed(Pose.translation(new Vec3(22, 0, 0)).then(Pose.rotation(Vec3.UP, 45)));
        assertEquals(10 + 10 * Math.sqrt(2) - 22, box(10).depth(turned), 1e-9);
    }

    /** A rod of 15 runs through a clamp bored 18 without touching; 10 aside it is 8.5 beyond the bore. */
    @Test
    void aBoreIsAnOpening() {
        Solid rod = cylinder(7.5, -100, 100);
        Solid clamp = Solid.of(new Shape.Ring(new Vec3(0, 0, -10), new Vec3(0, 0, 10), 20, 9, Shape.Use.SOLID));
        assertTrue(clamp.depth(rod) <= 0);
        assertEquals(8.5, clamp.depth(rod.placed(Pose.translation(new Vec3(10, 0, 0)))), 1e-9);
    }

    private static Solid cylinder(double radius, double from, double to) {
        return Solid.of(new Shape.Cylinder(new Vec3(0, 0, from), new Vec3(0, 0, to), radius, Shape.Use.SOLID));
    }

    /** A wedge with its thin end at z 100: a box over the thin end is clear, over the thick end it is not. */
    @Test
    void aHullIsItsCorners() {
        Solid wedge = Solid.of(new Shape.Hull(
                List.of(
                        new Vec3(-10, 0, 0),
                        new Vec3(10, 0, 0),
                        new Vec3(-10, 40, 0),
                        new Vec3(10, 40, 0),
                        new Vec3(-10, 0, 100),
                        new Vec3(10, 0, 100),
                        new Vec3(-10, 1, 100),
                        new Vec3(10, 1, 100)),
                Shape.Use.SOLID));
        Solid cube = Solid.box(new Vec3(-5, 20, 80), new Vec3(5, 30, 90));
        assertTrue(wedge.depth(cube) <= 0);
        assertTrue(wedge.depth(cube.placed(Pose.translation(new Vec3(0, 0, -75)))) > 1);
    }

    @Test
    void aRayMeetsWhatStandsBeforeIt() {
        Solid screen = Solid.box(new Vec3(-50, -50, 100), new Vec3(50, 50, 110));
        assertTrue(screen.isMetBy(Vec3.ZERO, Vec3.FORWARD, 200));
        assertFalse(screen.isMetBy(Vec3.ZERO, Vec3.FORWARD, 90), "too far");
        assertFalse(screen.isMetBy(new Vec3(60, 0, 0), Vec3.FORWARD, 200), "beside it");
        assertFalse(screen.isMetBy(Vec3.ZERO, Vec3.FORWARD.negated(), 200), "behind");
    }

    /** Depth does not depend on which of the two is asked, nor on where both stand in the world. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261124})
    void depthIsSymmetricAndMovesAlong(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            Solid a = box(5 + random.nextDouble() * 20).placed(pose(random));
            Solid b = Solid.of(new Shape.Cylinder(
                            Vec3.ZERO,
                            new Vec3(0, 10 + random.nextDouble() * 40, 0),
                            5 + random.nextDouble() * 10,
                            Shape.Use.SOLID))
                    .placed(pose(random));
            Pose move = pose(random);
            double depth = a.depth(b);
            String where = "seed " + seed + ", case " + i;
            if (depth > 0) {
                assertEquals(depth, b.depth(a), 0.005, where);
                assertEquals(depth, a.placed(move).depth(b.placed(move)), 0.005, where);
            } else {
                assertTrue(b.depth(a) <= 1e-9, where);
            }
        }
    }

    private static Pose pose(Random random) {
        Vec3 axis = new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() + 0.1);
        return Pose.translation(new Vec3(random.nextDouble() * 40, random.nextDouble() * 40, random.nextDouble() * 40))
                .then(Pose.rotation(axis, random.nextDouble() * 360));
    }

    /**
     * Whether two are in each other is the same with and without the figure, for boxes, bars and wedges in any
     * attitude.
     */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23})
    void deeperThanAgreesWithTheDepth(long seed) {
        Random random = new Random(seed);
        Solid bar = Solid.of(new Shape.Cylinder(new Vec3(0, 0, -40), new Vec3(0, 0, 40), 12, Shape.Use.SOLID));
        int deep = 0;
        for (int i = 0; i < 400; i++) {
            Pose pose = Pose.translation(new Vec3(
                            random.nextDouble() * 110 - 55,
                            random.nextDouble() * 110 - 55,
                            random.nextDouble() * 110 - 55))
                    .then(Pose.rotation(Vec3.UP, random.nextInt(360)))
                    .then(Pose.rotation(Vec3.LEFT, random.nextInt(360)));
            Solid other = (i % 2 == 0 ? bar : box(15)).placed(pose);
            boolean is = box(20).isDeeperIn(other, 2);
            assertEquals(box(20).depth(other) > 2, is, "place " + i);
            assertEquals(is, other.isDeeperIn(box(20), 2), "the other way round, place " + i);
            deep += is ? 1 : 0;
        }
        assertTrue(deep > 50 && deep < 350, "both answers occur: " + deep);
    }
}
