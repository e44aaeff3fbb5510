package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.HeadMoment;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Span;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Legs that are spread one by one, and heads that go so far and no farther. */
class LegsAndHeadsTest {
    private static final double ALL = Double.POSITIVE_INFINITY;

    @Nested
    class SpreadLegs {
        /**
         * A leg hangs from the middle, 1000 long, and swings out ahead or behind about the axis to the left; the second
         * and third stand still, 240 behind, 300 to each side.
         */
        private Rigs legs(double frontDegrees) {
            Parts legs = part("legs")
                    .is(Category.LEGS)
                    .link(
                            "main",
                            1,
                            Vec3.ZERO,
                            new Shape.Cylinder(Vec3.ZERO, new Vec3(0, -1000, 0), 5, Shape.Use.SOLID))
                    .link("front", 1, Vec3.ZERO)
                    .hinge(
                            "spread",
                            "main",
                            "front",
                            Vec3.ZERO,
                            new Freedom.Rotate("spread", Freedom.Axis.R, -80, 0, 0))
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .facet(new SupportFacet.SpreadFeet(List.of(
                            new SupportFacet.Foot("front", new Vec3(0, -1000, 0)),
                            new SupportFacet.Foot("main", new Vec3(300, -1000, -240)),
                            new SupportFacet.Foot("main", new Vec3(-300, -1000, -240)))));
            return Rigs.rig()
                    .with("body", PostureChecksTest.mass(10_000, new Vec3(0, 360, 0)))
                    .with("l", legs.make())
                    .join("j", "body:base", "l:top")
                    .set("l:spread:0", frontDegrees)
                    .on("none");
        }

        /**
         * Spread by 30° the front foot is 500 ahead: its sides are 500·300/√(300² + 740²) = 187.85 from the middle, the
         * rear 240; atan(187.85 / 1360) = 7.86°.
         */
        @Test
        void aFootOnItsLegMakesTheEdge() {
            verify(new Tipping()).given(legs(-30)).finds(Severity.STOP, 7.864, 10, ALL, "°");
        }

        /**
         * By 60° it is 866 ahead, 866·300/√(300² + 1106²) = 226.7 to its sides: atan(226.7 / 1360) = 9.46°. By 80°, 985
         * ahead, 985·300/√(300² + 1225²) = 234.3: 9.775°.
         */
        @Test
        void spreadWiderItStandsFirmer() {
            verify(new Tipping()).given(legs(-60)).finds(Severity.STOP, 9.46, 10, ALL, "°");
            verify(new Tipping()).given(legs(-80)).finds(Severity.STOP, 9.775, 10, ALL, "°");
        }

        /** Straight down it is where the middle is: nothing is left towards it. */
        @Test
        void tuckedInNothingIsLeft() {
            verify(new Tipping()).given(legs(0)).finds(Severity.STOP, 0, 10, ALL, "°");
        }

        @Test
        void aFootOnALegThatIsNotThereIsRefused() {
            Parts legs = part("legs")
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .facet(new SupportFacet.SpreadFeet(List.of(new SupportFacet.Foot("fourth", Vec3.ZERO))));
            String said =
                    assertThrows(IllegalArgumentException.class, legs::make).getMessage();
            assertTrue(said.contains("fourth"), said);
        }

        /** Two stand along a line, whatever else they carry. */
        @Test
        void twoFeetHaveNoMarginAcross() {
            Parts legs = part("legs")
                    .weighs(1, Vec3.ZERO)
                    .shaped(new Shape.Cylinder(Vec3.ZERO, new Vec3(0, -1000, 0), 5, Shape.Use.SOLID))
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .facet(new SupportFacet.SpreadFeet(List.of(
                            new SupportFacet.Foot("main", new Vec3(0, -1000, 900)),
                            new SupportFacet.Foot("main", new Vec3(0, -1000, -900)))));
            verify(new Tipping())
                    .given(Rigs.rig()
                            .with("body", PostureChecksTest.mass(10_000, new Vec3(0, 360, 0)))
                            .with("l", legs.make())
                            .join("j", "body:base", "l:top")
                            .on("none"))
                    .finds(Severity.STOP, 0, 10, ALL, "°");
        }
    }

    @Nested
    class AHeadWithItsOwnTilt {
        /** Its hinge drawn so that more degrees are nose down, or, the other way round, nose up. */
        private Parts head(double from, double to, Freedom.Axis axis) {
            List<Port> ports = new ArrayList<>(part("plain")
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .make()
                    .ports());
            return part("head")
                    .link("main", 1, Vec3.ZERO)
                    .link("plate", 1, Vec3.ZERO)
                    .hinge("tilt", "main", "plate", new Vec3(0, -50, 0), new Freedom.Rotate("tilt", axis, from, to, 0))
                    .port(PortBuilder.builder(ports.get(0))
                            .link("plate")
                            .at(new Vec3(0, 50, 0))
                            .build())
                    .port("datum", "datum", Role.EITHER, new Vec3(0, -50, 0), Vec3.UP, Vec3.FORWARD)
                    .face("bowl", Role.B, new Vec3(0, -150, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .facet(new SupportFacet.Support("datum", 0, 30_000, 8, Way.TILTS, "plate"));
        }

        private Rigs onABoard(Parts head) {
            Parts feet = part("feet")
                    .weighs(1, Vec3.ZERO)
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .shaped(new Shape.Cylinder(Vec3.ZERO, new Vec3(0, -200, 0), 20, Shape.Use.SOLID))
                    .facet(new SupportFacet.Feet(200, 8));
            return PostureChecksTest.on(PostureChecksTest.mass(20_000, new Vec3(0, 150, 0)), head.make())
                    .with("feet", feet.make())
                    .join("f", "s:bowl", "feet:top");
        }

        /** As far as the house expects, 60°, it would tip at 1.66; it goes no farther than 20: 13.5° are left. */
        @Test
        void itIsJudgedNoFartherThanItGoes() {
            verify(new Tipping()).given(onABoard(head(-20, 20, Freedom.Axis.R))).holds();
            Finding finding = verify(new Tipping())
                    .given(onABoard(head(-20, 90, Freedom.Axis.R)))
                    .finds(Severity.STOP, 1.66, 5, ALL, "°");
            assertTrue(finding.title().contains("60.0° nose down"), finding.title());
        }

        @Test
        void whichWayIsDownIsToldByTheHinge() {
            Rigs rigs = onABoard(head(-20, 90, Freedom.Axis.R));
            assertEquals(
                    new Span(-20, 60),
                    HeadMoment.tilt(
                            rigs.analysis(), rigs.analysis().rig().require(wideharbor.core.id.PlacementId.of("s"))));
        }

        /** It is worked in the shot: no setting, and none is taken. */
        @Test
        void itIsNotSet() {
            Rigs rigs = onABoard(head(-20, 20, Freedom.Axis.R));
            assertTrue(rigs.analysis().rig().motions().stream()
                    .noneMatch(m -> m.key().port().equals("tilt")));
            String said = assertThrows(
                            IllegalArgumentException.class,
                            () -> onABoard(head(-20, 20, Freedom.Axis.R))
                                    .set("s:tilt:0", 10)
                                    .analysis())
                    .getMessage();
            assertTrue(said.contains("worked in the shot"), said);
        }
    }
}
