package wideharbor.core.merge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Build;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Kit;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class DifferencesTest {
    private static Build taken(Rigs here, Rigs there) {
        Job job = here.job();
        Catalogue both = there.catalogue().and(job.catalogue());
        Differences.Result result = Differences.between(job.gear().build(BuildId.of("a")), there.build(), both);
        GearPackage after =
                job.gear().apply(BuildId.of("a"), result.edit(), both).after();
        return after.build(BuildId.of("a"));
    }

    private static List<String> lines(Rigs here, Rigs there) {
        return Differences.between(
                        here.build(), there.build(), there.catalogue().and(here.catalogue()))
                .lines()
                .stream()
                .map(l -> l.kind() + " " + l.what() + " " + l.id())
                .toList();
    }

    @Test
    void theSameSaysNothing() {
        assertEquals(List.of(), lines(Bag.onRods(300), Bag.onRods(300)));
    }

    @Test
    void aPartOfAnotherTypeIsOneLine() {
        assertEquals(List.of("CHANGED part rods"), lines(Bag.onRods(300), Bag.onRods(400)));
    }

    /** Taking the file's side makes the base what the file has, whichever way round. */
    @Test
    void takingTheOthersSideMakesThemAgree() {
        Rigs plain = Bag.onRods(300);
        Rigs more = Bag.onRods(400).set("rods:rods:0", -61).with("extra", Bag.quick(5));
        assertEquals(more.build().base(), taken(plain, more).base());
    }

    /** What is only here stays; it is told, not taken off. */
    @Test
    void whatIsOnlyHereStays() {
        Rigs more = Bag.onRods(300).with("extra", Bag.quick(5));
        assertTrue(lines(more, Bag.onRods(300)).contains("ONLY_HERE part extra"));
        assertTrue(taken(more, Bag.onRods(300))
                .base()
                .placement(PlacementId.of("extra"))
                .isPresent());
    }

    private static final ItemType WIRE = Bag.cable("wire", "1+ 2−", 0, 300);
    private static final ItemType LONGER = Bag.cable("longer", "1+ 2−", 0, 600);

    private static Rigs fed(ItemType cable) {
        return Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(20)))
                .join("j-lamp", "body:side", "lamp:foot")
                .cable("k", cable, "plate:out-1", "lamp:in");
    }

    private static Differences.Line line(Rigs here, Rigs there, String what) {
        return Differences.between(
                        here.build(), there.build(), there.catalogue().and(here.catalogue()))
                .lines()
                .stream()
                .filter(l -> l.what().equals(what))
                .findFirst()
                .orElseThrow();
    }

    /** Another cable, another way for it, one that is new, one that is only here: each is told in words. */
    @Test
    void cablesAreToldByTheirEndsAndTheirWay() {
        Differences.Line other = line(fed(WIRE), fed(LONGER), "cable");
        assertEquals("wire, plate to lamp", other.here());
        assertEquals("longer, plate to lamp", other.there());
        Rigs laid = fed(WIRE).laid("k", new CableRun.Laid(List.of(PlacementId.of("body")), PlacementId.NONE));
        assertEquals(
                "wire, plate to lamp along body", line(fed(WIRE), laid, "cable").there());
        assertEquals(laid.build().base(), taken(fed(WIRE), laid).base());
        assertEquals(List.of("NEW cable k2"), lines(fed(WIRE), fed(WIRE).cable("k2", WIRE, "plate:out-2", "lamp:in")));
        assertEquals(
                List.of("ONLY_HERE cable k2"), lines(fed(WIRE).cable("k2", WIRE, "plate:out-2", "lamp:in"), fed(WIRE)));
    }

    /** Where it hangs, by which joint, and how sure we are of it. */
    @Test
    void aJointThatDiffersIsOpenedAndMadeAnew() {
        Rigs side = fed(WIRE);
        Rigs top = Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(20)))
                .join("j-lamp", "body:top", "lamp:foot", Joint.Confidence.MAKER_TESTED)
                .cable("k", WIRE, "plate:out-1", "lamp:in");
        Differences.Line joint = line(side, top, "joint");
        assertEquals(Differences.Kind.CHANGED, joint.kind());
        assertTrue(joint.there().contains("maker tested"), joint.there());
        assertEquals(top.build().base(), taken(side, top).base());
        Rigs renamed = Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(20)))
                .join("j-other", "body:top", "lamp:foot")
                .cable("k", WIRE, "plate:out-1", "lamp:in");
        assertEquals(
                List.of("NEW joint j-other", "CHANGED joint j-lamp"),
                lines(side, renamed),
                "located by one joint at a time");
        assertEquals(renamed.build().base(), taken(side, renamed).base());
    }

    @Test
    void settingsAreToldByTheirNumbers() {
        Rigs here = Bag.onRods(300);
        Rigs there = Bag.onRods(300).set("box:rods:0", 180);
        Differences.Line slide = line(here, there, "setting");
        assertEquals("200.0", slide.here());
        assertEquals("180.0", slide.there());
        assertEquals(there.build().base(), taken(here, there).base());
    }

    /** What was weighed, and what was taken off, on the other's scales. */
    @Test
    void weightsAndWhatIsTakenOffAreTaken() {
        Build plain = Bag.onRods(300).build();
        Catalogue catalogue = Bag.onRods(300).catalogue();
        GearPackage package_ = Bag.onRods(300).job().gear();
        Build there = package_.apply(
                        BuildId.of("a"),
                        List.of(
                                Scoped.base(new Command.Weigh(
                                        PlacementId.of("box"), Figure.measured(640, "tech", "2026-11-24"))),
                                Scoped.base(new Command.Remove(PlacementId.of("box")))),
                        catalogue)
                .after()
                .build(BuildId.of("a"));
        Differences.Result result = Differences.between(plain, there, catalogue);
        assertEquals(
                List.of("mass of", "part"),
                result.lines().stream().map(Differences.Line::what).toList());
        assertEquals("taken off", result.lines().get(1).there());
        assertEquals(
                there.base(),
                package_.apply(BuildId.of("a"), result.edit(), catalogue)
                        .after()
                        .build(BuildId.of("a"))
                        .base());
        Differences.Result back = Differences.between(there, plain, catalogue);
        assertEquals("on the rig", back.lines().get(1).there());
    }

    /** An overlay that differs is taken whole; a configuration that is only there has to be added in the job. */
    @Test
    void overlaysAreTakenWholeAndNewOnesAreNot() {
        Configuration bare = new Configuration(
                ConfigurationId.of("bare"), "Bare", PlacementId.of("none"), 0, 0, List.of(), ConfigurationId.NONE);
        Configuration stripped = new Configuration(
                ConfigurationId.of("bare"),
                "Bare",
                PlacementId.of("none"),
                0,
                0,
                List.of(new Command.Remove(PlacementId.of("box"))),
                ConfigurationId.NONE);
        Rigs here = Bag.onRods(300).configuration(bare);
        Rigs there = Bag.onRods(300).configuration(stripped);
        assertEquals("1 changes on the base", line(here, there, "configuration").there());
        assertEquals(
                stripped.overlay(),
                taken(here, there)
                        .configuration(ConfigurationId.of("bare"))
                        .orElseThrow()
                        .overlay());
        assertEquals(List.of("NEW configuration bare"), lines(Bag.onRods(300), there));
        assertEquals(List.of("ONLY_HERE configuration bare"), lines(here, Bag.onRods(300)));
    }

    @Test
    void kitCountsAreTakenAsChanges() {
        Kit here = new Kit(Map.of(WIRE.ref(), 3, LONGER.ref(), 1));
        Kit there = new Kit(Map.of(WIRE.ref(), 1));
        Differences.Result result = Differences.between(here, there);
        assertEquals(2, result.lines().size());
        assertEquals(
                List.of(new Command.AddKit(WIRE.ref(), -2), new Command.AddKit(LONGER.ref(), -1)),
                result.edit().stream().map(Scoped::command).toList());
        assertTrue(Differences.between(here, here).isSame());
    }
}
