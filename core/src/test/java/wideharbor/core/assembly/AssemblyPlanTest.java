package wideharbor.core.assembly;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import wideharbor.core.assembly.AssemblyPlan.Step;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.Relation;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Small rigs put together, and three hundred grown at random. */
class AssemblyPlanTest {
    private static final List<String> KEYS = List.of("hex 3 mm", "hex 5/32 in", "hex 3/16 in");

    private static List<String> keys(AssemblyPlan plan) {
        return plan.steps().stream().map(Step::key).toList();
    }

    private static Step step(AssemblyPlan plan, String key) {
        return plan.steps().stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new AssertionError(key + " of " + keys(plan)));
    }

    /** The plates go on with the body on its top; then it is turned, and set on the head that stands. */
    @Test
    void aBodyGetsItsPlatesAndComesOntoTheHead() {
        AssemblyPlan plan = AssemblyPlan.of(Bag.onHead().analysis());
        List<String> keys = keys(plan);
        assertEquals("fit:body", keys.get(0));
        assertEquals("on its top, the base up", plan.steps().get(0).where());
        assertTrue(keys.indexOf("fit:quick") < keys.indexOf("fit:bridge"), keys.toString());
        assertTrue(keys.indexOf("fit:dovetail") < keys.indexOf("turn:1"), keys.toString());
        assertTrue(keys.indexOf("turn:1") < keys.indexOf("lift:j-head"), keys.toString());
        assertTrue(keys.indexOf("fit:head") < keys.indexOf("lift:j-head"), keys.toString());
        assertEquals("balance", keys.get(keys.size() - 1));
        Step quick = step(plan, "fit:quick");
        assertEquals(List.of(new AssemblyPlan.Tool("hex 3/16 in", "keys")), quick.tools());
        assertEquals(List.of(new AssemblyPlan.Screwing("3/8-16", 2, true)), quick.screws());
        assertEquals(Side.UNDER, quick.side());
        assertEquals("All 2 started by hand, then tightened crosswise.", quick.check());
        assertEquals(List.of(), plan.loops());
    }

    private static Rigs withLens() {
        return Bag.onHead()
                .with("rods", Bag.rods(300))
                .join("j-rods", "bridge:rods", "rods:rods")
                .with("lens", Bag.lens("lens", 2600, 90, 180))
                .join("j-lens", "body:mount", "lens:mount")
                .with("support", Bag.lensSupport())
                .join("j-support", "rods:rods", "support:rods")
                .close("j-brace", "support:cradle", "lens:barrel");
    }

    /** What bears the lens is there before it, however the rig is listed, and whoever holds it is told until when. */
    @Test
    void theSupportStandsBeforeTheLens() {
        AssemblyPlan plan = AssemblyPlan.of(withLens().analysis());
        List<String> keys = keys(plan);
        assertTrue(keys.indexOf("fit:support") < keys.indexOf("fit:lens"), keys.toString());
        assertFalse(keys.contains("tie:j-brace"), "it is closed by whoever holds the lens");
        Step lens = step(plan, "fit:lens");
        assertEquals("Hold the lens until support touches it and is locked; then let go.", lens.check());
        assertTrue(
                lens.before().stream().anyMatch(b -> b.kind() == Reason.Kind.BORNE),
                lens.before().toString());
        assertTrue(step(plan, "fit:support").whyNow().contains("The mount alone would bear lens"));
        assertTrue(
                keys.indexOf("lift:j-head") < keys.indexOf("fit:lens"), "nothing is turned over with a lens: " + keys);
    }

    /** Back: the lens before what bears it, the rig off the head before its plates, the body last. */
    /** With both parts in the hand, on and off again; on what is laid out first once that lies there. Never undone. */
    @Test
    void whatNobodyHasTriedIsTriedBeforeAnythingIsBuiltOnIt() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("quick", Bag.quick(11))
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(300))
                .join("j-quick", "body:base", "quick:top", Joint.Confidence.CLAIMED)
                .join("j-bridge", "quick:bottom", "bridge:top")
                .join("j-rods", "bridge:rods", "rods:rods", Joint.Confidence.PLAUSIBLE)
                .set("rods:rods:0", -50)
                .on("none");
        AssemblyPlan plan = AssemblyPlan.of(rigs.analysis());
        List<String> keys = keys(plan);
        assertEquals("fit:body", keys.get(0));
        assertTrue(keys.indexOf("try:j-quick") < keys.indexOf("fit:quick"), keys.toString());
        assertTrue(keys.indexOf("try:j-rods") < keys.indexOf("fit:bridge"), keys.toString());
        Step trial = step(plan, "try:j-rods");
        assertEquals("Try rods-300 on bridge", trial.title());
        assertTrue(!trial.on().contains(PlacementId.of("rods")), trial.on().toString());
        assertTrue(trial.whyNow().endsWith("nothing has been built on it yet."), trial.whyNow());
        assertTrue(plan.back().stream().noneMatch(b -> b.key().startsWith("try:")));
        assertTrue(plan.back().stream()
                .flatMap(b -> b.before().stream())
                .noneMatch(b -> b.key().startsWith("try:")));
        // On and off: twice what fitting them takes but for going round to their side.
        assertEquals(2 * (step(plan, "fit:rods").minutes() - 0.1), trial.minutes(), 1e-9);
    }

    @Test
    void theWayBackUndoesIt() {
        AssemblyPlan plan = AssemblyPlan.of(withLens().analysis());
        List<Step> back = plan.back();
        List<String> keys = back.stream().map(Step::key).toList();
        assertTrue(keys.indexOf("fit:lens") < keys.indexOf("fit:support"), keys.toString());
        assertTrue(keys.indexOf("lift:j-head") < keys.indexOf("fit:quick"), keys.toString());
        assertEquals("fit:body", keys.get(keys.size() - 1));
        assertEquals("Put away body", back.get(back.size() - 1).title());
        assertEquals(List.of(), back.get(back.size() - 1).on(), "the table is empty");
        Step lens = back.get(keys.indexOf("fit:lens"));
        assertEquals("lens off body", lens.title());
        assertTrue(lens.check().startsWith("Hold the lens, lower"), lens.check());
        Step support = back.get(keys.indexOf("fit:support"));
        assertTrue(
                support.before().stream().anyMatch(b -> b.key().equals("fit:lens")),
                support.before().toString());
    }

    @Test
    void aHouseThatBuildsOnTheTableLiftsTheWholeRig() {
        AssemblyPlan plan =
                AssemblyPlan.of(withLens().working(Map.of("built-on", "table")).analysis());
        List<String> keys = keys(plan);
        assertEquals(keys.size() - 2, keys.indexOf("lift:j-head"), keys.toString());
    }

    private static ItemType plate(String id, String key, Port.Role role) {
        return part(id).shaped(box(id))
                .port(PortBuilder.builder(Parts.plain("foot", "m4-pair", role, Vec3.ZERO, DOWN, Vec3.FORWARD))
                        .screws(List.of(new Port.Screw("M4", 2, true, List.of(key))))
                        .build())
                .make();
    }

    private static wideharbor.core.geometry.Shape box(String id) {
        return new wideharbor.core.geometry.Shape.Box(
                new Vec3(-8, 0, -8), new Vec3(8, 6 + id.length(), 8), wideharbor.core.geometry.Shape.Use.SOLID);
    }

    private static ItemType table() {
        var made = part("body").is(Category.BODY);
        for (int i = 0; i < 4; i++) {
            made.port("top-" + i, "m4-pair", Role.B, new Vec3(0, 0, -40.0 * i), Vec3.UP, Vec3.FORWARD);
        }
        return made.make();
    }

    /**
     * Keys a, b, a, b in the order of the rig: four fetched, 2.0 min; by twos it is two, 1.0, and nobody does better.
     */
    @Test
    void aKeyIsFetchedOnce() {
        Rigs rigs = Rigs.rig().with("body", table());
        for (int i = 0; i < 4; i++) {
            rigs.with("p" + i, plate("p" + i, KEYS.get(i % 2), Role.A))
                    .join("j" + i, "body:top-" + i, "p" + i + ":foot");
        }
        AssemblyPlan plan = AssemblyPlan.of(rigs.on("none").analysis());
        assertEquals(1.0, plan.setUp(), 1e-9);
        assertEquals(1.0, plan.leastSetUp(), 1e-9);
        assertEquals(2.0, plan.plainSetUp(), 1e-9);
        // Two screws of half a minute each on four parts, the body laid out in 0.3, and the keys.
        assertEquals(4 + 0.3 + 1.0, plan.minutes(), 1e-9);
        assertEquals("", plan.steps().get(1).tools().get(0).in(), "nothing is packed");
    }

    /** A part may be called what a sentence says: its name stays as it is. */
    @Test
    void namesStayAsTheyAreOnTheWayBack() {
        ItemType named = ItemTypeBuilder.builder(part("clamp")
                        .port("foot", "m4-pair", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                        .port("side", "m4-pair", Role.A, new Vec3(0, 5, 0), DOWN, Vec3.FORWARD)
                        .make())
                .name("clamp to plate onto rail")
                .build();
        AssemblyPlan plan = AssemblyPlan.of(Rigs.rig()
                .with("body", table())
                .with("one", named)
                .join("j1", "body:top-0", "one:foot")
                .close("j2", "body:top-1", "one:side")
                .on("none")
                .analysis());
        List<String> back = plan.back().stream().map(Step::title).toList();
        assertEquals(
                List.of(
                        "Untie clamp to plate onto rail from body",
                        "clamp to plate onto rail off body",
                        "Put away body"),
                back);
    }

    /** Two that each need the other first cannot both have it; it is told, and the steps are all there. */
    @Test
    void whatCannotBeIsTold() {
        ItemType one = part("one")
                .port("foot", "m4-pair", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .wants(Relation.Kind.NEEDS, "two")
                .make();
        ItemType two = part("two")
                .port("foot", "m4-pair", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .wants(Relation.Kind.NEEDS, "one")
                .make();
        AssemblyPlan plan = AssemblyPlan.of(Rigs.rig()
                .with("body", table())
                .with("one", one)
                .join("j1", "body:top-0", "one:foot")
                .with("two", two)
                .join("j2", "body:top-1", "two:foot")
                .on("none")
                .analysis());
        assertEquals(1, plan.loops().size());
        assertTrue(
                plan.loops().get(0).against().get(0).contains("two"),
                plan.loops().toString());
        assertEquals(3, plan.steps().stream().filter(s -> s.part().isPresent()).count());
    }

    private static final List<Vec3> WAYS = List.of(Vec3.UP, Vec3.LEFT, RIGHT, DOWN);

    private static ItemType grown(int n, Random random) {
        var made = part("g" + n)
                .is(random.nextInt(4) == 0 ? Category.MONITOR : Category.BRACKET)
                .shaped(box("g" + n))
                .port(PortBuilder.builder(Parts.plain("foot", "m4-pair", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD))
                        .screws(List.of(new Port.Screw("M4", 2, true, List.of(KEYS.get(random.nextInt(3))))))
                        .build());
        for (int i = 0; i < WAYS.size(); i++) {
            made.port("out-" + i, "m4-pair", Role.B, WAYS.get(i).times(12), WAYS.get(i), Vec3.FORWARD);
        }
        if (n > 0 && random.nextInt(3) == 0) {
            made.wants(Relation.Kind.NEEDS, "g" + random.nextInt(n));
        }
        return made.make();
    }

    @RepeatedTest(300)
    void everyOrderKeepsItsReasons(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        Rigs rigs = Rigs.rig().with("body", grown(0, random));
        List<String> free = new ArrayList<>();
        WAYS.forEach(w -> free.add("body:out-" + WAYS.indexOf(w)));
        int parts = 3 + random.nextInt(12);
        for (int n = 1; n <= parts; n++) {
            String on = free.remove(random.nextInt(free.size()));
            rigs.with("g" + n, grown(n, random)).join("j" + n, on, "g" + n + ":foot");
            for (int i = 0; i < WAYS.size(); i++) {
                free.add("g" + n + ":out-" + i);
            }
        }
        AssemblyPlan plan = AssemblyPlan.of(rigs.on("none").analysis());
        Set<String> done = new HashSet<>();
        for (Step step : plan.steps()) {
            step.before().forEach(b -> assertTrue(done.contains(b.key()), step.key() + " before " + b.key()));
            assertTrue(done.add(step.key()), step.key() + " twice");
        }
        assertEquals(
                parts + 1,
                plan.steps().stream().filter(s -> s.part().isPresent()).count());
        assertEquals(keys(plan), keys(AssemblyPlan.of(rigs.analysis())), "the same rig, the same order");
        assertTrue(plan.leastSetUp() <= plan.setUp() + 1e-9);
        assertTrue(plan.setUp() <= plan.plainSetUp() + 1e-9);
        Set<String> off = new HashSet<>();
        for (Step step : plan.back()) {
            step.before().forEach(b -> assertTrue(off.contains(b.key()), step.key() + " off before " + b.key()));
            off.add(step.key());
        }
        assertEquals(done, off, "what was built is taken apart");
    }
}
