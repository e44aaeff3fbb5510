package wideharbor.core.dispatch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.check.Verdict;
import wideharbor.core.dispatch.Gate.Stage;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Progress;
import wideharbor.core.testkit.Bag;

class DispatchTest {
    private static final Verdict CLEAR = new Verdict(true, 0, 0, 0, 0, 0, 0);
    private static final Verdict HELD = new Verdict(false, 2, 1, 1, 0, 0, 0);

    private static final Progress ALL = new Progress(12, 12);
    private static final Progress SOME = new Progress(11, 12);

    private static Optional<String> signs(Stage stage, Verdict verdict, List<String> signed, String who) {
        return Gate.whyNotSign(stage, verdict, ALL, 0, signed, who);
    }

    @Test
    void builtMeansEveryStepTicked() {
        assertTrue(Gate.whyNotBuilt(Stage.DRAFT, ALL).isEmpty());
        assertEquals(
                "11 of 12 steps of putting it together are ticked.",
                Gate.whyNotBuilt(Stage.DRAFT, SOME).orElseThrow());
        assertEquals(
                "It is signed already.", Gate.whyNotBuilt(Stage.SIGNED, ALL).orElseThrow());
    }

    @Test
    void checkedMeansEveryTestPassed() {
        assertTrue(Gate.whyNotChecked(Stage.BUILT, ALL).isEmpty());
        assertEquals(
                "11 of 12 tests at the bench are passed.",
                Gate.whyNotChecked(Stage.BUILT, SOME).orElseThrow());
        assertEquals(
                "It must be built first.", Gate.whyNotChecked(Stage.DRAFT, ALL).orElseThrow());
        assertEquals(
                "It is checked at the bench already.",
                Gate.whyNotChecked(Stage.CHECKED, ALL).orElseThrow());
    }

    @Test
    void signingNeedsTheBenchClearAndAnotherPerson() {
        assertEquals(
                "It must be checked at the bench first; it is built.",
                signs(Stage.BUILT, CLEAR, List.of(), "tech").orElseThrow());
        assertEquals(
                "Held by 2 stops, 1 undecided, 1 unread caution: a held package is not signed.",
                signs(Stage.CHECKED, HELD, List.of(), "tech").orElseThrow());
        assertTrue(signs(Stage.CHECKED, CLEAR, List.of("tech"), "tech").isPresent());
        assertTrue(signs(Stage.CHECKED, CLEAR, List.of("tech"), "lead").isEmpty());
        assertTrue(Gate.whyNotSign(Stage.CHECKED, CLEAR, SOME, 0, List.of(), "tech")
                .isPresent());
        assertTrue(Gate.whyNotSign(Stage.CHECKED, CLEAR, ALL, 1, List.of(), "tech")
                .orElseThrow()
                .contains("a lead must take them"));
        assertTrue(signs(Stage.SIGNED, CLEAR, List.of("tech", "lead"), "desk").isPresent());
    }

    @Test
    void twoDifferentPeopleMakeItSigned() {
        assertEquals(Stage.CHECKED, Gate.afterSignature(List.of("tech")));
        assertEquals(Stage.CHECKED, Gate.afterSignature(List.of("tech", "tech")));
        assertEquals(Stage.SIGNED, Gate.afterSignature(List.of("tech", "lead")));
    }

    @Test
    void onlyWhatIsSignedPackedAndClearLeaves() {
        assertEquals(
                "It must be signed by two people first; it is checked at the bench.",
                Gate.whyNotPacked(Stage.CHECKED, ALL).orElseThrow());
        assertEquals(
                "11 of 12 pieces are scanned into cases.",
                Gate.whyNotPacked(Stage.SIGNED, SOME).orElseThrow());
        assertTrue(Gate.whyNotPacked(Stage.SIGNED, ALL).isEmpty());
        assertEquals(
                "It must be packed first; it is signed.",
                Gate.whyNotDispatch(Stage.SIGNED, CLEAR, ALL).orElseThrow());
        assertTrue(Gate.whyNotDispatch(Stage.PACKED, HELD, ALL).isPresent());
        assertTrue(Gate.whyNotDispatch(Stage.PACKED, CLEAR, SOME).isPresent());
        assertTrue(Gate.whyNotDispatch(Stage.PACKED, CLEAR, ALL).isEmpty());
    }

