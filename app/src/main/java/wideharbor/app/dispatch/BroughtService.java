package wideharbor.app.dispatch;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.Brought;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Refusal;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.job.FindingKey;

/** Takes what a file brought, or leaves it. */
@Service
class BroughtService {
    private final JobStore store;
    private final JobChanges changes;
    private final Reports reports;
    private final Brought brought;
    private final AcceptanceService acceptance;

    BroughtService(JobStore store, JobChanges changes, Reports reports, Brought brought, AcceptanceService acceptance) {
        this.store = store;
        this.changes = changes;
        this.reports = reports;
        this.brought = brought;
        this.acceptance = acceptance;
    }

    /** Proposals are told of findings that are there; what is mended needs nobody's word. */
    @Transactional(readOnly = true)
    BroughtController.BroughtView view(String job) {
        StoredJob loaded = store.load(job);
        Map<String, Finding> found = byKey(reports.of(loaded).report());
        Brought.Own own = brought.own(job);
        return new BroughtController.BroughtView(
                brought.proposals(job).stream()
                        .flatMap(p -> Stream.ofNullable(found.get(p.finding()))
                                .map(f -> new BroughtController.ProposalLine(
                                        p.finding(), p.said(), f.title(), p.reason(), p.who(), p.when())))
                        .toList(),
                own.parts().stream()
                        .map(t -> new BroughtController.BroughtPart(t.ref().toString(), t.name(), t.maker()))
                        .toList(),
                own.standards().stream()
                        .map(b -> new BroughtController.BroughtStandardLine(
                                b.standard().id(),
                                b.standard().title(),
                                b.standard().revision(),
                                b.here()))
                        .toList());
    }

    private static Map<String, Finding> byKey(Report report) {
        return report.findings().stream()
                .collect(Collectors.toMap(f -> f.key().toString(), Function.identity(), (a, b) -> a));
    }

    @Transactional
    void take(String job, List<String> findings, String who, boolean mayWaive) {
        StoredJob loaded = changes.lock(job);
        JobService.requireOpen(loaded);
        Set<String> asked = Set.copyOf(findings);
        List<Brought.Proposal> taken = brought.proposals(job).stream()
                .filter(p -> asked.contains(p.finding()))
                .toList();
        List<Brought.Proposal> waivers =
                taken.stream().filter(p -> p.said() == Brought.Said.WAIVER).toList();
        if (!waivers.isEmpty() && !mayWaive) {
            throw new Refusal(
                    org.springframework.http.HttpStatus.FORBIDDEN, "Only a lead waives a stop, a file's waiver too.");
        }
        Report report = reports.of(loaded).report();
        acceptance.readAlike(
                loaded,
                report,
                taken.stream()
                        .filter(p -> p.said() == Brought.Said.READ)
                        .map(p -> FindingKey.parse(p.finding()))
                        .toList(),
                who);
        for (Brought.Proposal waiver : waivers) {
            acceptance.waiveAlike(loaded, report, FindingKey.parse(waiver.finding()), waiver.reason(), who);
        }
        brought.settle(job, findings);
    }

    @Transactional
    void leave(String job, List<String> findings) {
        store.lock(job);
        brought.settle(job, findings);
    }

    @Transactional
    void takeParts(String job) {
        store.lock(job);
        brought.takeIntoHouse(job);
        changes.rulesChanged();
    }

    @Transactional
    void leaveStandards(String job) {
        store.lock(job);
        brought.leaveStandards(job);
    }
}
