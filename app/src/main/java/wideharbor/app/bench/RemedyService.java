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

    /** What was tried in one state of a job. */
    private record Tried(Remedies remedies, Flights<FindingKey, List<Remedies.Fix>> byFinding) {}

    private final JobStore store;
    private final Reports reports;
    /** With the asking thread alone. */
    private final CheckEngine engine = CheckEngine.standard();

    /** States are told apart as they are kept. */
    private final Flights<Judged, Tried> states = new Flights<>(MOST_STATES);

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
        Tried tried = states.get(judged, () -> new Tried(new Remedies(engine, judged), new Flights<>(MOST_FINDINGS)));
        return tried.byFinding().get(key, () -> tryAll(tried.remedies(), finding, stored));
    }

    private List<Remedies.Fix> tryAll(Remedies remedies, Finding finding, StoredJob stored) {
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
                if (store.stateNo(stored.job().id()) != stored.stateNo()) {
                    throw Refusal.conflict("The job was changed meanwhile; what would mend it is tried anew.");
                }
                return true;
            });
        } finally {
            trying.release();
        }
    }
}
