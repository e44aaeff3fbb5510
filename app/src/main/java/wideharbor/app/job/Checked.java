package wideharbor.app.job;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.FindingKey;
import wideharbor.core.check.Proposer;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;

/** What the checks say of a job, computed once per state of it. Give it only what was read after a commit. */
@Service
public class Checked {
    private record Key(String job, long stateNo) {}

    /** Report, verdict and tried fixes of one state. */
    public record Result(Report report, Verdict verdict, Map<FindingKey, List<Proposer.Fix>> fixes) {
        public List<Proposer.Fix> fixesOf(Finding finding) {
            return fixes.getOrDefault(finding.key(), List.of());
        }
    }

    private final Cache<Key, Result> kept = Caffeine.newBuilder().maximumSize(100).build();
    private final CheckEngine engine;
    private final Proposer proposer;

    Checked(CheckEngine engine, Proposer proposer) {
        this.engine = engine;
        this.proposer = proposer;
    }

    public Result of(Loaded loaded) {
        return kept.get(new Key(loaded.job().id(), loaded.stateNo()), k -> compute(loaded));
    }

    /** Without keeping the answer, for a state that is not committed yet. */
    public Result compute(Loaded loaded) {
        Report report = engine.check(loaded.job());
        return new Result(report, Verdict.of(report, loaded.job()), proposer.propose(loaded.job(), report));
    }
}
