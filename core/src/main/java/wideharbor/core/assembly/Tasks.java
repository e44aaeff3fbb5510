package wideharbor.core.assembly;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.Handwork;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.clearance.WayOn;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;
import wideharbor.core.tool.ToolList;

/** Everything there is to do on a rig, and how each part comes to its place. */
final class Tasks {
    /** What a rig on its top must not rest on, and what is knocked while one works. */
    static final Set<Category> FRAGILE = EnumSet.of(
            Category.LENS,
            Category.MONITOR,
            Category.VIEWFINDER,
            Category.BATTERY,
            Category.TRANSMISSION,
            Category.SOUND);

    private final RigAnalysis analysis;
    private final Rig rig;
    private final Map<PlacementId, WayOn> ways = new LinkedHashMap<>();
    private final Map<PlacementId, Task> fits = new LinkedHashMap<>();
    private final List<Task> all = new ArrayList<>();
    private final Optional<Joint> lifted;
    private final Set<PlacementId> ground = new LinkedHashSet<>();
    private final Map<String, String> held;

    private Tasks(RigAnalysis analysis) {
        this.analysis = analysis;
        this.rig = analysis.rig();
        this.held = ToolList.keysHeld(rig, analysis.kit());
        this.lifted = findLifted();
        lifted.ifPresent(j -> ground.addAll(rig.subtree(j.child().placement())));
    }

    static Tasks of(RigAnalysis analysis) {
        Tasks tasks = new Tasks(analysis);
        tasks.find();
        return tasks;
    }

    List<Task> all() {
        return all;
    }

    Optional<Task> fit(PlacementId part) {
        return Optional.ofNullable(fits.get(part));
    }

    Optional<WayOn> way(PlacementId part) {
        return Optional.ofNullable(ways.get(part));
    }

    /** The joint at which the rig is set onto its support; empty where it stands on none. */
    Optional<Joint> lifted() {
        return lifted;
    }

    /** Whether a part belongs to what stands on the ground. */
    boolean isGround(PlacementId part) {
        return ground.contains(part);
    }

    /** Ties that are closed by whoever holds the lens, in the step of the lens. */
    boolean isHeldTie(Joint tie) {
        return bearer(tie).isPresent();
    }

    /** Of a tie between a lens and what bears it, the lens; empty for others. */
    Optional<PlacementId> bearer(Joint tie) {
        Placed a = rig.require(tie.parent().placement());
        Placed b = rig.require(tie.child().placement());
        if (a.type().can(Capability.BRACES_LENS) && onLens(b)) {
            return Optional.of(b.id());
        }
        return b.type().can(Capability.BRACES_LENS) && onLens(a) ? Optional.of(a.id()) : Optional.empty();
    }

    private boolean onLens(Placed part) {
        return rig.subtree(part.id()).stream()
                .anyMatch(id -> rig.require(id).type().category() == Category.LENS);
    }

    /** What hangs under the body joins the support at the first part that stands by itself. */
    private Optional<Joint> findLifted() {
        if (!rig.isSupported()) {
            return Optional.empty();
        }
        PlacementId support = rig.configuration().support();
        boolean worn = rig.require(support)
                .type()
                .facet(SupportFacet.Support.class)
                .filter(f -> f.way() == SupportFacet.Support.Way.SHOULDER)
                .isPresent();
        if (worn) {
            return Optional.empty();
        }
        List<Joint> path = new ArrayList<>(rig.pathToRoot(support));
        Collections.reverse(path);
        return path.stream()
                .filter(j -> stands(rig.require(j.child().placement())))
                .findFirst();
    }

    private boolean stands(Placed part) {
        return part.type().category() == Category.HEAD
                || part.type().category() == Category.LEGS
                || part.id().equals(rig.configuration().support());
    }

    /**
     * In the order of the rig: what is fragile after the rest, ties right behind their later end, cables at the end.
     */
    private void find() {
        List<Placed> parts = new ArrayList<>(rig.attached());
        parts.sort(Comparator.comparing(p -> FRAGILE.contains(p.type().category())));
        Set<JointId> tied = new LinkedHashSet<>();
        for (Placed part : parts) {
            Task task = fitting(part);
            fits.put(part.id(), task);
            all.add(task);
            for (Joint joint : rig.liveJoints()) {
                if (joint.kind() == Joint.Kind.CLOSING
                        && fits.containsKey(joint.parent().placement())
                        && fits.containsKey(joint.child().placement())
                        && !isHeldTie(joint)
                        && tied.add(joint.id())) {
                    all.add(tying(joint));
                }
            }
        }
        rig.liveJoints().stream().filter(Tasks::isUntried).forEach(j -> all.add(trying(j)));
        lifted.ifPresent(j -> all.add(lifting(j)));
        for (CableRun cable : rig.content().cables()) {
            if (rig.find(cable.a().placement()).isPresent()
                    && rig.find(cable.b().placement()).isPresent()) {
                all.add(plugging(cable));
            }
        }
        if (lifted.isPresent() || rig.isSupported()) {
            all.add(new Task(
                    "balance",
                    Act.BALANCE,
                    Optional.empty(),
                    Optional.empty(),
                    List.of(),
                    List.of(),
                    Side.LEFT,
                    false,
                    List.of(),
                    analysis.rule(Rule.TIME_SETTING)));
        }
    }

