package wideharbor.core.check.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class BriefChecksTest {
    private static final double NONE = Double.NEGATIVE_INFINITY;

    private static Asks changes(Asks.ChangeDemand... all) {
        return AsksBuilder.builder().changes(List.of(all)).build();
    }

    @Nested
    class Changes {
        /** Bare leaves out rods and box; the box hangs on the rods, so one clamp is worked. */
        private Rigs two(double minutes, boolean toolFree) {
            return Bag.onRods(300)
                    .configuration(new Configuration(
                            ConfigurationId.of("bare"),
                            "Bare",
                            PlacementId.of("none"),
                            0,
                            0,
                            List.of(
                                    new Command.Remove(PlacementId.of("rods")),
                                    new Command.Remove(PlacementId.of("box"))),
                            ConfigurationId.NONE))
                    .asking(changes(new Asks.ChangeDemand(Rigs.STUDIO, ConfigurationId.of("bare"), minutes, toolFree)));
        }

        /** Nothing has screws here: a lever's time is the least, 0.3 min. */
        @Test
        void quickEnough() {
            verify(new ChangeDemands()).given(two(1, true)).holds();
        }

        @Test
        void tooSlowAtTheHousesTimes() {
            Rigs slow = two(0.5, true).rule(wideharbor.core.brief.HouseRules.Rule.TIME_LEVER, 2);
            Finding finding = verify(new ChangeDemands()).given(slow).finds(Severity.STOP, 2, NONE, 0.5, "min");
            assertEquals("Studio to Bare takes 2.0 min", finding.title());
        }

        @Test
        void aChangeToNowhereIsAStop() {
            verify(new ChangeDemands())
                    .given(Bag.onRods(300)
                            .asking(changes(new Asks.ChangeDemand(Rigs.STUDIO, ConfigurationId.of("vest"), 5, false))))
                    .finds(Severity.STOP, wideharbor.core.quantity.CheckState.FOUND);
        }

        @Test
        void withoutADemandNothingIsLookedAt() {
            verify(new ChangeDemands()).given(Bag.onRods(300)).looksAtNothing();
            assertThrows(
                    IllegalArgumentException.class,
                    () -> new Asks.ChangeDemand(ConfigurationId.of("a"), ConfigurationId.of("a"), 5, false));
        }
    }

    @Nested
    class Room {
        private Rigs block(double depth, double height) {
            ItemType body = part("body")
                    .shaped(new Shape.Box(new Vec3(-50, 0, -300), new Vec3(50, 160, 120), Shape.Use.SOLID))
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .on("none")
                    .asking(AsksBuilder.builder()
                            .room(new Asks.RoomLimit(depth, height, List.of()))
                            .build());
        }

        @Test
        void itFits() {
            verify(new RoomSize()).given(block(420, 160)).holds();
        }

        @Test
        void itIsTooLong() {
            Finding finding = verify(new RoomSize()).given(block(400, 0)).finds(Severity.STOP, 420, NONE, 400, "mm");
            assertEquals("20 mm too long for the room", finding.title());
        }
    }

    /** On sticks: 420 deep on a head whose bar reaches 400 behind, on legs of 660. */
    @Nested
    class RoomOnSticks {
        private Rigs standing(double depth) {
            ItemType body = part("body")
                    .shaped(new Shape.Box(new Vec3(-50, 0, -300), new Vec3(50, 160, 120), Shape.Use.SOLID))
                    .face("base", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .make();
            ItemType head = part("head")
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .face("foot", Role.B, new Vec3(0, -80, 0), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .port("tilt", "datum", Role.EITHER, new Vec3(0, -40, 0), Vec3.UP, Vec3.FORWARD)
                    .shaped(new Shape.Box(new Vec3(-10, -60, -700), new Vec3(10, -20, 40), Shape.Use.SOLID))
                    .facet(new SupportFacet.Support("tilt", 0, 30_000, 5, SupportFacet.Support.Way.TILTS))
                    .make();
            ItemType legs = part("legs")
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .shaped(new Shape.Box(new Vec3(-300, -600, -330), new Vec3(300, -500, 330), Shape.Use.SOLID))
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .with("head", head)
                    .with("legs", legs)
                    .join("j", "body:base", "head:top")
                    .join("j2", "head:foot", "legs:top")
                    .on("head")
                    .asking(AsksBuilder.builder()
                            .room(new Asks.RoomLimit(depth, 0, List.of()))
                            .build());
        }

        @Test
        void neitherTheBarNorTheLegsMakeTheRigLonger() {
            verify(new RoomSize()).given(standing(660)).holds();
            assertEquals(420, standing(660).analysis().depth(), 1e-9);
            assertEquals(660, standing(660).analysis().standDepth(), 1e-9);
        }

        @Test
        void theLegsAreJudgedByThemselves() {
            Finding finding = verify(new RoomSize()).given(standing(600)).finds(Severity.STOP, 660, NONE, 600, "mm");
            assertEquals("The legs stand 60 mm too long for the room", finding.title());
        }
    }

    @Nested
    class Tapes {
        private Rigs lens(double close, double taped) {
            ItemType body = part("body")
                    .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                    .make();
            ItemType lens = part("lens")
                    .port("mount", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                    .facet(new OpticalFacet.Lens(
                            "mount", 75, 2, 120, 90, 1, Optional.of(close).filter(c -> c > 0)))
                    .make();
            return Rigs.rig()
                    .with("body", body)
                    .lens("l", lens, "body:mount", "mount")
                    .on("none")
                    .asking(AsksBuilder.builder()
                            .tapes(List.of(new Asks.Tape("door", taped, LensId.NONE)))
                            .build());
        }

        @Test
        void beyondCloseFocus() {
            verify(new CloseFocus()).given(lens(900, 1400)).holds();
        }

        @Test
        void nearerThanTheLensFocuses() {
            verify(new CloseFocus())
                    .given(lens(900, 700))
                    .finds(Severity.CAUTION, 700, 900, Double.POSITIVE_INFINITY, "mm");
        }

        @Test
        void withoutAFigureItIsNotChecked() {
            verify(new CloseFocus())
                    .given(lens(0, 700))
                    .finds(Severity.CAUTION, wideharbor.core.quantity.CheckState.NOT_CHECKED);
        }
    }

    @Nested
    class Spares {
        private Rigs asking(int pieces) {
            return Bag.onRods(300)
                    .asking(AsksBuilder.builder()
                            .spares(List.of(new Asks.Spare("ROD", pieces)))
                            .build());
        }

        @Test
        void oneShort() {
            verify(new SparesPacked())
                    .given(asking(1))
                    .finds(Severity.CAUTION, 0, 1, Double.POSITIVE_INFINITY, "pieces");
            assertEquals(
                    "Pack 1 more rods-300",
                    verify(new SparesPacked())
                            .given(asking(1))
                            .isMendedBy("pack")
                            .title());
        }

        @Test
        void packedItIsFine() {
            verify(new SparesPacked()).given(asking(1).inKit(Bag.rods(300), 1)).holds();
        }
    }
}
