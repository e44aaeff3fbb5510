package wideharbor.app.files;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.Brought;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Refusal;
import wideharbor.core.build.Build;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;
import wideharbor.core.merge.Differences;
import wideharbor.format.HarborCodec;

/** A package file against the job of its id that is here: what differs, and taking the file's side as an edit. */
@Service
class MergeService {
    private static final int MOST_LINES = 500;

    private final JobStore store;
    private final JobChanges changes;
    private final Journal journal;
    private final Brought brought;
    private final HarborCodec codec;

    MergeService(JobStore store, JobChanges changes, Journal journal, Brought brought, HarborCodec codec) {
        this.store = store;
        this.changes = changes;
        this.journal = journal;
        this.brought = brought;
        this.codec = codec;
    }

    record MergeLine(BuildId build, Differences.Kind kind, String what, String id, String here, String there) {}

    /** {@code isNew}: no job of this id is here, and the file can be opened as one. */
    record PackageDifferences(
            String job,
            String title,
            boolean isNew,
            boolean briefDiffers,
            int revision,
            List<MergeLine> lines,
            int more) {}

    record Merged(String job, int edits) {}

    @Transactional(readOnly = true)
    PackageDifferences compare(byte[] bytes) {
        Job there = codec.read(bytes);
        if (!store.exists(there.id())) {
            return new PackageDifferences(there.id(), there.title(), true, false, 0, List.of(), 0);
        }
        StoredJob here = store.load(there.id());
        List<MergeLine> lines = new ArrayList<>();
        for (Build build : there.gear().builds()) {
            differences(here, build, there).lines().forEach(l -> lines.add(line(build.id(), l)));
        }
        Differences.between(here.job().gear().kit(), there.gear().kit())
                .lines()
                .forEach(l -> lines.add(line(BuildId.NONE, l)));
        return new PackageDifferences(
                there.id(),
                here.job().title(),
                false,
                !here.job().brief().equals(there.brief()),
                here.revision(),
                lines.stream().limit(MOST_LINES).toList(),
                Math.max(0, lines.size() - MOST_LINES));
    }

    private static Differences.Result differences(StoredJob here, Build build, Job there) {
        Build old = here.job().gear().builds().stream()
                .filter(b -> b.id().equals(build.id()))
                .findFirst()
                .orElseThrow(() -> Refusal.conflict(
                        "The file has a build '" + build.id() + "' that this job has not; open it as a new job."));
        // Names of parts that only the file knows come from the file's own catalogue.
        return Differences.between(old, build, there.catalogue().and(here.job().catalogue()));
    }

    private static MergeLine line(BuildId build, Differences.Line l) {
        return new MergeLine(build, l.kind(), l.what(), l.id(), l.here(), l.there());
    }

    private StoredJob apply(StoredJob now, BuildId build, List<Scoped> edit, String who) {
        GearPackage.Applied applied =
                now.job().gear().apply(build, edit, now.job().catalogue());
        journal.append(
                now,
                build,
                Journal.Deed.edit(who, "Take the package file's side, " + edit.size() + " changes"),
                new Journal.Edit(edit, applied.inverse()));
        return changes.changeGear(now, build, applied.after());
    }

    /** All the file's side at once: an entry of each build's journal, so that it can be undone. */
    @Transactional
    Merged merge(byte[] bytes, int revision, boolean withBrief, String who) {
        Job there = codec.read(bytes);
        StoredJob here = changes.lock(there.id());
        JobService.requireOpen(here);
        if (here.revision() != revision) {
            throw Refusal.conflict("This job was changed meanwhile: you saw revision " + revision + ", it is at "
                    + here.revision() + ". Nothing was overwritten; compare again.");
        }
        brought.bring(there.id(), there.catalogue());
        store.touch(there.id());
        StoredJob now = store.reload(there.id());
        int edits = 0;
        boolean first = true;
        for (Build build : there.gear().builds()) {
            List<Scoped> edit = new ArrayList<>(differences(now, build, there).edit());
            if (first) {
                edit.addAll(
                        Differences.between(now.job().gear().kit(), there.gear().kit())
                                .edit());
                first = false;
            }
            if (!edit.isEmpty()) {
                now = apply(now, build.id(), edit, who);
                edits += edit.size();
            }
        }
        if (withBrief && !now.job().brief().equals(there.brief())) {
            changes.changeBrief(now, there.brief());
            edits++;
        }
        return new Merged(there.id(), edits);
    }
}
