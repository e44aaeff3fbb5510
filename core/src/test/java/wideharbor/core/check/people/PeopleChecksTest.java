package wideharbor.core.check.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.Brief.Crew.Side;
import wideharbor.core.brief.Profile;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.people.Operator;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Rigs;

/** A box of a body on a pad whose datum is the rig's origin: left, up and ahead of the shoulder are x, y and z. */
class PeopleChecksTest {
    private static Shape box(Vec3 min, Vec3 max, Shape.Use use) {
        return new Shape.Box(min, max, use);
    }

    private static ItemType body() {
        return part("body")
                .is(Category.BODY)
                .weighs(3000, new Vec3(0, 60, 0))
                .shaped(box(new Vec3(-50, 20, -60), new Vec3(50, 120, 60), Shape.Use.SOLID))
                .face("base", Role.B, new Vec3(0, 20, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("left", Role.B, new Vec3(50, 60, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .face("right", Role.B, new Vec3(-50, 60, 0), RIGHT, Vec3.UP, 0, Port.Pins.NONE)
                .make();
    }

    private static ItemType pad(Vec3 cutOut) {
        return part("pad")
                .is(Category.SHOULDER)
                .can(Capability.SHOULDERS)
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("datum", "datum", Role.EITHER, new Vec3(0, -20, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 20_000, 30, SupportFacet.Support.Way.SHOULDER))
                .facet(new SupportFacet.Pad(cutOut))
                .make();
    }

    private static Brief.Crew crew(Side shoulder, Side eye, Profile profile) {
        return new Brief.Crew("Ines Varga", shoulder, eye, "", "", profile);
    }

    private static Profile tall(double heightMm) {
        return new Profile(
                Optional.of(heightMm).filter(h -> h > 0), Side.RIGHT, Profile.Screen.ANY, Profile.Grips.ANY, "");
    }

    private static Rigs shouldered(Vec3 cutOut) {
        return Rigs.rig()
                .with("body", body())
                .with("pad", pad(cutOut))
                .join("j-pad", "body:base", "pad:top")
                .on("pad");
    }

    /** A grip or a screen on a side of the body, with its middle so far from that face. */
    private static ItemType held(String id, Category category, Vec3 middle, Capability... can) {
        var made = part(id).is(category)
                .weighs(200, middle)
                .shaped(box(middle.plus(new Vec3(-15, -15, -15)), middle.plus(new Vec3(15, 15, 15)), Shape.Use.SOLID))
                .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, 2, Port.Pins.NONE);
        for (Capability c : can) {
            made = made.can(c);
        }
        return made.make();
    }

    @Nested
    class Pad {
        @Test
        void theNeckIsOnTheLeftOfTheRightShoulder() {
            verify(new PadSide()).given(shouldered(Vec3.LEFT)).holds();
        }

        @Test
        void onTheOtherShoulderTheSamePadIsTheWrongWayRound() {
            Rigs rigs = shouldered(Vec3.LEFT).crew(crew(Side.LEFT, Side.LEFT, Profile.UNASKED));
            Finding finding = verify(new PadSide()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
            assertTrue(finding.why().contains("left shoulder of Ines Varga"), finding.why());
        }

        @Test
        void aMirroredPadMendsIt() {
            ItemType other = part("pad-l")
                    .is(Category.SHOULDER)
                    .can(Capability.SHOULDERS)
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .port("datum", "datum", Role.EITHER, new Vec3(0, -20, 0), Vec3.UP, Vec3.FORWARD)
                    .facet(new SupportFacet.Support("datum", 0, 20_000, 30, SupportFacet.Support.Way.SHOULDER))
                    .facet(new SupportFacet.Pad(RIGHT))
                    .make();
            Rigs rigs = shouldered(Vec3.LEFT).knows(other).crew(crew(Side.LEFT, Side.LEFT, Profile.UNASKED));
            assertEquals(
                    "pad-l in place of pad",
                    verify(new PadSide()).given(rigs).isMendedBy("other").title());
        }

        @Test
        void nothingIsAskedOfARigThatLiesOnNoShoulder() {
            verify(new PadSide())
                    .given(Rigs.rig().with("body", body()).on("none"))
                    .looksAtNothing();
        }
    }

    @Nested
    class Finder {
        /** 1800 tall, right shoulder, right eye: 0.065·1800 − 32 = 85 left, 0.118·1800 = 212.4 up, 90 ahead. */
        @Test
        void theEyeFollowsFromTheHeight() {
            Vec3 eye = Operator.eyeFromPad(crew(Side.RIGHT, Side.RIGHT, tall(1800)))
                    .orElseThrow();
            assertEquals(85, eye.x(), 1e-9);
            assertEquals(212.4, eye.y(), 1e-9);
            assertEquals(90, eye.z(), 1e-9);
            assertEquals(
                    149,
                    Operator.eyeFromPad(crew(Side.RIGHT, Side.LEFT, tall(1800)))
                            .orElseThrow()
                            .x(),
                    1e-9);
            assertEquals(
                    -85,
                    Operator.eyeFromPad(crew(Side.LEFT, Side.LEFT, tall(1800)))
                            .orElseThrow()
                            .x(),
                    1e-9);
        }

        /** The datum is at y 0; the face at x 50, y 60. Its eyepiece keeps a cube of 20 for the eye. */
        private Rigs at(Vec3 fromFace, double height) {
            ItemType finder = part("finder")
                    .is(Category.VIEWFINDER)
                    .weighs(300, Vec3.ZERO)
                    .can(Capability.FINDS_PICTURE)
                    .shaped(box(
                            fromFace.plus(new Vec3(-10, -10, -10)), fromFace.plus(new Vec3(10, 10, 10)), Shape.Use.EYE))
                    .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .make();
            return shouldered(Vec3.LEFT)
                    .with("finder", finder)
                    .join("j-finder", "body:left", "finder:foot")
                    .crew(crew(Side.RIGHT, Side.RIGHT, tall(height)));
        }

        /** 50 + 35, 60 + 152.4, 90: where the eye is. */
        @Test
        void isWhereTheEyeIs() {
            verify(new FinderAtEye()).given(at(new Vec3(35, 152.4, 90), 1800)).holds();
        }

        /** 120 further back: 120 from the eye, 80 is what a neck gives. */
        @Test
        void tooFarBackIsToldWithTheWayToGo() {
            Finding finding = verify(new FinderAtEye())
                    .given(at(new Vec3(35, 152.4, -30), 1800))
                    .finds(Severity.CAUTION, 120, Double.NEGATIVE_INFINITY, 80, "mm");
            assertTrue(finding.why().contains("move it forward 120."), finding.why());
        }

        @Test
        void nobodyIsMeasuredUnasked() {
            verify(new FinderAtEye()).given(at(new Vec3(35, 152.4, -30), 0)).looksAtNothing();
        }
    }

    @Nested
    class Grips {
        private Rigs with(Profile.Grips asked, Vec3 middle) {
            return shouldered(Vec3.LEFT)
                    .with("grip", held("grip", Category.HANDLE, middle, Capability.IS_HANDHOLD))
                    .join("j-grip", "body:left", "grip:foot")
                    .crew(crew(
                            Side.RIGHT,
                            Side.RIGHT,
                            new Profile(Optional.empty(), Side.RIGHT, Profile.Screen.ANY, asked, "Long takes.")));
        }

        @Test
        void oneOnEachSideIsAskedAndOneIsThere() {
            Finding finding = verify(new GripsAsked())
                    .given(with(Profile.Grips.BOTH, new Vec3(30, 0, 120)))
                    .finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals("No grip on the right", finding.title());
            assertTrue(finding.why().endsWith("Long takes."), finding.why());
            verify(new GripsAsked())
                    .given(with(Profile.Grips.LEFT, new Vec3(30, 0, 120)))
                    .holds();
        }

        /** The left face is at 50: to 40 off the middle one grip serves both hands; ahead is more than 60. */
        @ParameterizedTest
        @CsvSource({
            "BOTH, 30, 120, 'No grip on the right'",
            "BOTH, -9, 120, 'No grip on the right'",
            "BOTH, -10, 120, ''",
            "BOTH, -90, 120, ''",
            "BOTH, -91, 120, 'No grip on the left'",
            "BOTH, 30, 60, 'No grip on the left, No grip on the right'",
            "BOTH, 30, 61, 'No grip on the right'",
            "LEFT, 30, 120, ''",
            "LEFT, -91, 120, 'No grip on the left'",
            "RIGHT, 30, 120, 'No grip on the right'",
            "RIGHT, -91, 120, ''",
            "ANY, -91, 30, ''"
        })
        void whichHandHasAGrip(Profile.Grips asked, double aside, double ahead, String says) {
            Report report = verify(new GripsAsked())
                    .given(with(asked, new Vec3(aside, 0, ahead)))
                    .report();
            assertEquals(says, report.findings().stream().map(Finding::title).collect(Collectors.joining(", ")));
        }

        /** 80 left, 60 up, 700 ahead of the shoulder: √(80² + 60² + 700²) = 707.1. */
        @Test
        void anArmReachesIt() {
            verify(new GripsAsked())
                    .given(with(Profile.Grips.ANY, new Vec3(30, 0, 700)))
                    .finds(Severity.CAUTION, 707.107, Double.NEGATIVE_INFINITY, 620, "mm");
        }
    }

    @Nested
    class Screens {
        private Rigs screen(String face, Profile.Screen wanted) {
            return shouldered(Vec3.LEFT)
                    .with("screen", held("screen", Category.MONITOR, new Vec3(60, 0, 0), Capability.SHOWS_PICTURE))
                    .join("j-screen", "body:" + face, "screen:foot")
                    .crew(crew(
                            Side.RIGHT,
                            Side.RIGHT,
                            new Profile(Optional.empty(), Side.RIGHT, wanted, Profile.Grips.ANY, "")));
        }

        @Test
        void theScreenIsOnTheSideWhereTheOperatorLooks() {
            verify(new ScreenSide()).given(screen("left", Profile.Screen.LEFT)).holds();
            Finding finding = verify(new ScreenSide())
                    .given(screen("right", Profile.Screen.LEFT))
                    .finds(Severity.CAUTION, CheckState.FOUND);
            assertEquals("screen is on the other side of Ines Varga", finding.title());
            verify(new ScreenSide()).given(screen("right", Profile.Screen.ANY)).looksAtNothing();
        }
    }

    @Nested
    class Holding {
        /** A bare box on a pad: the pad is firm; from left, right, above and behind only the body is met. */
        @Test
        void aBareBodyHasNothingToHoldByButItsGrips() {
            var findings = verify(new GrabPoints())
                    .given(shouldered(Vec3.LEFT))
                    .report()
                    .findings();
            assertEquals(4, findings.size());
            assertEquals("Nothing safe to hold from above", findings.get(0).title());
            var with = verify(new GrabPoints())
                    .given(shouldered(Vec3.LEFT)
                            .with("grip", held("grip", Category.HANDLE, new Vec3(30, 0, 0), Capability.IS_HANDHOLD))
                            .join("j-grip", "body:left", "grip:foot"))
                    .report()
                    .findings();
            assertTrue(with.stream().noneMatch(f -> f.title().endsWith("the left")), with.toString());
        }

        /** A handle 90 over the axis is taken from above, not from the left. */
        @Test
        void aTopHandleIsNoSideGrip() {
            List<String> titles = verify(new GrabPoints())
                    .given(shouldered(Vec3.LEFT)
                            .with("top", held("top", Category.HANDLE, new Vec3(30, 30, 0), Capability.IS_HANDHOLD))
                            .join("j-top", "body:left", "top:foot"))
                    .report()
                    .findings()
                    .stream()
                    .map(Finding::title)
                    .toList();
            assertTrue(titles.contains("Nothing safe to hold from the left"), titles::toString);
        }

        /** A battery 20 before the grip: the hand meets the battery. */
        @Test
        void whatHidesBehindACellIsNotInReach() {
            ItemType cell = part("cell")
                    .is(Category.BATTERY)
                    .weighs(900, new Vec3(80, 0, 0))
                    .shaped(box(new Vec3(65, -60, -60), new Vec3(110, 60, 60), Shape.Use.SOLID))
                    .face("foot", Role.A, new Vec3(0, 0, 40), RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                    .make();
            ItemType body = part("body")
                    .is(Category.BODY)
                    .weighs(3000, new Vec3(0, 60, 0))
                    .shaped(box(new Vec3(-50, 20, -60), new Vec3(50, 120, 60), Shape.Use.SOLID))
                    .face("base", Role.B, new Vec3(0, 20, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .face("left", Role.B, new Vec3(50, 60, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                    .face("low", Role.B, new Vec3(50, 60, 40), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                    .make();
            Rigs rigs = Rigs.rig()
                    .with("body", body)
                    .with("pad", pad(Vec3.LEFT))
                    .join("j-pad", "body:base", "pad:top")
                    .on("pad")
                    .with("grip", held("grip", Category.HANDLE, new Vec3(30, 0, 0), Capability.IS_HANDHOLD))
                    .join("j-grip", "body:left", "grip:foot")
                    .with("cell", cell)
                    .join("j-cell", "body:low", "cell:foot");
            Finding left = verify(new GrabPoints()).given(rigs).report().findings().stream()
                    .filter(f -> f.title().endsWith("the left"))
                    .findFirst()
                    .orElseThrow();
            assertTrue(
                    left.evidence().toString().contains("cell"), left.evidence().toString());
        }
    }
}
