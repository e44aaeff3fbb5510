package wideharbor.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.judging.Flights;
import wideharbor.app.security.Accounts;
import wideharbor.app.ways.HouseWays;
import wideharbor.app.web.Refusal;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Build;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Kit;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/**
 * The only place where jobs become rows and rows jobs. Changes lock the job's row, so that nobody overwrites another.
 */
@Service
public class JobStore {
    /** Jobs on one page of the list. */
    public static final int PAGE = 100;

    private static final int MOST_OPERATORS = 500;

    private final Rows.Jobs jobs;
    private final Rows.Builds builds;
    private final Rows.Kits kits;
    private final Rows.Reads reads;
    private final Rows.Waivers waivers;
    private final Rows.Signatures signatures;
    private final CatalogueStore catalogue;
    private final Brought brought;
    private final HouseWays ways;
    private final Accounts accounts;
    private final HarborCodec codec;
    private final Checked checked;
    private final Clock clock;

    /** A build as it is stored, and the parts that it is read with: the same two always read as the same build. */
    private record Stored(String content, Catalogue catalogue) {}

    private final Flights<Stored, Build> builtAs = new Flights<>(200);

    JobStore(
            Rows.Jobs jobs,
            Rows.Builds builds,
            Rows.Kits kits,
            Rows.Reads reads,
            Rows.Waivers waivers,
            Rows.Signatures signatures,
            CatalogueStore catalogue,
            Brought brought,
            HouseWays ways,
            Accounts accounts,
            HarborCodec codec,
            Checked checked,
            Clock clock) {
        this.jobs = jobs;
        this.builds = builds;
        this.kits = kits;
        this.reads = reads;
        this.waivers = waivers;
        this.signatures = signatures;
        this.catalogue = catalogue;
        this.brought = brought;
        this.ways = ways;
        this.accounts = accounts;
        this.codec = codec;
        this.checked = checked;
        this.clock = clock;
    }

    /** What the list of jobs shows; the findings were counted when they last changed. */
    public record Row(
            String id,
            String title,
            java.time.LocalDateTime loadAt,
            String place,
            Gate.Stage stage,
            Verdict verdict,
            int configurationsClear,
            int configurationsAll,
            List<String> builds) {}

    /** A page of the list, and how many jobs there are in all that answer the search. */
    public record Rowed(List<Row> rows, long total) {}

    /** Newest load-out first; every word of the search stands in title or place. */
    @Transactional(readOnly = true)
    public Rowed list(String search, int page) {
        Page<JobRow> found = jobs.page(pattern(search), PageRequest.of(Math.max(0, page), PAGE));
        return new Rowed(rows(found.getContent()), found.getTotalElements());
    }

    /**
     * Words in their order with anything between; what stands for any text in the database's patterns stands for
     * itself.
     */
    private static String pattern(String search) {
        String plain = search.toLowerCase(Locale.ROOT)
                .replace("\\", "")
                .replace("%", "")
                .replace("_", "\\_");
        return "%" + String.join("%", plain.trim().split("\\s+")) + "%";
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return jobs.count() == 0;
    }

    private List<Row> rows(List<JobRow> rows) {
        Map<String, List<String>> ids = new LinkedHashMap<>();
        for (BuildRow build : builds.ofAll(rows.stream().map(r -> r.id).toList())) {
            ids.computeIfAbsent(build.key.jobId(), k -> new ArrayList<>()).add(build.key.buildId());
        }
        return rows.stream()
                .map(r -> new Row(
                        r.id,
                        r.title,
                        r.loadAt,
                        r.place,
                        r.stage,
                        new Verdict(r.clear, r.stops, r.undecided, r.unreadCautions, 0, 0, 0),
                        r.configurationsClear,
                        r.configurationsAll,
                        ids.getOrDefault(r.id, List.of())))
                .toList();
    }

    /** Who operates in the jobs on file, each once. */
    @Transactional(readOnly = true)
    public List<String> operators() {
        return jobs.operators(Limit.of(MOST_OPERATORS));
    }

    @Transactional(readOnly = true)
    public Loaded load(String id) {
        return loaded(jobs.findById(id).orElseThrow(() -> Refusal.notFound("There is no job '" + id + "'.")));
    }

    @Transactional(readOnly = true)
    public boolean exists(String id) {
        return jobs.existsById(id);
    }

    /** How many open jobs were judged anew, and the titles of those whose verdict changed. */
    public record Recheck(int jobs, List<String> changed) {}

