package wideharbor.app.dispatch;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobService;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Refusal;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Report;
import wideharbor.core.check.Severity;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.sheet.Requirements;

/**
 * What people accept: it stays with the finding's key, and a waiver with how bad it was then. A fault in what several
 * configurations share is accepted in all of them at once.
 */
@Service
class AcceptanceService {
    private final JobChanges changes;
    private final Reports reports;

    AcceptanceService(JobChanges changes, Reports reports) {
        this.changes = changes;
        this.reports = reports;
    }

    @Transactional
    void markRead(String job, String finding, String who) {
        StoredJob loaded = changes.lock(job);
        JobService.requireOpen(loaded);
        Report report = reports.of(loaded).report();
        FindingKey key = FindingKey.parse(finding);
        if (require(report, key).severity() != Severity.CAUTION) {
            throw Refusal.conflict("Only a caution is marked read; a stop is mended, or waived by a lead.");
        }
        readAlike(loaded, report, List.of(key), who);
    }

    /** Reads a finding that the brief leaves to people to tick; no other. */
    @Transactional
    void tick(String job, String finding, String who) {
        StoredJob loaded = changes.lock(job);
        JobService.requireOpen(loaded);
        Judged judged = reports.of(loaded);
        boolean asked = Requirements.of(judged).stream().anyMatch(r -> r.ticks().contains(finding));
        if (!asked) {
            throw Refusal.conflict("Nothing is left for people to tick there.");
        }
        readAlike(loaded, judged.report(), List.of(FindingKey.parse(finding)), who);
    }

    /** Marks these cautions read, each in every configuration that shares it; what is no caution is passed over. */
    void readAlike(StoredJob loaded, Report report, List<FindingKey> findings, String who) {
        Map<FindingKey, Job.Accepted> accepted = new LinkedHashMap<>();
        findings.forEach(finding -> accepted.putAll(alike(report, finding, Severity.CAUTION)));
        if (!accepted.isEmpty()) {
            changes.addReads(loaded, accepted, who);
        }
    }

    @Transactional
    void waive(String job, String finding, String reason, String who) {
        StoredJob loaded = changes.lock(job);
        JobService.requireOpen(loaded);
        Report report = reports.of(loaded).report();
        FindingKey key = FindingKey.parse(finding);
        if (require(report, key).severity() != Severity.STOP) {
            throw Refusal.conflict("Only a stop is waived; a caution is marked read.");
        }
        waiveAlike(loaded, report, key, reason, who);
    }

    /** Waives a stop in every configuration that shares it, as bad as it is now; what is no stop is passed over. */
    void waiveAlike(StoredJob loaded, Report report, FindingKey finding, String reason, String who) {
        Map<FindingKey, Job.Accepted> accepted = alike(report, finding, Severity.STOP);
        if (!accepted.isEmpty()) {
            changes.addWaivers(loaded, accepted, reason, who);
        }
    }

    @Transactional
    void withdraw(String job, String finding) {
        StoredJob loaded = changes.lock(job);
        JobService.requireOpen(loaded);
        FindingKey key = FindingKey.parse(finding).anywhere();
        changes.removeWaivers(
                loaded,
                loaded.job().waivers().stream()
                        .map(Job.Waiver::finding)
                        .filter(w -> w.anywhere().equals(key))
                        .toList());
    }

    /** The same fault in every configuration that shares it, each as bad as it is there. */
    private static Map<FindingKey, Job.Accepted> alike(Report report, FindingKey key, Severity severity) {
        Map<FindingKey, Job.Accepted> all = new LinkedHashMap<>();
        report.findings().stream()
                .filter(f -> f.severity() == severity && f.key().anywhere().equals(key.anywhere()))
                .forEach(f -> all.put(f.key(), f.accepted()));
        return all;
    }

    private static Finding require(Report report, FindingKey key) {
        return report.find(key).orElseThrow(() -> Refusal.notFound("This finding is not there any more."));
    }
}
