package wideharbor.app.dispatch;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.Checked;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Loaded;
import wideharbor.app.web.Refusal;
import wideharbor.core.check.Finding;
import wideharbor.core.check.FindingKey;
import wideharbor.core.check.Report;
import wideharbor.core.check.Severity;
import wideharbor.core.job.Job;

/**
 * What people accept: it stays with the finding's key, and a waiver with how bad it was then. A fault in what several
 * configurations share is accepted in all of them at once.
 */
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
        Report report = checked.compute(loaded).report();
        if (require(report, finding).severity() != Severity.CAUTION) {
            throw Refusal.conflict("Only a caution is marked read; a stop is mended, or waived by a lead.");
        }
        readAlike(loaded, report, List.of(finding), who);
    }

    /** Marks these cautions read, each in every configuration that shares it; what is no caution is passed over. */
    void readAlike(Loaded loaded, Report report, List<String> findings, String who) {
        List<String> keys = findings.stream()
                .flatMap(finding -> alike(report, finding, Severity.CAUTION))
                .map(f -> f.key().toString())
                .distinct()
                .toList();
        if (!keys.isEmpty()) {
            store.addReads(loaded, keys, who);
        }
    }

    @Transactional
    void waive(String job, String finding, String reason, String who) {
        Loaded loaded = store.lock(job);
        JobService.requireOpen(loaded);
        Report report = checked.compute(loaded).report();
        if (require(report, finding).severity() != Severity.STOP) {
            throw Refusal.conflict("Only a stop is waived; a caution is marked read.");
        }
        waiveAlike(loaded, report, finding, reason, who);
    }

    /** Waives a stop in every configuration that shares it, as bad as it is now; what is no stop is passed over. */
    void waiveAlike(Loaded loaded, Report report, String finding, String reason, String who) {
        Map<String, Double> accepted = new LinkedHashMap<>();
        alike(report, finding, Severity.STOP)
                .forEach(f -> accepted.put(f.key().toString(), f.evidence().excess()));
        if (!accepted.isEmpty()) {
            store.addWaivers(loaded, accepted, reason, who);
        }
    }

    @Transactional
    void withdraw(String job, String finding) {
        Loaded loaded = store.lock(job);
        JobService.requireOpen(loaded);
        store.removeWaivers(
                loaded,
                loaded.job().waivers().stream()
                        .map(Job.Waiver::finding)
                        .filter(w -> FindingKey.shared(w).equals(FindingKey.shared(finding)))
                        .toList());
    }

    /** The same fault in every configuration that shares it. */
    private static Stream<Finding> alike(Report report, String key, Severity severity) {
        return report.findings().stream()
                .filter(f -> f.severity() == severity && f.key().shared().equals(FindingKey.shared(key)));
    }

    private static Finding require(Report report, String key) {
        return report.findings().stream()
                .filter(f -> f.key().toString().equals(key))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("This finding is not there any more."));
    }
}