    private Task fitting(Placed part) {
        Optional<Joint> joint = joining(part);
        if (joint.isEmpty()) {
            Act act = part.id().equals(rig.content().root()) ? Act.LAY : Act.STAND;
            return new Task(
                    "fit:" + part.id(),
                    act,
                    Optional.of(part.id()),
                    Optional.empty(),
                    List.of(),
                    List.of(),
                    Side.TOP,
                    false,
                    List.of(),
                    analysis.rule(Rule.TIME_LEVER));
        }
        List<Joint> joints = new ArrayList<>(List.of(joint.get()));
        rig.liveJoints().stream()
                .filter(j -> j.kind() == Joint.Kind.CLOSING
                        && bearer(j).filter(part.id()::equals).isPresent())
                .forEach(joints::add);
        return task(
                "fit:" + part.id(),
                isGround(part.id()) ? Act.STAND : Act.FIT,
                Optional.of(part.id()),
                joints,
                side(joint.get(), part),
                !isGround(part.id()) && isUnder(part));
    }

    /** The joint that is closed when a part arrives: of what stands on the ground, the one below it. */
    private Optional<Joint> joining(Placed part) {
        if (isGround(part.id()) && isOnWayDown(part)) {
            return rig.carriedBy(part.id()).stream()
                    .filter(j -> rig.find(j.child().placement())
                            .map(this::isOnWayDown)
                            .orElse(false))
                    .findFirst();
        }
        return rig.locatedBy(part.id());
    }

    /** Whether a part lies between the rig and the ground. */
    private boolean isOnWayDown(Placed part) {
        return isGround(part.id())
                && (stands(part)
                        || rig.subtree(part.id()).stream().map(rig::require).anyMatch(this::stands));
    }

    /**
     * A part comes from where its way begins. One that is screwed is brought there from any side, and the hand is where
     * the key is; what stands about it is in the way of the key alone.
     */
    private Side side(Joint joint, Placed part) {
        Vec3 outward = rig.require(joint.parent().placement())
                .portPose(joint.parent().port())
                .n();
        Port on = rig.port(joint.parent());
        Port own = rig.port(joint.child());
        if (!on.screws().isEmpty() && own.screws().isEmpty()) {
            return Side.of(outward.negated());
        }
        if (!own.screws().isEmpty()) {
            return Side.of(outward);
        }
        Standard.Entry entry = analysis.standards().require(on.standard()).entry();
        WayOn way = ways.computeIfAbsent(part.id(), k -> WayOn.best(rig, analysis.clearances(), joint, entry));
        return Side.of(way.direction());
    }

    /** Whether a part belongs to the chain under the body, which is put on with the body on its back. */
    private boolean isUnder(Placed part) {
        return rig.pathToRoot(part.id()).stream()
                .allMatch(j -> Side.of(rig.require(j.parent().placement())
                                .portPose(j.parent().port())
                                .n())
                        == Side.UNDER);
    }

    private Task lifting(Joint joint) {
        Task task = task("lift:" + joint.id(), Act.LIFT, Optional.empty(), List.of(joint), Side.TOP, false);
        Set<PlacementId> lifting = new LinkedHashSet<>(rig.subtree(rig.content().root()));
        lifting.removeAll(ground);
        return task.taking(task.minutes() + Handwork.lift(Mass.of(rig, lifting).grams(), analysis.rules()));
    }

    private static boolean isUntried(Joint joint) {
        return joint.confidence() == Joint.Confidence.PLAUSIBLE || joint.confidence() == Joint.Confidence.CLAIMED;
    }

    /** On and off again. */
    private Task trying(Joint joint) {
        Task once = task(
                "try:" + joint.id(), Act.TRY, Optional.of(joint.child().placement()), List.of(joint), Side.TOP, false);
        return once.taking(2 * once.minutes());
    }

    private Task tying(Joint joint) {
        Vec3 outward = rig.require(joint.parent().placement())
                .portPose(joint.parent().port())
                .n();
        return task("tie:" + joint.id(), Act.TIE, Optional.empty(), List.of(joint), Side.of(outward.negated()), false);
    }

    private Task plugging(CableRun cable) {
        Placed end = rig.require(cable.a().placement());
        return new Task(
                "plug:" + cable.id(),
                Act.PLUG,
                Optional.empty(),
                Optional.of(cable.id()),
                List.of(),
                List.of(),
                Side.of(end.socketAt(cable.a().socket()).minus(end.middle())),
                false,
                List.of(),
                analysis.rule(Rule.TIME_CABLE));
    }

    private Task task(String key, Act act, Optional<PlacementId> part, List<Joint> joints, Side side, boolean turned) {
        List<Port.Screw> screws = new ArrayList<>();
        Set<String> keys = new LinkedHashSet<>();
        double minutes = 0;
        for (Joint joint : joints) {
            for (Port port : List.of(rig.port(joint.parent()), rig.port(joint.child()))) {
                minutes += Handwork.minutes(port, analysis.rules());
                if (!port.working().isToolFree()) {
                    screws.addAll(port.screws());
                    port.screws().forEach(s -> keyOf(s).ifPresent(keys::add));
                }
            }
            minutes += settings(joint).size() * analysis.rule(Rule.TIME_SETTING);
        }
        return new Task(
                key,
                act,
                part,
                Optional.empty(),
                joints,
                screws,
                side,
                turned,
                List.copyOf(keys),
                Math.max(minutes, analysis.rule(Rule.TIME_LEVER)));
    }

    /** The key that is packed for a screw; where none is, the first on its list. */
    private Optional<String> keyOf(Port.Screw screw) {
        return screw.keys().stream()
                .filter(held::containsKey)
                .findFirst()
                .or(() -> screw.keys().stream().findFirst());
    }

    /** What is set in a joint when it is closed: every slide and angle of it. */
    List<Motion> settings(Joint joint) {
        return rig.motions().stream().filter(m -> m.isOf(joint.id())).toList();
    }
}