    @Test
    void whatLeftComesBackAndIsAccountedFor() {
        assertTrue(Gate.whyNotScanned(Stage.DISPATCHED, Move.Kind.BACK).isEmpty());
        assertTrue(Gate.whyNotScanned(Stage.DRAFT, Move.Kind.INTO_CASE).isEmpty());
        assertEquals(
                "This job has left the house: nothing goes into its cases or out of them.",
                Gate.whyNotScanned(Stage.DISPATCHED, Move.Kind.OUT_OF_CASE).orElseThrow());
        assertEquals(
                "This job's return is closed.",
                Gate.whyNotScanned(Stage.RECONCILED, Move.Kind.BACK).orElseThrow());
        assertEquals(Stage.RETURNED, Gate.afterScan(Stage.DISPATCHED, Move.Kind.MISSING));
        assertEquals(Stage.RETURNED, Gate.afterScan(Stage.RETURNED, Move.Kind.BACK));
        assertEquals(Stage.SIGNED, Gate.afterScan(Stage.PACKED, Move.Kind.OUT_OF_CASE));
        assertEquals(Stage.CHECKED, Gate.afterScan(Stage.CHECKED, Move.Kind.OUT_OF_CASE));
        assertEquals(
                "This job has not left the house: nothing of it can come back.",
                Gate.whyNotScanned(Stage.PACKED, Move.Kind.BACK).orElseThrow());
        assertEquals(
                "It must be back first; it is dispatched.",
                Gate.whyNotReconciled(Stage.DISPATCHED, ALL).orElseThrow());
        assertEquals(
                "11 of 12 pieces are accounted for.",
                Gate.whyNotReconciled(Stage.RETURNED, SOME).orElseThrow());
        assertTrue(Gate.whyNotReconciled(Stage.RETURNED, ALL).isEmpty());
        assertTrue(Stage.RECONCILED.hasLeft() && Stage.DISPATCHED.hasLeft() && !Stage.PACKED.hasLeft());
    }

    /**
     * Two screws into the body, two into the quick plate; both lenses of the set add none, so four go along, not
     * twelve.
     */
    @Test
    void screwsAreCountedOnceForAllLensesAndNameTheKeyThatIsMissing() {
        var job = Bag.onRods(300)
                .inKit(Bag.keys("hex 5 mm"), 1)
                .lens("a", Bag.lens("a", 1500, 60, 120), "body:mount", "mount")
                .lens("b", Bag.lens("b", 2000, 80, 160), "body:mount", "mount")
                .job();
        var screws = FastenerList.of(JobAnalysis.of(job));
        assertEquals(1, screws.size());
        assertEquals(4, screws.get(0).count());
        assertEquals(List.of("hex 5 mm"), screws.get(0).near());
        assertTrue(screws.get(0).held().isEmpty());
        assertEquals(2, screws.get(0).where().size());
    }

    @Test
    void aPackedKeyIsNamedWithItsTool() {
        var screws = FastenerList.of(JobAnalysis.of(Bag.onHead().job()));
        assertEquals("keys", screws.get(0).held().get("hex 3/16 in"));
    }

    /** One lens that is in the set with either of two boxes is one lens. */
    @Test
    void aLensWithTwoBoxesIsPulledOnce() {
        var lens = Bag.lens("a", 1500, 60, 120);
        var job = Bag.onRods(300)
                .lens("light", lens, "body:mount", "mount")
                .lens("heavy", lens, "body:mount", "mount")
                .job();
        assertEquals(1, pieces(PullList.of(job), "a"));
    }

