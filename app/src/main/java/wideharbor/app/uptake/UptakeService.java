package wideharbor.app.uptake;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.catalog.PartUses;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobForesight;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Refusal;
import wideharbor.app.web.Stale;
import wideharbor.core.build.Build;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.edit.Uptake;
import wideharbor.core.job.Job;

/** Tries and makes the change of one part for another, job by job: one that is refused keeps none of the others. */
@Service
class UptakeService {
    /** Judged while somebody waits. */
    private static final int MOST_JOBS = 40;

    private final CatalogueStore catalogue;
    private final PartUses uses;
    private final JobStore store;
    private final JobService jobs;
    private final JobChanges changes;
    private final Journal journal;
    private final Reports reports;
    private final TransactionTemplate alone;

    UptakeService(
            CatalogueStore catalogue,
            PartUses uses,
            JobStore store,
            JobService jobs,
            JobChanges changes,
            Journal journal,
            Reports reports,
            TransactionTemplate alone) {
        this.catalogue = catalogue;
        this.uses = uses;
        this.store = store;
        this.jobs = jobs;
        this.changes = changes;
        this.journal = journal;
        this.reports = reports;
        this.alone = alone;
    }

    /** What it would come to in a job; {@code refused} says why it cannot be done there, or nothing. */
    record JobUptake(JobForesight.JobForeseen foreseen, int revision, Gate.Stage stage, String refused) {}

    /** @param inAll how many jobs have the other part; so many of them were looked at as are told */
    record UptakePage(String of, String name, List<JobUptake> jobs, int inAll) {}

    /** @param refused why it was not done; empty when it was */
    record TakenUp(String job, String title, String refused, String verdict) {}

    UptakePage foresee(TypeRef ref, TypeRef of) {
        ItemType next = require(ref);
        ItemType old = require(of);
        List<String> all = uses.jobs(of);
        return new UptakePage(
                of.toString(),
                old.name(),
                all.stream().limit(MOST_JOBS).map(id -> foresee(id, old, next)).toList(),
                all.size());
    }

    private ItemType require(TypeRef ref) {
        return catalogue
                .catalogue()
                .find(ref)
                .orElseThrow(() -> Refusal.notFound("The catalogue has no part '" + ref + "'."));
    }

    private JobUptake foresee(String id, ItemType old, ItemType next) {
        StoredJob stored = store.load(id);
        Judged before = reports.of(stored);
        try {
            JobService.requireOpen(stored);
            Job then = stored.job();
            for (Step step : steps(then, old.ref(), next.ref())) {
                then = then.with(then.gear()
                        .apply(step.body().id(), step.edit(), then.catalogue())
                        .after());
            }
            return told(stored, "", before, reports.anew(then));
        } catch (EditRefused | IllegalArgumentException | Refusal | Stale e) {
            return told(stored, Objects.requireNonNullElse(e.getMessage(), "It does not fit."), before, before);
        }
    }

    private static JobUptake told(StoredJob stored, String refused, Judged before, Judged after) {
        return new JobUptake(
                JobForesight.told(stored.job(), before, after), stored.revision(), stored.stage(), refused);
    }

    /** What is done to one body; the kit goes with the first. */
    private record Step(Build body, List<Scoped> edit) {}

    private static List<Step> steps(Job job, TypeRef old, TypeRef next) {
        List<Step> all = new ArrayList<>();
        List<Scoped> kit = Uptake.of(job.gear().kit(), old, next);
        for (Build body : job.gear().builds()) {
            List<Scoped> edit = new ArrayList<>(Uptake.of(body, old, next));
            if (all.isEmpty()) {
                edit.addAll(kit);
            }
            if (!edit.isEmpty()) {
                all.add(new Step(body, edit));
            }
        }
        return all;
    }

    /** In a transaction of its own; what stands in the way is told and leaves this job as it was. */
    TakenUp takeUp(TypeRef ref, TypeRef of, UptakeController.JobSeen seen, String who) {
        ItemType next = require(ref);
        ItemType old = require(of);
        String title = store.load(seen.job()).job().title();
        try {
            alone.executeWithoutResult(tx -> takeUp(seen, old, next, who));
            // Judged by the change itself, and kept once that was committed.
            String verdict = reports.of(store.load(seen.job())).verdict().inWords();
            return new TakenUp(seen.job(), title, "", verdict);
        } catch (EditRefused | IllegalArgumentException | Refusal | Stale e) {
            return new TakenUp(seen.job(), title, Objects.requireNonNullElse(e.getMessage(), "It does not fit."), "");
        }
    }

    private void takeUp(UptakeController.JobSeen seen, ItemType old, ItemType next, String who) {
        StoredJob stands = jobs.lock(seen.job(), seen.revision());
        List<Step> steps = steps(stands.job(), old.ref(), next.ref());
        if (steps.isEmpty()) {
            throw Refusal.conflict("This job does not have " + old.name() + " any more.");
        }
        String words = old.ref().id().equals(next.ref().id())
                ? "Revision " + next.ref().revision() + " of " + next.name() + " in place of "
                        + old.ref().revision()
                : next.name() + " in place of " + old.name();
        for (Step step : steps) {
            GearPackage.Applied applied = stands.job()
                    .gear()
                    .apply(step.body().id(), step.edit(), stands.job().catalogue());
            journal.append(
                    stands,
                    step.body().id(),
                    Journal.Deed.edit(who, words),
                    new Journal.Edit(step.edit(), applied.inverse()));
            stands = changes.changeGear(stands, step.body().id(), applied.after());
        }
    }
}
