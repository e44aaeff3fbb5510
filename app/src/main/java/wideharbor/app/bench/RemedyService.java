package wideharbor.app.bench;

import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Supplier;
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
    private record Tried(
            Remedies remedies,
            Flights<FindingKey, List<Remedies.Fix>> byFinding,
            Flights<FindingKey, Remedies.Found> firsts) {}

    private final JobStore store;
    private final Reports reports;
    /** With the asking thread alone. */
    private final CheckEngine engine = CheckEngine.standard();

    /** By the state in which the findings came up: who accepts one does not have the others tried again. */
    private final Flights<Judged, Tried> states = new Flights<>(MOST_STATES);

    private final Semaphore trying =
            new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() / 2), true);

    RemedyService(JobStore store, Reports reports) {
        this.store = store;
        this.reports = reports;
    }

    /**
     * The best alone, found sooner.
     *
     * @throws Refusal when the finding is gone, or the job moves on while it is tried
     */
    Remedies.Found first(String job, String finding) {
        return tried(job, finding, Tried::firsts, Remedies::first);
    }

    /** @throws Refusal when the finding is gone, or the job moves on while it is tried */
    List<Remedies.Fix> of(String job, String finding) {
        return tried(job, finding, Tried::byFinding, Remedies::of);
    }

    private interface Attempt<T> {
        T of(Remedies remedies, Finding finding, BooleanSupplier wanted);
    }

    private <T> T tried(String job, String finding, Function<Tried, Flights<FindingKey, T>> kept, Attempt<T> attempt) {
        StoredJob stored = store.load(job);
        FindingKey key = FindingKey.parse(finding);
        Judged judged = reports.of(stored);
        Finding found = require(judged, key);
        Tried tried = triedIn(judged);
        return kept.apply(tried)
                .get(key, () -> inTurn(() -> attempt.of(tried.remedies(), found, () -> stillStands(judged, stored))));
    }

    /** The same for somebody who applies one: no waiting behind those who only look. */
    List<Remedies.Fix> atOnce(StoredJob stored, FindingKey key) {
        Judged judged = reports.of(stored);
        Finding found = require(judged, key);
        Tried tried = triedIn(judged);
        return tried.byFinding().known(key).orElseGet(() -> tried.remedies().of(found));
    }

    private Tried triedIn(Judged judged) {
        Judged found = judged.asFound();
        return states.get(
                found,
                () -> new Tried(
                        new Remedies(engine, found), new Flights<>(MOST_FINDINGS), new Flights<>(MOST_FINDINGS)));
    }

    private static Finding require(Judged judged, FindingKey key) {
        return judged.report()
                .find(key)
                .orElseThrow(() -> Refusal.conflict("This finding is gone already; there is nothing to mend."));
    }

    private <T> T inTurn(Supplier<T> attempt) {
        try {
            if (!trying.tryAcquire(LONGEST_SECONDS, TimeUnit.SECONDS)) {
                throw Refusal.busy();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Refusal.busy();
        }
        try {
            return attempt.get();
        } finally {
            trying.release();
        }
    }

    /** @throws Refusal when something else than an acceptance has moved the job on */
    private boolean stillStands(Judged judged, StoredJob stored) {
        String job = stored.job().id();
        if (store.stateNo(job) != stored.stateNo()
                && reports.of(store.load(job)).asFound() != judged.asFound()) {
            throw Refusal.conflict("The job was changed meanwhile; what would mend it is tried anew.");
        }
        return true;
    }
}
