package wideharbor.app.job;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import wideharbor.core.build.GearPackage;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.FindingKey;
import wideharbor.core.check.Proposer;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;
import wideharbor.core.job.Job;

/** What the checks say of a job, computed once per state of it. Give it only what is committed. */
@Service
public class Checked {
    private record Key(String job, long stateNo) {}

    private record Foreseen(String job, long stateNo, GearPackage after, CheckEngine.Spot spot) {}

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

    private final Cache<Key, Result> kept = Caffeine.newBuilder().maximumSize(100).build();
    private final Cache<FixKey, Fixes> keptFixes = Caffeine.newBuilder().maximumSize(100).build();
    private final Cache<Foreseen, Report> foreseen = Caffeine.newBuilder().maximumSize(200).build();
    private final CheckEngine engine;
    private final Proposer proposer;

    Checked(CheckEngine engine, Proposer proposer) {
        this.engine = engine;
        this.proposer = proposer;
    }

    public Result of(Loaded loaded) {
        return kept.get(key(loaded), k -> compute(loaded));
    }

    /** Trying costs many times what checking does, so it is asked for apart, and for the configuration on view alone. */
    public Fixes fixes(Loaded loaded, String build, String configuration) {
        return keptFixes.get(
                new FixKey(key(loaded), build, configuration),
                k -> new Fixes(
                        true,
                        proposer.propose(
                                loaded.job(), of(loaded).report().of(build, configuration))));
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
                CheckEngine.Spot.all(job).parallelStream()
                        .map(spot -> foresee(before, after, job, spot))
                        .toList(),
                job);
    }

    /** The same, judged anew in one configuration only: the others are told as they stand before the change. */
    public Result foresee(Loaded before, GearPackage after, CheckEngine.Spot spot) {
        Job job = before.job().with(after);
        Report known = of(before).report();
        List<Report> reports = new ArrayList<>();
        reports.add(foresee(before, after, job, spot));
        for (CheckEngine.Spot other : CheckEngine.Spot.all(job)) {
            if (!other.equals(spot)) {
                reports.add(known.of(other.build(), other.configuration()));
            }
        }
        return result(reports, job);
    }

    private Report foresee(Loaded before, GearPackage after, Job job, CheckEngine.Spot spot) {
        return foreseen.get(
                new Foreseen(before.job().id(), before.stateNo(), after, spot),
                k -> engine.check(job, spot.build(), spot.configuration()));
    }

    private Result result(List<Report> reports, Job job) {
        Report report = engine.together(reports);
        return new Result(report, Verdict.of(report, job));
    }

    /** Keeps what a change computed, once that change is committed: a state that was rolled back is never answered for. */
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
