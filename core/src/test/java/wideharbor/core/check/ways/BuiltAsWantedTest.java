package wideharbor.core.check.ways;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Preference;
import wideharbor.core.brief.Preferences;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.job.Job;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class BuiltAsWantedTest {
    /** On a face of the body that looks left: aside of it, and so far up and back from the mount. */
    private static ItemType aside(String id, Category category, Vec3 centre, Capability... can) {
        var made = part(id).is(category)
                .weighs(300, centre)
                .face("foot", Role.A, Vec3.ZERO, wideharbor.core.testkit.Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE);
        for (Capability c : can) {
            made = made.can(c);
        }
        return made.make();
    }

    private static Rigs onSide(ItemType type) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("x", type)
                .join("j-x", "body:side", "x:foot")
                .on("none");
    }

    /** Battery 100 Wh, 14.4 V, wedge, on a plate behind a body whose middle is at z −90. */
    private static Rigs powered() {
        ItemType plate = part("plate")
                .is(Category.POWER)
                .face("foot", Role.A, Vec3.ZERO, wideharbor.core.testkit.Parts.RIGHT, Vec3.UP, 2, Port.Pins.NONE)
                .port("battery", "v-mount", Role.A, new Vec3(0, 0, -120), BACK, Vec3.UP)
                .make();
        return Rigs.rig()
                .with("body", Bag.body())
                .with("plate", plate)
                .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                .join("j-plate", "body:side", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .on("none");
    }

    private static RigAnalysis rig(String name) {
        return switch (name) {
            case "rods" -> Bag.onRods(300).analysis();
            case "dovetail" -> Bag.onHead().analysis();
            case "battery" -> powered().analysis();
            case "drive" ->
                Bag.onRods(300)
                        .with(
                                "drive",
                                part("drive")
                                        .can(Capability.DRIVES_LENS)
                                        .clamp(
                                                "rods",
                                                "rod-15-lw",
                                                Role.B,
                                                Vec3.ZERO,
                                                wideharbor.core.testkit.Parts.DOWN,
                                                20)
                                        .make())
                        .join("j-drive", "rods:rods", "drive:rods")
                        .set("drive:rods:0", 60)
                        .analysis();
            case "grip" ->
                onSide(aside("grip", Category.HANDLE, Vec3.ZERO, Capability.IS_HANDHOLD))
                        .analysis();
            case "screen" ->
                onSide(aside("screen", Category.MONITOR, Vec3.ZERO, Capability.SHOWS_PICTURE))
                        .analysis();
            case "finder" ->
                onSide(aside("finder", Category.VIEWFINDER, Vec3.ZERO, Capability.FINDS_PICTURE))
                        .analysis();
            case "link" ->
                onSide(aside("link", Category.TRANSMISSION, Vec3.ZERO, Capability.SENDS_PICTURE))
                        .analysis();
            case "time" ->
                onSide(aside("time", Category.TIMECODE, new Vec3(0, 90, 0), Capability.KEEPS_TIME))
                        .analysis();
            case "mic" ->
                onSide(aside("mic", Category.SOUND, Vec3.ZERO, Capability.HEARS))
                        .analysis();
            case "arm" -> onSide(aside("arm", Category.ARM, Vec3.ZERO)).analysis();
            case "cage" -> onSide(aside("cage", Category.CAGE, Vec3.ZERO)).analysis();
            case "untried" ->
                Rigs.rig()
                        .with("body", Bag.body())
                        .with("x", aside("x", Category.BRACKET, Vec3.ZERO))
                        .join("j-x", "body:side", "x:foot", Joint.Confidence.PLAUSIBLE)
                        .on("none")
                        .analysis();
            case "lens" ->
                Rigs.rig()
                        .with("body", Bag.body())
                        .lens("a", Bag.lens("a", 900, 60, 120), "body:mount", "mount")
                        .on("none")
                        .analysis("a");
            default -> Rigs.rig().with("body", Bag.body()).on("none").analysis();
        };
    }

    /** How many things are not as wanted, on a rig with just that, and on a bare body. */
    @ParameterizedTest
    @CsvSource({
        "RODS_STUDIO,       rods,     1, 0",
        "RODS_LIGHT,        rods,     0, 0",
        "NO_RODS,           rods,     1, 0",
        "DRIVES_STAY,       drive,    0, 0",
        "CAGE_CLOSED,       cage,     1, 1",
        "NO_CAGE,           cage,     1, 0",
        "BASE_OF_BODY,      rods,     1, 0",
        "DOVETAIL_LONG,     dovetail, 1, 0",
        "DOVETAIL_SHORT,    dovetail, 1, 0",
        "TRIED_JOINTS,      untried,  1, 0",
        "NO_ARMS,           arm,      1, 0",
        "ONE_MAKER,         rods,     0, 0",
        "TWO_GRIPS,         grip,     1, 1",
        "ONE_GRIP,          grip,     0, 0",
        "HANDLE_ON_TOP,     grip,     1, 1",
        "BATTERY_BEHIND,    battery,  0, 0",
        "BATTERY_ON_TOP,    battery,  1, 0",
        "BATTERY_SMALL,     battery,  0, 0",
        "BATTERY_LARGE,     battery,  1, 0",
        "PLATE_WEDGE,       battery,  0, 0",
        "PLATE_STUDS,       battery,  1, 0",
        "VOLTS_LOW,         battery,  0, 0",
        "VOLTS_HIGH,        battery,  1, 0",
        "BATTERY_ON_BODY,   battery,  1, 0",
        "BATTERY_ON_PLATE,  battery,  0, 0",
        "KEPT_ON,           battery,  1, 0",
        "FED_FROM_PLATES,   time,     1, 0",
        "FINDER_AND_SCREEN, screen,   1, 2",
        "FINDER_ALONE,      screen,   2, 1",
        "SCREEN_ALONE,      finder,   2, 1",
        "FINDER_OF_BODY,    finder,   0, 0",
        "FINDER_OF_OTHERS,  finder,   1, 0",
        "SCREEN_HIGH,       screen,   1, 0",
        "SCREEN_LOW,        screen,   0, 0",
        "LENS_NATIVE,       lens,     0, 0",
        "DRIVE_FOR_PULLER,  drive,    1, 0",
        "MATTE_BOX,         rods,     0, 1",
        "NO_MATTE_BOX,      rods,     1, 0",
        "ONE_FRONT,         lens,     0, 0",
        "SOUND_ON_RIG,      mic,      0, 1",
        "SOUND_TWICE,       mic,      1, 1",
        "TIME_BELOW,        time,     1, 0",
        "TIME_BEHIND,       time,     1, 0",
        "LINK_RIGHT,        link,     1, 0",
        "LINK_ON_TOP,       link,     1, 0",
        "CABLES_TIED,       lens,     0, 0",
        "RECORDED_TWICE,    lens,     0, 0",
        "POWER_LOCKS,       battery,  0, 0",
        "PICTURE_COAX,      battery,  0, 0",
        "NO_PAD_UNWORN,     grip,     0, 0",
        "PAD_UNDER_MOUNT,   grip,     0, 0",
        "PAD_BEHIND,        grip,     0, 0",
        "CHANGES_TOOL_FREE, rods,     0, 0"
    })
    void eachTasteSeesWhatItIsAbout(BuildTrait trait, String rig, int there, int bare) {
        assertEquals(there, BuildTraits.misses(trait, new TraitView(rig(rig))).size(), rig);
        assertEquals(bare, BuildTraits.misses(trait, new TraitView(rig("body"))).size(), "bare body");
    }

    @ParameterizedTest
    @EnumSource
    void everyTasteIsWantedByAnAnswer(BuildTrait trait) {
        Set<BuildTrait> wanted = new HashSet<>();
        Preferences.ALL.forEach(w -> w.options()
                .forEach(o -> o.effects().forEach(e -> {
                    if (e instanceof Preference.Effect.Wants wants) {
                        wanted.add(wants.trait());
                    }
                })));
        assertTrue(wanted.contains(trait));
    }

    @Test
    void theJobsWishIsReadTheHousesIsMentionedAndBothSayWhoWantedIt() {
        Rigs rigs = Bag.onRods(300).working(Map.of("rods-at-all", "none"));
        Finding job = verify(new BuiltAsWanted()).given(rigs).finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals("Wanted: no rods", job.title());
        assertTrue(job.why().endsWith("Are rods fitted at all? No (job)."), job.why());
        Job bare = Bag.onRods(300).job();
        Job house = new Job(
                bare.id(),
                bare.title(),
                bare.brief(),
                HouseRules.DEFAULTS.inHouse(Map.of("rods-at-all", "none"), Map.of()),
                bare.catalogue(),
                bare.gear(),
                List.of(),
                List.of());
        Finding note = new CheckEngine(List.of(new BuiltAsWanted()))
                .check(house)
                .findings()
                .get(0);
        assertEquals(Severity.NOTE, note.severity());
        assertTrue(note.why().endsWith("(house)."), note.why());
    }

    @Test
    void nothingIsLookedAtWhileNobodyWantsAnything() {
        verify(new BuiltAsWanted()).given(Bag.onRods(300)).looksAtNothing();
    }

    /** A reader called “Card reader” is no card, a card by any other name is one; a pair of grips is no single one. */
    @Test
    void whatAPartIsCalledDecidesNothing() {
        ItemType reader = Parts.part("card-reader").is(Category.MEDIA).make();
        ItemType card = Parts.part("slab")
                .is(Category.MEDIA)
                .can(Capability.KEEPS_RECORDING)
                .make();
        TraitView kit =
                new TraitView(Bag.onRods(300).inKit(reader, 1).inKit(card, 1).analysis());
        assertEquals(
                List.of(Subject.type(card.ref())),
                BuildTraits.misses(BuildTrait.RECORDED_TWICE, kit).stream()
                        .map(TraitView.Miss::subject)
                        .toList());
        ItemType grips = Parts.part("horns")
                .is(Category.HANDLE)
                .can(Capability.IS_HANDHOLD)
                .can(Capability.GRIPS_BOTH_HANDS)
                .face("foot", Port.Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 1, Port.Pins.NONE)
                .make();
        TraitView held = new TraitView(Rigs.rig()
                .with("body", Bag.body())
                .with("horns", grips)
                .join("j", "body:base", "horns:foot")
                .on("none")
                .analysis());
        assertEquals(1, BuildTraits.misses(BuildTrait.ONE_GRIP, held).size());
        assertEquals(0, BuildTraits.misses(BuildTrait.TWO_GRIPS, held).size());
    }
}
