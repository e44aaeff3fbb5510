package wideharbor.core.analysis;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Build;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Kit;
import wideharbor.core.build.Scope;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.clearance.LensView;
import wideharbor.core.clearance.Obstacles;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Lazy;
import wideharbor.core.memo.Memo;
import wideharbor.core.power.Estimates;
import wideharbor.core.power.FeedTree;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.signal.CableSchedule;
import wideharbor.core.signal.Dressing;
import wideharbor.core.signal.Monitoring;
import wideharbor.core.signal.SignalGraph;
import wideharbor.core.standard.Standards;

/** One rig of a job with what several checks derive from it, derived once. */
public record RigAnalysis(
        JobAnalysis whole,
        Build build,
        Rig rig,
        FeedTree feeds,
        Optional<SlideBalance> balance,
        Optional<LensMoment> lensMoment,
        Kept kept) {

    /** A rig by itself: what is asked of others of the job is resolved anew. */
    public static RigAnalysis of(Job job, Build build, ConfigurationId configuration, LensId lens) {
        JobAnalysis whole = JobAnalysis.of(job);
        return of(whole, Rig.resolve(build, configuration, lens, whole.job().catalogue()), Optional.empty());
    }

    /** {@code near} is what is known of a rig much like this one. */
    static RigAnalysis of(JobAnalysis whole, Rig rig, Optional<Clearances> near) {
        return of(whole, rig, new Kept(Optional.empty(), near));
    }

    /** The same configuration with another lens; most of it stands as it does here. */
    RigAnalysis with(LensId lens) {
        return of(
                whole,
                Rig.resolve(build, rig.configuration().id(), lens, catalogue()),
                new Kept(Optional.of(this), Optional.empty()));
    }

    private static RigAnalysis of(JobAnalysis whole, Rig rig, Kept kept) {
        double closure = whole.job().rules().value(HouseRules.Rule.CLOSURE_GAP);
        return new RigAnalysis(
                whole,
                rig.build(),
                rig,
                FeedTree.of(rig, estimates(whole.job())),
                SlideBalance.of(rig),
                LensMoment.of(rig, closure),
                kept);
    }

    /** The same rig in a job that differs only in what this body is not built of: kit, brief, other bodies. */
    RigAnalysis in(JobAnalysis other) {
        FeedTree fed = feeds.with(estimates(other.job()));
        return new RigAnalysis(other, build, rig, fed, balance, lensMoment, kept.ofRig());
    }

    private static Estimates estimates(Job job) {
        return Estimates.of(job.rules(), job.brief().temperatureC());
    }

    /** This configuration with this lens in a job that was changed, which nothing else is asked of. */
    public RigAnalysis trying(Job changed) {
        JobAnalysis then = JobAnalysis.of(changed);
        Catalogue known = then.job().catalogue();
        return of(
                then,
                Rig.resolve(
                        changed.gear().build(build.id()), rig.configuration().id(), rig.lens(), known),
                known == catalogue() ? knownClearances() : Optional.empty());
    }

    public ConfigurationKey key() {
        return new ConfigurationKey(build.id(), rig.configuration().id());
    }

    public Job job() {
        return whole.job();
    }

    /** Another configuration of this body, with the same lens. */
    public RigAnalysis beside(ConfigurationId configuration) {
        return whole.rig(build.id(), configuration, rig.lens());
    }

    /** This configuration with another lens in the slot. */
    public RigAnalysis withLens(LensId lens) {
        return whole.rig(build.id(), rig.configuration().id(), lens);
    }

    /** Overlaps and intrusions on this rig, worked out when the first check asks. */
    public Clearances clearances() {
        return kept.of(rig, rule(HouseRules.Rule.INTERFERENCE));
    }

    /** What keeps parts of this rig from being put on or taken off. */
    public Obstacles obstacles() {
        return kept.obstacles.get(() -> Obstacles.on(rig, this::clearances));
    }

    /** What the lens in the slot sees; empty when there is none, or the window is not on file. */
    public Optional<LensView> view() {
        return kept.view.get(() -> LensView.of(rig));
    }

    /** Picture, sound, time and control on this rig, joined when the first check asks. */
    public SignalGraph signals() {
        return kept.signals(rig);
    }

    /** Every cable of this rig, laid as the house lays them. */
    public List<CableSchedule.Row> cables() {
        return kept.cables.get(() -> CableSchedule.of(rig, Dressing.by(rules())));
    }

    /** What is known so far of overlaps. */
    Optional<Clearances> knownClearances() {
        return kept.clearances.known();
    }

    /** What of this rig is as it is on another of the same configuration. */
    @SuppressWarnings("ReferenceEquality")
    public Set<Basis> sameAs(RigAnalysis other) {
        Wired here = kept.wiring(this);
        Wired there = other.kept.wiring(other);
        if (job() != other.job() || build != other.build || !here.isAs(there)) {
            return Set.of();
        }
        return here.standsAs(there) ? EnumSet.of(Basis.WIRING, Basis.LAID_WIRING) : EnumSet.of(Basis.WIRING);
    }

    /** Who of the brief's viewers sees the picture of this rig; the same with every lens that changes no cable. */
    public Monitoring monitoring() {
        return kept.monitoring(this);
    }

    /** What another package works out of this rig, and of its job's rules, once. */
    public <T> T once(Class<T> kind, Function<RigAnalysis, T> work) {
        return kind.cast(kept.others.get(kind, k -> (Object) work.apply(this)));
    }

    /**
     * Keeps what is worked out of a rig once it is known; a rig that is much like another takes over what stands still.
     */
    public static final class Kept {
        private final Optional<RigAnalysis> like;
        private final Optional<Clearances> near;
        private final Lazy<Clearances> clearances;
        private final Lazy<SignalGraph> signals;
        private final Lazy<Monitoring> monitoring = new Lazy<>();
        private final Lazy<Wired> wiring = new Lazy<>();
        private final Lazy<List<CableSchedule.Row>> cables = new Lazy<>();
        private final Lazy<Obstacles> obstacles = new Lazy<>();
        private final Lazy<Optional<LensView>> view = new Lazy<>();
        private final Memo<Class<?>, Object> others = new Memo<>();

        private Kept(Optional<RigAnalysis> like, Optional<Clearances> near) {
            this(like, near, new Lazy<>(), new Lazy<>());
        }

        private Kept(
                Optional<RigAnalysis> like,
                Optional<Clearances> near,
                Lazy<Clearances> clearances,
                Lazy<SignalGraph> signals) {
            this.like = like;
            this.near = near;
            this.clearances = clearances;
            this.signals = signals;
        }

        Clearances of(Rig rig, double toleranceMm) {
            return clearances.get(() -> like.map(RigAnalysis::clearances)
                    .or(() -> near)
                    .map(l -> l.with(rig, toleranceMm))
                    .orElseGet(() -> Clearances.of(rig, toleranceMm)));
        }

        SignalGraph signals(Rig rig) {
            return signals.get(() -> like.filter(l -> l.signals().isThatOf(rig))
                    .map(RigAnalysis::signals)
                    .orElseGet(() -> SignalGraph.of(rig)));
        }

        @SuppressWarnings("ReferenceEquality")
        Monitoring monitoring(RigAnalysis analysis) {
            SignalGraph graph = signals(analysis.rig());
            return monitoring.get(() -> like.filter(l -> l.signals() == graph && l.job() == analysis.job())
                    .map(RigAnalysis::monitoring)
                    .orElseGet(() -> Monitoring.of(analysis.job(), analysis.rig(), graph)));
        }

        Wired wiring(RigAnalysis analysis) {
            return wiring.get(() -> Wired.of(analysis.rig()));
        }

        /** What follows from the rig alone, for a job that differs in something else. */
        Kept ofRig() {
            return new Kept(Optional.empty(), near, clearances, signals);
        }
    }

    /** Where a setting is changed when someone changes it while looking at this rig. */
    public Scope scopeOf(SettingKey key) {
        return build.scopeOf(key, rig.configuration().id(), rig.lens());
    }

    /** Where a change to a part belongs. */
    public Scope scopeOf(PlacementId placement) {
        return build.scopeOf(placement, rig.configuration().id(), rig.lens());
    }

    /** Every scope that takes a part off here. */
    public List<Scope> takenOffIn(PlacementId placement) {
        return build.takenOffIn(placement, rig.configuration().id(), rig.lens());
    }

    /** Where a change to a joint belongs. */
    public Scope scopeOf(Joint joint) {
        return build.scopeOfJoint(joint.id(), rig.configuration().id(), rig.lens());
    }

    /** Where a change to a cable belongs. */
    public Scope scopeOfCable(CableId cable) {
        return build.scopeOfCable(cable, rig.configuration().id(), rig.lens());
    }

    /**
     * Whether this is the rig with which what concerns the whole job is told: the first configuration of the first
     * build.
     */
    public boolean isFirstOfJob() {
        Build first = job().gear().builds().get(0);
        return build.id().equals(first.id())
                && rig.configuration().id().equals(first.configurations().get(0).id());
    }

    /** Whether this is the rig with which what concerns the whole body is told: its first configuration. */
    public boolean isFirstOfBuild() {
        return rig.configuration().id().equals(build.configurations().get(0).id());
    }

    public HouseRules rules() {
        return job().rules();
    }

    public double rule(HouseRules.Rule rule) {
        return job().rules().value(rule);
    }

    public Catalogue catalogue() {
        return job().catalogue();
    }

    /** The lens in the slot, as the end of a sentence: " with 50 mm"; nothing where the body has none. */
    public String withLens() {
        return build.lens(rig.lens())
                .map(l -> " with " + l.title())
                .orElse(isLensOff() ? " while the lens is off" : "");
    }

    /** Whether the slot is empty though the body has lenses: one is being changed. */
    public boolean isLensOff() {
        return rig.lens().isNone() && !build.lenses().isEmpty();
    }

    /** How far the rig's matter reaches along a direction, mm. */
    public double extent(Vec3 along) {
        return extent(along, rig.attached());
    }

    /**
     * From rear to front what is carried, mm. Legs stand below it and the bar of a head is turned aside: neither makes
     * the rig longer.
     */
    public double depth() {
        return extent(rig.world().forward(), rigOnly());
    }

    /** From rear to front what it stands on, mm; 0 when it stands on nothing. */
    public double standDepth() {
        Set<PlacementId> carried = rig.carried();
        return extent(
                rig.world().forward(),
                rig.attached().stream()
                        .filter(p -> !carried.contains(p.id()) && !isStand(p))
                        .toList());
    }

    /** What is carried, but for a stand that has a link on the side of the rig. */
    public List<Placed> rigOnly() {
        Set<PlacementId> carried = rig.carried();
        return rig.attached().stream()
                .filter(p -> carried.contains(p.id()) && !isStand(p))
                .toList();
    }

    /** The support itself, where it stands or tilts: a head, a plate of a stand. */
    private boolean isStand(Placed placed) {
        return rig.isSupported()
                && placed.id().equals(rig.configuration().support())
                && placed.type()
                        .facet(SupportFacet.Support.class)
                        .filter(f ->
                                f.way() == SupportFacet.Support.Way.STANDS || f.way() == SupportFacet.Support.Way.TILTS)
                        .isPresent();
    }

    private double extent(Vec3 along, Iterable<Placed> parts) {
        double ahead = Double.NEGATIVE_INFINITY;
        double back = Double.NEGATIVE_INFINITY;
        for (Placed placed : parts) {
            for (Solid piece : clearances().matterOf(placed.id())) {
                ahead = Math.max(ahead, piece.reach(along));
                back = Math.max(back, piece.reach(along.negated()));
            }
        }
        return Math.max(0, ahead + back);
    }

    /** What the support carries; everything when no support says where it carries. */
    public Mass carried() {
        return balance.map(SlideBalance::carried).orElseGet(() -> Mass.carried(rig));
    }

    /** What comes off with the rig when it is lifted off: without the plate of a head, the cage of a gimbal. */
    public Mass lifted() {
        return lifted(carried());
    }

    /** The same of what such a support would carry. */
    public Mass lifted(Mass carried) {
        PlacementId support = rig.configuration().support();
        boolean stays = rig.find(support)
                .flatMap(p -> p.type().facet(SupportFacet.Support.class))
                .filter(SupportFacet.Support::staysBehind)
                .isPresent();
        return stays ? carried.without(support) : carried;
    }

    public Standards standards() {
        return job().catalogue().standards();
    }

    public Kit kit() {
        return job().gear().kit();
    }
}
