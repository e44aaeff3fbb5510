package wideharbor.core.changeover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class ChangeoverTest {
    private static Changeover between(Rigs rigs, String from, String to) {
        var build = rigs.build();
        return Ways.between(
                Rig.resolve(build, ConfigurationId.of(from), LensId.NONE, rigs.catalogue()),
                Rig.resolve(build, ConfigurationId.of(to), LensId.NONE, rigs.catalogue()),
                HouseRules.DEFAULTS);
    }

    private static Configuration other(Command... overlay) {
        return new Configuration(
                ConfigurationId.of("other"),
                "Other",
                PlacementId.of("none"),
                0,
                0,
                List.of(overlay),
                ConfigurationId.NONE);
    }

    /** The dovetail comes off the bridge's lever, and head goes with it: one step. */
    @Test
    void whatHangsTogetherComesOffTogether() {
        Changeover way = between(
                Bag.onHead()
                        .configuration(other(
                                new Command.Remove(PlacementId.of("dovetail")),
                                new Command.Remove(PlacementId.of("head")))),
                Rigs.STUDIO.toString(),
                "other");
        assertEquals(1, way.steps().size());
        Changeover.Step step = way.steps().get(0);
        assertEquals(Changeover.Act.OFF, step.act());
        assertEquals("dovetail", step.part());
        assertEquals(List.of("head"), step.along());
        assertEquals(List.of("dovetail", "head"), way.leftBehind());
    }

    /** Quick plate with two 3/8-16 screws: 2 · 0.5 min and one key fetched for 0.5; it hangs the bridge, too. */
    @Test
    void screwsCostMinutesAndAKey() {
        Changeover way = between(
                Bag.onHead()
                        .configuration(other(
                                new Command.Remove(PlacementId.of("quick")),
                                new Command.Remove(PlacementId.of("bridge")),
                                new Command.Remove(PlacementId.of("dovetail")),
                                new Command.Remove(PlacementId.of("head")))),
                Rigs.STUDIO.toString(),
                "other");
        assertEquals(List.of("hex 3/16 in"), way.keys());
        assertEquals(1.5, way.minutes(), 1e-9);
        assertTrue(!way.isToolFree());
    }

    @Test
    void aPartThatSitsElsewhereGoesOver() {
        ItemType lamp = part("lamp")
                .face("foot", Role.A, Vec3.ZERO, Vec3.UP.negated(), Vec3.FORWARD, 1, Port.Pins.NONE)
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("lamp", lamp)
                .join("j", "body:top", "lamp:foot")
                .on("none")
                .configuration(other(
                        new Command.Unjoin(new JointId("j")),
                        new Command.Join(new Joint(
                                new JointId("k"),
                                Joint.Kind.LOCATING,
                                Rigs.port("body:side"),
                                Rigs.port("lamp:foot"),
                                Joint.Confidence.TRIED_BY_US,
                                ""))));
        Changeover way = between(rigs, Rigs.STUDIO.toString(), "other");
        assertEquals(Changeover.Act.OVER, way.steps().get(0).act());
        assertEquals("body, side", way.steps().get(0).where());
        assertEquals(List.of(), way.leftBehind());
    }

    @Test
    void aSlideIsSet() {
        Rigs rigs = Bag.onRods(300).configuration(other(new Command.Set(SettingKey.parse("box:rods:0"), 150, false)));
        Changeover way = between(rigs, Rigs.STUDIO.toString(), "other");
        assertEquals(Changeover.Act.SET, way.steps().get(0).act());
        assertEquals("slide to 150.0 mm", way.steps().get(0).where());
    }

    /**
     * Head of 6 kg off: the body's 3 kg, plates and dovetail make 5.2 kg, no lift; with a body of 9 kg it is one, 1.5
     * min.
     */
    @Test
    void whatIsHeavyTakesTimeOfItsOwn() {
        Configuration off = other(new Command.Remove(PlacementId.of("head")));
        double light = between(Bag.onHead().configuration(off), Rigs.STUDIO.toString(), "other")
                .minutes();
        Rigs heavy = Bag.onHead()
                .with(
                        "brick",
                        part("brick")
                                .weighs(6000, Vec3.ZERO)
                                .face("foot", Role.A, Vec3.ZERO, Vec3.UP.negated(), Vec3.FORWARD, 1, Port.Pins.NONE)
                                .make())
                .join("j-brick", "body:top", "brick:foot")
                .configuration(off);
        assertEquals(
                light + 1.5, between(heavy, Rigs.STUDIO.toString(), "other").minutes(), 1e-9);
    }

    @Test
    void nothingDiffersNothingIsDone() {
        Changeover way = between(Bag.onRods(300).configuration(other()), Rigs.STUDIO.toString(), "other");
        assertEquals(List.of(), way.steps());
        assertEquals(0, way.minutes(), 1e-9);
    }

    /** There and back: what comes off goes on again, the same screws are worked, the same minutes pass. */
    @Test
    void theWayBackMirrorsTheWayThere() {
        Random random = new Random(20261125);
        List<String> parts = List.of("quick", "bridge", "rods", "box");
        for (int i = 0; i < 60; i++) {
            List<Command> overlay = new ArrayList<>();
            boolean gone = false;
            for (String part : parts) {
                // What hangs on a part that is gone goes too, as people take it off.
                gone = gone || random.nextInt(4) == 0;
                if (gone) {
                    overlay.add(new Command.Remove(PlacementId.of(part)));
                }
            }
            if (!gone && random.nextBoolean()) {
                overlay.add(new Command.Set(SettingKey.parse("box:rods:0"), 120 + random.nextInt(100), false));
            }
            Rigs rigs = Bag.onRods(300).configuration(other(overlay.toArray(Command[]::new)));
            Changeover there = between(rigs, Rigs.STUDIO.toString(), "other");
            Changeover back = between(rigs, "other", Rigs.STUDIO.toString());
            assertEquals(there.minutes(), back.minutes(), 1e-9);
            assertEquals(count(there, Changeover.Act.OFF), count(back, Changeover.Act.ON));
            assertEquals(count(there, Changeover.Act.SET), count(back, Changeover.Act.SET));
            assertEquals(List.of(), back.leftBehind());
        }
    }

    private static long count(Changeover way, Changeover.Act act) {
        return way.steps().stream().filter(s -> s.act() == act).count();
    }

    private static ItemType screwed(
            String id, wideharbor.core.catalog.Category category, wideharbor.core.catalog.Capability... can) {
        var made = part(id).is(category)
                .weighs(100, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, wideharbor.core.testkit.Parts.DOWN, Vec3.FORWARD, 2, Port.Pins.NONE);
        for (var c : can) {
            made = made.can(c);
        }
        return made.make();
    }

    /** Screen, drive, lens and its brace go on, with a cable between drive and screen. */
    private static List<String> order(java.util.Map<String, String> ways) {
        var body = part("body").weighs(3000, Vec3.ZERO);
        for (String face : List.of("a", "b", "c", "d")) {
            body = body.face(face, Role.B, new Vec3(0, 40, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE);
        }
        ItemType cable = Bag.cable("cable", "1+ 2−", 0.02, 300);
        var gone = new Command[] {
            new Command.Remove(PlacementId.of("screen")),
            new Command.Remove(PlacementId.of("drive")),
            new Command.Remove(PlacementId.of("lens")),
            new Command.Remove(PlacementId.of("brace"))
        };
        Rigs rigs = Rigs.rig()
                .with("body", body.make())
                .with(
                        "screen",
                        socketed(
                                "screen",
                                wideharbor.core.catalog.Category.MONITOR,
                                wideharbor.core.catalog.Socket.Direction.IN))
                .with(
                        "drive",
                        socketed(
                                "drive",
                                wideharbor.core.catalog.Category.OTHER,
                                wideharbor.core.catalog.Socket.Direction.OUT))
                .with("lens", screwed("lens", wideharbor.core.catalog.Category.LENS))
                .with(
                        "brace",
                        screwed(
                                "brace",
                                wideharbor.core.catalog.Category.LENS_SUPPORT,
                                wideharbor.core.catalog.Capability.BRACES_LENS))
                .join("1", "body:a", "screen:foot")
                .join("2", "body:b", "drive:foot")
                .join("3", "body:c", "lens:foot")
                .join("4", "body:d", "brace:foot")
                .cable("k", cable, "drive:s", "screen:s")
                .on("none")
                .configuration(other(gone));
        var build = rigs.build();
        Changeover way = Ways.between(
                Rig.resolve(build, ConfigurationId.of("other"), LensId.NONE, rigs.catalogue()),
                Rig.resolve(build, Rigs.STUDIO, LensId.NONE, rigs.catalogue()),
                new HouseRules(
                        java.util.Map.of(),
                        new wideharbor.core.brief.Preferences(java.util.Map.of(), java.util.Map.of(), ways)));
        return way.steps().stream()
                .map(s -> s.act() == Changeover.Act.PLUG ? "plug" : s.part())
                .toList();
    }

    private static ItemType socketed(
            String id, wideharbor.core.catalog.Category category, wideharbor.core.catalog.Socket.Direction way) {
        var made = part(id).is(category)
                .weighs(100, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, wideharbor.core.testkit.Parts.DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .socket("s", way, "circular 2-pin", "1+ 2−");
        return (id.equals("drive") ? made.can(wideharbor.core.catalog.Capability.DRIVES_LENS) : made).make();
    }

    @Test
    void theCrewsOrderIsKeptAndTheBraceIsThereBeforeTheLens() {
        assertEquals(List.of("screen", "brace", "lens", "drive", "plug"), order(java.util.Map.of()));
        assertEquals(
                List.of("brace", "lens", "screen", "drive", "plug"), order(java.util.Map.of("lens-order", "first")));
        assertEquals(
                List.of("screen", "brace", "lens", "drive", "plug"), order(java.util.Map.of("lens-order", "last")));
        assertEquals(
                List.of("drive", "screen", "brace", "lens", "plug"), order(java.util.Map.of("drive-order", "before")));
        assertEquals(
                List.of("brace", "lens", "screen", "drive", "plug"), order(java.util.Map.of("screen-order", "last")));
    }

    @Test
    void cablesArePluggedAsTheirPartGoesOnWhereTheCrewWorksSo() {
        assertEquals(
                List.of("drive", "screen", "plug", "brace", "lens"),
                order(java.util.Map.of("drive-order", "before", "cable-order", "each")));
    }

    /** Body, quick and bridge are worn both ways: 3000 + 400 + 800 g are doubled; what only the sticks have is not. */
    @Test
    void aSecondBodyDoublesWhatBothWear() {
        Rigs rigs = Bag.onHead()
                .configuration(other(
                        new Command.Remove(PlacementId.of("dovetail")), new Command.Remove(PlacementId.of("head"))));
        var build = rigs.build();
        Rig from = Rig.resolve(build, Rigs.STUDIO, LensId.NONE, rigs.catalogue());
        Rig to = Rig.resolve(build, ConfigurationId.of("other"), LensId.NONE, rigs.catalogue());
        Changeover way = Ways.between(from, to, HouseRules.DEFAULTS);
        var kit = new wideharbor.core.build.Kit(java.util.Map.of(Bag.bridge().ref(), 2));
        Twin twin = Twin.of(from, to, way, kit, HouseRules.DEFAULTS);
        assertEquals(3, twin.pieces());
        assertEquals(4200, twin.extraGrams(), 1e-9);
        assertEquals(java.util.Map.of(Bag.bridge().ref(), 1), twin.inKit());
        assertEquals(way.minutes(), twin.savedMinutes(), 1e-9, "no lens to hand over");
        assertTrue(!twin.worthIt());
        var impatient =
                new HouseRules(java.util.Map.of(HouseRules.Rule.TWIN_MINUTES, 1.0, HouseRules.Rule.TIME_LEVER, 5.0));
        assertTrue(Twin.of(from, to, Ways.between(from, to, impatient), kit, impatient)
                .worthIt());
    }
}
