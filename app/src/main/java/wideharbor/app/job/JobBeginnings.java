package wideharbor.app.job;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.web.Refusal;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Worn;
import wideharbor.core.build.Build;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.FreeId;
import wideharbor.core.job.Job;
import wideharbor.core.job.JobStart;
import wideharbor.core.quantity.Require;

/** How jobs begin, get their bodies, and are laid aside. */
@Service
class JobBeginnings {
    private static final Logger LOG = LoggerFactory.getLogger(JobBeginnings.class);
    private static final int KEPT_DAYS = 30;
    private static final int LONGEST_STEM = 48;
    private static final int MOST_BODIES = 12;

    private final JobStore store;
    private final JobService service;
    private final JobChanges changes;
    private final CatalogueStore catalogue;
    private final Clock clock;

    JobBeginnings(JobStore store, JobService service, JobChanges changes, CatalogueStore catalogue, Clock clock) {
        this.store = store;
        this.service = service;
        this.changes = changes;
        this.catalogue = catalogue;
        this.clock = clock;
    }

    /** A job from nothing, or after an earlier one; returns its id. */
    @Transactional
    String begin(String title, LocalDate out, List<Worn> worn, String like) {
        String id = freeId(title);
        Job job = like.isEmpty()
                ? JobStart.fresh(id, title.strip(), out, worn, catalogue.catalogue(), HouseRules.DEFAULTS)
                : JobStart.like(store.load(like).job(), id, title.strip(), out);
        changes.begin(job);
        return id;
    }

    private String freeId(String title) {
        String stem = Require.slug(title, LONGEST_STEM);
        return FreeId.of(stem.isEmpty() ? "job" : stem, store::exists);
    }

    @Transactional
    void rename(String id, int revision, String title) {
        StoredJob loaded = service.lock(id, revision);
        store.title(id, title.strip());
        changes.changeBodies(loaded);
    }

    /** A body with nothing on it, or built as another of this job is. */
    @Transactional
    void addBody(String id, int revision, String title, TypeRef type, BuildId like) {
        StoredJob loaded = service.lock(id, revision);
        Job job = loaded.job();
        Set<String> taken = store.buildIds(id);
        if (taken.size() >= MOST_BODIES) {
            throw Refusal.conflict("A job has at most " + MOST_BODIES + " bodies, those taken off among them.");
        }
        ItemType body = job.catalogue()
                .find(type)
                .orElseThrow(() -> Refusal.notFound("The catalogue has no item " + type + "."));
        BuildId free = JobStart.freeBody(taken);
        Build made = like.isNone()
                ? JobStart.body(job, free, title.strip(), body)
                : job.gear().build(like).twin(free, title.strip());
        store.addBuild(id, made);
        changes.changeBodies(loaded);
    }

    @Transactional
    void titleBody(String id, int revision, BuildId build, String title) {
        StoredJob loaded = service.lock(id, revision);
        store.titleBuild(id, loaded.job().gear().renamed(build, title.strip()).build(build));
        changes.changeBodies(loaded);
    }

    /** Takes a body off the job with all that is built on it, or puts it back as it was. */
    @Transactional
    void takeOff(String id, int revision, BuildId build, boolean off) {
        StoredJob loaded = service.lock(id, revision);
        store.takeOff(id, build, off);
        changes.changeBodies(loaded);
    }

    @Transactional
    void archive(String id, String who) {
        store.lock(id);
        store.archive(id, LocalDateTime.now(clock), null, who);
    }

    /** Out of every list; until it is forgotten it can be brought back. */
    @Transactional
    void delete(String id, String who) {
        store.lock(id);
        LocalDateTime now = LocalDateTime.now(clock);
        store.archive(id, now, now.plusDays(KEPT_DAYS), who);
    }

    @Transactional
    void bringBack(String id) {
        store.lock(id);
        store.archive(id, null, null, "");
        changes.recount(id);
    }

    /** What was deleted and not brought back in time is forgotten when the house opens, and daily. */
    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.DAYS)
    void forget() {
        int gone = store.forget(LocalDateTime.now(clock));
        if (gone > 0) {
            LOG.info("Forgot {} jobs that were deleted more than {} days ago", gone, KEPT_DAYS);
        }
    }
}
