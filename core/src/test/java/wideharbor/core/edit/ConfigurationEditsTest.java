package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Remedies;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Rig;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.Comparison;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Deriving, flowing through, conflicts, turning, and comparing. */
class ConfigurationEditsTest {
    private static final SettingKey BOX = SettingKey.parse("box:rods:0");

    private static Job apply(Job job, List<Scoped> edit) {
        return job.with(job.gear().apply(Rigs.BUILD, edit, job.catalogue()).after());
    }

    private static RigAnalysis look(Job job, String configuration) {
        return RigAnalysis.of(job, job.gear().build(Rigs.BUILD), ConfigurationId.of(configuration), LensId.NONE);
    }

    private static double box(Job job, String configuration) {
        Build build = job.gear().build(Rigs.BUILD);
        return build.content(ConfigurationId.of(configuration), LensId.NONE, job.catalogue())
                .value(BOX);
    }

    @Test
    void whatChangesInOneChangesInThoseDerivedFromIt() {
        Job job = Bag.onRods(300).job();
        job = apply(job, ConfigurationEdits.derive(look(job, Rigs.STUDIO.toString()), "On the shoulder"));
        job = apply(job, List.of(Scoped.base(new Command.Set(BOX, 150, false))));
        assertEquals(150, box(job, "on-the-shoulder"));
        job = apply(
                job,
                List.of(new Scoped(
                        new Scope.InConfiguration(ConfigurationId.of("on-the-shoulder")),
                        new Command.Set(BOX, 120, false))));
        assertEquals(150, box(job, Rigs.STUDIO.toString()));
        assertEquals(120, box(job, "on-the-shoulder"));
        Job chained = apply(job, ConfigurationEdits.derive(look(job, "on-the-shoulder"), "Tight"));
        assertEquals(120, box(chained, "tight"), "a configuration follows the one it is based on");
        Job copied = apply(job, ConfigurationEdits.copy(look(job, "on-the-shoulder"), "Copy"));
        copied = apply(
                copied,
                List.of(new Scoped(
                        new Scope.InConfiguration(ConfigurationId.of("on-the-shoulder")),
                        new Command.Set(BOX, 110, false))));
        assertEquals(120, box(copied, "copy"), "a copy goes its own way");
    }

    @Test
    void everyEditOfConfigurationsIsTakenBackExactly() {
        Job job = Bag.onRods(300).job();
        Random random = new Random(7);
        for (int i = 0; i < 40; i++) {
            Build build = job.gear().build(Rigs.BUILD);
            String at = build.configurations()
                    .get(random.nextInt(build.configurations().size()))
                    .id()
                    .toString();
            RigAnalysis here = look(job, at);
            List<Scoped> edit;
            try {
                edit = switch (random.nextInt(5)) {
                    case 0 -> ConfigurationEdits.derive(here, "Way " + i);
                    case 1 -> ConfigurationEdits.copy(here, "Copy " + i);
                    case 2 -> ConfigurationEdits.rename(here, "Name " + i);
                    case 3 -> ConfigurationEdits.remove(here);
                    default ->
                        ConfigurationEdits.hereOnly(
                                List.of(Scoped.base(new Command.Set(BOX, 100 + i, false))), ConfigurationId.of(at));
                };
                GearPackage.Applied applied = job.gear().apply(Rigs.BUILD, edit, job.catalogue());
                GearPackage back = applied.after()
                        .apply(Rigs.BUILD, applied.inverse(), job.catalogue())
                        .after();
                assertEquals(sorted(job.gear()), sorted(back), "edit " + i);
                job = job.with(applied.after());
            } catch (EditRefused refused) {
                assertTrue(
                        refused.getMessage().contains("at least one")
                                || refused.getMessage().contains("based on")
                                || refused.getMessage().contains("at most"),
                        refused.getMessage());
            }
        }
    }

    /** Taking one out and putting it back may change the order of the tabs, nothing else. */
    private static List<String> sorted(GearPackage gear) {
        return gear.build(Rigs.BUILD).configurations().stream()
                .map(Object::toString)
                .sorted()
                .toList();
    }

