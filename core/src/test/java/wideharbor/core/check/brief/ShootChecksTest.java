package wideharbor.core.check.brief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.Shoot.Orientation;
import wideharbor.core.brief.Shoot.Sound;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.BatteryUp;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.Requirements;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** What the shoot itself asks: how the picture stands, who looks, what is heard, how long power may not go. */
class ShootChecksTest {
    private static Shoot shoot(
            Orientation orientation, double stretch, Sound sound, boolean timecode, Viewer... viewers) {
        return ShootBuilder.builder()
                .orientation(orientation)
                .longestStretchHours(stretch)
                .sound(sound)
                .timecode(timecode)
                .viewers(List.of(viewers))
                .build();
    }

    private static ItemType able(String id, Capability capability) {
        return part(id).can(capability)
                .weighs(100, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .make();
    }

    private static Rigs on(ItemType type) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("x", type)
                .join("j-x", "body:side", "x:foot")
                .on("none");
    }

    @Nested
    class Picture {
        @Test
        void anUprightBodyServesALandscapePicture() {
            verify(new PictureStands())
                    .given(Bag.onHead().shooting(shoot(Orientation.LANDSCAPE, 0, Sound.NONE, false)))
                    .holds();
        }

        @Test
        void aPortraitPictureWantsABodyOnItsSide() {
            Finding finding = verify(new PictureStands())
                    .given(Bag.onHead().shooting(shoot(Orientation.BOTH, 0, Sound.NONE, false)))
                    .finds(Severity.STOP, CheckState.FOUND);
            assertEquals("No configuration for a portrait picture", finding.title());
        }

        /** The base of a body on the side of a plate: its left looks up. */
        @Test
        void oneOnItsSideServesIt() {
            ItemType body = part("body")
                    .weighs(3000, Vec3.ZERO)
                    .face("right", Role.B, new Vec3(-60, 0, 0), RIGHT, Vec3.FORWARD, 0, Port.Pins.NONE)
                    .make();
            ItemType plate = part("plate")
                    .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                    .port("out", "flat-base", Role.A, new Vec3(0, -12, 0), DOWN, Vec3.FORWARD)
                    .make();
            Rigs rigs = Rigs.rig()
                    .with("body", body)
                    .with("plate", plate)
                    .with("head", Bag.head())
                    .join("j", "body:right", "plate:top")
                    .join("k", "plate:out", "head:top")
                    .on("head");
            verify(new PictureStands())
                    .given(rigs.shooting(shoot(Orientation.PORTRAIT, 0, Sound.NONE, false)))
                    .holds();
        }
    }

    @Nested
    class Hearing {
        @Test
        void aCameraThatKeepsTheSoundHears() {
            verify(new SoundAndTime())
                    .given(on(able("mic", Capability.HEARS)).shooting(shoot(Orientation.ANY, 0, Sound.CAMERA, false)))
                    .holds();
            Finding deaf = verify(new SoundAndTime())
                    .given(Bag.onHead().shooting(shoot(Orientation.ANY, 0, Sound.CAMERA, false)))
                    .finds(Severity.STOP, CheckState.FOUND);
            assertEquals("No microphone on the rig", deaf.title());
        }

        @Test
        void oneTimeForAllTakesABox() {
            Rigs rigs = Bag.onHead().shooting(shoot(Orientation.ANY, 0, Sound.SEPARATE, true));
            assertEquals(
                    "No timecode box on the rig",
                    verify(new SoundAndTime())
                            .given(rigs)
                            .finds(Severity.STOP, CheckState.FOUND)
                            .title());
        }
    }

    @Nested
    class Power {
        /** 100 Wh · 0.90 at 25 °C over 45 W: 2 h. */
        private Rigs drawing(double stretch, ItemType plate) {
            ItemType device = Bag.device("device", Figure.maker(45), Figure.maker(50));
            return Rigs.rig()
                    .with("body", Bag.body())
                    .with("plate", plate)
                    .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                    .with("device", device)
                    .join("j-plate", "body:base", "plate:foot")
                    .join("j-battery", "plate:battery", "battery:plug")
                    .join("j-device", "body:side", "device:foot")
                    .cable("k", Bag.cable("cable", "1+ 2−", 0, 500), "plate:out-1", "device:in")
                    .day(25, 1)
                    .on("none")
                    .shooting(shoot(Orientation.ANY, stretch, Sound.NONE, false));
        }

