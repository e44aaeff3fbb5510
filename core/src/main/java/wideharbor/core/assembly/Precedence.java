package wideharbor.core.assembly;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.jgrapht.alg.shortestpath.BFSShortestPath;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.assembly.Reason.Kind;
import wideharbor.core.brief.Preference.Sequence;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.Socket;
import wideharbor.core.clearance.Obstacles;
import wideharbor.core.clearance.WayOn;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What must come before what on a rig, each with its reason. Reasons are laid down in the order of {@link Reason.Kind};
 * one that closes a circle is left out, and told unless it is only liked.
 */
final class Precedence {
    private final RigAnalysis analysis;
    private final Rig rig;
    private final Tasks tasks;
    private final Obstacles obstacles;
    private final SimpleDirectedGraph<Task, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
    private final Map<DefaultEdge, Reason> reasons = new LinkedHashMap<>();
    private final List<AssemblyPlan.Loop> loops = new ArrayList<>();

    private Precedence(RigAnalysis analysis, Tasks tasks) {
        this.analysis = analysis;
        this.rig = analysis.rig();
        this.tasks = tasks;
        this.obstacles = analysis.obstacles();
        tasks.all().forEach(graph::addVertex);
    }

    static Precedence of(RigAnalysis analysis, Tasks tasks) {
        Precedence precedence = new Precedence(analysis, tasks);
        precedence.lay();
        return precedence;
    }

    SimpleDirectedGraph<Task, DefaultEdge> graph() {
        return graph;
    }

    Reason reason(DefaultEdge edge) {
        return Optional.ofNullable(reasons.get(edge)).orElseThrow();
    }

    List<AssemblyPlan.Loop> loops() {
        return loops;
    }

    private void lay() {
        carried();
        lifted();
        bothEnds();
        borne();
        inTheWay();
        coversScrews();
        tried();
        needed();
        turnedOver();
        live();
        weighs();
        liked();
    }

    private void before(Task first, Task then, Kind kind, String why) {
        if (first.equals(then) || graph.containsEdge(first, then)) {
            return;
        }
        var back = BFSShortestPath.findPathBetween(graph, then, first);
        if (back != null) {
            if (kind != Kind.LIKED) {
                List<String> names = new ArrayList<>();
                back.getEdgeList()
                        .forEach(e -> names.add(Titles.of(rig, graph.getEdgeSource(e)) + ": "
                                + reason(e).why()));
                loops.add(new AssemblyPlan.Loop(
                        Titles.of(rig, first) + " before " + Titles.of(rig, then) + ": " + why, names));
            }
            return;
        }
        reasons.put(graph.addEdge(first, then), new Reason(kind, why));
    }

    private Task fit(PlacementId part) {
        return tasks.fit(part).orElseThrow();
    }

    private void carried() {
        for (Placed part : rig.attached()) {
            Task own = fit(part.id());
            for (Joint joint : own.joints()) {
                if (joint.kind() == Joint.Kind.CLOSING) {
                    continue;
                }
                boolean isChild = joint.child().placement().equals(part.id());
                PlacementId other =
                        isChild ? joint.parent().placement() : joint.child().placement();
                boolean stands = own.act() == Act.STAND && !isChild;
                before(
                        fit(other),
                        own,
                        stands ? Kind.STANDS : Kind.CARRIED,
                        stands ? rig.title(part.id()) + " stands on it." : rig.title(part.id()) + " is held by it.");
            }
        }
    }

    /** The rig comes onto what stands; parts of the rig that go under it are there then. */
    private void lifted() {
        if (tasks.lifted().isEmpty()) {
            return;
        }
        Joint joint = tasks.lifted().get();
        Task lift = lift();
        before(fit(joint.child().placement()), lift, Kind.STANDS, "The rig is set onto it.");
        before(fit(joint.parent().placement()), lift, Kind.CARRIED, "By it the rig is held on its support.");
        for (Placed part : rig.attached()) {
            if (tasks.isGround(part.id())) {
                before(fit(part.id()), lift, Kind.STANDS, "The support is whole before the rig comes onto it.");
            } else if (fit(part.id()).turned()) {
                before(fit(part.id()), lift, Kind.TURNED_OVER, "On its support nobody gets under it with a key.");
            }
        }
    }

