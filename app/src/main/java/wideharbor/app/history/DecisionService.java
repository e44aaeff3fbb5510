package wideharbor.app.history;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;

/** What people decided on a job, in one list, for whoever asks in a week who wanted it so. */
@Service
class DecisionService {
    private final JobStore store;
    private final Journal journal;
    private final Reports reports;
    private final Accounts accounts;

    DecisionService(JobStore store, Journal journal, Reports reports, Accounts accounts) {
        this.store = store;
        this.journal = journal;
        this.reports = reports;
        this.accounts = accounts;
    }

    /** Kinds of decision. */
    enum Sort {
        TAKEN_OFF,
        WAIVED,
        READ,
        NAMED
    }

    /**
     * One decision.
     *
     * @param body title of the body it concerns; empty for the whole job
     * @param why as it was said; empty for what was only read
     */
    record Decision(Sort sort, Instant when, String who, String body, String what, String why) {}

    @Transactional(readOnly = true)
    List<Decision> of(String id) {
        StoredJob stored = store.load(id);
        Job job = stored.job();
        Report report = reports.of(stored).report();
        List<Decision> all = new ArrayList<>();
        journal.decided(id).forEach((entry, build) -> all.addAll(told(entry, title(job, build))));
        job.waivers()
                .forEach(w -> all.add(new Decision(
                        Sort.WAIVED,
                        Instant.parse(w.when()),
                        accounts.displayName(w.who()),
                        body(job, w.finding()),
                        found(report, w.finding()),
                        w.reason())));
        job.reads()
                .forEach(r -> all.add(new Decision(
                        Sort.READ,
                        Instant.parse(r.when()),
                        accounts.displayName(r.who()),
                        body(job, r.finding()),
                        found(report, r.finding()),
                        "")));
        all.sort(Comparator.comparing(Decision::when).reversed());
        return all;
    }

    private List<Decision> told(Journal.Entry e, String body) {
        List<Decision> all = new ArrayList<>();
        if (!e.name().isEmpty()) {
            all.add(new Decision(
                    Sort.NAMED,
                    e.when(),
                    accounts.displayName(e.namedBy()),
                    body,
                    e.name() + " (entry " + e.seq() + ")",
                    ""));
        }
        if (!e.reason().isEmpty()) {
            all.add(new Decision(
                    Sort.TAKEN_OFF,
                    e.when(),
                    accounts.displayName(e.who()),
                    body,
                    e.summary().replace(": " + e.reason(), ""),
                    e.reason()));
        }
        return all;
    }

    private static String title(Job job, BuildId build) {
        return job.gear().builds().stream()
                .filter(b -> b.id().equals(build))
                .map(b -> b.title())
                .findFirst()
                .orElse(build + ", taken off");
    }

    private static String body(Job job, FindingKey key) {
        return key.build().isNone() ? "" : title(job, key.build());
    }

    /** The title of what was accepted, or the check where it is not found any more. */
    private static String found(Report report, FindingKey key) {
        Optional<Finding> finding = report.find(key);
        return finding.map(Finding::title).orElse(key.check() + ", not found any more");
    }
}
