package wideharbor.app.job;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
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

/** What the checks say of a job, computed once per state of it. Give it only what was read after a commit. */
@Service
public class Checked {
    private record Key(String job, long stateNo) {}

    private record Foreseen(String job, long stateNo, GearPackage after) {}

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
    private final Cache<Foreseen, Result> foreseen = Caffeine.newBuilder().maximumSize(100).build();
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
     * What a change of the package would come to. It is kept: a change that was tried first need not be judged again
     * when it is made.
     */
    public Result foresee(Loaded before, GearPackage after) {
        return foreseen.get(
                new Foreseen(before.job().id(), before.stateNo(), after),
                k -> compute(before.job().with(after)));
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