    @Test
    void whatTheBaseTakesAwayIsAConflictUntilItIsSettled() {
        Job job = Bag.onRods(300).job();
        job = apply(job, ConfigurationEdits.derive(look(job, Rigs.STUDIO.toString()), "Other"));
        job = apply(
                job,
                List.of(new Scoped(
                        new Scope.InConfiguration(ConfigurationId.of("other")), new Command.Set(BOX, 120, false))));
        job = apply(
                job,
                List.of(
                        Scoped.base(new Command.Unjoin(new JointId("j-box"))),
                        Scoped.base(new Command.Unset(BOX)),
                        Scoped.base(new Command.Unplace(PlacementId.of("box")))));
        Finding conflict =
                CheckEngine.standard().check(job).of("configuration.conflict").get(0);
        assertEquals(ConfigurationId.of("other"), conflict.key().configuration());
        Remedies.Fix drop =
                CheckEngine.standard().judge(job).remedies().of(conflict).get(0);
        assertEquals("Drop this change of Other", drop.title());
        assertEquals(
                List.of(),
                CheckEngine.standard().check(apply(job, drop.commands())).of("configuration.conflict"));
    }

    @Test
    void anOverlayItselfMayNotSayNonsense() {
        Job job = Bag.onRods(300).job();
        EditRefused refused = assertThrows(
                EditRefused.class,
                () -> apply(
                        job,
                        List.of(new Scoped(
                                new Scope.InConfiguration(Rigs.STUDIO),
                                new Command.Set(SettingKey.parse("ghost:x:0"), 1, false)))));
        assertTrue(refused.getMessage().contains("ghost"), refused.getMessage());
    }

    @Test
    void theLastAndTheFollowedStay() {
        Job job = Bag.onRods(300).job();
        assertThrows(EditRefused.class, () -> apply(job, ConfigurationEdits.remove(look(job, Rigs.STUDIO.toString()))));
        Job two = apply(job, ConfigurationEdits.derive(look(job, Rigs.STUDIO.toString()), "Two"));
        assertThrows(EditRefused.class, () -> apply(two, ConfigurationEdits.remove(look(two, Rigs.STUDIO.toString()))));
        assertEquals(
                1,
                apply(two, ConfigurationEdits.remove(look(two, "two")))
                        .gear()
                        .build(Rigs.BUILD)
                        .configurations()
                        .size());
    }

