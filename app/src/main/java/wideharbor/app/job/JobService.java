package wideharbor.app.job;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.web.Refusal;
import wideharbor.app.web.Stale;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.Build;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.sheet.IdleParts;
import wideharbor.core.sheet.Requirements;

/** Reads jobs and changes briefs. */
@Service
public class JobService {
    private final JobStore store;
    private final Checked checked;

    JobService(JobStore store, Checked checked) {
        this.store = store;
        this.checked = checked;
    }

    JobViews.JobPage list(String search, int page) {
        JobStore.Rowed found = store.list(search, page);
        return new JobViews.JobPage(
                found.rows().stream().map(JobViews.JobLine::of).toList(), found.total(), page, JobStore.PAGE);
    }

    @Transactional(readOnly = true)
    JobViews.JobView view(String id) {
        return view(store.load(id));
    }

    private JobViews.JobView view(Loaded loaded) {
        Checked.Result result = checked.of(loaded);
        return new JobViews.JobView(
                loaded.job().id(),
                loaded.job().title(),
                loaded.revision(),
                loaded.stage(),
                result.verdict().clear(),
                result.verdict().inWords(),
                BriefView.of(loaded.job().brief()),
                Requirements.of(loaded.job(), result.report()),
                IdleParts.idle(loaded.job()),
                loaded.job().gear().builds().stream().map(JobService::ref).toList());
    }

    private static JobViews.BuildRef ref(Build build) {
        return new JobViews.BuildRef(
                build.id(),
                build.title(),
                build.configurations().stream()
                        .map(c -> new JobViews.Named(c.id(), c.title()))
                        .toList(),
                build.lenses().stream()
                        .map(l -> new JobViews.Named(l.id(), l.title()))
                        .toList());
    }

    @Transactional
    void changeBrief(String id, int revision, Brief brief) {
        Loaded loaded = store.lock(id);
        requireOpen(loaded);
        if (loaded.revision() != revision) {
            throw new Stale(
                    "This job was changed meanwhile: you saw revision " + revision + ", it is at " + loaded.revision()
                            + ". Nothing was overwritten.",
                    view(loaded));
        }
        store.saveBrief(loaded, brief);
    }

    /** What has left the house is not changed behind its back. */
    public static void requireOpen(Loaded loaded) {
        if (loaded.stage() == Gate.Stage.DISPATCHED) {
            throw Refusal.conflict("This job is dispatched; a lead must recall it before anything is changed.");
        }
    }
}
