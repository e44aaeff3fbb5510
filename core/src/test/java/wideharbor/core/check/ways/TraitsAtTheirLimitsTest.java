package wideharbor.core.check.ways;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/**
 * Just this side and just that side of what somebody wants. Parts stand where their centre says: x to camera left, y
 * over the mount, z ahead of it; the body's own centre is 90 behind.
 */
class TraitsAtTheirLimitsTest {
    private static final Capability[] HANDLE = {Capability.IS_HANDHOLD};

    private static Parts at(String id, Category category, double x, double y, double z, Capability... can) {
        Parts made = part(id).is(category)
                .weighs(300, new Vec3(x, y, z))
                .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, 2, Port.Pins.NONE);
        for (Capability c : can) {
            made = made.can(c);
        }
        return made;
    }

    private static Parts body() {
        return part("body").is(Category.BODY).weighs(2000, new Vec3(0, 0, -90));
    }

    private static Rigs rig(Parts... parts) {
        Parts body = body();
        for (int i = 0; i < parts.length; i++) {
            body.face("on-" + i, Role.B, Vec3.ZERO, Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE);
        }
        Rigs rigs = Rigs.rig().with("body", body.make());
        for (int i = 0; i < parts.length; i++) {
            rigs.with("p" + i, parts[i].make()).join("j" + i, "body:on-" + i, "p" + i + ":foot");
        }
        return rigs.on("none");
    }

    private static List<String> misses(BuildTrait trait, Rigs rigs) {
        return BuildTraits.misses(trait, new TraitView(rigs.analysis())).stream()
                .map(TraitView.Miss::has)
                .toList();
    }

    private static void is(BuildTrait trait, Parts... parts) {
        assertEquals(List.of(), misses(trait, rig(parts)));
    }

    private static void misses(BuildTrait trait, String what, Parts... parts) {
        assertEquals(List.of(what), misses(trait, rig(parts)));
    }

    private static Parts handle(String id, double x, double y) {
        return at(id, Category.HANDLE, x, y, 0, HANDLE);
    }

    @Test
    void gripsForTwoHandsAreOffTheMiddle() {
        misses(BuildTrait.TWO_GRIPS, "none on the right", handle("left", 41, 0));
        misses(BuildTrait.TWO_GRIPS, "none on the left", handle("right", -41, 0));
        misses(BuildTrait.TWO_GRIPS, "none", handle("left", 40, 0), handle("right", -40, 0));
        is(BuildTrait.TWO_GRIPS, handle("left", 41, 0), handle("right", -41, 0));
        Parts pair = at("pair", Category.HANDLE, 0, 0, 0, Capability.IS_HANDHOLD, Capability.GRIPS_BOTH_HANDS);
        is(BuildTrait.TWO_GRIPS, pair);
        misses(BuildTrait.ONE_GRIP, "pair", pair);
        misses(BuildTrait.ONE_GRIP, "right", handle("left", 41, 0), handle("right", -41, 0));
        is(BuildTrait.ONE_GRIP, handle("left", 41, 0), handle("right", -40, 0));
        is(BuildTrait.ONE_GRIP);
    }

    @Test
    void aTopHandleIsOverTheMiddle() {
        is(BuildTrait.HANDLE_ON_TOP, handle("top", 59, 61));
        is(BuildTrait.HANDLE_ON_TOP, handle("top", -59, 61));
        misses(BuildTrait.HANDLE_ON_TOP, "nothing to hold on top", handle("low", 0, 60));
        misses(BuildTrait.HANDLE_ON_TOP, "nothing to hold on top", handle("aside", 60, 100));
        misses(BuildTrait.HANDLE_ON_TOP, "nothing to hold on top", at("box", Category.OTHER, 0, 100, 0));
    }

    @Test
    void aPadIsCloseOrBehind() {
        Parts close = at("pad", Category.SHOULDER, 0, 0, -120, Capability.SHOULDERS);
        Parts behind = at("pad", Category.SHOULDER, 0, 0, -121, Capability.SHOULDERS);
        is(BuildTrait.PAD_UNDER_MOUNT, close);
        misses(BuildTrait.PAD_UNDER_MOUNT, "pad", behind);
        is(BuildTrait.PAD_BEHIND, behind);
        misses(BuildTrait.PAD_BEHIND, "pad", close);
        misses(BuildTrait.NO_PAD_UNWORN, "pad", close);
    }

    @Test
    void aScreenIsLowOrHighByTheHandle() {
        Parts top = handle("top", 0, 100);
        Parts level = at("screen", Category.MONITOR, 0, 140, 0);
        Parts over = at("screen", Category.MONITOR, 0, 141, 0);
        is(BuildTrait.SCREEN_LOW, top, level);
        misses(BuildTrait.SCREEN_LOW, "screen", top, over);
        is(BuildTrait.SCREEN_HIGH, top, over);
        misses(BuildTrait.SCREEN_HIGH, "screen", top, level);
        is(BuildTrait.SCREEN_LOW, handle("side", 60, 100), over);
        misses(BuildTrait.SCREEN_LOW, "screen", handle("side", -59, 100), over);
    }

    private static Parts seen(String id, Capability capability) {
        return at(id, Category.OTHER, 0, 0, 0, capability);
    }

    @Test
    void eyepieceAndScreen() {
        Parts finder = seen("finder", Capability.FINDS_PICTURE);
        Parts screen = seen("screen", Capability.SHOWS_PICTURE);
        is(BuildTrait.FINDER_AND_SCREEN, finder, screen);
        misses(BuildTrait.FINDER_AND_SCREEN, "no screen", finder);
        misses(BuildTrait.FINDER_AND_SCREEN, "no eyepiece", screen);
        is(BuildTrait.FINDER_ALONE, finder);
        misses(BuildTrait.FINDER_ALONE, "screen", finder, screen);
        misses(BuildTrait.FINDER_ALONE, "no eyepiece");
        is(BuildTrait.SCREEN_ALONE, screen);
        misses(BuildTrait.SCREEN_ALONE, "finder", finder, screen);
        misses(BuildTrait.SCREEN_ALONE, "no screen");
    }

    @Test
    void whoseFinder() {
        Parts finder = seen("finder", Capability.FINDS_PICTURE);
        misses(BuildTrait.FINDER_OF_OTHERS, "finder", finder);
        ItemType other = ItemTypeBuilder.builder(finder.make()).maker("Another").build();
        Rigs rigs = Rigs.rig()
                .with(
                        "body",
                        body().face("on", Role.B, Vec3.ZERO, Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                                .make())
                .with("finder", other)
                .join("j", "body:on", "finder:foot")
                .on("none");
        assertEquals(List.of("finder"), misses(BuildTrait.FINDER_OF_BODY, rigs));
        assertEquals(List.of(), misses(BuildTrait.FINDER_OF_OTHERS, rigs));
    }

    private static Parts display(SignalFacet.Trust trust, SignalFacet.Tube tube) {
        return seen("finder", Capability.FINDS_PICTURE).facet(new SignalFacet.Display(trust, false, tube));
    }

    @Test
    void tubeAndTrustOfADisplay() {
        misses(BuildTrait.TUBE_SQUARE, "finder", display(SignalFacet.Trust.FRAME, SignalFacet.Tube.ROUND));
        is(BuildTrait.TUBE_SQUARE, display(SignalFacet.Trust.FRAME, SignalFacet.Tube.SQUARE));
        misses(BuildTrait.TUBE_ROUND, "finder", display(SignalFacet.Trust.FRAME, SignalFacet.Tube.SQUARE));
        is(BuildTrait.TUBE_ROUND, display(SignalFacet.Trust.FRAME, SignalFacet.Tube.NONE));
        is(BuildTrait.EXPOSURE_DISPLAY, display(SignalFacet.Trust.EXPOSURE, SignalFacet.Tube.NONE));
        misses(BuildTrait.EXPOSURE_DISPLAY, "none on the rig", display(SignalFacet.Trust.FOCUS, SignalFacet.Tube.NONE));
        Rigs judged = rig().shooting(ShootBuilder.builder()
                .viewers(List.of(
                        new Shoot.Viewer("Director", SignalFacet.Trust.FRAME, false),
                        new Shoot.Viewer("Grader", SignalFacet.Trust.EXPOSURE, false)))
                .build());
        assertEquals(List.of("Grader judges it at a display"), misses(BuildTrait.EXPOSURE_CAMERA, judged));
    }

    private static Socket plug(String id, Socket.Kind kind, Socket.Direction direction) {
        return new Socket(id, id, kind, direction, "BNC", "SDI", Vec3.ZERO, Optional.empty());
    }

    private static Rigs looked(boolean takesLook) {
        return rig(
                        at("camera", Category.OTHER, 0, 0, 0)
                                .socket(plug("out", Socket.Kind.PICTURE, Socket.Direction.OUT))
                                .facet(new SignalFacet.Signal(
                                        "out", SignalFacet.Carried.PICTURE, Optional.of(3.0), false))
                                .facet(new SignalFacet.PictureOut("out", 3, takesLook)),
                        at("screen", Category.MONITOR, 0, 0, 0)
                                .socket(plug("in", Socket.Kind.PICTURE, Socket.Direction.IN))
                                .facet(new SignalFacet.Signal(
                                        "in", SignalFacet.Carried.PICTURE, Optional.of(3.0), false))
                                .facet(new SignalFacet.Display(SignalFacet.Trust.FRAME, true, SignalFacet.Tube.NONE)))
                .cable("k", picture("BNC", "BNC"), "p0:out", "p1:in");
    }

    private static ItemType picture(String a, String b) {
        return part("coax")
                .is(Category.CABLE)
                .facet(new PowerFacet.Cable(
                        new PowerFacet.CableEnd(a, "SDI", true, false),
                        new PowerFacet.CableEnd(b, "SDI", true, false),
                        Socket.Kind.PICTURE,
                        0.1,
                        300))
                .make();
    }

    @Test
    void whereTheLookIsPutOn() {
        String out = Switches.look(SocketRef.parse("p0:out")).toString();
        String in = Switches.look(SocketRef.parse("p1:in")).toString();
        assertEquals(List.of("camera, out has it off"), misses(BuildTrait.LOOK_AT_BODY, looked(true)));
        assertEquals(List.of(), misses(BuildTrait.LOOK_AT_DISPLAY, looked(true)));
        assertEquals(List.of(), misses(BuildTrait.LOOK_AT_BODY, looked(true).set(out, 1)));
        assertEquals(
                List.of("camera, out has it on"),
                misses(BuildTrait.LOOK_AT_DISPLAY, looked(true).set(out, 1)));
        assertEquals(
                List.of("screen puts it on"),
                misses(BuildTrait.LOOK_AT_BODY, looked(true).set(out, 1).set(in, 1)));
        assertEquals(List.of(), misses(BuildTrait.LOOK_AT_BODY, looked(false)));
    }

    private static Parts battery(double x, double y, double z, double wattHours, double volts) {
        return at("battery", Category.BATTERY, x, y, z)
                .facet(new PowerFacet.Battery(
                        "foot", Figure.maker(wattHours), 1, volts + 2, volts, volts - 2, 150, 200));
    }

    @Test
    void whereTheBatterySits() {
        is(BuildTrait.BATTERY_BEHIND, battery(0, 0, -151, 100, 14));
        misses(BuildTrait.BATTERY_BEHIND, "battery", battery(0, 0, -150, 100, 14));
        is(BuildTrait.BATTERY_ON_TOP, battery(0, 60, 0, 100, 14));
        misses(BuildTrait.BATTERY_ON_TOP, "battery", battery(0, 59, 0, 100, 14));
        misses(BuildTrait.BATTERY_ON_TOP, "battery", battery(0, 100, -151, 100, 14));
        is(BuildTrait.BATTERY_ON_BODY, battery(0, 0, 0, 100, 14));
        misses(BuildTrait.BATTERY_ON_PLATE, "battery", battery(0, 0, 0, 100, 14));
    }

    @Test
    void whatTheBatteryIs() {
        is(BuildTrait.BATTERY_SMALL, battery(0, 0, 0, 100, 14));
        misses(BuildTrait.BATTERY_SMALL, "battery", battery(0, 0, 0, 101, 14));
        is(BuildTrait.BATTERY_LARGE, battery(0, 0, 0, 150, 14));
        misses(BuildTrait.BATTERY_LARGE, "battery", battery(0, 0, 0, 149, 14));
        is(BuildTrait.VOLTS_HIGH, battery(0, 0, 0, 100, 20));
        misses(BuildTrait.VOLTS_LOW, "battery", battery(0, 0, 0, 100, 20));
        is(BuildTrait.VOLTS_LOW, battery(0, 0, 0, 100, 19.9));
        misses(BuildTrait.VOLTS_HIGH, "battery", battery(0, 0, 0, 100, 19.9));
    }

    @Test
    void whatIsFedFromPlatesHasASocket() {
        misses(BuildTrait.FED_FROM_PLATES, "clock", at("clock", Category.TIMECODE, 0, 0, 0, Capability.KEEPS_TIME));
        misses(BuildTrait.FED_FROM_PLATES, "link", at("link", Category.OTHER, 0, 0, 0, Capability.SENDS_PICTURE));
        is(BuildTrait.FED_FROM_PLATES, at("box", Category.OTHER, 0, 0, 0));
        is(
                BuildTrait.FED_FROM_PLATES,
                at("clock", Category.TIMECODE, 0, 0, 0, Capability.KEEPS_TIME)
                        .socket("in", Socket.Direction.IN, "circular 2-pin", "1+ 2−"));
    }

    private static Rigs led(Socket.Kind kind, PowerFacet.CableEnd a, PowerFacet.CableEnd b) {
        ItemType lead = part("lead")
                .is(Category.CABLE)
                .facet(new PowerFacet.Cable(a, b, kind, 0.1, 300))
                .make();
        return rig(
                        at("one", Category.OTHER, 0, 0, 0).socket(plug("out", kind, Socket.Direction.OUT)),
                        at("two", Category.OTHER, 0, 0, 0).socket(plug("in", kind, Socket.Direction.IN)))
                .cable("k", lead, "p0:out", "p1:in");
    }

    @Test
    void whatCablesAreLike() {
        PowerFacet.CableEnd locks = new PowerFacet.CableEnd("BNC", "SDI", true, false);
        PowerFacet.CableEnd loose = new PowerFacet.CableEnd("HDMI", "SDI", false, false);
        assertEquals(List.of(), misses(BuildTrait.POWER_LOCKS, led(Socket.Kind.POWER, locks, locks)));
        assertEquals(List.of("lead"), misses(BuildTrait.POWER_LOCKS, led(Socket.Kind.POWER, locks, loose)));
        assertEquals(List.of("lead"), misses(BuildTrait.POWER_LOCKS, led(Socket.Kind.POWER, loose, locks)));
        assertEquals(List.of(), misses(BuildTrait.POWER_LOCKS, led(Socket.Kind.PICTURE, loose, loose)));
        assertEquals(List.of(), misses(BuildTrait.PICTURE_COAX, led(Socket.Kind.PICTURE, locks, locks)));
        assertEquals(List.of("lead"), misses(BuildTrait.PICTURE_COAX, led(Socket.Kind.PICTURE, locks, loose)));
        assertEquals(List.of("lead"), misses(BuildTrait.PICTURE_COAX, led(Socket.Kind.PICTURE, loose, locks)));
        assertEquals(List.of(), misses(BuildTrait.PICTURE_COAX, led(Socket.Kind.POWER, loose, loose)));
    }

    @Test
    void soundTimeAndLink() {
        Parts mic = at("mic", Category.SOUND, 0, 0, 0, Capability.HEARS);
        misses(BuildTrait.SOUND_ON_RIG, "none");
        is(BuildTrait.SOUND_ON_RIG, mic);
        misses(BuildTrait.SOUND_TWICE, "no sound at all");
        misses(BuildTrait.SOUND_TWICE, "kept once", mic);
        is(BuildTrait.SOUND_TWICE, mic, at("rec", Category.SOUND, 0, 0, 0, Capability.RECORDS_SOUND));
        is(BuildTrait.TIME_BELOW, at("clock", Category.TIMECODE, 0, 0, 0, Capability.KEEPS_TIME));
        misses(BuildTrait.TIME_BELOW, "clock", at("clock", Category.TIMECODE, 0, 1, 0, Capability.KEEPS_TIME));
        is(BuildTrait.TIME_BEHIND, at("clock", Category.TIMECODE, 0, 0, -151, Capability.KEEPS_TIME));
        misses(BuildTrait.TIME_BEHIND, "clock", at("clock", Category.TIMECODE, 0, 0, -150, Capability.KEEPS_TIME));
        is(BuildTrait.LINK_RIGHT, at("link", Category.TRANSMISSION, -30, 0, 0, Capability.SENDS_PICTURE));
        misses(BuildTrait.LINK_RIGHT, "link", at("link", Category.TRANSMISSION, -29, 0, 0, Capability.SENDS_PICTURE));
        is(BuildTrait.LINK_ON_TOP, at("link", Category.TRANSMISSION, 0, 60, 0, Capability.SENDS_PICTURE));
        misses(BuildTrait.LINK_ON_TOP, "link", at("link", Category.TRANSMISSION, 0, 59, 0, Capability.SENDS_PICTURE));
    }

    @Test
    void whoPullsHasADrive() {
        Parts drive = at("drive", Category.OTHER, 0, 0, 0, Capability.DRIVES_LENS);
        misses(BuildTrait.DRIVE_FOR_PULLER, "drive", drive);
        Brief.Crew pulled = new Brief.Crew(
                "Ines Varga", Brief.Crew.Side.RIGHT, Brief.Crew.Side.RIGHT, "Ravi Oduya", "", Profile.UNASKED);
        assertEquals(List.of(), misses(BuildTrait.DRIVE_FOR_PULLER, rig(drive).crew(pulled)));
        assertEquals(
                List.of("somebody pulls focus, nothing drives the lens"),
                misses(BuildTrait.DRIVE_FOR_PULLER, rig().crew(pulled)));
    }

    private static Parts dovetail(double length) {
        return at("dovetail", Category.DOVETAIL, 0, 0, 0)
                .carrier("slide", "dovetail-wide", Role.B, Vec3.ZERO, Vec3.UP, 10, 10 + length);
    }

    @Test
    void howLongTheDovetailIs() {
        is(BuildTrait.DOVETAIL_LONG, dovetail(350));
        misses(BuildTrait.DOVETAIL_LONG, "dovetail", dovetail(349));
        is(BuildTrait.DOVETAIL_SHORT, dovetail(250));
        misses(BuildTrait.DOVETAIL_SHORT, "dovetail", dovetail(251));
    }

    @Test
    void rodsByTheirStandard() {
        for (String heavy : new String[] {"rod-15-studio", "rod-19-studio"}) {
            Parts rods = at("rods", Category.ROD, 0, 0, 0).carrier("rods", heavy, Role.A, Vec3.ZERO, Vec3.UP, 0, 200);
            is(BuildTrait.RODS_STUDIO, rods);
            misses(BuildTrait.RODS_LIGHT, "rods", rods);
        }
    }

    @Test
    void theFirstPartOfTheRiggingSetsTheMaker() {
        ItemType plate = at("plate", Category.PLATE, 0, 0, 0).make();
        ItemType cage = ItemTypeBuilder.builder(
                        at("cage", Category.CAGE, 0, 0, 0).make())
                .maker("Another")
                .build();
        Rigs rigs = Rigs.rig()
                .with(
                        "body",
                        body().face("a", Role.B, Vec3.ZERO, Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                                .face("b", Role.B, Vec3.ZERO, Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                                .make())
                .with("plate", plate)
                .with("cage", cage)
                .join("j", "body:a", "plate:foot")
                .join("k", "body:b", "cage:foot")
                .on("none");
        assertEquals(List.of("cage is Another, not " + plate.maker()), misses(BuildTrait.ONE_MAKER, rigs));
        assertEquals(List.of("plate"), misses(BuildTrait.BASE_OF_BODY, rigs));
    }
}
