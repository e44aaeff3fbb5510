package wideharbor.core.check.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Shape.Use;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class AccessChecksTest {
    static Shape box(double x0, double y0, double z0, double x1, double y1, double z1, Use use) {
        return new Shape.Box(new Vec3(x0, y0, z0), new Vec3(x1, y1, z1), use);
    }

    /** A body 200 wide with two holes on top, 160 apart; parts of the given half-width stand on them. */
    static Rigs two(double half, Shape... more) {
        Parts body = part("body")
                .shaped(box(-100, -50, -50, 100, 0, 50, Use.SOLID))
                .face("left", Role.B, new Vec3(80, 0, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("right", Role.B, new Vec3(-80, 0, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE);
        for (Shape shape : more) {
            body.shaped(shape);
        }
        return Rigs.rig()
                .with("body", body.make())
                .with("a", block("a", half))
                .with("b", block("b", half))
                .join("ja", "body:left", "a:foot")
                .join("jb", "body:right", "b:foot")
                .on("none");
    }

    private static ItemType block(String id, double half) {
        Port foot = PortBuilder.builder()
                .id("foot")
                .title("foot")
                .standard("thread-3-8")
                .role(Role.A)
                .link("main")
                .at(Vec3.ZERO)
                .normal(DOWN)
                .up(Vec3.FORWARD)
                .freedoms(List.of(new Freedom.Slide("slide", Freedom.Axis.R, -60, 60, 0)))
                .build();
        return part(id).shaped(box(-half, 0, -20, half, 60, 20, Use.SOLID))
                .port(foot)
                .make();
    }

    @Nested
    class InTheSamePlace {
        /** Each 85 to its side of middles 160 apart: 170 − 160 = 10 deep. */
        @Test
        void twoPartsOverlap() {
            Finding finding = verify(new Interference())
                    .given(two(85))
                    .finds(Severity.STOP, 10, Double.NEGATIVE_INFINITY, 1, "mm");
            assertEquals("a runs 10.0 mm into b", finding.title());
        }

        @Test
        void touchingIsFine() {
            verify(new Interference()).given(two(80)).holds();
        }

        /** Moving one along its slide clears it and adds no stop. */
        @Test
        void aSlideBringsThemApart() {
            assertTrue(verify(new Interference())
                    .given(two(85))
                    .isMendedBy("nudge")
                    .title()
                    .startsWith("Slide a 11.0 mm"));
        }

        /** A joined part may sink into its seat near the joint, but not run into the body elsewhere. */
        @Test
        void joinedPartsAreExcusedOnlyAtTheJoint() {
            ItemType body = part("body")
                    .shaped(box(-100, -50, -100, 100, 0, 100, Use.SOLID))
                    .face("top", Role.B, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .make();
            Parts sunk = part("seat")
                    .shaped(box(-20, -5, -20, 20, 40, 20, Use.SOLID))
                    .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE);
            verify(new Interference())
                    .given(Rigs.rig()
                            .with("body", body)
                            .with("seat", sunk.make())
                            .join("j", "body:top", "seat:foot")
                            .on("none"))
                    .holds();
            ItemType tail = part("seat")
                    .shaped(box(-20, -5, -20, 20, 40, 20, Use.SOLID))
                    .shaped(box(-5, -12, 60, 5, 20, 90, Use.SOLID))
                    .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .make();
            verify(new Interference())
                    .given(Rigs.rig()
                            .with("body", body)
                            .with("seat", tail)
                            .join("j", "body:top", "seat:foot")
                            .on("none"))
                    .finds(Severity.STOP, 12, Double.NEGATIVE_INFINITY, 1, "mm");
        }
    }

    @Nested
    class Rooms {
        private Check room(String id) {
            return KeptRoom.all().stream()
                    .filter(c -> c.card().id().equals("access." + id))
                    .findFirst()
                    .orElseThrow();
        }

        /** The card door swings up to x 40; a reaches from 80 − 50 = 30: its side stands 10 in it. */
        @Test
        void aPartInTheSwingOfTheCardDoorIsAStop() {
            Finding finding = verify(room("card-door"))
                    .given(two(50, box(-40, 10, -18, 40, 40, 18, Use.CARD_DOOR)))
                    .report()
                    .findings()
                    .get(0);
            assertEquals(Severity.STOP, finding.severity());
            assertEquals("a stands 10.0 mm in the room for the card door", finding.title());
        }

        @Test
        void aVentIsACaution() {
            Finding finding = verify(room("vent"))
                    .given(two(50, box(-40, 10, -18, 40, 40, 18, Use.VENT)))
                    .report()
                    .findings()
                    .get(0);
            assertEquals(Severity.CAUTION, finding.severity());
        }

        @Test
        void freeRoomIsFineAndNoRoomIsNotLookedAt() {
            verify(room("card-door"))
                    .given(two(30, box(-40, 10, -18, 40, 40, 18, Use.CARD_DOOR)))
                    .holds();
            verify(room("vent"))
                    .given(two(30, box(-40, 10, -18, 40, 40, 18, Use.CARD_DOOR)))
                    .looksAtNothing();
        }

        /** The plate's room before its studs is where the battery stands; what else stands there is in the way. */
        @Test
        void aBatteryIsNotInItsOwnWay() {
            ItemType plate = part("plate")
                    .shaped(box(-40, 10, -60, 40, 80, 0, Use.BATTERY_PATH))
                    .port("studs", "v-mount", Role.B, Vec3.ZERO, Parts.BACK, Vec3.UP)
                    .port("side", "flat-base", Role.B, new Vec3(60, 0, -30), Vec3.UP, Vec3.FORWARD)
                    .make();
            ItemType battery = part("battery")
                    .shaped(box(-40, -60, 0, 40, 60, 50, Use.SOLID))
                    .port("plug", "v-mount", Role.A, Vec3.ZERO, Parts.BACK, Vec3.UP)
                    .make();
            ItemType box = part("box")
                    .shaped(box(-60, 0, -20, -30, 70, 20, Use.SOLID))
                    .port("foot", "flat-base", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                    .make();
            Rigs alone = Rigs.rig()
                    .with("plate", plate)
                    .with("battery", battery)
                    .join("j", "plate:studs", "battery:plug")
                    .on("none");
            verify(room("battery-path")).given(alone).holds();
            Finding finding = verify(room("battery-path"))
                    .given(alone.with("box", box).join("k", "plate:side", "box:foot"))
                    .finds(Severity.STOP, CheckState.FOUND);
            assertTrue(finding.title().startsWith("box stands"), finding.title());
        }

        @Test
        void everyRoomHasItsOwnIdAndReason() {
            assertEquals(
                    Use.values().length - 1,
                    KeptRoom.all().stream().map(c -> c.card().id()).distinct().count());
        }
    }

    @Nested
    class Plugs {
        private Rigs plugged(double wallAt) {
            ItemType body = part("body")
                    .shaped(box(-20, -20, -20, 20, 20, 20, Use.SOLID))
                    .port(Parts.plain("top", "flat-base", Role.B, new Vec3(0, 20, 0), Vec3.UP, Vec3.FORWARD))
                    .plug("out", Socket.Direction.OUT, new Vec3(20, 0, 0), Vec3.LEFT)
                    .make();
            ItemType wall = part("wall")
                    .shaped(box(wallAt, -60, -20, wallAt + 10, 0, 20, Use.SOLID))
                    .shaped(box(-10, 0, -10, 10, 8, 10, Use.SOLID))
                    .port(Parts.plain("foot", "flat-base", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD))
                    .plug("in", Socket.Direction.IN, new Vec3(0, 8, 0), Vec3.UP)
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .with("wall", wall)
                    .join("j", "body:top", "wall:foot")
                    .cable("k", Bag.cable("lead", "1+ 2−", 0.1, 300), "body:out", "wall:in")
                    .on("none");
        }

        /** A straight plug takes 45 mm before the socket at x 20; a wall at 50 leaves 30. */
        @Test
        void aStraightPlugNeedsItsLength() {
            verify(new PlugRoom()).given(plugged(50)).finds(Severity.CAUTION, CheckState.FOUND);
            verify(new PlugRoom()).given(plugged(70)).holds();
        }
    }

    @Nested
    class Microphones {
        /** Window 28 × 18 with 50 mm: half-slopes 0.28 and 0.18. The lens ends at z 100. */
        private Rigs mic(Vec3 capsule, Vec3 axis) {
            ItemType body = part("body")
                    .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                    .face("top", Role.B, new Vec3(0, 60, -60), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .facet(new OpticalFacet.Camera("mount", 6, new OpticalFacet.Camera.Window(28, 18)))
                    .make();
            ItemType mic = part("mic")
                    .face("foot", Role.A, new Vec3(0, 60, -60), DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .facet(new OpticalFacet.Microphone(capsule, axis))
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .with("mic", mic)
                    .join("j", "body:top", "mic:foot")
                    .lens("l", Bag.lens("lens", 1000, 50, 100), "body:mount", "mount")
                    .on("none");
        }

        /** At z 400 the view reaches 72 up from the mount and 54 from the front: 80 is out, 60 is open, 40 is in. */
        @Test
        void theViewIsTakenFromMountToFront() {
            verify(new MicrophonePlace())
                    .given(mic(new Vec3(0, 80, 400), Vec3.UP))
                    .holds();
            verify(new MicrophonePlace())
                    .given(mic(new Vec3(0, 60, 400), Vec3.UP))
                    .finds(Severity.CAUTION, CheckState.UNDECIDED);
            verify(new MicrophonePlace())
                    .given(mic(new Vec3(0, 40, 400), Vec3.UP))
                    .finds(Severity.STOP, CheckState.FOUND);
        }

        @Test
        void aScreenBeforeItIsHeard() {
            ItemType screen = part("screen")
                    .shaped(box(-50, -50, 0, 50, 50, 10, Use.SOLID))
                    .face("foot", Role.A, new Vec3(0, -240, -100), BACK, Vec3.UP, 2, Port.Pins.NONE)
                    .make();
            ItemType body = part("body")
                    .face("top", Role.B, new Vec3(0, 60, -60), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .face("front", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 0, Port.Pins.NONE)
                    .make();
            ItemType mic = part("mic")
                    .face("foot", Role.A, new Vec3(0, 60, -60), DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .facet(new OpticalFacet.Microphone(new Vec3(0, 240, 0), Vec3.FORWARD))
                    .make();
            verify(new MicrophonePlace())
                    .given(Rigs.rig()
                            .with("body", body)
                            .with("mic", mic)
                            .with("screen", screen)
                            .join("j", "body:top", "mic:foot")
                            .join("k", "body:front", "screen:foot")
                            .on("none"))
                    .finds(Severity.CAUTION, CheckState.FOUND);
        }
    }

    @Nested
    class LongRods {
        /**
         * Axis 83 over the rods: with slopes of 0.75 (12 mm on 18 high) the view passes 83 at 111 mm before the pupil.
         */
        private Rigs wide(int length) {
            ItemType body = part("body")
                    .is(Category.BODY)
                    .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                    .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -83, 0), DOWN, 40)
                    .shaped(box(-50, -60, -150, 50, 60, 0, Use.SOLID))
                    .facet(new OpticalFacet.Camera("mount", 6, new OpticalFacet.Camera.Window(28, 18)))
                    .make();
            ItemType lens = part("lens")
                    .port("mount", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                    .facet(new OpticalFacet.Lens("mount", 12, 2, 80, 100, 1, Optional.empty()))
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .with("rods", Bag.rods(length))
                    .join("j", "body:rods", "rods:rods")
                    .set("rods:rods:0", -30)
                    .lens("w", lens, "body:mount", "mount")
                    .knows(Bag.rods(120))
                    .on("none");
        }

        /**
         * From front glass at 80: 80 + 111 = 191. Rods of 250 end at 220 and are in; of 150 at 120, in only if the
         * pupil is far behind the glass; of 120 at 90, out of any view.
         */
        @Test
        void rodsThatEndInThePictureAreACaution() {
            verify(CheckEngine.standard().require("rods.ends"))
                    .given(wide(250))
                    .finds(Severity.CAUTION, CheckState.FOUND);
            verify(CheckEngine.standard().require("rods.ends")).given(wide(120)).holds();
            verify(CheckEngine.standard().require("rods.ends"))
                    .given(wide(150))
                    .finds(Severity.CAUTION, CheckState.UNDECIDED);
            assertEquals(
                    "rods-120 in place of rods-250",
                    verify(CheckEngine.standard().require("rods.ends"))
                            .given(wide(250))
                            .isMendedBy("rods")
                            .title());
        }

        /** The body ends at −150, rods behind it may stand out 120: at −270 they do, at −271 they are too long. */
        private Rigs behind(int rearEnd) {
            ItemType body = part("body")
                    .is(Category.BODY)
                    .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -83, 0), DOWN, 40)
                    .shaped(box(-50, -60, -150, 50, 60, 0, Use.SOLID))
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .with("rods", Bag.rods(400))
                    .join("j", "body:rods", "rods:rods")
                    .set("rods:rods:0", rearEnd)
                    .knows(Bag.rods(300))
                    .knows(Bag.rods(350))
                    .knows(Bag.rods(450))
                    .knows(Bag.rods("rods-19", "rod-19-studio", 19, 300))
                    .on("none");
        }

        @Test
        void rodsThatStandOutFarBehindAreACaution() {
            Check check = CheckEngine.standard().require("rods.ends");
            verify(check).given(behind(-270)).holds();
            Finding finding =
                    verify(check).given(behind(-290)).finds(Severity.CAUTION, 140, Double.NEGATIVE_INFINITY, 120, "mm");
            assertEquals("rods-400 stand out 140 mm behind the rig", finding.title());
            assertEquals("rear", finding.key().aspect());
            assertEquals(
                    List.of("rods-350 in place of rods-400", "rods-300 in place of rods-400"),
                    check.candidates(finding, behind(-290).analysis()).stream()
                            .map(c -> c.title())
                            .toList());
        }
    }
}
