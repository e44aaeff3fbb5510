package wideharbor.app.benchtest;

import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.Journal;
import wideharbor.app.job.StoredJob;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.benchtest.BenchTest;
import wideharbor.core.benchtest.TestResult;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.edit.DrawRequests;
import wideharbor.core.edit.FigureRequest;
import wideharbor.core.edit.Prepared;
import wideharbor.core.id.PlacementId;

/**
 * Readings that are good for more than their test: the build is judged by them from then on, as an edit with a name.
 */
@Component
class ReadingsKept {
    private final JobChanges changes;
    private final Journal journal;

    ReadingsKept(JobChanges changes, Journal journal) {
        this.changes = changes;
        this.journal = journal;
    }

    /** A figure that was found on a rig; others are passed over. Returns the job as it stands then. */
    @Transactional(propagation = Propagation.MANDATORY)
    StoredJob keep(StoredJob stands, JobAnalysis analyses, BenchTest test, TestResult found) {
        if (test.settles() == BenchTest.Settles.NOTHING || test.part().isEmpty()) {
            return stands;
        }
        return found.value()
                .filter(value -> value > 0)
                .flatMap(value -> prepared(analyses, test, value, found))
                .map(edit -> apply(stands, test, edit, found.who()))
                .orElse(stands);
    }

    private static Optional<Prepared> prepared(JobAnalysis analyses, BenchTest test, double value, TestResult found) {
        var configuration = analyses.of(test.at());
        RigAnalysis rig = configuration.with(configuration.lenses().get(0));
        String when = found.at().truncatedTo(ChronoUnit.SECONDS).toString();
        PlacementId part = test.part().orElseThrow();
        double off = Math.min(value, found.plusMinus());
        try {
            return Optional.of(
                    test.settles() == BenchTest.Settles.DRAW
                            ? DrawRequests.prepare(rig, new FigureRequest.Draws(part, value, off), found.who(), when)
                            : DrawRequests.prepare(
                                    rig, new FigureRequest.Holding(part, value, off), found.who(), when));
        } catch (EditRefused e) {
            // It feeds nothing: the test keeps what was found, and there is nothing to judge by it.
            return Optional.empty();
        }
    }

    private StoredJob apply(StoredJob before, BenchTest test, Prepared edit, String who) {
        var body = test.at().build();
        GearPackage.Applied applied =
                before.job().gear().apply(body, edit.commands(), before.job().catalogue());
        journal.append(
                before,
                body,
                Journal.Deed.edit(who, edit.summary()),
                new Journal.Edit(edit.commands(), applied.inverse()));
        return changes.measured(before, body, applied.after());
    }
}
