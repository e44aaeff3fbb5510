package wideharbor.app.job;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.judging.CheckVersion;
import wideharbor.app.live.Happened;
import wideharbor.app.web.Named;
import wideharbor.app.web.Refusal;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.Build;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Kit;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Verdict;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/**
 * The only place where jobs become rows and rows jobs; it judges nothing. Changes lock the job's row, so that nobody
 * overwrites another.
 */
@Component
public class JobStore {
    /** Why a job is a draft again where nothing more is known. */
    static final String CHANGED = "it was changed since";

    private final Rows.Jobs jobs;
    private final Rows.Builds builds;
    private final Rows.Kits kits;
    private final JobReader reader;
    private final CheckVersion checks;
    private final Happened happened;
    private final HarborCodec codec;

    JobStore(
            Rows.Jobs jobs,
            Rows.Builds builds,
            Rows.Kits kits,
            JobReader reader,
            CheckVersion checks,
            Happened happened,
            HarborCodec codec) {
        this.jobs = jobs;
        this.builds = builds;
        this.kits = kits;
        this.reader = reader;
        this.checks = checks;
        this.happened = happened;
        this.codec = codec;
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return jobs.count() == 0;
    }

    @Transactional(readOnly = true)
    public boolean exists(String id) {
        return jobs.existsById(id);
    }

    @Transactional(readOnly = true)
    public StoredJob load(String id) {
        return reader.known(jobs.findById(id).orElseThrow(() -> missing(id)));
    }

    /** What stands within the caller's transaction, which may have changed it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob reload(String id) {
        return reader.read(row(id));
    }

    /** At most so many that load out within a time and are not laid aside, the first first. */
    @Transactional(readOnly = true)
    public List<StoredJob> loadingOut(LocalDateTime from, LocalDateTime until, int most) {
        return jobs.loadingOut(from, until, Limit.of(most)).stream()
                .map(reader::known)
                .toList();
    }

    /** What jobs are called, by id; those that are gone are not among them. */
    @Transactional(readOnly = true)
    public Map<String, String> titles(Collection<String> ids) {
        return ids.isEmpty() ? Map.of() : jobs.titles(ids).stream().collect(Collectors.toMap(Named::id, Named::title));
    }

    /** The number of the state that stands now; 0 when the job is gone. */
    @Transactional(readOnly = true)
    public long stateNo(String id) {
        return jobs.stateNo(id).orElse(0L);
    }

    /**
     * Loads for a change, before anything is changed: until the caller's transaction ends, no other change of this job
     * begins.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public StoredJob lock(String id) {
        return reader.known(jobs.lock(id).orElseThrow(() -> missing(id)));
    }

    private static Refusal missing(String id) {
        return Refusal.notFound("There is no job '" + id + "'.");
    }

    /** Something beside the job itself changed of what it is read with. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void touch(String id) {
        row(id).stateNo++;
        happened.toJob(id);
    }

    /** Whether it is to be judged anew, under the rules that it is read with. */
    boolean isStale(StoredJob stored) {
        return row(stored.job().id()).isStale(stored.under(), checks.id());
    }

    /** The rules that it is read with turned its verdict. */
    void turned(StoredJob stored) {
        row(stored.job().id()).turnedUnder = stored.under();
    }

    /** Every job that has not left. */
    List<String> open() {
        return jobs.open();
    }

    /** Writes a new job whole. */
    void create(Job job) {
        JobRow row = new JobRow(job.id(), job.title());
        write(row, job.brief());
        jobs.saveAndFlush(row);
        happened.toJob(row.id);
        int ordinal = 0;
        for (Build build : job.gear().builds()) {
            write(new BuildRow(job.id(), build.id().toString(), ordinal++), build);
        }
        saveKit(job.id(), new Kit(Map.of()), job.gear().kit());
    }

    /** Writes one more body of a job, the last. */
    void addBuild(String job, Build build) {
        List<BuildRow> all = builds.everyOf(job);
        int last = all.isEmpty() ? -1 : all.get(all.size() - 1).ordinal;
        write(new BuildRow(job, build.id().toString(), last + 1), build);
    }

    private void write(BuildRow row, Build build) {
        row.title = build.title();
        row.content = codec.writeBuild(build);
        row.pieces = build.pieces().stream().collect(Collectors.joining(" ", " ", " "));
        builds.save(row);
    }

    /** Ids of every body of a job, those taken off among them. */
    Set<String> buildIds(String job) {
        return builds.everyOf(job).stream().map(b -> b.key.buildId()).collect(Collectors.toSet());
    }

    /** Bodies of a job that are taken off, by id and title. */
    Map<String, String> takenOff(String job) {
        Map<String, String> off = new LinkedHashMap<>();
        builds.everyOf(job).stream().filter(b -> b.takenOff).forEach(b -> off.put(b.key.buildId(), b.title));
        return off;
    }

    /** Takes a body off the job, or puts it back as it was. */
    void takeOff(String job, BuildId build, boolean off) {
        builds.findById(new BuildRow.Key(job, build.toString()))
                .orElseThrow(() -> Refusal.notFound("There is no build '" + build + "' in this job."))
                .takenOff = off;
    }

