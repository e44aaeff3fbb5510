package wideharbor.core.check.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.Resting;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Rigs;

/** Putting the rig down, and which way a device's sockets look. */
class HandlingChecksTest {
    private static Shape box(double x0, double y0, double z0, double x1, double y1, double z1) {
        return new Shape.Box(new Vec3(x0, y0, z0), new Vec3(x1, y1, z1), Shape.Use.SOLID);
    }

    @Nested
    class Down {
        /** A body of 100 × 100 × 200, 4 kg at its middle, with 600 g of whatever at its front. */
        private Rigs with(Category category, Shape shape, double grams, Vec3 at) {
            ItemType body = part("body")
                    .weighs(4000, new Vec3(0, 0, -100))
                    .shaped(box(-50, -50, -200, 50, 50, 0))
                    .face("front", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 0, Port.Pins.NONE)
                    .make();
            ItemType more = part("more")
                    .is(category)
                    .weighs(grams, at)
                    .shaped(shape)
                    .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD.negated(), Vec3.UP, 2, Port.Pins.NONE)
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .with("more", more)
                    .join("j", "body:front", "more:foot")
                    .on("none");
        }

        /** The body's underside carries: 50 mm to either side, and its middle is 100 from both ends. */
        @Test
        void aBodyStandsOnItsUnderside() {
            Rigs rigs = with(Category.BRACKET, box(-20, -20, 0, 20, 20, 30), 1, Vec3.ZERO);
            Resting rest = Resting.of(rigs.resolve(), rigs.analysis().clearances(), new Vec3(0, 0, -100))
                    .orElseThrow();
            assertEquals(Ids.list("body"), rest.contacts());
            assertEquals(0, rest.leanDegrees(), 1e-6);
            assertEquals(50, rest.marginMm(), 0.1);
            verify(new SetDown()).given(rigs).holds();
        }

        /** Something 30 mm lower at the front: it leans back on its rear edge by atan(30 / (200 + 30)) = 7.4°. */
        @Test
        void aLowFrontLeansIt() {
            Rigs rigs = with(Category.LENS, box(-40, -80, 0, 40, 40, 30), 600, new Vec3(0, 0, 15));
            Resting rest = Resting.of(rigs.resolve(), rigs.analysis().clearances(), new Vec3(0, 0, -85))
                    .orElseThrow();
            assertEquals(Ids.list("body", "more"), rest.contacts());
            assertEquals(Math.toDegrees(Math.atan(30.0 / 200)), rest.leanDegrees(), 0.5);
            Finding finding = verify(new SetDown()).given(rigs).finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals("Put down, it rests on more", finding.title());
        }

        @Test
        void theSameOnAPlateIsNoHarm() {
            verify(new SetDown())
                    .given(with(Category.PLATE, box(-40, -80, 0, 40, 40, 30), 600, new Vec3(0, 0, 15)))
                    .holds();
        }

        /**
         * 3.9 kg far ahead of a short base: (4000 · −100 + 3900 · 90) / 7900 = −6.2, so 6.2 mm inside the front edge.
         */
        @Test
        void nearItsEdgeItTips() {
            Finding finding = verify(new SetDown())
                    .given(with(Category.BRACKET, box(-10, -10, 0, 10, 10, 100), 3900, new Vec3(0, 0, 90)))
                    .finds(Severity.CAUTION, 6.2, 15, Double.POSITIVE_INFINITY, "mm");
            assertTrue(finding.title().contains("tips"));
        }

        @Test
        void onLegsNobodyPutsItDown() {
            verify(new SetDown()).given(Bag.onHead()).looksAtNothing();
        }
    }

    @Nested
    class Sockets {
        /** A device on top whose socket is 40 to camera left; the source is 60 to camera right, 60 lower. */
        private Rigs device(double turn) {
            Freedom.Rotate free = new Freedom.Rotate("turn", Freedom.Axis.N, -180, 180, 0);
            ItemType body = part("body")
                    .marked("top", "thread-1-4", Role.B, new Vec3(0, 60, 0), Vec3.UP, "")
                    .plug("out", Socket.Direction.OUT, new Vec3(-60, 0, 0), new Vec3(-1, 0, 0))
                    .make();
            ItemType box = part("box")
                    .marked("foot", "thread-1-4", Role.A, Vec3.ZERO, DOWN, "", free)
                    .plug("in", Socket.Direction.IN, new Vec3(40, 0, 0), Vec3.LEFT)
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .with("box", box)
                    .join("j", "body:top", "box:foot")
                    .set("box:foot:0", turn)
                    .cable("k", Bag.cable("c", "1+ 2−", 0.05, 400), "body:out", "box:in")
                    .on("none");
        }

        /** As it is √(100² + 60²) = 116.6; turned round √(20² + 60²) = 63.2: 53.4 less, under the 60 asked for. */
        @Test
        void aSmallSavingIsNotWorthIt() {
            verify(new PortsTowards()).given(device(0)).holds();
        }

        @Test
        void aLargeOneIsANoteWithItsFix() {
            Rigs rigs = device(0).rule(wideharbor.core.brief.HouseRules.Rule.PORTS_TURN, 40);
            verify(new PortsTowards()).given(rigs).finds(Severity.NOTE, 53.37, Double.NEGATIVE_INFINITY, 40, "mm");
            verify(new PortsTowards()).given(rigs).isMendedBy("turn");
        }

        @Test
        void turnedItIsRight() {
            verify(new PortsTowards())
                    .given(device(180).rule(wideharbor.core.brief.HouseRules.Rule.PORTS_TURN, 40))
                    .holds();
        }
    }
}
