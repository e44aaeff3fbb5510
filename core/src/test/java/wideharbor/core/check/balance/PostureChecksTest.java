package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.DropTime;
import wideharbor.core.build.Command;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** A body of so many grams at a place, borne in each of the ways a rig is worn. */
class PostureChecksTest {
    static final double NONE = Double.NEGATIVE_INFINITY;

    static ItemType mass(double grams, Vec3 at) {
        return part("body")
                .weighs(grams, at)
                .face("base", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("front", Role.B, new Vec3(0, 0, 100), Vec3.FORWARD, Vec3.UP, 0, Port.Pins.NONE)
                .face("top", Role.B, new Vec3(0, 100, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
    }

    static Parts below(String id, Way way, Facet... more) {
        Parts parts = part(id).face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("datum", "datum", Role.EITHER, new Vec3(0, -50, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 30_000, 8, way));
        for (Facet facet : more) {
            parts = parts.facet(facet);
        }
        return parts;
    }

    static Rigs on(ItemType body, ItemType support) {
        return Rigs.rig()
                .with("body", body)
                .with("s", support)
                .join("j", "body:base", "s:top")
                .on("s");
    }

    @Nested
    class OnTheShoulder {
        private Rigs shoulder(double ahead, boolean grips) {
            ItemType grip = part("grip")
                    .is(wideharbor.core.catalog.Category.HANDLE)
                    .can(Capability.IS_HANDHOLD)
                    .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD.negated(), Vec3.UP, 2, Port.Pins.NONE)
                    .weighs(0, new Vec3(0, 0, 150))
                    .make();
            Rigs rigs = on(
                    mass(9400, new Vec3(0, 40, ahead)),
                    below("pad", Way.SHOULDER).make());
            return grips ? rigs.with("g", grip).join("k", "body:front", "g:foot") : rigs;
        }

        /** 9.4 kg, 60 ahead, grips 250 ahead: 22.1 N. */
        @Test
        void theForceAtTheGrips() {
            Finding finding =
                    verify(new ShoulderHold()).given(shoulder(60, true)).finds(Severity.CAUTION, 22.12, -15, 15, "N");
            assertEquals("Hands hold up 22.1 N", finding.title());
        }

        @Test
        void behindThePadTheyPullDown() {
            assertEquals(
                    "Hands pull down 22.1 N",
                    verify(new ShoulderHold())
                            .given(shoulder(-60, true))
                            .finds(Severity.CAUTION, -22.12, -15, 15, "N")
                            .title());
        }

        /** 120 ahead: 44.2 N, over the 40 that nobody holds. */
        @Test
        void tooMuchIsAStop() {
            verify(new ShoulderHold()).given(shoulder(120, true)).finds(Severity.STOP, 44.25, -40, 40, "N");
        }

        @Test
        void nothingToHoldIsAStop() {
            verify(new ShoulderHold()).given(shoulder(0, false)).finds(Severity.STOP, CheckState.FOUND);
        }

        private ItemType grip(String id, double left, double up, double ahead) {
            return part(id).is(wideharbor.core.catalog.Category.HANDLE)
                    .can(Capability.IS_HANDHOLD)
                    .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD.negated(), Vec3.UP, 2, Port.Pins.NONE)
                    .weighs(0, new Vec3(left, up, ahead))
                    .make();
        }

        /** A grip at 150 right and one at 250 left: two hands that push alike do it 200 ahead. 5.53 / 0.2 = 27.7 N. */
        @Test
        void twoHandsShareIt() {
            Rigs rigs = shoulder(60, true).with("h", grip("h", -80, 0, 50)).join("l", "body:front", "h:foot");
            assertEquals(
                    "Hands hold up 27.7 N",
                    verify(new ShoulderHold())
                            .given(rigs)
                            .finds(Severity.CAUTION, 27.65, -15, 15, "N")
                            .title());
        }

        /** A handle over the camera, farther ahead than the grips, takes no part. */
        @Test
        void aTopHandleIsNoGrip() {
            Rigs rigs = shoulder(60, true).with("h", grip("h", 0, 130, 300)).join("l", "body:front", "h:foot");
            verify(new ShoulderHold()).given(rigs).finds(Severity.CAUTION, 22.12, -15, 15, "N");
            Rigs alone = shoulder(60, false).with("h", grip("h", 0, 130, 300)).join("l", "body:front", "h:foot");
            verify(new ShoulderHold()).given(alone).finds(Severity.STOP, CheckState.FOUND);
        }

        @Test
        void overThePadItIsFine() {
            verify(new ShoulderHold()).given(shoulder(10, true)).holds();
        }

        /** 20 to camera left. */
        @Test
        void aLeanToOneSide() {
            Finding finding = verify(new Lateral())
                    .given(on(
                            mass(9400, new Vec3(20, 40, 0)),
                            below("pad", Way.SHOULDER).make()))
                    .finds(Severity.CAUTION, 20, -15, 15, "mm");
            assertEquals("20.0 mm heavy to the left", finding.title());
        }
    }

    @Nested
    class Hanging {
        private Rigs hung(double ahead, double hookOver) {
            ItemType hook = part("hook")
                    .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .port("datum", "datum", Role.EITHER, new Vec3(0, hookOver, 0), Vec3.UP, Vec3.FORWARD)
                    .facet(new SupportFacet.Support("datum", 0, 30_000, 15, Way.HANGS))
                    .make();
            return Rigs.rig()
                    .with("body", mass(8000, new Vec3(0, 20, ahead)))
                    .with("s", hook)
                    .join("j", "body:top", "s:foot")
                    .on("s");
        }

        /** Hook at 100 + 40 = 140, centre at 20: 120 below it. atan(12 / 120) = 5.7°. */
        @Test
        void itNosesDown() {
            assertEquals(
                    "Hangs 5.7° nose down",
                    verify(new HangTilt())
                            .given(hung(12, 40))
                            .finds(Severity.CAUTION, 5.71, -3, 3, "°")
                            .title());
        }

        /** The hook's foot slides along: 12 ahead it hangs level, told to the half millimetre. */
        @Test
        void aSlideBringsTheHookOverTheCentre() {
            ItemType hook = part("hook")
                    .moving(
                            "foot",
                            "thread-3-8",
                            Role.A,
                            Vec3.ZERO,
                            DOWN,
                            Vec3.FORWARD,
                            new Freedom.Slide("slide", Freedom.Axis.U, -40, 40, 0))
                    .port("datum", "datum", Role.EITHER, new Vec3(0, 40, 0), Vec3.UP, Vec3.FORWARD)
                    .facet(new SupportFacet.Support("datum", 0, 30_000, 15, Way.HANGS))
                    .make();
            Rigs rigs = Rigs.rig()
                    .with("body", mass(8000, new Vec3(0, 20, 12)))
                    .with("s", hook)
                    .join("j", "body:top", "s:foot")
                    .inKit(Bag.keys("hex 3/16 in"), 1)
                    .on("s");
            verify(new HangTilt()).given(rigs).finds(Severity.CAUTION, 5.71, -3, 3, "°");
            var fix = verify(new HangTilt()).given(rigs).isMendedBy("slide");
            assertEquals(1, fix.commands().size());
            assertEquals(12, Math.abs(((Command.Set) fix.commands().get(0).command()).value()), 1e-9);
        }

        /** Eight of the twelve that are wanted: as far as it goes, and that is not enough to hang level within 3°. */
        @Test
        void aSlideThatEndsTooSoonIsNoRemedy() {
            ItemType hook = part("hook")
                    .moving(
                            "foot",
                            "thread-3-8",
                            Role.A,
                            Vec3.ZERO,
                            DOWN,
                            Vec3.FORWARD,
                            new Freedom.Slide("slide", Freedom.Axis.U, -4, 4, 0))
                    .port("datum", "datum", Role.EITHER, new Vec3(0, 40, 0), Vec3.UP, Vec3.FORWARD)
                    .facet(new SupportFacet.Support("datum", 0, 30_000, 15, Way.HANGS))
                    .make();
            Rigs rigs = Rigs.rig()
                    .with("body", mass(8000, new Vec3(0, 20, 12)))
                    .with("s", hook)
                    .join("j", "body:top", "s:foot")
                    .inKit(Bag.keys("hex 3/16 in"), 1)
                    .on("s");
            assertEquals(java.util.List.of(), verify(new HangTilt()).given(rigs).fixes());
        }

        @Test
        void underTheHookItHangsLevel() {
            verify(new HangTilt()).given(hung(0, 40)).holds();
        }

        /** Hook at 100 − 90 = 10, centre at 20: 10 above it. */
        @Test
        void hookedTooLowItTurnsOver() {
            verify(new HangTilt()).given(hung(0, -90)).finds(Severity.STOP, 10, NONE, 0, "mm");
        }

        @Test
        void onAHeadNothingHangs() {
            verify(new HangTilt())
                    .given(on(mass(8000, Vec3.ZERO), below("head", Way.TILTS).make()))
                    .looksAtNothing();
        }
    }

    @Nested
    class OnFeet {
        /** Feet on a circle of 480, so 240 to an edge; legs reach 1000 down; 10 kg at 360 over their top. */
        private Rigs legs(double ahead) {
            ItemType legs = part("legs")
                    .is(wideharbor.core.catalog.Category.LEGS)
                    .weighs(1, new Vec3(0, 360, ahead))
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .shaped(new Shape.Cylinder(Vec3.ZERO, new Vec3(0, -1000, 0), 20, Shape.Use.SOLID))
                    .facet(new SupportFacet.Feet(480, 3))
                    .make();
            return Rigs.rig()
                    .with("body", mass(10_000, new Vec3(0, 360, ahead)))
                    .with("l", legs)
                    .join("j", "body:base", "l:top")
                    .on("none");
        }

        /** atan(240 / 1360) = 10.01°. */
        @Test
        void justWithinTheHousesSlope() {
            verify(new Tipping()).given(legs(0)).holds();
        }

        /** 100 behind, where an edge is: atan(140 / 1360) = 5.88°; 100 ahead, towards a foot: atan(190 / 1360). */
        @Test
        void offItsMiddleItTipsSooner() {
            verify(new Tipping()).given(legs(-100)).finds(Severity.STOP, 5.88, 10, Double.POSITIVE_INFINITY, "°");
            verify(new Tipping()).given(legs(100)).finds(Severity.STOP, 7.95, 10, Double.POSITIVE_INFINITY, "°");
        }
    }

    @Nested
    class OnAHeadThatTilts {
        /** 20 kg, 200 over the axis, on a head over feet that leave so much; the floor is 300 under the axis. */
        private Rigs hiHat(double radius) {
            ItemType feet = part("feet")
                    .weighs(1, Vec3.ZERO)
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .shaped(new Shape.Cylinder(Vec3.ZERO, new Vec3(0, -200, 0), 20, Shape.Use.SOLID))
                    .facet(new SupportFacet.Feet(radius, 8))
                    .make();
            ItemType head = below("head", Way.TILTS)
                    .weighs(1, Vec3.ZERO)
                    .face("bowl", Role.B, new Vec3(0, -150, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .make();
            return on(mass(20_000, new Vec3(0, 150, 0)), head)
                    .with("feet", feet)
                    .join("f", "s:bowl", "feet:top");
        }

        /**
         * Level 185 to an edge, 500 up: 20.3°. At 60° it is 173 out and 400 up: 11.5 are left, atan(11.6/400) = 1.7°.
         */
        @Test
        void levelItStandsAndTiltedItDoesNot() {
            Finding finding = verify(new Tipping())
                    .given(hiHat(200))
                    .finds(Severity.STOP, 1.66, 5, Double.POSITIVE_INFINITY, "°");
            assertEquals("tilted", finding.key().aspect());
            assertTrue(finding.title().contains("tilted 60.0° nose"), finding.title());
        }

        @Test
        void onAWiderBoardItStands() {
            verify(new Tipping()).given(hiHat(300)).holds();
        }

        /** On one foot there is nothing between the centre and the edge. */
        @Test
        void oneFootHasNoMargin() {
            ItemType pole = part("pole")
                    .weighs(1, Vec3.ZERO)
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .shaped(new Shape.Cylinder(Vec3.ZERO, new Vec3(0, -1000, 0), 20, Shape.Use.SOLID))
                    .facet(new SupportFacet.Feet(200, 1))
                    .make();
            verify(new Tipping())
                    .given(Rigs.rig()
                            .with("body", mass(5000, new Vec3(0, 100, 0)))
                            .with("p", pole)
                            .join("j", "body:base", "p:top")
                            .on("none"))
                    .finds(Severity.STOP, 0, 10, Double.POSITIVE_INFINITY, "°");
        }
    }

    @Nested
    class Rods {
        /** A box of 600 g at 200; the bridge holds to 50 + 50 = 100 of the rods: 100 free. 2.94 N a rod: 0.008 mm. */
        @Test
        void aLightBoxDoesNotBendThem() {
            verify(CheckEngine.standard().require("rods.sag"))
                    .given(Bag.onRods(300))
                    .holds();
        }

        @Test
        void aStricterHouseSeesIt() {
            verify(CheckEngine.standard().require("rods.sag"))
                    .given(Bag.onRods(300)
                            .rule(wideharbor.core.brief.HouseRules.Rule.ROD_SAG, 0.05)
                            .set("box:rods:0", 290))
                    .finds(Severity.CAUTION, CheckState.FOUND);
        }
    }

    @Nested
    class OnAPost {
        /** The pivot is at the top of the base; the body's mass so far below and ahead of it. */
        private Rigs post(double below, double ahead) {
            return on(mass(3000, new Vec3(0, -below, ahead)), post().make());
        }

        private Parts post() {
            return part("post")
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .port("datum", "datum", Role.EITHER, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                    .facet(new SupportFacet.Support("datum", 0, 30_000, 2, Way.PIVOT))
                    .facet(new SupportFacet.Pivot(4, 16));
        }

        @Test
        void hangsALittleBelow() {
            verify(new PivotDrop()).given(post(10, 1)).holds();
        }

        /** One mass is a pendulum as long as its drop: 1.8541 · √(0.010 / 9.80665) = 0.0592 s. */
        @Test
        void dropsAsAPendulumDoes() {
            assertEquals(
                    0.0592,
                    DropTime.of(post(10, 0).analysis()).orElseThrow().seconds().value(),
                    1e-4);
            assertTrue(DropTime.of(post(-10, 0).analysis()).isEmpty(), "it does not hang");
        }

        /**
         * Weights of 1.5 kg 200 mm over and 220 mm under the pivot: I 0.1326 kg·m², drop 10: 1.8541 · √(0.1326 / 0.294)
         * = 1.25 s.
         */
        @Test
        void weightsFarApartMakeItSlow() {
            ItemType foot = post().weighs(1500, new Vec3(0, -220, 0)).make();
            assertEquals(
                    1.245,
                    DropTime.of(on(mass(1500, new Vec3(0, 200, 0)), foot).analysis())
                            .orElseThrow()
                            .seconds()
                            .value(),
                    2e-3);
        }

        @Test
        void topplesAboveAndSwingsFarBelow() {
            assertEquals(
                    "Topples: 2.0 mm below the pivot",
                    verify(new PivotDrop())
                            .given(post(2, 0))
                            .finds(Severity.STOP, 2, 4, 16, "mm")
                            .title());
            assertEquals(
                    "Swings: 30.0 mm below the pivot",
                    verify(new PivotDrop())
                            .given(post(30, 0))
                            .finds(Severity.STOP, 30, 4, 16, "mm")
                            .title());
        }

        /** 10 below and 5 ahead: atan(5 / 10) = 26.6°. */
        @Test
        void leansWhereItIsNotUnderThePivot() {
            Finding finding = verify(new PivotDrop()).given(post(10, 5)).finds(Severity.CAUTION, 5, -2, 2, "mm");
            assertEquals("Leans 26.6° nose down", finding.title());
        }
    }
}