        @Test
        void whatIsFittedLastsTheStretch() {
            verify(CheckEngine.standard().require("power.stretch"))
                    .given(drawing(2, Bag.plate()))
                    .holds();
        }

        @Test
        void orItIsToldForHowLong() {
            verify(CheckEngine.standard().require("power.stretch"))
                    .given(drawing(3, Bag.plate()))
                    .finds(Severity.CAUTION, 2, 3, Double.POSITIVE_INFINITY, "h");
        }

        @Test
        void aPlateForChangesWhileOnMendsIt() {
            ItemType plain = Bag.plate();
            ItemType hot = ItemTypeBuilder.builder(plain)
                    .ref(new wideharbor.core.catalog.TypeRef("plate-hot", 1))
                    .name("Plate, two bays")
                    .capabilities(java.util.Set.of(Capability.HOT_SWAPS))
                    .build();
            Rigs rigs = drawing(3, plain).inKit(hot, 1);
            assertEquals(
                    "Plate, two bays in place of plate, and battery-100 to change to",
                    verify(CheckEngine.standard().require("power.stretch"))
                            .given(rigs)
                            .isMendedBy("plate")
                            .title());
            // With nothing to change to, a plate for changes while on keeps nothing on.
            verify(CheckEngine.standard().require("power.stretch"))
                    .given(drawing(3, hot))
                    .finds(Severity.CAUTION, 2, 3, Double.POSITIVE_INFINITY, "h");
            verify(CheckEngine.standard().require("power.stretch"))
                    .given(drawing(3, hot).inKit(Bag.battery("battery-100", Figure.maker(100)), 1))
                    .holds();
        }
    }

    @Test
    void eachDemandIsARequirementWithWhatDecidesIt() {
        Job job = Bag.onHead()
                .inKit(card(), 2)
                .shooting(ShootBuilder.builder()
                        .orientation(Orientation.PORTRAIT)
                        .sound(Sound.CAMERA)
                        .timecode(true)
                        .recordings(List.of(new Shoot.Recording("4K, 25 frames", 800)))
                        .build())
                .job();
        var all = Requirements.of(CheckEngine.standard().judge(job));
        var picture = all.stream()
                .filter(r -> r.id().equals("orientation"))
                .findFirst()
                .orElseThrow();
        assertEquals(Requirements.Status.NOT_MET, picture.status());
        assertEquals(List.of("No configuration for a portrait picture"), picture.decidedBy());
        var sound = all.stream().filter(r -> r.id().equals("sound")).findFirst().orElseThrow();
        assertEquals("Sound in the camera, one time for all", sound.text());
        var recording = all.stream()
                .filter(r -> r.id().equals("recording-4k-25-frames"))
                .findFirst()
                .orElseThrow();
        assertEquals(Requirements.Status.UNDECIDED, recording.status(), "no card has a rate on file");
        Finding untried = verify(new ModesTried())
                .given(Bag.onHead()
                        .inKit(card(), 2)
                        .shooting(ShootBuilder.builder()
                                .recordings(List.of(new Shoot.Recording("4K, 25 frames", 800)))
                                .build()))
                .finds(Severity.CAUTION, CheckState.NOT_CHECKED);
        Job tried = new Job(
                job.id(),
                job.title(),
                job.brief(),
                job.rules(),
                job.catalogue(),
                job.gear(),
                List.of(new Job.CautionRead(untried.key(), Job.Accepted.STATEMENT, "tech", "now")),
                List.of());
        assertEquals(
                Requirements.Status.MET,
                Requirements.of(CheckEngine.standard().judge(tried)).stream()
                        .filter(r -> r.id().equals("recording-4k-25-frames"))
                        .findFirst()
                        .orElseThrow()
                        .status());
    }

    /**
     * A configuration and a lens that no build has hold the job; they used to be told as not met beside a clear
     * verdict.
     */
    @Test
    void whatTheBriefNamesAndNobodyBuiltHolds() {
        Job job = Bag.onHead().job();
        Brief asks = wideharbor.core.brief.BriefBuilder.builder(job.brief())
                .configurations(List.of(Rigs.STUDIO, wideharbor.core.id.ConfigurationId.of("vest")))
                .lenses(List.of(wideharbor.core.id.LensId.of("nobody")))
                .build();
        var report = new CheckEngine(List.of(new AskedIsBuilt()))
                .check(new Job(
                        job.id(), job.title(), asks, job.rules(), job.catalogue(), job.gear(), List.of(), List.of()));
        assertEquals(
                List.of("No build has the configuration 'vest'", "No build has the lens 'nobody'"),
                report.findings().stream().map(Finding::title).toList());
        assertTrue(report.findings().stream().allMatch(Finding::holds));
        assertEquals(3, report.looked().get("brief.asked"));
    }

