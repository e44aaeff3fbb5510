package wideharbor.app.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.live.Happened;
import wideharbor.app.ways.HouseState;
import wideharbor.app.web.Refusal;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.GearPackage;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;

/** Every change of a job: written, judged, counted, and its state kept once it is committed. */
@Service
public class JobChanges {
    private final JobStore store;
    private final Acceptances acceptances;
    private final Brought brought;
    private final CatalogueStore catalogue;
    private final Reports reports;
    private final HouseState house;
    private final Happened happened;

    JobChanges(
            JobStore store,
            Acceptances acceptances,
            Brought brought,
            CatalogueStore catalogue,
            Reports reports,
            HouseState house,
            Happened happened) {
        this.store = store;
        this.acceptances = acceptances;
        this.brought = brought;
        this.catalogue = catalogue;
        this.reports = reports;
        this.house = house;
        this.happened = happened;
    }

    /** Where a new job comes from: what a file brings beyond it is only proposed, what the house brings counts. */
    public enum From {
        HOUSE,
        FILE
    }

    /** Stores a new job whole. */
    @Transactional
    public void create(Job file, From from) {
        if (store.exists(file.id())) {
            throw Refusal.conflict("A job '" + file.id() + "' is on file already. Nothing was stored.");
        }
        if (from == From.HOUSE) {
            catalogue.admit(file.catalogue());
        }
        // A file's own limits are another house's: a lead sets ours, so no file does.
        store.create(file);
        brought.bring(file.id(), file.catalogue());
        if (from == From.HOUSE) {
            acceptances.copy(file);
        } else {
            brought.propose(file);
        }
        // Judged as it will be seen: with all parts of the house, not only those that the file brought.
        count(file.id());
    }

    /** Stores a job that begins here, with the package's own parts of the job it is made after. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void begin(Job job) {
        store.create(job);
        brought.bring(job.id(), job.catalogue());
        count(job.id());
    }

    /** Bodies came, went or are called otherwise: reopens what was signed. */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob changeBodies(StoredJob before) {
        store.reopen(before);
        StoredJob after = store.reload(before.job().id());
        return stands(after, reports.anew(after.job()));
    }

    /** Judges a job anew that others were judged without: parts or standards may have changed meanwhile. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void recount(String id) {
        store.touch(id);
        count(id);
    }

    private void count(String id) {
        StoredJob whole = store.reload(id);
        Judged judged = reports.anew(whole.job());
        store.count(whole, judged);
        reports.keepAfterCommit(whole, judged);
    }

    /**
     * Changes the package of a locked job: one build's content and the kit; reopens what was signed. Returns the job as
     * it stands once this is committed.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob changeGear(StoredJob before, BuildId build, GearPackage after) {
        return changeGear(before, build, after, JobStore.CHANGED);
    }

    /** @param why what changed, for whoever had signed it */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob changeGear(StoredJob before, BuildId build, GearPackage after, String why) {
        int revision = store.saveGear(before, build, after);
        store.reopen(before, why);
        return stands(before.revised(revised(before, build, revision)), reports.change(before, after));
    }

    /** A body is judged by what was measured on it; how far the job is on its way out stays as it is. */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob measured(StoredJob before, BuildId build, GearPackage after) {
        int revision = store.saveGear(before, build, after);
        store.revise(before);
        return stands(before.revised(revised(before, build, revision)), reports.change(before, after));
    }

    private static Map<BuildId, Integer> revised(StoredJob before, BuildId build, int revision) {
        Map<BuildId, Integer> revisions = new LinkedHashMap<>(before.buildRevisions());
        revisions.put(build, revision);
        return revisions;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void changeBrief(StoredJob before, Brief brief) {
        store.saveBrief(before, brief);
        store.reopen(before);
        stands(before, reports.change(before, before.job().with(brief)));
    }

    /** Takes a signed or dispatched job back: a new revision, so that old signatures do not count for it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void recall(StoredJob before) {
        store.reopen(before, "a lead opened it again");
        stands(before, reports.change(before, before.job()));
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void addReads(StoredJob before, Map<FindingKey, Job.Accepted> findings, String who) {
        acceptances.addReads(before.job().id(), findings, who);
        brought.settle(before.job().id(), keys(findings));
        accepted(before);
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void addWaivers(StoredJob before, Map<FindingKey, Job.Accepted> findings, String reason, String who) {
        acceptances.addWaivers(before.job().id(), findings, reason, who);
        brought.settle(before.job().id(), keys(findings));
        accepted(before);
    }

    private static List<String> keys(Map<FindingKey, Job.Accepted> findings) {
        return findings.keySet().stream().map(FindingKey::toString).toList();
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void removeWaivers(StoredJob before, List<FindingKey> findings) {
        acceptances.removeWaivers(before.job().id(), findings);
        accepted(before);
    }

    /** Moves a job on; nothing else of it changes. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void moveTo(StoredJob before, Gate.Stage stage) {
        store.saveStage(before, stage);
        stands(before, reports.accepting(before, before.job()));
    }

    /** Counts a job again after what was accepted changed. */
    void accepted(StoredJob before) {
        String id = before.job().id();
        Job after = before.job().accepted(acceptances.reads(id), acceptances.waivers(id));
        stands(before, reports.accepting(before, after));
    }

    private StoredJob stands(StoredJob before, Judged judged) {
        StoredJob now = store.nextState(before, judged);
        reports.keepAfterCommit(now, judged);
        return now;
    }

    /**
     * Loads a job for a change, as {@link JobStore#lock}, after judging it anew where the rules or the checks are
     * others than those it was judged by.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob lock(String id) {
        StoredJob stored = store.lock(id);
        return store.isStale(stored) ? judgedAnew(stored) : stored;
    }

    /** One whose verdict changes is a draft again: what was signed is no longer what stands. */
    private StoredJob judgedAnew(StoredJob stored) {
        String before = store.counted(stored);
        Judged judged = reports.of(stored);
        store.count(stored, judged);
        if (before.equals(store.counted(stored))) {
            return stored;
        }
        store.turned(stored);
        store.reopen(stored);
        return stands(stored, judged);
    }

    /**
     * What all jobs are judged by has changed: those that have not left are judged anew in the background, once this is
     * committed. Returns how many there are.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public int rulesChanged() {
        house.change();
        happened.toRules();
        return store.open().size();
    }
}
