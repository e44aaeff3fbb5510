package wideharbor.app.bench;

import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Service;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.judging.Flights;
import wideharbor.app.web.Refusal;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Remedies;
import wideharbor.core.job.FindingKey;

/**
 * Remedies of a finding, tried when somebody asks for them: trying costs many times what checking does. At most half
 * the cores try, so that edits are answered meanwhile, and nobody tries on for a state that has moved on.
 */
@Service
class RemedyService {
    private static final int MOST_STATES = 20;
    private static final int MOST_FINDINGS = 1000;
    private static final long LONGEST_SECONDS = 15;

    private record State(String job, long stateNo) {}

    private record Asked(State state, FindingKey finding) {}

    private final JobStore store;
    private final Reports reports;
    /** With the asking thread alone. */
    private final CheckEngine engine = CheckEngine.standard();

    private final Flights<State, Remedies> states = new Flights<>(MOST_STATES);
    private final Flights<Asked, List<Remedies.Fix>> tried = new Flights<>(MOST_FINDINGS);
    private final Semaphore trying =
            new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() / 2), true);

    RemedyService(JobStore store, Reports reports) {
        this.store = store;
        this.reports = reports;
    }

    /** @throws Refusal when the finding is gone, or the job moves on while it is tried */
    List<Remedies.Fix> of(String job, String finding) {
        return of(store.load(job), FindingKey.parse(finding));
    }

    List<Remedies.Fix> of(StoredJob stored, FindingKey key) {
        Judged judged = reports.of(stored);
        Finding finding = judged.report()
                .find(key)
                .orElseThrow(() -> Refusal.conflict("This finding is gone already; there is nothing to mend."));
        State state = new State(stored.job().id(), stored.stateNo());
        Remedies remedies = states.get(state, () -> new Remedies(engine, judged));
        return tried.get(new Asked(state, key), () -> tryAll(remedies, finding, state));
    }

    private List<Remedies.Fix> tryAll(Remedies remedies, Finding finding, State state) {
        try {
            if (!trying.tryAcquire(LONGEST_SECONDS, TimeUnit.SECONDS)) {
                throw Refusal.busy();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Refusal.busy();
        }
        try {
            return remedies.of(finding, () -> {
                if (store.stateNo(state.job()) != state.stateNo()) {
                    throw Refusal.conflict("The job was changed meanwhile; what would mend it is tried anew.");
                }
                return true;
            });
        } finally {
            trying.release();
        }
    }
}