    /**
     * Judges every job that has not left anew, after parts or standards changed. One whose verdict changes is a draft
     * again: what was signed is no longer what stands.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Recheck recheckOpen() {
        List<String> changed = new ArrayList<>();
        int count = 0;
        for (String id : jobs.open()) {
            JobRow row = jobs.lock(id).orElseThrow();
            String before = summary(row);
            row.stateNo++;
            summarise(row, loaded(row).job());
            count++;
            if (!before.equals(summary(row))) {
                row.revision++;
                row.stage = Gate.Stage.DRAFT;
                changed.add(row.title);
            }
        }
        return new Recheck(count, changed);
    }

    /** What the checks say of a job now, for a change of what was accepted. */
    @Transactional(propagation = Propagation.MANDATORY)
    Report judgedAnew(String id) {
        return checked.compute(lock(id)).report();
    }

    /** Counts a job's findings again, after what was accepted changed. */
    @Transactional(propagation = Propagation.MANDATORY)
    void summariseAnew(String id) {
        acceptanceChanged(id);
    }

    private static String summary(JobRow row) {
        return row.clear + " " + row.stops + " " + row.undecided + " " + row.unreadCautions;
    }

    /** Loads for a change: until the caller's transaction ends, no other change of this job begins. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Loaded lock(String id) {
        return loaded(jobs.lock(id).orElseThrow(() -> Refusal.notFound("There is no job '" + id + "'.")));
    }

    private Loaded loaded(JobRow row) {
        Catalogue all = brought.catalogueOf(row.id);
        List<Build> content = new ArrayList<>();
        Map<String, Integer> revisions = new LinkedHashMap<>();
        for (BuildRow build : builds.of(row.id)) {
            content.add(builtAs.get(new Stored(build.content, all), () -> codec.readBuild(build.content, all)));
            revisions.put(build.key.buildId(), build.revision);
        }
        Map<TypeRef, Integer> kit = new LinkedHashMap<>();
        kits.of(row.id).forEach(k -> kit.put(new TypeRef(k.key.typeId(), k.key.typeRevision()), k.pieces));
        Brief brief = codec.readBrief(row.brief);
        Job job = new Job(
                row.id,
                row.title,
                brief,
                codec.readRules(row.rules)
                        .inHouse(ways.chosen(""), ways.chosen(brief.crew().operator())),
                all,
                new GearPackage(new Kit(kit), content),
                reads.of(row.id).stream()
                        .map(r -> new Job.CautionRead(
                                FindingKey.parse(r.id.finding()),
                                new Job.Accepted(r.excess, r.unit),
                                r.who,
                                r.readAt.toString()))
                        .toList(),
                waivers.of(row.id).stream()
                        .map(w -> new Job.Waiver(
                                FindingKey.parse(w.id.finding()),
                                new Job.Accepted(w.acceptedExcess, w.unit),
                                w.reason,
                                w.who,
                                w.waivedAt.toString()))
                        .toList());
        return new Loaded(job, row.stage, row.revision, row.stateNo, revisions);
    }

    /** Where a new job comes from: what a file brings beyond it is only proposed, what the house brings counts. */
    public enum From {
        HOUSE,
        FILE
    }

    /** Stores a new job whole. */
    @Transactional
    public void create(Job file, From from) {
        Job job = from == From.HOUSE ? file : file.accepted(List.of(), List.of());
        if (jobs.existsById(job.id())) {
            throw Refusal.conflict("A job '" + job.id() + "' is on file already. Nothing was stored.");
        }
        if (from == From.HOUSE) {
            catalogue.admit(job.catalogue());
        }
        JobRow row = new JobRow(job.id(), job.title());
        write(row, job.brief());
        // A file's own limits are another house's: nobody sets them by hand, so no file does.
        row.rules = codec.writeRules(from == From.HOUSE ? job.rules() : HouseRules.DEFAULTS);
        JobRow stored = jobs.saveAndFlush(row);
        brought.bring(job.id(), job.catalogue());
        int ordinal = 0;
        for (Build build : job.gear().builds()) {
            builds.save(new BuildRow(job.id(), build.id(), build.title(), ordinal++, codec.writeBuild(build)));
        }
        saveKit(job.id(), new Kit(Map.of()), job.gear().kit());
        job.reads()
                .forEach(r -> reads.save(new ReadRow(
                        FindingId.of(job.id(), r.finding()), r.accepted(), person(r.who()), instant(r.when()))));
        job.waivers()
                .forEach(w -> waivers.save(new WaiverRow(
                        FindingId.of(job.id(), w.finding()),
                        w.accepted(),
                        w.reason(),
                        person(w.who()),
                        instant(w.when()))));
        if (from == From.FILE) {
            brought.propose(file);
        }
        // Judged as it will be seen: with all parts of the house, not only those that the file brought.
        summarise(stored, loaded(stored).job());
    }