    /** Two lenses are never on at once, but both go along; the matte box goes once. */
    @Test
    void thePullListTakesEveryLensAndTheMostOfTheRest() {
        var job = Bag.onRods(300)
                .inKit(Bag.battery("battery-100", Figure.maker(100)), 4)
                .lens("a", Bag.lens("a", 1500, 60, 120), "body:mount", "mount")
                .lens("b", Bag.lens("b", 2000, 80, 160), "body:mount", "mount")
                .job();
        List<PullList.Line> lines = PullList.of(job);
        assertEquals(1, pieces(lines, "a"));
        assertEquals(1, pieces(lines, "b"));
        assertEquals(1, pieces(lines, "box"));
        assertEquals(4, pieces(lines, "battery-100"));
        assertEquals("body", lines.get(0).type().name(), "bodies first");
        Figure.Known four = (Figure.Known) PullList.lineGrams(lines.stream()
                .filter(l -> l.type().name().equals("battery-100"))
                .findFirst()
                .orElseThrow());
        assertEquals(4000, four.value(), 1e-9);
    }

    /** Spares that the brief wants, batteries for the day, and what nobody that the job knows of asks for. */
    @Test
    void eachLineTellsWhatItServes() {
        var job = Bag.onRods(300)
                .inKit(Bag.battery("battery-100", Figure.maker(100)), 2)
                .inKit(Bag.rods(300), 1)
                .job();
        Map<String, List<String>> serves = new HashMap<>();
        PullList.of(job).forEach(l -> serves.put(l.type().name(), l.serves()));
        String body = "on " + job.gear().builds().get(0).title();
        assertEquals(List.of(body), serves.get("body"));
        assertEquals(List.of(body, "spare of what is on the rig"), serves.get("rods-300"));
        assertEquals(List.of("nobody asks for it"), serves.get("battery-100"), "no battery is on a rig");
    }

    private static int pieces(List<PullList.Line> lines, String name) {
        return lines.stream()
                .filter(l -> l.type().name().equals(name))
                .mapToInt(PullList.Line::pieces)
                .sum();
    }

    /**
     * Whatever configurations leave out or take on, the package holds what each of them needs at once with any lens.
     */
    @Test
    void thePackageCoversEveryConfiguration() {
        java.util.Random random = new java.util.Random(20261125);
        List<String> parts = List.of("quick", "bridge", "rods", "box");
        for (int round = 0; round < 40; round++) {
            var rigs = Bag.onRods(300)
                    .lens("a", Bag.lens("a", 1500, 60, 120), "body:mount", "mount")
                    .lens("b", Bag.lens("b", 2000, 80, 160), "body:mount", "mount");
            for (int c = 0; c < 3; c++) {
                List<wideharbor.core.build.Command> overlay = new java.util.ArrayList<>();
                for (String part : parts) {
                    if (random.nextInt(3) == 0) {
                        overlay.add(new wideharbor.core.build.Command.Remove(PlacementId.of(part)));
                    }
                }
                for (int more = random.nextInt(3); more > 0; more--) {
                    overlay.add(new wideharbor.core.build.Command.Place(
                            PlacementId.of("more-" + more), Bag.box().ref(), ""));
                }
                rigs.configuration(new wideharbor.core.build.Configuration(
                        ConfigurationId.of("c" + c),
                        "C" + c,
                        PlacementId.of("none"),
                        0,
                        0,
                        overlay,
                        ConfigurationId.NONE));
            }
            var job = rigs.job();
            var held = new java.util.HashMap<wideharbor.core.catalog.TypeRef, Integer>();
            PullList.of(job).forEach(l -> held.put(l.type().ref(), l.onRig()));
            var build = job.gear().build(BuildId.of("a"));
            for (var configuration : build.configurations()) {
                for (var lens : build.lenses()) {
                    var content = build.content(configuration.id(), lens.id(), job.catalogue());
                    var needed = new java.util.HashMap<wideharbor.core.catalog.TypeRef, Integer>();
                    content.placements().stream()
                            .filter(p -> !content.isRemoved(p.id()))
                            .forEach(p -> needed.merge(p.type(), 1, Integer::sum));
                    needed.forEach((type, count) -> assertTrue(
                            held.getOrDefault(type, 0) >= count,
                            type + " in " + configuration.id() + " with " + lens.id()));
                }
            }
        }
    }
}
