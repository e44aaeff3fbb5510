package wideharbor.app.job;

import java.util.List;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.security.Accounts;
import wideharbor.app.security.JobsSeen;
import wideharbor.app.web.Named;
import wideharbor.app.web.Refusal;
import wideharbor.app.web.Stale;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.Build;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.job.Job;
import wideharbor.core.sheet.IdleParts;
import wideharbor.core.sheet.Requirements;
import wideharbor.core.sheet.Unanswered;

/** Reads jobs and changes briefs. */
@Service
public class JobService {
    private final JobStore store;
    private final JobList list;
    private final JobChanges changes;
    private final Reports reports;
    private final Accounts accounts;
    private final JobsSeen seen;

    JobService(
            JobStore store, JobList list, JobChanges changes, Reports reports, Accounts accounts, @Lazy JobsSeen seen) {
        this.seen = seen;
        this.accounts = accounts;
        this.store = store;
        this.list = list;
        this.changes = changes;
        this.reports = reports;
    }

    JobViews.JobPage list(String search, boolean archived, int page) {
        JobList.Found found = list.find(search, archived, page, seen.only());
        return new JobViews.JobPage(
                found.rows().stream().map(JobViews.JobLine::of).toList(), found.total(), page, JobList.PAGE);
    }

    List<JobViews.Looked> checks(String id) {
        return reports.tally(store.load(id)).stream().map(JobViews.Looked::of).toList();
    }

    JobViews.JobView view(String id) {
        return view(store.load(id));
    }

    private JobViews.JobView view(StoredJob stored) {
        Judged judged = reports.of(stored);
        Job job = judged.job();
        return new JobViews.JobView(
                job.id(),
                job.title(),
                stored.revision(),
                stored.stage(),
                judged.verdict().clear(),
                judged.verdict().inWords(),
                BriefView.of(job.brief()),
                Requirements.of(judged).stream()
                        .map(r -> r.named(accounts::displayName))
                        .toList(),
                Unanswered.of(job.brief()),
                IdleParts.idle(judged.analyses()),
                job.gear().builds().stream().map(JobService::ref).toList(),
                store.takenOff(job.id()).entrySet().stream()
                        .map(e -> new Named(e.getKey(), e.getValue()))
                        .toList(),
                store.isArchived(job.id()));
    }

    private static JobViews.BuildRef ref(Build build) {
        return new JobViews.BuildRef(
                build.id().toString(),
                build.title(),
                build.base()
                        .placement(build.base().root())
                        .map(p -> p.type().toString())
                        .orElse(""),
                build.configurations().stream()
                        .map(c -> new Named(c.id().toString(), c.title()))
                        .toList(),
                build.lenses().stream()
                        .map(l -> new Named(l.id().toString(), l.title()))
                        .toList());
    }

    @Transactional
    void changeBrief(String id, int revision, Brief brief) {
        changes.changeBrief(lock(id, revision), brief);
    }

    /** Locks a job for a change that was meant for the revision that somebody saw. */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob lock(String id, int revision) {
        StoredJob loaded = changes.lock(id);
        requireOpen(loaded);
        if (loaded.revision() != revision) {
            throw new Stale(
                    "This job was changed meanwhile: you saw revision " + revision + ", it is at " + loaded.revision()
                            + ". Nothing was overwritten.",
                    view(loaded));
        }
        return loaded;
    }

    /** What has left the house is not changed behind its back. */
    public static void requireOpen(StoredJob loaded) {
        if (loaded.stage() == Gate.Stage.DISPATCHED) {
            throw Refusal.conflict("This job is dispatched; a lead must recall it before anything is changed.");
        }
        if (loaded.stage().hasLeft()) {
            throw Refusal.conflict("This job has been out and is " + Gate.word(loaded.stage())
                    + ": what left is kept as it was. Begin the next one like it.");
        }
    }
}
