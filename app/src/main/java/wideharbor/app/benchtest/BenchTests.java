package wideharbor.app.benchtest;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.benchtest.TestPlan;
import wideharbor.core.benchtest.TestStates;

/** How far the tests of a job are. */
@Component
public class BenchTests {
    private final TestRows rows;

    BenchTests(TestRows rows) {
        this.rows = rows;
    }

    /** Of all bodies together. */
    @Transactional(readOnly = true)
    public TestStates of(JobAnalysis job) {
        return of(TestPlan.of(job), job.job().id());
    }

    TestStates of(TestPlan plan, String job) {
        return plan.states(rows.of(job).stream().map(TestRow::result).toList());
    }
}