    /** The id of who signs in by this name; any other text stands for itself. */
    private String person(String name) {
        return accounts.idOf(name).orElse(name);
    }

    private Instant instant(String when) {
        try {
            return Instant.parse(when);
        } catch (java.time.format.DateTimeParseException e) {
            return now();
        }
    }

    /**
     * Stores a changed package of a locked job: one build's content and the kit; reopens what was signed. Returns the
     * job as it stands once this is committed.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Loaded saveGear(Loaded before, String build, GearPackage after) {
        BuildRow row =
                builds.findById(new BuildRow.Key(before.job().id(), build)).orElseThrow();
        row.content = codec.writeBuild(after.build(build));
        row.revision++;
        saveKit(before.job().id(), before.job().gear().kit(), after.kit());
        Job job = before.job().with(after);
        JobRow now = contentChanged(job, checked.foresee(before, after));
        Map<String, Integer> revisions = new LinkedHashMap<>(before.buildRevisions());
        revisions.put(build, row.revision);
        return new Loaded(job, now.stage, now.revision, now.stateNo, revisions);
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void saveBrief(Loaded before, Brief brief) {
        JobRow row = row(before.job().id());
        write(row, brief);
        Job job = before.job().with(brief);
        contentChanged(job, checked.compute(job));
    }

    private void write(JobRow row, Brief brief) {
        row.brief = codec.writeBrief(brief);
        row.loadAt = brief.dates().load();
        row.place = brief.place();
        row.operator = brief.crew().operator();
    }

    private JobRow contentChanged(Job job, Checked.Result result) {
        JobRow row = row(job.id());
        row.revision++;
        row.stage = Gate.Stage.DRAFT;
        row.stateNo++;
        summarise(row, job, result);
        return row;
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

    @Transactional(propagation = Propagation.MANDATORY)
    public void addReads(Loaded before, Map<FindingKey, Job.Accepted> findings, String who) {
        String job = before.job().id();
        findings.forEach((key, accepted) -> reads.save(new ReadRow(FindingId.of(job, key), accepted, who, now())));
        brought.settle(job, keys(findings));
        acceptanceChanged(job);
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void addWaivers(Loaded before, Map<FindingKey, Job.Accepted> findings, String reason, String who) {
        String job = before.job().id();
        findings.forEach(
                (key, accepted) -> waivers.save(new WaiverRow(FindingId.of(job, key), accepted, reason, who, now())));
        brought.settle(job, keys(findings));
        acceptanceChanged(job);
    }

    private static List<String> keys(Map<FindingKey, Job.Accepted> findings) {
        return findings.keySet().stream().map(FindingKey::toString).toList();
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void removeWaivers(Loaded before, List<FindingKey> findings) {
        findings.forEach(f -> waivers.deleteById(FindingId.of(before.job().id(), f)));
        acceptanceChanged(before.job().id());
    }

    private void acceptanceChanged(String id) {
        JobRow row = row(id);
        row.stateNo++;
        summarise(row, loaded(row).job());
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void saveStage(Loaded before, Gate.Stage stage) {
        JobRow row = row(before.job().id());
        row.stage = stage;
        row.stateNo++;
    }

    /** Takes a dispatched job back: a new revision, so that old signatures do not count for it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reopen(Loaded before) {
        contentChanged(before.job(), checked.compute(before));
    }

    /** A signature under the present revision. */
    public record Signature(String who, Instant when) {}

    @Transactional(readOnly = true)
    public List<Signature> signatures(String job, int revision) {
        return signatures.of(job, revision).stream()
                .map(s -> new Signature(s.key.who(), s.signedAt))
                .toList();
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void sign(Loaded before, String who) {
        signatures.save(new SignatureRow(new SignatureRow.Key(before.job().id(), before.revision(), who), now()));
    }

    private JobRow row(String id) {
        return jobs.findById(id).orElseThrow();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private void summarise(JobRow row, Job job) {
        summarise(row, job, checked.compute(job));
    }

    private void summarise(JobRow row, Job job, Checked.Result result) {
        checked.keepAfterCommit(row.id, row.stateNo, result);
        Verdict verdict = result.verdict();
        row.clear = verdict.clear();
        row.stops = verdict.stops();
        row.undecided = verdict.open();
        row.unreadCautions = verdict.unreadCautions();
        row.configurationsAll = 0;
        row.configurationsClear = 0;
        for (Build build : job.gear().builds()) {
            Map<String, Verdict> each = Verdict.byConfiguration(result.report(), job, build.id());
            row.configurationsAll += each.size();
            row.configurationsClear +=
                    (int) each.values().stream().filter(Verdict::clear).count();
        }
    }
}
