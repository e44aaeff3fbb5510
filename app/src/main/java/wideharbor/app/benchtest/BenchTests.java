package wideharbor.app.benchtest;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.benchtest.BenchTest;
import wideharbor.core.benchtest.TestPlan;
import wideharbor.core.benchtest.TestResult;
import wideharbor.core.benchtest.TestState;
import wideharbor.core.dispatch.Progress;

/** How far the tests of a job are. */
@Component
public class BenchTests {
    private final TestRows rows;

    BenchTests(TestRows rows) {
        this.rows = rows;
    }

    /**
     * Of all bodies together.
     *
     * @param failed titles of those that failed, and of those that decided nothing
     */
    public record Standing(Progress tests, List<String> failed) {}

    @Transactional(readOnly = true)
    public Standing of(JobAnalysis job) {
        Map<BenchTest, TestState> states = states(TestPlan.of(job), job.job().id());
        int done = (int)
                states.values().stream().filter(s -> s.standing().isDone()).count();
        return new Standing(
                new Progress(done, states.size()),
                states.entrySet().stream()
                        .filter(e -> e.getValue().standing() == TestState.Standing.FAILED
                                || e.getValue().standing() == TestState.Standing.UNDECIDED)
                        .map(e -> e.getKey().title())
                        .toList());
    }

    Map<BenchTest, TestState> states(TestPlan plan, String job) {
        List<TestResult> results = rows.of(job).stream().map(TestRow::result).toList();
        return plan.states(results);
    }
}
