package wideharbor.app.assembly;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.live.Happened;
import wideharbor.app.photos.PhotoService;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Paper;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.assembly.AssemblyPlan;
import wideharbor.core.assembly.AssemblyPlan.Step;
import wideharbor.core.check.Judged;
import wideharbor.core.id.PlacementId;
import wideharbor.core.photo.PhotoOf;

/** Plans and their ticks. */
@Service
public class AssemblyService {
    private final JobStore store;
    private final Reports reports;
    private final TickRows rows;
    private final Accounts accounts;
    private final Happened happened;
    private final Paper paper;
    private final PhotoService photos;
    private final Clock clock;

    AssemblyService(
            JobStore store,
            Reports reports,
            TickRows rows,
            Accounts accounts,
            Happened happened,
            Paper paper,
            PhotoService photos,
            Clock clock) {
        this.paper = paper;
        this.photos = photos;
        this.store = store;
        this.reports = reports;
        this.rows = rows;
        this.accounts = accounts;
        this.happened = happened;
        this.clock = clock;
    }

    /** A rig: a body worn in one way. */
    record Of(String job, String build, String configuration) {
        static Of of(Standpoint at, RigAnalysis rig) {
            return new Of(
                    at.job(),
                    at.build().toString(),
                    rig.rig().configuration().id().toString());
        }
    }

    @Transactional(readOnly = true)
    public AssemblyViews.AssemblySheet sheet(Standpoint at, boolean back) {
        RigAnalysis rig = rig(at);
        return back ? AssemblyViews.AssemblySheet.back(AssemblyPlan.of(rig), typeIn(rig)) : sheet(at, rig);
    }

    /** The steps on paper. */
    @Transactional(readOnly = true)
    public byte[] pdf(Standpoint at) {
        StoredJob stored = store.load(at.job());
        Judged judged = reports.of(stored);
        RigAnalysis rig = at.in(judged);
        String lens = rig.rig()
                .build()
                .lens(rig.rig().lens())
                .map(l -> ", with " + l.title())
                .orElse("");
        StepsPaper.Head head = new StepsPaper.Head(
                judged.job().title(),
                rig.build().title(),
                rig.rig().configuration().title() + lens,
                stored.revision(),
                judged.verdict().inWords(),
                LocalDate.now(clock).toString());
        return paper.pdf(
                "assembly",
                StepsPaper.values(
                        head,
                        sheet(at, rig),
                        photos.onPaper(at.job(), PhotoOf.Kind.STEP, rig.build().id() + "|")));
    }

    private AssemblyViews.AssemblySheet sheet(Standpoint at, RigAnalysis rig) {
        Of of = Of.of(at, rig);
        Map<String, TickRow> last = rows.last(of.job(), of.build(), of.configuration()).stream()
                .filter(TickRow::isDone)
                .collect(Collectors.toMap(TickRow::step, Function.identity()));
        return AssemblyViews.AssemblySheet.of(AssemblyPlan.of(rig), typeIn(rig), last, accounts::displayName);
    }

    private static Function<PlacementId, String> typeIn(RigAnalysis rig) {
        return part ->
                rig.rig().content().placement(part).map(p -> p.type().id()).orElse("");
    }

    private RigAnalysis rig(Standpoint at) {
        return at.in(reports.of(store.load(at.job())));
    }

    /** Ticks that are known already are passed over, also when the same one comes twice at once. */
    @Transactional
    public void tick(Standpoint at, List<AssemblyController.Tick> ticks, String who) {
        StoredJob stored = store.lock(at.job());
        JobService.requireOpen(stored);
        RigAnalysis rig = at.in(reports.of(stored));
        Set<String> steps = AssemblyPlan.of(rig).steps().stream().map(Step::key).collect(Collectors.toSet());
        for (AssemblyController.Tick tick : ticks) {
            if (!steps.contains(tick.step())) {
                throw Refusal.conflict("The step '" + tick.step()
                        + "' is no longer part of this rig. Look at the steps as they are now.");
            }
        }
        Set<String> known = new HashSet<>(
                rows.known(ticks.stream().map(AssemblyController.Tick::id).toList()));
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        Of of = Of.of(at, rig);
        rows.saveAll(ticks.stream()
                .filter(t -> known.add(t.id()))
                .map(t -> new TickRow(of, t, who, now))
                .toList());
        happened.toJob(at.job());
    }
}
