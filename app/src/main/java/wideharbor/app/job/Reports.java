package wideharbor.app.job;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import wideharbor.app.judging.Flights;
import wideharbor.core.build.GearPackage;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Report;
import wideharbor.core.check.Tally;
import wideharbor.core.check.Verdict;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.Job;

/**
 * Every state of a job with its rigs and what the checks say of them, worked out once and kept: Bench, drawing, power,
 * signal and remedies read the same. Only committed states are kept.
 */
@Service
public class Reports {
    /**
     * Rigs that are kept, each a body in one way with one lens: 96 of them come to about 15 MB, all to about 300. Two
     * hundred jobs as they mostly are; with fewer, whoever looks at one throws out what another looks at.
     */
    private static final int MOST_RIGS = 2000;

    private static final int MOST_FORESEEN = 40;

    /** Parts that the house took in meanwhile make the same state another: they are offered at once. */
    private record State(String job, long stateNo, long under, Catalogue parts, int rigs) {
        static State of(StoredJob stored) {
            return of(stored, stored.job());
        }

        static State of(StoredJob stored, Job judged) {
            int rigs = judged.gear().builds().stream()
                    .mapToInt(b -> Math.max(1, b.configurations().size())
                            * Math.max(1, b.lenses().size()))
                    .sum();
            return new State(judged.id(), stored.stateNo(), stored.under(), judged.catalogue(), Math.max(1, rigs));
        }

        boolean isAfter(State other) {
            return job.equals(other.job) && other.stateNo <= stateNo && !equals(other);
        }
    }

    private record Foreseen(State before, GearPackage after) {}

    private final Flights<State, Judged> kept = new Flights<>(MOST_RIGS, State::rigs);
    private final Flights<Foreseen, Judged> foreseen = new Flights<>(MOST_FORESEEN);
    private final CheckEngine engine;

    Reports(CheckEngine engine) {
        this.engine = engine;
    }

    /** Report and verdict as they are shown. */
    public record Told(Report report, Verdict verdict) {
        public static Told of(Judged judged) {
            return new Told(judged.report(), judged.verdict());
        }
    }

    /** Give it only what is committed. */
    public Judged of(StoredJob stored) {
        State now = State.of(stored);
        return kept.get(now, () -> {
            kept.forget(now::isAfter);
            return whole(engine.judge(stored.job()));
        });
    }

    /** What each check has looked at, and how that ended. */
    List<Tally> tally(StoredJob stored) {
        return Tally.of(engine, of(stored).report());
    }

    /** A job judged without the answer being kept: for a state that is not committed yet. */
    public Judged anew(Job job) {
        return whole(engine.judge(job));
    }

    /** What a change of the package would come to, judged in one configuration. */
    public Judged foresee(StoredJob before, GearPackage after, ConfigurationKey at) {
        return foreseen.get(new Foreseen(State.of(before), after), () -> {
            Judged judged = of(before).after(before.job().with(after));
            judged.of(at);
            return judged;
        });
    }

    /** The same as it is shown: the other configurations are told as they stand before the change. */
    public Told foretold(StoredJob before, Judged then, ConfigurationKey at) {
        Judged now = of(before);
        List<ConfigurationKey> known = ConfigurationKey.all(now.job());
        List<Report> reports = new ArrayList<>(List.of(then.of(at)));
        ConfigurationKey.all(then.job()).stream()
                .filter(other -> !other.equals(at) && known.contains(other))
                .forEach(other -> reports.add(now.of(other)));
        Report report = engine.together(reports);
        return new Told(report, Verdict.of(report, then.job()));
    }

    /** The state after a change of the package, judged whole; what was tried of it first is not judged again. */
    Judged change(StoredJob before, GearPackage after) {
        return whole(foreseen.known(new Foreseen(State.of(before), after))
                .orElseGet(() -> after(before, before.job().with(after))));
    }

    /** The state after any other change that leaves the package as it is. */
    Judged change(StoredJob before, Job after) {
        return whole(after(before, after));
    }

    /** The state after somebody accepted a finding, or withdrew that: what was found stands. */
    Judged accepting(StoredJob before, Job after) {
        return whole(kept.known(State.of(before)).map(j -> j.accepting(after)).orElseGet(() -> engine.judge(after)));
    }

    private Judged after(StoredJob before, Job job) {
        return kept.known(State.of(before)).map(j -> j.after(job)).orElseGet(() -> engine.judge(job));
    }

    private static Judged whole(Judged judged) {
        judged.report();
        return judged;
    }

    /**
     * Keeps what a change computed, once that change is committed, in place of the state before: a state that was
     * rolled back is never answered for.
     */
    void keepAfterCommit(StoredJob stored, Judged judged) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                State now = State.of(stored, judged.job());
                kept.forget(now::isAfter);
                kept.put(now, judged);
            }
        });
    }
}
