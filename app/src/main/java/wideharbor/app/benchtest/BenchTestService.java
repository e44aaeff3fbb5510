package wideharbor.app.benchtest;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.instruments.Readings;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.live.Happened;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.benchtest.Band;
import wideharbor.core.benchtest.BenchTest;
import wideharbor.core.benchtest.TestPlan;
import wideharbor.core.benchtest.TestResult;
import wideharbor.core.benchtest.TestResult.Outcome;

/** Test plans and what was found. */
@Service
public class BenchTestService {
    private final JobStore store;
    private final Reports reports;
    private final TestRows rows;
    private final BenchTests tests;
    private final Readings readings;
    private final ReadingsKept kept;
    private final Accounts accounts;
    private final Happened happened;
    private final Clock clock;

    BenchTestService(
            JobStore store,
            Reports reports,
            TestRows rows,
            BenchTests tests,
            Readings readings,
            ReadingsKept kept,
            Accounts accounts,
            Happened happened,
            Clock clock) {
        this.store = store;
        this.reports = reports;
        this.rows = rows;
        this.tests = tests;
        this.readings = readings;
        this.kept = kept;
        this.accounts = accounts;
        this.happened = happened;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public BenchTestViews.TestSheet sheet(Standpoint at) {
        TestPlan plan = plan(at, store.load(at.job()));
        return BenchTestViews.TestSheet.of(tests.of(plan, at.job()), accounts::displayName);
    }

    private TestPlan plan(Standpoint at, StoredJob stored) {
        RigAnalysis rig = at.in(reports.of(stored));
        return TestPlan.of(rig.whole(), rig.build().id());
    }

    /** Results that are known already are passed over, also when the same one comes twice at once. */
    @Transactional
    public void found(Standpoint at, List<BenchTestController.Found> found, String who) {
        StoredJob stored = open(at);
        JobAnalysis analyses = reports.of(stored).analyses();
        TestPlan plan = plan(at, stored);
        StoredJob stands = stored;
        Set<String> known = new HashSet<>(
                rows.known(found.stream().map(BenchTestController.Found::id).toList()));
        List<TestRow> fresh = new ArrayList<>();
        for (BenchTestController.Found one : found) {
            BenchTest test = require(plan, one.test());
            TestResult result = result(test, one, stored.revision(), who);
            if (known.add(one.id())) {
                fresh.add(new TestRow(one.id(), at.job(), result));
                stands = kept.keep(stands, analyses, test, result);
            }
        }
        rows.saveAll(fresh);
        happened.toJob(at.job());
    }

    @Transactional
    void leaveOut(Standpoint at, BenchTestController.LeftOut left, String who) {
        StoredJob stored = open(at);
        BenchTest test = require(plan(at, stored), left.test());
        if (rows.known(List.of(left.id())).isEmpty()) {
            TestResult result = new TestResult(
                    test.key(),
                    test.print(),
                    Outcome.WAIVED,
                    Optional.empty(),
                    0,
                    "",
                    "",
                    stored.revision(),
                    who,
                    now(),
                    left.reason().strip());
            rows.save(new TestRow(left.id(), at.job(), result));
        }
        happened.toJob(at.job());
    }

    private StoredJob open(Standpoint at) {
        StoredJob stored = store.lock(at.job());
        JobService.requireOpen(stored);
        return stored;
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private static BenchTest require(TestPlan plan, String key) {
        return plan.find(key)
                .orElseThrow(() -> Refusal.conflict(
                        "The test '" + key + "' is no longer asked of this body. Look at the tests as they are now."));
    }

    private TestResult result(BenchTest test, BenchTestController.Found found, int revision, String who) {
        String remark = found.remark().strip();
        boolean measured = found.said() == BenchTestController.Said.MEASURED;
        if (measured != test.band() instanceof Band.Measure) {
            throw new Refusal(
                    HttpStatus.BAD_REQUEST,
                    test.title()
                            + (measured ? " is not measured: say whether it holds." : " is measured: give a figure."));
        }
        if (found.said() == BenchTestController.Said.DOES_NOT && remark.isEmpty()) {
            throw new Refusal(HttpStatus.BAD_REQUEST, "Say what is wrong: whoever mends it reads only that.");
        }
        Optional<Readings.InstrumentReading> reading = reading(test, found);
        double value = reading.map(Readings.InstrumentReading::value).orElse(found.value());
        double plusMinus = reading.map(Readings.InstrumentReading::plusMinus).orElse(found.plusMinus());
        Outcome outcome = switch (found.said()) {
            case HOLDS -> Outcome.PASSED;
            case DOES_NOT -> Outcome.FAILED;
            case MEASURED -> ((Band.Measure) test.band()).outcome(value, plusMinus);
        };
        return new TestResult(
                test.key(),
                found.print(),
                outcome,
                measured ? Optional.of(value) : Optional.empty(),
                measured ? plusMinus : 0,
                test.band() instanceof Band.Measure m ? m.unit() : "",
                reading.map(Readings.InstrumentReading::instrument).orElse(""),
                revision,
                who,
                now(),
                remark);
    }

    /** What an instrument said counts as it was said, whatever came along with it. */
    private Optional<Readings.InstrumentReading> reading(BenchTest test, BenchTestController.Found found) {
        if (found.reading().isEmpty()) {
            return Optional.empty();
        }
        Readings.InstrumentReading reading = readings.find(found.reading())
                .orElseThrow(() -> Refusal.conflict("No instrument gave this reading. Read it again."));
        if (reading.kind() != test.instrument()
                || !(test.band() instanceof Band.Measure m)
                || !m.unit().equals(reading.unit())) {
            throw Refusal.conflict("The reading is one of " + reading.instrument() + " in " + reading.unit() + "; "
                    + test.title() + " asks for another.");
        }
        return Optional.of(reading);
    }
}
