package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.benchtest.BenchTest;
import wideharbor.core.benchtest.TestPlan;

/** What is tried on the bodies of the demo. */
class TestPlanOfDemoTest {
    @ParameterizedTest
    @ValueSource(strings = {"slack-water", "kiln", "second-bell", "the-lift", "queens-yard"})
    void plans(String id) {
        JobAnalysis job = JobAnalysis.of(new HarborCodec().read(HarborCodecTest.demo(id)));
        TestPlan plan = TestPlan.of(job);
        Set<String> keys = new HashSet<>();
        plan.tests().forEach(t -> assertEquals(true, keys.add(t.key()), t.key()));
        for (BenchTest test : plan.tests()) {
            System.out.println(id + " | " + test.place() + " | " + test.key() + " | " + test.title() + " | "
                    + test.how() + " | " + test.band());
        }
        System.out.println(id + " " + plan.tests().size());
    }
}
