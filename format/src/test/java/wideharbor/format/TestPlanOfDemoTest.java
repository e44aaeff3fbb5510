package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.analysis.CarriedMass;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.benchtest.Band;
import wideharbor.core.benchtest.BenchTest;
import wideharbor.core.benchtest.Place;
import wideharbor.core.benchtest.TestPlan;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** What is tried on the bodies of the demo. */
class TestPlanOfDemoTest {
    private static JobAnalysis job(String id) {
        return JobAnalysis.of(new HarborCodec().read(HarborCodecTest.demo(id)));
    }

    private static BenchTest test(TestPlan plan, String key) {
        return plan.find(key).orElseThrow(() -> new AssertionError(key));
    }

    @ParameterizedTest
    @CsvSource({"slack-water, 25", "kiln, 21", "second-bell, 59", "the-lift, 22", "queens-yard, 24"})
    void everyTestIsAskedOnceAndSaysAllOfIt(String id, int several) {
        TestPlan plan = TestPlan.of(job(id));
        assertEquals(several, plan.tests().size());
        Set<String> keys = new HashSet<>();
        for (BenchTest test : plan.tests()) {
            assertTrue(keys.add(test.key()), test.key());
            assertTrue(test.key().length() <= 190, test.key());
            assertTrue(
                    !test.title().isBlank()
                            && !test.how().isBlank()
                            && !test.why().isBlank(),
                    test.key());
            if (test.band() instanceof Band.Measure m) {
                m.computed()
                        .ifPresent(c -> assertEquals("PASSED", m.outcome(c, 0).name(), test.key()));
            }
        }
        assertEquals(plan, TestPlan.of(job(id)), "the same job, the same plan");
    }

    /** Slack Water: 15 015 g computed with its heaviest lens; 5 % round its range. */
    @Test
    void theScaleIsHeldAgainstTheHeaviestLens() {
        JobAnalysis job = job("slack-water");
        BenchTest weigh = test(TestPlan.of(job, BuildId.of("a")), "a:weigh:studio");
        assertEquals(LensId.of("a135"), weigh.lens());
        CarriedMass carried = CarriedMass.of(job.rig(BuildId.of("a"), ConfigurationId.of("studio"), LensId.of("a135")));
        Band.Measure band = (Band.Measure) weigh.band();
        assertEquals(15_015, band.computed().orElseThrow(), 0.5);
        assertEquals(carried.mass().range().from() * 0.95, band.from().orElseThrow(), 1e-6);
        assertEquals(carried.mass().range().to() * 1.05, band.to().orElseThrow(), 1e-6);
    }

    /** What the brief asks is tried: its viewers, its mode, the clock; and what is not asked is not. */
    @Test
    void theBriefIsTried() {
        TestPlan plan = TestPlan.of(job("slack-water"));
        List<String> pictures = plan.tests().stream()
                .filter(t -> t.place() == Place.PICTURE)
                .map(BenchTest::title)
                .toList();
        assertEquals(List.of("Director sees the picture", "Focus puller sees the picture"), pictures);
        assertEquals(
                new Band.Measure(
                        java.util.Optional.of(165.0), java.util.Optional.empty(), "MB/s", java.util.Optional.empty()),
                test(plan, "a:write:card-1").band());
        Map<Place, Long> kiln = TestPlan.of(job("kiln")).tests().stream()
                .collect(java.util.stream.Collectors.groupingBy(
                        BenchTest::place, java.util.stream.Collectors.counting()));
        assertTrue(kiln.getOrDefault(Place.RIG, 0L) > 0, "Kiln has joints that nobody has tried: " + kiln);
    }
}