    /**
     * A corner joins the body's right side to the head: then the body's left looks up, and what stood under it is off.
     */
    @Test
    void portraitPutsTheSupportUnderASide() {
        ItemType corner = part("corner")
                .can(Capability.ADAPTS)
                .weighs(300, Vec3.ZERO)
                .face("in", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("out", "flat-base", Role.A, new Vec3(0, -12, 0), DOWN, Vec3.FORWARD)
                .make();
        ItemType body = part("body")
                .weighs(3000, new Vec3(0, 0, -80))
                .face("base", Role.B, new Vec3(0, -66, -80), DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .face("right", Role.B, new Vec3(-60, 0, -80), RIGHT, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", body)
                .with("corner", corner)
                .with("head", Bag.head())
                .join("j-corner", "body:base", "corner:in")
                .join("j-head", "corner:out", "head:top")
                .on("head");
        Job job = rigs.job();
        assertEquals("top", look(job, Rigs.STUDIO.toString()).rig().world().bodyFaceUp());
        job = apply(
                job,
                ConfigurationEdits.portrait(
                        look(job, Rigs.STUDIO.toString()), "Portrait", ConfigurationEdits.Side.RIGHT));
        Rig turned = look(job, "portrait").rig();
        assertEquals("left", turned.world().bodyFaceUp());
        assertTrue(turned.content().isRemoved(PlacementId.of("corner")), "the plate under the base is off");
        assertTrue(turned.find(PlacementId.of("head")).isPresent());
        assertEquals("top", look(job, Rigs.STUDIO.toString()).rig().world().bodyFaceUp(), "the first stays as it was");
        Job left = job;
        assertThrows(
                EditRefused.class,
                () -> ConfigurationEdits.portrait(
                        look(left, Rigs.STUDIO.toString()), "Other", ConfigurationEdits.Side.LEFT));
    }

    @Test
    void theOtherShoulderTakesWhatFindsAPort() {
        ItemType body = part("body")
                .weighs(3000, Vec3.ZERO)
                .face("left", Role.B, new Vec3(60, 0, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .face("right", Role.B, new Vec3(-60, 0, 0), RIGHT, Vec3.UP, 0, Port.Pins.NONE)
                .port("shoe", "cold-shoe", Role.A, new Vec3(60, 40, 0), Vec3.LEFT, Vec3.UP)
                .make();
        ItemType grip = part("grip")
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .make();
        ItemType lamp = part("lamp")
                .port("foot", "cold-shoe", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .make();
        Job job = Rigs.rig()
                .with("body", body)
                .with("grip", grip)
                .with("lamp", lamp)
                .join("j", "body:left", "grip:foot")
                .join("k", "body:shoe", "lamp:foot")
                .on("none")
                .job();
        ConfigurationEdits.Sides sides =
                ConfigurationEdits.otherShoulder(look(job, Rigs.STUDIO.toString()), "Left shoulder");
        assertEquals(List.of("grip"), sides.moved());
        assertEquals(List.of("lamp"), sides.staying());
        Rig over = look(apply(job, sides.edit()), "left-shoulder").rig();
        assertEquals(
                "right",
                over.locatedBy(PlacementId.of("grip")).orElseThrow().parent().port());
        assertEquals(1, over.require(PlacementId.of("grip")).pose().determinant(), 1e-9, "poses stay proper");
    }

    @Test
    void twoAreToldSideBySide() {
        Job job = Bag.onHead().job();
        job = apply(job, ConfigurationEdits.derive(look(job, Rigs.STUDIO.toString()), "Low"));
        job = apply(
                job,
                ConfigurationEdits.hereOnly(
                        List.of(
                                Scoped.base(new Command.Remove(PlacementId.of("head"))),
                                Scoped.base(new Command.Set(SettingKey.parse("dovetail:rail:0"), 30, false))),
                        ConfigurationId.of("low")));
        Comparison c = Comparison.of(CheckEngine.standard(), look(job, Rigs.STUDIO.toString()), look(job, "low"));
        assertEquals(List.of("head"), c.onlyOne());
        assertEquals(List.of(), c.onlyOther());
        assertEquals(
                new Comparison.Differs("dovetail", "slide", "0.0 mm", "30.0 mm"),
                c.differs().get(0));
        assertTrue(c.other().offMm().isEmpty());
    }

    /**
     * 5.2 kg carried, of which the dovetail of 1 kg moves with the head: 1 mm of slide moves the centre by 4.2 / 5.2.
     */
    @Test
    void aSlidesInfluenceIsItsShareOfTheMass() {
        RigAnalysis analysis = Bag.onHead().analysis();
        BalanceSheet sheet = BalanceSheet.of(analysis).orElseThrow();
        BalanceSheet.Slide slide = sheet.slides().stream()
                .filter(s -> s.key().toString().equals("dovetail:rail:0"))
                .findFirst()
                .orElseThrow();
        assertEquals(4.2 / 5.2, Math.abs(slide.perMm().get(0)), 1e-6);
        double serves = (slide.serves().orElseThrow().from()
                        + slide.serves().orElseThrow().to())
                / 2;
        double then = sheet.lenses().get(0).offMm() + slide.perMm().get(0) * (serves - slide.value());
        assertEquals(0, then, 1e-6, "the middle of what serves brings it over the support");
    }

    @Test
    void withoutASupportThereIsNoSheet() {
        assertTrue(BalanceSheet.of(Bag.onRods(300).analysis()).isEmpty());
        assertThrows(
                EditRefused.class, () -> ConfigurationEdits.carryBy(Bag.onHead().analysis(), PlacementId.of("quick")));
        assertEquals(
                SupportFacet.Support.Way.STANDS,
                Bag.head().facet(SupportFacet.Support.class).orElseThrow().way());
    }
}
