package wideharbor.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Bars, cones and rings are round: depths by closed form, and by looking in very many directions. */
class RoundTest {
    private static final double EXACT = 0.005;

    private static Solid bar(double radius, double from, double to) {
        return Solid.of(new Shape.Cylinder(new Vec3(0, 0, from), new Vec3(0, 0, to), radius, Shape.Use.SOLID));
    }

    private static Solid cone(double radius, double endRadius, double length) {
        return Solid.of(new Shape.Cone(Vec3.ZERO, new Vec3(0, 0, length), radius, endRadius, Shape.Use.SOLID));
    }

    private static Solid ring(double radius, double bore, double from, double to) {
        return Solid.of(new Shape.Ring(new Vec3(0, 0, from), new Vec3(0, 0, to), radius, bore, Shape.Use.SOLID));
    }

    private static Solid at(Solid solid, double x, double y, double z) {
        return solid.placed(Pose.translation(new Vec3(x, y, z)));
    }

    /** A barrel of radius 60 whose lowest line stands 3.5 under the top of a block: 3.5, at any turn about its axis. */
    @ParameterizedTest
    @CsvSource({"3.5, 0", "3.5, 17", "5, 8.3", "0.4, 30", "-0.2, 11"})
    void aBarrelStandsInABlock(double deep, double turn) {
        Solid block = Solid.box(new Vec3(-200, -100, -200), new Vec3(200, 0, 200));
        Solid barrel = bar(60, -50, 50)
                .placed(Pose.translation(new Vec3(3, 60 - deep, 0)).then(Pose.rotation(Vec3.FORWARD, turn)));
        if (deep > 0) {
            assertEquals(deep, block.depth(barrel), EXACT);
        } else {
            assertTrue(block.depth(barrel) <= 0);
        }
        assertEquals(deep > 1, barrel.isDeeperIn(block, 1));
    }

    /** Two bars side by side share what their radii are more than their distance; crosswise the same. */
    @Test
    void twoBars() {
        assertEquals(7.5 + 20 - 25, at(bar(7.5, -100, 100), 15, 20, 0).depth(bar(20, -100, 100)), EXACT);
        Solid across = bar(10, -100, 100).placed(Pose.rotation(Vec3.UP, 90));
        assertEquals(4, at(across, 0, 26, 0).depth(bar(20, -100, 100)), EXACT);
        assertTrue(at(across, 0, 30.1, 0).depth(bar(20, -100, 100)) <= 0);
    }

    /** The edge of a block runs into a bar at a slant: along the line from the axis to the edge. */
    @Test
    void anEdgeInABar() {
        Solid turned = Solid.box(new Vec3(-30, -30, -30), new Vec3(30, 30, 30))
                .placed(Pose.translation(new Vec3(60, 0, 0)).then(Pose.rotation(Vec3.FORWARD, 45)));
        double edge = 60 - 30 * Math.sqrt(2);
        assertEquals(20 - edge, bar(20, -100, 100).depth(turned), EXACT);
    }

    /** A hood from 50 to 70 over 40: a plate 60 aside of its axis at the wide end. */
    @Test
    void aConeIsItsSlope() {
        Solid plate = Solid.box(new Vec3(62, -200, 0), new Vec3(80, 200, 200));
        // From its wide end's rim at 70 the plate's face is 8 away; the slope would take a longer shift.
        assertEquals(8, cone(50, 70, 40).depth(plate), EXACT);
        Solid low = Solid.box(new Vec3(62, -200, -10), new Vec3(80, 200, 22));
        // At z 22 the slope stands at 61, inside of the face: the plate's edge is free.
        assertTrue(cone(50, 70, 40).depth(low) <= 0);
        Solid touching = Solid.box(new Vec3(60, -200, -10), new Vec3(80, 200, 22));
        // 1 beyond the edge across, less along the slope's normal: 1 · cos(atan(20 / 40)).
        assertEquals(Math.cos(Math.atan(0.5)), cone(50, 70, 40).depth(touching), EXACT);
    }

    /** A barrel of 47.5 runs free in a ring of 48; one of 48.6 stands 0.3 in its wall; aside it is 2 deep. */
    @Test
    void aBarrelInARing() {
        Solid clamp = ring(30, 24, -8, 8);
        assertTrue(clamp.depth(bar(23.75, -100, 100)) <= 0);
        assertFalse(clamp.isDeeperIn(bar(23.75, -100, 100), 0));
        assertEquals(0.3, clamp.depth(bar(24.3, -100, 100)), EXACT);
        assertEquals(2, at(clamp, 2.25, 0, 0).depth(bar(23.75, -100, 100)), EXACT);
        assertEquals(2, bar(23.75, -100, 100).depth(at(clamp, 2.25, 0, 0)), EXACT, "asked the other way round");
        assertTrue(at(clamp, 0, 0, 120).depth(bar(40, -100, 100)) <= 0, "beyond its end");
    }

