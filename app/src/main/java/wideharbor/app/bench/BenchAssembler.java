package wideharbor.app.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Subjects;
import wideharbor.core.check.Verdict;
import wideharbor.core.edit.ArmPlacing;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.rig.Stack;
import wideharbor.core.sheet.Meters;

/** Puts the core's answers together into the Bench's one answer. */
@Component
class BenchAssembler {
    private final Accounts accounts;
    private final CheckEngine engine;

    BenchAssembler(Accounts accounts, CheckEngine engine) {
        this.accounts = accounts;
        this.engine = engine;
    }

    BenchViews.Bench bench(StoredJob loaded, RigAnalysis analysis, Reports.Told told, Journal.Ends ends) {
        Job job = loaded.job();
        Build build = analysis.build();
        Rig rig = analysis.rig();
        ConfigurationId configuration = rig.configuration().id();
        List<Finding> here = told.report().findings().stream()
                .filter(f -> f.key().build().equals(build.id())
                        && f.key().configuration().equals(configuration))
                .toList();
        return new BenchViews.Bench(
                job.id(),
                job.title(),
                build.id(),
                build.title(),
                loaded.buildRevision(build.id()),
                loaded.stage(),
                told.verdict().clear(),
                told.verdict().inWords(),
                configurations(told, job, build),
                configuration,
                lenses(here, build, job),
                rig.lens(),
                rig.world().bodyFaceUp(),
                rig.isSupported(),
                leaning(rig),
                stack(rig, here),
                loose(rig),
                rig.content().removed().stream()
                        .map(id -> new BenchViews.Removed(id, rig.title(id)))
                        .toList(),
                here.stream().map(f -> finding(f, job, rig)).toList(),
                Meters.of(analysis),
                ends.undo().map(Journal.Step::summary).orElse(""),
                ends.undo().map(s -> accounts.displayName(s.who())).orElse(""),
                ends.redo().map(Journal.Step::summary).orElse(""));
    }

    private static List<BenchViews.Loose> loose(Rig rig) {
        return rig.detached().stream()
                .map(d -> new BenchViews.Loose(
                        d.placement(),
                        d.title(),
                        d.since().isNone() ? "never joined" : "since " + rig.title(d.since()) + " was taken off"))
                .toList();
    }

    private static Optional<BenchViews.Leaning> leaning(Rig rig) {
        Configuration worn = rig.configuration();
        return rig.leansFreely()
                ? Optional.of(new BenchViews.Leaning(worn.rollDegrees(), worn.tiltDegrees()))
                : Optional.empty();
    }

    private static List<BenchViews.ConfigurationTab> configurations(Reports.Told told, Job job, Build build) {
        Map<ConfigurationId, Verdict> verdicts = Verdict.byConfiguration(told.report(), job, build.id());
        return build.configurations().stream()
                .map(c -> {
                    Verdict v = Objects.requireNonNull(verdicts.get(c.id()));
                    return new BenchViews.ConfigurationTab(
                            c.id(),
                            c.title(),
                            v.clear(),
                            v.stops() + v.open(),
                            v.unreadCautions(),
                            c.basedOn(),
                            c.overlay().size(),
                            job.brief().configurations().contains(c.id()),
                            c.support());
                })
                .toList();
    }

    private static List<BenchViews.Tab> lenses(List<Finding> here, Build build, Job job) {
        return build.lenses().stream()
                .map(l -> tab(
                        l.id().toString(),
                        l.title(),
                        Verdict.of(
                                here.stream()
                                        .filter(f -> f.key().lens().equals(l.id()))
                                        .toList(),
                                job)))
                .toList();
    }

    private static BenchViews.Tab tab(String id, String title, Verdict v) {
        return new BenchViews.Tab(id, title, v.clear(), v.stops() + v.open(), v.unreadCautions());
    }

