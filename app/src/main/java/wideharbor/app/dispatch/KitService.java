package wideharbor.app.dispatch;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Refusal;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.edit.KitPaste;
import wideharbor.core.job.Job;

/** Changes the kit of a job: one entry of the first body's journal, so that it is undone there. */
@Service
class KitService {
    private static final int MOST_SAID = 3;

    private final JobStore store;
    private final JobService jobs;
    private final JobChanges changes;
    private final Journal journal;

    KitService(JobStore store, JobService jobs, JobChanges changes, Journal journal) {
        this.store = store;
        this.jobs = jobs;
        this.changes = changes;
        this.journal = journal;
    }

    @Transactional(readOnly = true)
    List<KitController.KitRead> read(String job, String text) {
        return KitPaste.read(text, store.load(job).job().catalogue()).stream()
                .map(l -> new KitController.KitRead(
                        l.row(),
                        l.text(),
                        l.type().map(t -> t.ref().toString()).orElse(""),
                        l.type().map(t -> t.name()).orElse(""),
                        l.count(),
                        l.problem()))
                .toList();
    }

    @Transactional
    void change(String id, KitController.KitChange change, String who) {
        StoredJob loaded = jobs.lock(id, change.revision());
        Job job = loaded.job();
        if (job.gear().builds().isEmpty()) {
            throw Refusal.conflict("The kit is packed once the job has a body: add one on the brief.");
        }
        List<Scoped> commands = new ArrayList<>();
        List<String> said = new ArrayList<>();
        for (KitController.KitCount line : change.lines()) {
            String name = job.catalogue()
                    .find(line.item())
                    .orElseThrow(() -> Refusal.notFound("The catalogue has no item " + line.item() + "."))
                    .name();
            int now = job.gear().kit().count(line.item());
            if (now != line.count()) {
                commands.add(Scoped.kit(new Command.AddKit(line.item(), line.count() - now)));
                said.add(name + " " + line.count());
            }
        }
        if (commands.isEmpty()) {
            return;
        }
        Build first = job.gear().builds().get(0);
        GearPackage.Applied applied = job.gear().apply(first.id(), commands, job.catalogue());
        String summary = "Kit: " + said.stream().limit(MOST_SAID).collect(Collectors.joining(", "))
                + (said.size() > MOST_SAID ? " and " + (said.size() - MOST_SAID) + " more" : "");
        journal.append(
                loaded, first.id(), Journal.Deed.edit(who, summary), new Journal.Edit(commands, applied.inverse()));
        changes.changeGear(loaded, first.id(), applied.after());
    }
}