    /** Two rings one in the other, a ring beside another, and a box that comes from outside. */
    @Test
    void whatElseMeetsARing() {
        assertTrue(ring(30, 24, -8, 8).depth(ring(23.9, 20, -4, 4)) <= 0);
        assertEquals(1, ring(30, 24, -8, 8).depth(ring(25, 20, -4, 4)), EXACT);
        assertEquals(3, at(ring(30, 24, -8, 8), 57, 0, 0).depth(ring(30, 24, -8, 8)), EXACT);
        Solid box = Solid.box(new Vec3(28, -5, -5), new Vec3(60, 5, 5));
        assertEquals(2, ring(30, 24, -8, 8).depth(box), EXACT);
        Solid inside = Solid.box(new Vec3(-10, -20, -50), new Vec3(10, 20, 50));
        assertTrue(ring(30, 24, -8, 8).depth(inside) <= 0, "its corners are 22.4 from the axis");
    }

    /**
     * A bar that leans through a bore touches it at its ends: by how much, a prism of many sides says within a tenth.
     */
    @Test
    void aBarThatLeansInABore() {
        Solid leaning = bar(20, -100, 100).placed(Pose.rotation(Vec3.UP, 20));
        // At the end of the wall, 8 along, the middle is 8·tan 20° = 2.91 aside, and the bar's section is 20 / cos 20°
        // wide.
        double reaches = 8 * Math.tan(Math.toRadians(20)) + 20 / Math.cos(Math.toRadians(20));
        assertEquals(reaches - 22, ring(30, 22, -8, 8).depth(leaning), 0.15);
    }

    @Test
    void raysMeetWhatIsRound() {
        assertTrue(bar(10, -50, 50).isMetBy(new Vec3(9.9, -100, 0), Vec3.UP, 200));
        assertFalse(bar(10, -50, 50).isMetBy(new Vec3(10.1, -100, 0), Vec3.UP, 200));
        assertFalse(bar(10, -50, 50).isMetBy(new Vec3(0, -100, 0), Vec3.UP, 89));
        assertTrue(ring(30, 24, -8, 8).isMetBy(new Vec3(27, 0, -50), Vec3.FORWARD, 100), "into the wall");
        assertFalse(ring(30, 24, -8, 8).isMetBy(new Vec3(23, 0, -50), Vec3.FORWARD, 100), "through the bore");
        assertTrue(ring(30, 24, -8, 8).isMetBy(new Vec3(0, -50, 0), Vec3.UP, 100), "across");
        assertTrue(cone(50, 70, 40).isMetBy(new Vec3(64, -100, 39), Vec3.UP, 200));
        assertFalse(cone(50, 70, 40).isMetBy(new Vec3(64, -100, 20), Vec3.UP, 200));
    }

    /** A ring that goes on along its bore leaves it free; across it sweeps all. */
    @Test
    void onTheWay() {
        Solid barrel = bar(23.75, -100, 100);
        assertTrue(ring(30, 24, -8, 8).swept(new Vec3(0, 0, 150)).depth(barrel) <= 0);
        assertTrue(ring(30, 24, -8, 8).swept(new Vec3(150, 0, 0)).depth(barrel) > 20);
        Solid ball = bar(10, -10, 10).swept(new Vec3(0, 80, 0));
        assertEquals(5, ball.depth(Solid.box(new Vec3(-50, 85, -50), new Vec3(50, 200, 50))), EXACT);
    }

    /** Whatever the attitude: no direction of very many parts the two by less than the depth that is told. */
    @ParameterizedTest
    @ValueSource(longs = {3, 14, 159})
    void noDirectionPartsThemSooner(long seed) {
        Random random = new Random(seed);
        List<Vec3> directions = directions(20_000);
        int deep = 0;
        for (int i = 0; i < 60; i++) {
            Solid a = any(random, i);
            Solid b = any(random, i + 1 + random.nextInt(3));
            double told = a.depth(b);
            double least = Double.POSITIVE_INFINITY;
            for (Vec3 d : directions) {
                least = Math.min(least, a.reach(d) + b.reach(d.negated()));
            }
            String where = "seed " + seed + ", case " + i;
            if (told > 0) {
                deep++;
                assertTrue(told <= least + EXACT, where + ": " + told + " told, " + least + " does it");
                assertEquals(least, told, 0.6, where);
                assertEquals(told, b.depth(a), 2 * EXACT, where);
            } else {
                assertTrue(least < 0.6, where);
            }
            assertEquals(told > 2, a.isDeeperIn(b, 2), where);
        }
        assertTrue(deep > 20 && deep < 60, "both occur: " + deep);
    }

    private static Solid any(Random random, int kind) {
        double size = 10 + random.nextDouble() * 25;
        Solid solid = switch (kind % 4) {
            case 0 -> Solid.box(new Vec3(-size, -size / 2, -20), new Vec3(size, size / 2, 20));
            case 1 -> cone(size, size / 3, 45);
            default -> bar(size, -20, 30);
        };
        Pose turn = Pose.rotation(
                new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() + 0.1),
                random.nextInt(360));
        return solid.placed(
                Pose.translation(new Vec3(random.nextDouble() * 50, random.nextDouble() * 50, random.nextDouble() * 50))
                        .then(turn));
    }

    /** Evenly over the sphere: a spiral. */
    private static List<Vec3> directions(int count) {
        return java.util.stream.IntStream.range(0, count)
                .mapToObj(i -> {
                    double up = 1 - 2 * (i + 0.5) / count;
                    double angle = i * Math.PI * (3 - Math.sqrt(5));
                    double across = Math.sqrt(1 - up * up);
                    return new Vec3(across * Math.cos(angle), up, across * Math.sin(angle));
                })
                .toList();
    }
}
