package wideharbor.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import wideharbor.app.judging.Flights;
import wideharbor.core.build.GearPackage;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Proposer;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Workers;

/** What the checks say of a job, computed once per state of it. Give it only what is committed. */
@Service
public class Checked {
    private record Key(String job, long stateNo) {}

    private record Foreseen(String job, long stateNo, GearPackage after, ConfigurationKey spot) {}

    private record FixKey(Key state, String build, String configuration) {}

    /** Report and verdict of one state. */
    public record Result(Report report, Verdict verdict) {}

    /** Fixes of one state, each tried; or that nobody has tried any yet. */
    public record Fixes(boolean tried, Map<FindingKey, List<Proposer.Fix>> byFinding) {
        public static final Fixes NOT_TRIED = new Fixes(false, Map.of());

        public List<Proposer.Fix> of(Finding finding) {
            return byFinding.getOrDefault(finding.key(), List.of());
        }
    }

    private final Flights<Key, Result> kept = new Flights<>(100);
    private final Flights<FixKey, Fixes> keptFixes = new Flights<>(100);
    private final Flights<Foreseen, Report> foreseen = new Flights<>(200);
    private final CheckEngine engine;
    private final Proposer proposer;
    private final Workers workers;

    Checked(CheckEngine engine, Proposer proposer, Workers workers) {
        this.engine = engine;
        this.proposer = proposer;
        this.workers = workers;
    }

    public Result of(Loaded loaded) {
        return kept.get(key(loaded), () -> compute(loaded));
    }

    /**
     * Trying costs many times what checking does, so it is asked for apart, and for the configuration on view alone.
     */
    public Fixes fixes(Loaded loaded, String build, String configuration) {
        return keptFixes.get(
                new FixKey(key(loaded), build, configuration),
                () -> new Fixes(
                        true, proposer.propose(loaded.job(), of(loaded).report().of(build, configuration))));
    }

    private static Key key(Loaded loaded) {
        return new Key(loaded.job().id(), loaded.stateNo());
    }

    /**
     * What a change of the package would come to. What was tried of it first is not judged again when the change is
     * made.
     */
    public Result foresee(Loaded before, GearPackage after) {
        Job job = before.job().with(after);
        return result(
                workers.map(
                        ConfigurationKey.all(job),
                        spot -> foreseen.known(foreseenKey(before, after, spot))
                                .orElseGet(() -> engine.check(job, spot.build(), spot.configuration()))),
                job);
    }

    /** The same, judged anew in one configuration only: the others are told as they stand before the change. */
    public Result foresee(Loaded before, GearPackage after, ConfigurationKey spot) {
        Job job = before.job().with(after);
        Report known = of(before).report();
        List<Report> reports = new ArrayList<>();
        reports.add(foresee(before, after, job, spot));
        for (ConfigurationKey other : ConfigurationKey.all(job)) {
            if (!other.equals(spot)) {
                reports.add(known.of(other.build(), other.configuration()));
            }
        }
        return result(reports, job);
    }

    private Report foresee(Loaded before, GearPackage after, Job job, ConfigurationKey spot) {
        return foreseen.get(
                foreseenKey(before, after, spot), () -> engine.check(job, spot.build(), spot.configuration()));
    }

    private static Foreseen foreseenKey(Loaded before, GearPackage after, ConfigurationKey spot) {
        return new Foreseen(before.job().id(), before.stateNo(), after, spot);
    }

    private Result result(List<Report> reports, Job job) {
        Report report = engine.together(reports);
        return new Result(report, Verdict.of(report, job));
    }

    /**
     * Keeps what a change computed, once that change is committed: a state that was rolled back is never answered for.
     */
    void keepAfterCommit(String job, long stateNo, Result result) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                kept.put(new Key(job, stateNo), result);
            }
        });
    }

    /** Without keeping the answer, for a state that is not committed yet. */
    public Result compute(Loaded loaded) {
        return compute(loaded.job());
    }

    Result compute(Job job) {
        Report report = engine.check(job);
        return new Result(report, Verdict.of(report, job));
    }
}