    @Test
    void nonsenseNamesTheLimit() {
        assertTrue(assertThrows(
                        IllegalArgumentException.class,
                        () -> new Profile(
                                Optional.of(900.0), Brief.Crew.Side.RIGHT, Profile.Screen.ANY, Profile.Grips.ANY, ""))
                .getMessage()
                .contains("1200"));
        assertTrue(assertThrows(IllegalArgumentException.class, () -> shoot(Orientation.ANY, 30, Sound.NONE, false))
                .getMessage()
                .contains("24"));
        assertThrows(IllegalArgumentException.class, () -> new Viewer(" ", SignalFacet.Trust.FRAME, false));
    }

    private static ItemType card() {
        return part("card")
                .can(wideharbor.core.catalog.Capability.KEEPS_RECORDING)
                .make();
    }

    /** 200 deep with the battery behind, plate and cell 100 of it; on top it is 100. */
    @Test
    void aRoomThatIsTooShortIsMendedByTheBatteryOnTop() {
        ItemType body = part("body")
                .is(Category.BODY)
                .weighs(3000, Vec3.ZERO)
                .shaped(new wideharbor.core.geometry.Shape.Box(
                        new Vec3(-50, -50, -100), new Vec3(50, 50, 0), wideharbor.core.geometry.Shape.Use.SOLID))
                .face(
                        "rear",
                        Role.B,
                        new Vec3(0, 0, -100),
                        wideharbor.core.testkit.Parts.BACK,
                        Vec3.UP,
                        0,
                        Port.Pins.NONE)
                .face("top", Role.B, new Vec3(0, 50, -50), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        ItemType cell = part("cell")
                .is(Category.BATTERY)
                .weighs(1000, new Vec3(0, 0, -50))
                .shaped(new wideharbor.core.geometry.Shape.Box(
                        new Vec3(-40, -40, -100), new Vec3(40, 40, 0), wideharbor.core.geometry.Shape.Use.SOLID))
                .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 2, Port.Pins.NONE)
                .make();
        ItemType stand = part("stand")
                .weighs(10, Vec3.ZERO)
                .port("datum", "datum", Role.EITHER, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .facet(new wideharbor.core.catalog.SupportFacet.Support("datum", 0, 30_000, 200))
                .make();
        ItemType floor = ItemTypeBuilder.builder()
                .ref(body.ref())
                .maker(body.maker())
                .name(body.name())
                .category(body.category())
                .capabilities(body.capabilities())
                .links(body.links())
                .internalJoints(body.internalJoints())
                .ports(java.util.stream.Stream.concat(
                                body.ports().stream(),
                                part("f")
                                        .face(
                                                "base",
                                                Role.B,
                                                new Vec3(0, -50, -50),
                                                DOWN,
                                                Vec3.FORWARD,
                                                0,
                                                Port.Pins.NONE)
                                        .make()
                                        .ports()
                                        .stream())
                        .toList())
                .sockets(body.sockets())
                .facets(body.facets())
                .build();
        Rigs rigs = Rigs.rig()
                .with("body", floor)
                .with("cell", cell)
                .with("stand", stand)
                .join("j-cell", "body:rear", "cell:foot")
                .join("j-stand", "body:base", "stand:top")
                .on("stand")
                .asking(AsksBuilder.builder()
                        .room(new Asks.RoomLimit(150, 0, List.of()))
                        .build());
        verify(new RoomSize()).given(rigs).finds(Severity.STOP, 200, Double.NEGATIVE_INFINITY, 150, "mm");
        List<BatteryUp.Move> moves = BatteryUp.moves(rigs.analysis(), new wideharbor.core.build.Scope.Base());
        assertEquals(
                List.of("cell to body, top"),
                moves.stream().map(BatteryUp.Move::title).toList());
        Job job = rigs.job();
        Job up = job.with(job.gear()
                .apply(Rigs.BUILD, moves.get(0).commands(), job.catalogue())
                .after());
        assertEquals(
                List.of(), new CheckEngine(List.of(new RoomSize())).check(up).findings());
    }
}
