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
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class ChangeoverTest {
    private static Changeover between(Rigs rigs, String from, String to) {
        var build = rigs.build();
        return Changeover.between(
                Rig.resolve(build, from, "", rigs.catalogue()),
                Rig.resolve(build, to, "", rigs.catalogue()),
                HouseRules.DEFAULTS);
    }

    private static Configuration other(Command... overlay) {
        return new Configuration("other", "Other", "none", 0, 0, List.of(overlay));
    }

    /** The dovetail comes off the bridge's lever, and head goes with it: one step. */
    @Test
    void whatHangsTogetherComesOffTogether() {
        Changeover way = between(
                Bag.onHead().configuration(other(new Command.Remove("dovetail"), new Command.Remove("head"))), Rigs.STUDIO, "other");
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
                Bag.onHead().configuration(other(
                        new Command.Remove("quick"), new Command.Remove("bridge"), new Command.Remove("dovetail"), new Command.Remove("head"))),
                Rigs.STUDIO,
                "other");
        assertEquals(List.of("hex 3/16 in"), way.keys());
        assertEquals(1.5, way.minutes(), 1e-9);
        assertTrue(!way.isToolFree());
    }

    @Test
    void aPartThatSitsElsewhereGoesOver() {
        ItemType lamp = part("lamp").face("foot", Role.A, Vec3.ZERO, Vec3.UP.negated(), Vec3.FORWARD, 1, Port.Pins.NONE).make();
        Rigs rigs = Rigs.rig().with("body", Bag.body()).with("lamp", lamp).join("j", "body:top", "lamp:foot").on("none")
                .configuration(other(
                        new Command.Unjoin("j"),
                        new Command.Join(new Joint("k", Joint.Kind.LOCATING, Rigs.port("body:side"), Rigs.port("lamp:foot"),
                                Joint.Confidence.TRIED_BY_US))));
        Changeover way = between(rigs, Rigs.STUDIO, "other");
        assertEquals(Changeover.Act.OVER, way.steps().get(0).act());
        assertEquals("body, side", way.steps().get(0).where());
        assertEquals(List.of(), way.leftBehind());
    }

    @Test
    void aSlideIsSet() {
        Rigs rigs = Bag.onRods(300).configuration(other(new Command.Set(SettingKey.parse("box:rods:0"), 150, false)));
        Changeover way = between(rigs, Rigs.STUDIO, "other");
        assertEquals(Changeover.Act.SET, way.steps().get(0).act());
        assertEquals("slide to 150.0 mm", way.steps().get(0).where());
    }

    /** Head of 6 kg off: the body's 3 kg, plates and dovetail make 5.2 kg, no lift; with a body of 9 kg it is one, 1.5 min. */
    @Test
    void whatIsHeavyTakesTimeOfItsOwn() {
        Configuration off = other(new Command.Remove("head"));
        double light = between(Bag.onHead().configuration(off), Rigs.STUDIO, "other").minutes();
        Rigs heavy = Bag.onHead().with("brick", part("brick").weighs(6000, Vec3.ZERO)
                        .face("foot", Role.A, Vec3.ZERO, Vec3.UP.negated(), Vec3.FORWARD, 1, Port.Pins.NONE).make())
                .join("j-brick", "body:top", "brick:foot").configuration(off);
        assertEquals(light + 1.5, between(heavy, Rigs.STUDIO, "other").minutes(), 1e-9);
    }

    @Test
    void nothingDiffersNothingIsDone() {
        Changeover way = between(Bag.onRods(300).configuration(other()), Rigs.STUDIO, "other");
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
                    overlay.add(new Command.Remove(part));
                }
            }
            if (!gone && random.nextBoolean()) {
                overlay.add(new Command.Set(SettingKey.parse("box:rods:0"), 120 + random.nextInt(100), false));
            }
            Rigs rigs = Bag.onRods(300).configuration(other(overlay.toArray(Command[]::new)));
            Changeover there = between(rigs, Rigs.STUDIO, "other");
            Changeover back = between(rigs, "other", Rigs.STUDIO);
            assertEquals(there.minutes(), back.minutes(), 1e-9);
            assertEquals(count(there, Changeover.Act.OFF), count(back, Changeover.Act.ON));
            assertEquals(count(there, Changeover.Act.SET), count(back, Changeover.Act.SET));
            assertEquals(List.of(), back.leftBehind());
        }
    }

    private static long count(Changeover way, Changeover.Act act) {
        return way.steps().stream().filter(s -> s.act() == act).count();
    }
}