    private Task lift() {
        return tasks.all().stream().filter(t -> t.act() == Act.LIFT).findFirst().orElseThrow();
    }

    private void bothEnds() {
        for (Task task : tasks.all()) {
            if (task.act() == Act.TIE) {
                Joint joint = task.joints().get(0);
                before(fit(joint.parent().placement()), task, Kind.BOTH_ENDS, "It is one end of what is tied.");
                before(fit(joint.child().placement()), task, Kind.BOTH_ENDS, "It is one end of what is tied.");
            }
            task.cable().flatMap(rig.content()::cable).ifPresent(cable -> {
                for (PlacementId end : List.of(cable.a().placement(), cable.b().placement())) {
                    before(fit(end), task, Kind.BOTH_ENDS, "A cable is plugged into it.");
                    if (tasks.lifted().isPresent() && tasks.isGround(end)) {
                        before(lift(), task, Kind.BOTH_ENDS, "The cable's other end stands on the support.");
                    }
                }
            });
        }
    }

    /** What braces a lens is there, low and unlocked, before the lens; never after it. */
    private void borne() {
        for (Joint joint : rig.liveJoints()) {
            if (joint.kind() == Joint.Kind.CLOSING) {
                tasks.bearer(joint).ifPresent(lens -> {
                    PlacementId brace = joint.parent().placement().equals(lens)
                            ? joint.child().placement()
                            : joint.parent().placement();
                    before(
                            fit(brace),
                            fit(lens),
                            Kind.BORNE,
                            "The mount alone would bear " + rig.title(lens) + " until it is there.");
                });
            }
        }
    }

    private void inTheWay() {
        for (Placed part : rig.attached()) {
            tasks.way(part.id())
                    .ifPresent(way -> later(way.blockers(), part)
                            .forEach(other -> before(
                                    fit(part.id()),
                                    fit(other),
                                    Kind.IN_THE_WAY,
                                    rig.title(other) + " would stand in its way on.")));
        }
    }

    /** Of what blocks a part, what need not be there before it. */
    private Collection<PlacementId> later(Set<PlacementId> blockers, Placed part) {
        Set<PlacementId> all = new LinkedHashSet<>(blockers);
        all.removeAll(WayOn.carriers(rig, part.id()));
        all.removeIf(id -> tasks.isGround(id) != tasks.isGround(part.id()));
        return all;
    }

    private void coversScrews() {
        for (Task task : tasks.all()) {
            for (Joint joint : task.joints()) {
                if (task.keys().isEmpty() || task.act() == Act.LIFT || task.act() == Act.TRY) {
                    continue;
                }
                for (PlacementId cover : obstacles.coveringScrews(joint)) {
                    if (!WayOn.carriers(rig, joint.child().placement()).contains(cover)
                            && tasks.isGround(cover)
                                    == tasks.isGround(joint.child().placement())) {
                        before(task, fit(cover), Kind.COVERS_SCREWS, rig.title(cover) + " would cover its screws.");
                    }
                }
            }
        }
    }

    /** With both parts still in the hand; on what is laid out first, as soon as that lies there. */
    private void tried() {
        for (Task trial : tasks.all().stream().filter(t -> t.act() == Act.TRY).toList()) {
            Joint joint = trial.joints().get(0);
            for (PlacementId end :
                    List.of(joint.parent().placement(), joint.child().placement())) {
                if (end.equals(rig.content().root())) {
                    before(fit(end), trial, Kind.BOTH_ENDS, "It is tried on it.");
                } else {
                    before(trial, fit(end), Kind.TRIED, "If it does not fit, nothing has been built on it yet.");
                }
            }
        }
    }

    private void needed() {
        for (Placed part : rig.attached()) {
            for (Relation relation : part.type().relations()) {
                if (relation.kind() == Relation.Kind.NEEDS) {
                    rig.attached().stream()
                            .filter(o -> relation.means(o.type()) && !o.id().equals(part.id()))
                            .findFirst()
                            .ifPresent(o -> before(fit(o.id()), fit(part.id()), Kind.NEEDED, relation.why()));
                }
            }
        }
    }

    private void turnedOver() {
        List<Task> turned = tasks.all().stream().filter(Task::turned).toList();
        for (Task under : turned) {
            for (Placed part : rig.attached()) {
                if (Tasks.FRAGILE.contains(part.type().category())
                        && !tasks.isGround(part.id())
                        && !under.part().equals(Optional.of(part.id()))) {
                    before(
                            under,
                            fit(part.id()),
                            Kind.TURNED_OVER,
                            "The rig lies on its top for it, and would rest on " + rig.title(part.id()) + ".");
                }
            }
        }
    }