    /** Another title for a body: what is written of it says so too. */
    void titleBuild(String job, Build titled) {
        BuildRow row =
                builds.findById(new BuildRow.Key(job, titled.id().toString())).orElseThrow();
        write(row, titled);
        row.revision++;
    }

    void title(String job, String title) {
        row(job).title = title;
        happened.toJob(job);
    }

    /**
     * Lays a job aside, or brings it back.
     *
     * @param when nothing: it is back
     * @param forget from when on it is gone for good; nothing: it is kept
     */
    void archive(String job, @Nullable LocalDateTime when, @Nullable LocalDateTime forget, String who) {
        JobRow row = row(job);
        row.archivedAt = when;
        row.forgetAt = forget;
        row.archivedBy = who;
        happened.toJob(job);
    }

    boolean isArchived(String job) {
        return row(job).archivedAt != null;
    }

    /** Forgets for good what was deleted and not brought back in time. Returns how many jobs. */
    @Transactional
    public int forget(LocalDateTime now) {
        return jobs.forget(now);
    }

    /** Writes one build's content and the kit. Returns the build's new revision. */
    int saveGear(StoredJob before, BuildId build, GearPackage after) {
        BuildRow row = builds.findById(new BuildRow.Key(before.job().id(), build.toString()))
                .orElseThrow();
        write(row, after.build(build));
        row.revision++;
        saveKit(before.job().id(), before.job().gear().kit(), after.kit());
        return row.revision;
    }

    void saveBrief(StoredJob before, Brief brief) {
        write(row(before.job().id()), brief);
    }

    private void write(JobRow row, Brief brief) {
        row.brief = codec.writeBrief(brief);
        row.loadAt = brief.dates().load();
        row.place = brief.place();
        row.operator = brief.crew().operator();
    }

    private void saveKit(String job, Kit before, Kit after) {
        before.counts().forEach((type, count) -> {
            if (after.count(type) == 0) {
                kits.deleteById(kitKey(job, type));
            }
        });
        after.counts().forEach((type, count) -> {
            if (before.count(type) != count) {
                kits.save(new KitRow(kitKey(job, type), count));
            }
        });
    }

    private static KitRow.Key kitKey(String job, TypeRef type) {
        return new KitRow.Key(job, type.id(), type.revision());
    }

    /** Why a job is not as far as it was; empty when it never went back. */
    @Transactional(readOnly = true)
    public String stageNote(String id) {
        return row(id).stageNote;
    }

    void saveStage(StoredJob before, Gate.Stage stage) {
        JobRow row = row(before.job().id());
        row.stage = stage;
        row.stageNote = "";
    }

    /** The job is another than it was: its next state, with what the list shows of it. */
    StoredJob nextState(StoredJob before, Judged judged) {
        JobRow row = row(before.job().id());
        row.stateNo++;
        happened.toJob(row.id);
        count(row, before, judged);
        return new StoredJob(
                judged.job(), row.stage, row.revision, row.stateNo, before.under(), before.buildRevisions());
    }

    /** Jobs that have not left whose rigs were built with pieces of the house, by code of the piece. */
    @Transactional(readOnly = true)
    public Map<String, List<String>> builtWithPieces() {
        Map<String, List<String>> all = new LinkedHashMap<>();
        for (Rows.WithPieces with : builds.withPieces()) {
            for (String code : with.pieces().strip().split(" ")) {
                List<String> known = all.computeIfAbsent(code, c -> new ArrayList<>());
                if (!known.contains(with.job())) {
                    known.add(with.job());
                }
            }
        }
        return all;
    }

    /** What was signed does not stand any more: a draft again, under its next revision. */
    void reopen(StoredJob before) {
        reopen(before, CHANGED);
    }

    /** A new revision of what nobody has signed yet. */
    void revise(StoredJob before) {
        row(before.job().id()).revision++;
    }

    /** @param why what changed, for whoever had signed it */
    void reopen(StoredJob before, String why) {
        JobRow row = row(before.job().id());
        row.revision++;
        if (row.stage != Gate.Stage.DRAFT) {
            row.stageNote = "It was " + Gate.word(row.stage) + " at revision " + before.revision() + "; " + why
                    + ", so it is a draft again.";
        }
        row.stage = Gate.Stage.DRAFT;
    }

    /** What the list shows of a job, counted when it changes. */
    void count(StoredJob stored, Judged judged) {
        count(row(stored.job().id()), stored, judged);
    }

    private void count(JobRow row, StoredJob stored, Judged judged) {
        Verdict verdict = judged.verdict();
        row.judgedUnder = stored.under();
        row.judgedWith = checks.id();
        row.clear = verdict.clear();
        row.stops = verdict.stops();
        row.undecided = verdict.open();
        row.unreadCautions = verdict.unreadCautions();
        row.configurationsAll = judged.verdicts().size();
        row.configurationsClear =
                (int) judged.verdicts().values().stream().filter(Verdict::clear).count();
    }

    /** How a job stood when it was last counted. */
    String counted(StoredJob stored) {
        JobRow row = row(stored.job().id());
        return row.clear + " " + row.stops + " " + row.undecided + " " + row.unreadCautions;
    }

    private JobRow row(String id) {
        return jobs.findById(id).orElseThrow();
    }
}
