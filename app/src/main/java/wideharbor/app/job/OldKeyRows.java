package wideharbor.app.job;

import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.security.Accounts;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.job.Job;
import wideharbor.format.OldKeys;

/**
 * Reads and waivers of a database of the version before, whose keys did not say which fact they meant. What is certain
 * is taken over; a waiver that may have been given for another fault is open again, and stands as a proposal with its
 * reason.
 */
@Service
@Order(1)
class OldKeyRows implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(OldKeyRows.class);

    private final Rows.Reads reads;
    private final Rows.Waivers waivers;
    private final Rows.Proposals proposals;
    private final JobStore store;
    private final JobChanges changes;
    private final Reports reports;
    private final Accounts accounts;

    OldKeyRows(
            Rows.Reads reads,
            Rows.Waivers waivers,
            Rows.Proposals proposals,
            JobStore store,
            JobChanges changes,
            Reports reports,
            Accounts accounts) {
        this.reads = reads;
        this.waivers = waivers;
        this.proposals = proposals;
        this.store = store;
        this.changes = changes;
        this.reports = reports;
        this.accounts = accounts;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        List<ReadRow> oldReads = reads.old();
        List<WaiverRow> oldWaivers = waivers.old();
        TreeSet<String> jobs = new TreeSet<>();
        oldReads.forEach(r -> jobs.add(r.id.jobId()));
        oldWaivers.forEach(w -> jobs.add(w.id.jobId()));
        for (String job : jobs) {
            StoredJob stored = store.lock(job);
            Report report = reports.of(stored).report();
            int kept = 0;
            for (ReadRow row : oldReads) {
                kept += row.id.jobId().equals(job) && keep(row, report) ? 1 : 0;
            }
            for (WaiverRow row : oldWaivers) {
                kept += row.id.jobId().equals(job) && keep(row, report) ? 1 : 0;
            }
            reads.flush();
            changes.accepted(stored);
            LOG.info("Took over {} reads and waivers of job {}", kept, job);
        }
    }

    private boolean keep(ReadRow row, Report report) {
        Optional<Finding> meant = OldKeys.find(row.id.finding(), report);
        meant.ifPresent(
                f -> reads.save(new ReadRow(FindingId.of(row.id.jobId(), f.key()), f.accepted(), row.who, row.readAt)));
        reads.delete(row);
        return meant.isPresent();
    }

    private boolean keep(WaiverRow row, Report report) {
        String job = row.id.jobId();
        Optional<Finding> meant = OldKeys.findWaived(row.id.finding(), report);
        if (meant.isPresent()) {
            Job.Accepted as =
                    new Job.Accepted(row.acceptedExcess, meant.get().evidence().unit());
            waivers.save(new WaiverRow(FindingId.of(job, meant.get().key()), as, row.reason, row.who, row.waivedAt));
        } else {
            OldKeys.find(row.id.finding(), report)
                    .ifPresent(f -> proposals.save(new ProposalRow(
                            FindingId.of(job, f.key()),
                            Brought.Said.WAIVER,
                            row.reason,
                            accounts.displayName(row.who),
                            row.waivedAt.toString())));
        }
        waivers.delete(row);
        return meant.isPresent();
    }
}
