package wideharbor.app.dispatch;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.Checked;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Loaded;
import wideharbor.app.web.Refusal;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;

/** What people accept: it stays with the finding's key, and a waiver with how bad it was then. */
@Service
class AcceptanceService {
    private final JobStore store;
    private final Checked checked;

    AcceptanceService(JobStore store, Checked checked) {
        this.store = store;
        this.checked = checked;
    }

    @Transactional
    void markRead(String job, String finding, String who) {
        Loaded loaded = store.lock(job);
        JobService.requireOpen(loaded);
        if (require(loaded, finding).severity() != Severity.CAUTION) {
            throw Refusal.conflict("Only a caution is marked read; a stop is mended, or waived by a lead.");
        }
        store.addRead(loaded, finding, who);
    }

    @Transactional
    void waive(String job, String finding, String reason, String who) {
        Loaded loaded = store.lock(job);
        JobService.requireOpen(loaded);
        Finding found = require(loaded, finding);
        if (found.severity() != Severity.STOP) {
            throw Refusal.conflict("Only a stop is waived; a caution is marked read.");
        }
        store.addWaiver(loaded, finding, found.evidence().excess(), reason, who);
    }

    @Transactional
    void withdraw(String job, String finding) {
        Loaded loaded = store.lock(job);
        JobService.requireOpen(loaded);
        store.removeWaiver(loaded, finding);
    }

    private Finding require(Loaded loaded, String key) {
        return checked.compute(loaded).report().findings().stream()
                .filter(f -> f.key().toString().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("This finding is not there any more."));
    }
}