    /** Pictures are plugged before power, and batteries come on when every cable is plugged. */
    private void live() {
        List<Task> plugs = tasks.all().stream().filter(t -> t.act() == Act.PLUG).toList();
        for (Task power : plugs.stream().filter(this::carriesPower).toList()) {
            plugs.stream()
                    .filter(t -> !carriesPower(t))
                    .forEach(t -> before(t, power, Kind.LIVE, "Power is plugged when the pictures are."));
        }
        for (Placed part : rig.attached()) {
            if (part.type().category() == Category.BATTERY) {
                plugs.forEach(t -> before(
                        t,
                        fit(part.id()),
                        Kind.LIVE,
                        "Nothing is plugged into what " + rig.title(part.id()) + " has made live."));
            }
        }
    }

    private boolean carriesPower(Task plug) {
        return plug.cable()
                .flatMap(rig.content()::cable)
                .flatMap(c -> rig.require(c.a().placement()).type().socket(c.a().socket()))
                .filter(s -> s.kind() == Socket.Kind.POWER)
                .isPresent();
    }

    private void weighs() {
        tasks.all().stream()
                .filter(t -> t.act() == Act.BALANCE)
                .findFirst()
                .ifPresent(balance -> tasks.all()
                        .forEach(t ->
                                before(t, balance, Kind.WEIGHS, "It weighs, and is there when the rig is balanced.")));
    }

    private void liked() {
        var ways = analysis.rules().ways();
        if (tasks.lifted().isPresent()) {
            for (Task task : tasks.all()) {
                boolean onRig = task.act() == Act.FIT && !task.turned();
                if (onRig && !ways.isOrdered(Sequence.ON_THE_TABLE)) {
                    before(lift(), task, Kind.LIKED, "The rig is built on its support.");
                } else if (task.isFit() && ways.isOrdered(Sequence.ON_THE_TABLE)) {
                    before(task, lift(), Kind.LIKED, "The rig is built on the table.");
                }
            }
        }
        List<Task> lenses = fits(p -> p.type().category() == Category.LENS);
        List<Task> drives = fits(p -> p.type().can(Capability.DRIVES_LENS));
        for (Task other : fits(p -> p.type().category() != Category.LENS)) {
            boolean bears = other.part()
                    .map(id -> rig.require(id).type().can(Capability.BRACES_LENS))
                    .orElse(false);
            if (ways.isOrdered(Sequence.LENS_FIRST) && !bears && !other.turned()) {
                lenses.forEach(l -> before(l, other, Kind.LIKED, "The lens goes on first here."));
            }
            if (ways.isOrdered(Sequence.LENS_LAST)) {
                lenses.forEach(l -> before(other, l, Kind.LIKED, "The lens goes on last here."));
            }
        }
        for (Task drive : drives) {
            for (Task lens : lenses) {
                if (ways.isOrdered(Sequence.DRIVE_BEFORE_LENS)) {
                    before(drive, lens, Kind.LIKED, "Drives go on before the lens here.");
                } else {
                    before(lens, drive, Kind.LIKED, "Its gear is there to mesh with.");
                }
            }
        }
        screensAndCables(ways.isOrdered(Sequence.SCREEN_LAST), ways.isOrdered(Sequence.CABLES_AT_ONCE));
    }

    private void screensAndCables(boolean screensLast, boolean cablesAtOnce) {
        List<Task> screens = fits(p -> p.type().category() == Category.MONITOR);
        for (Task other : tasks.all()) {
            if (screensLast && other.isFit() && !screens.contains(other)) {
                screens.forEach(s -> before(other, s, Kind.LIKED, "Screens go on last here."));
            }
            if (!cablesAtOnce && other.act() == Act.PLUG) {
                fits(p -> p.type().category() != Category.BATTERY)
                        .forEach(f -> before(f, other, Kind.LIKED, "Cables are plugged in one pass here."));
            }
        }
    }

    private List<Task> fits(Predicate<Placed> which) {
        return rig.attached().stream().filter(which).map(p -> fit(p.id())).toList();
    }
}