    private static List<BenchViews.Row> stack(Rig rig, List<Finding> here) {
        List<BenchViews.Row> rows = new ArrayList<>();
        Map<PlacementId, Severity> worst = worst(rig, here);
        for (Stack.Row row : Stack.of(rig)) {
            Placed placed = row.placed();
            Optional<Joint> joint = rig.locatedBy(placed.id());
            List<String> hanging = rig.subtree(placed.id()).stream()
                    .filter(id -> !id.equals(placed.id()))
                    .map(rig::title)
                    .toList();
            rows.add(new BenchViews.Row(
                    placed.id(),
                    placed.title(),
                    placed.type().ref().toString(),
                    placed.type().category().name(),
                    row.level(),
                    joint.map(j -> rig.title(j.parent().placement()) + ", "
                                    + rig.port(j.parent()).title())
                            .orElse("the rig's origin"),
                    Mass.ofPlacement(placed.placement(), placed.type()),
                    placed.placement().piece(),
                    joint.map(j -> rig.port(j.parent()).standard()).orElse(""),
                    joint.map(Joint::confidence),
                    joint.map(Joint::note).orElse(""),
                    joint.map(j -> marks(rig.port(j.child()), rig.port(j.parent())))
                            .orElse(""),
                    tip(rig, placed),
                    settings(rig, placed),
                    Optional.ofNullable(worst.get(placed.id())),
                    hanging.size(),
                    hanging,
                    placed.id().equals(rig.content().root()),
                    rig.build().base().placement(placed.id()).isEmpty()
                            && placed.type().category() != Category.LENS,
                    placed.type().facet(SupportFacet.Support.class).isPresent()));
        }
        return rows;
    }

    private static String marks(Port own, Port on) {
        return own.mark().isEmpty() || on.mark().isEmpty() ? "" : own.mark() + " to " + on.mark();
    }

    private static Optional<List<Double>> tip(Rig rig, Placed placed) {
        if (placed.type().facet(RiggingFacet.Arm.class).isEmpty()) {
            return Optional.empty();
        }
        Vec3 at = ArmPlacing.tip(rig, placed);
        return Optional.of(List.of(at.x(), at.y(), at.z()));
    }

    private static List<BenchViews.SettingView> settings(Rig rig, Placed placed) {
        List<Motion> motions = new ArrayList<>(rig.motions());
        rig.closings().forEach(c -> motions.addAll(c.settings()));
        return motions.stream()
                .filter(m -> m.key().placement().equals(placed.id()))
                .map(m -> new BenchViews.SettingView(
                        m.key().toString(),
                        m.freedom().title(),
                        m.value(),
                        m.range().from(),
                        m.range().to(),
                        m.freedom().step(),
                        m.freedom().unit(),
                        rig.content().setting(m.key()).map(s -> s.byFeel()).orElse(false)))
                .toList();
    }

    /** By part, the weightiest finding that concerns it: what its row is marked with. */
    private static Map<PlacementId, Severity> worst(Rig rig, List<Finding> here) {
        Map<PlacementId, Severity> worst = new HashMap<>();
        for (Finding f : here) {
            if (f.key().lens().isNone() || f.key().lens().equals(rig.lens())) {
                for (PlacementId placement : Subjects.placements(f, rig)) {
                    worst.merge(placement, f.severity(), (a, b) -> a.compareTo(b) <= 0 ? a : b);
                }
            }
        }
        return worst;
    }

    private BenchViews.FindingView finding(Finding f, Job job, Rig rig) {
        FindingKey key = f.key();
        Optional<Job.CautionRead> read =
                job.reads().stream().filter(r -> r.finding().equals(key)).findFirst();
        Optional<Job.Waiver> waiver =
                job.waivers().stream().filter(w -> w.finding().equals(key)).findFirst();
        CheckCard card = engine.require(f.key().check()).card();
        Set<PlacementId> placements = new LinkedHashSet<>(Subjects.placements(f, rig));
        return new BenchViews.FindingView(
                key.toString(),
                f.key().check(),
                f.severity(),
                f.state(),
                f.title(),
                f.why(),
                f.evidence(),
                List.copyOf(placements),
                f.key().lens(),
                read.isPresent(),
                read.map(r -> accounts.displayName(r.who())).orElse(""),
                Verdict.isWaived(f, job.waivers()),
                waiver.map(w -> w.reason() + " (" + accounts.displayName(w.who()) + ")")
                        .orElse(""),
                card.expectation(),
                card.formula(),
                card.source());
    }
}
