package wideharbor.core.benchtest;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A body on a head with a lens: what is tried on it. */
class TestPlanTest {
    private static TestPlan plan(Rigs rigs) {
        return TestPlan.of(rigs.analysis().whole());
    }

    private static Rigs withLens() {
        return Bag.onHead().with("lens", Bag.lens("lens", 2600, 90, 180)).join("j-lens", "body:mount", "lens:mount");
    }

    private static Set<String> keys(TestPlan plan) {
        return plan.tests().stream().map(BenchTest::key).collect(Collectors.toSet());
    }

    private static BenchTest test(TestPlan plan, String key) {
        return plan.find(key).orElseThrow(() -> new AssertionError(key + " of " + keys(plan)));
    }

    @Test
    void whatItIsMadeOfIsTried() {
        TestPlan plan = plan(withLens());
        Set<String> keys = keys(plan);
        assertEquals(plan.tests().size(), keys.size());
        assertTrue(
                keys.containsAll(List.of("a:weigh:studio", "a:sensor:body", "a:pins:body", "a:boot:body")),
                keys.toString());
        assertFalse(keys.stream().anyMatch(k -> k.contains(":corners")), "no box, no corners to look at");
        List<Place> places = plan.tests().stream().map(BenchTest::place).toList();
        assertEquals(places.stream().sorted().toList(), places, "by place at the bench");
    }

    /** The sheet and the scale: computed ± 5 % of what is carried. */
    @Test
    void theScaleIsHeldAgainstTheSheet() {
        Rigs rigs = withLens();
        double grams = rigs.analysis().carried().grams();
        Band.Measure band = (Band.Measure) test(plan(rigs), "a:weigh:studio").band();
        assertEquals(grams, band.computed().orElseThrow(), 1e-6);
        assertEquals(
                rigs.analysis().carried().range().from() * 0.95, band.from().orElseThrow(), 1e-6);
        assertEquals(Instrument.SCALE, test(plan(rigs), "a:weigh:studio").instrument());
    }

    @Test
    void statesComeInTheOrderOfThePlan() {
        TestPlan plan = plan(withLens());
        TestStates all = plan.states(List.of());
        Map<BenchTest, TestState> states = all.byTest();
        assertEquals(plan.tests().size(), all.progress().left());
        assertEquals(List.of(), all.failed());
        assertEquals(plan.tests(), List.copyOf(states.keySet()));
        assertTrue(states.values().stream().allMatch(s -> s.standing() == TestState.Standing.OPEN));
    }
}
