package wideharbor.app.dispatch;

import java.util.List;
import org.springframework.stereotype.Component;
import wideharbor.app.assembly.StepsTicked;
import wideharbor.app.benchtest.BenchTests;
import wideharbor.app.job.StoredJob;
import wideharbor.app.stock.Moves;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.benchtest.TestStates;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.Packed;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Progress;

/** What the gate asks for: how far steps, tests, packing and return are. */
@Component
class Progresses {
    private final StepsTicked ticked;
    private final BenchTests tests;
    private final Moves moves;

    Progresses(StepsTicked ticked, BenchTests tests, Moves moves) {
        this.ticked = ticked;
        this.tests = tests;
        this.moves = moves;
    }

    record All(
            Progress steps, Progress tests, List<String> failedTests, Progress packed, int cases, Progress returned) {}

    All of(StoredJob stored, Judged judged, List<PullList.Line> lines) {
        TestStates bench = tests.of(judged.analyses());
        Packed packed = Packed.of(lines, moves.of(stored.job().id()));
        return new All(
                ticked.of(judged.analyses()),
                bench.progress(),
                bench.failed(),
                packed.packing(),
                packed.cases(),
                packed.returning());
    }

    Progress steps(JobAnalysis job) {
        return ticked.of(job);
    }

    Progress tests(JobAnalysis job) {
        return tests.of(job).progress();
    }

    Progress packed(Job job) {
        return packing(job).packing();
    }

    Progress returned(Job job) {
        return packing(job).returning();
    }

    private Packed packing(Job job) {
        return Packed.of(PullList.of(job), moves.of(job.id()));
    }
}
