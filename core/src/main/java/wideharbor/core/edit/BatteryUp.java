package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Takes the rearmost battery, with the plate that holds it, from behind the body to a free face that looks up. */
public final class BatteryUp {
    private static final double LOOKS_UP = 0.7;
    private static final int MOST_CHAINS = 2;
    private static final int MOST = 8;

    private BatteryUp() {}

    /** What to take over, from which joint. */
    private record Load(Placed part, Joint joint) {}

    public static List<Candidate> candidates(RigAnalysis analysis) {
        return rearmost(analysis)
                .map(load -> moves(analysis, analysis.scopeOf(load.part().id())).stream()
                        .map(m -> new Candidate("battery-up", m.title(), m.commands()))
                        .toList())
                .orElse(List.of());
    }

    /** One way to do it. */
    public record Move(String title, List<Scoped> commands) {}

    /** What stands on top then: the plate as it is, or another that holds the same battery. */
    private record Foot(ItemType type, Port port) {}

    /**
     * Every face on top that takes the plate, or another plate for the same battery, as it is or through a few
     * adapters; where none is free, a handle gives way with what hangs on it. None when no battery is behind.
     */
    public static List<Move> moves(RigAnalysis analysis, Scope scope) {
        Optional<Load> found = rearmost(analysis);
        if (found.isEmpty()) {
            return List.of();
        }
        Load load = found.get();
        List<Move> free = onto(analysis, scope, load, false);
        return free.isEmpty() ? onto(analysis, scope, load, true) : free;
    }

    private static List<Move> onto(RigAnalysis analysis, Scope scope, Load load, boolean handlesGo) {
        Rig rig = analysis.rig();
        Set<PlacementId> goes = rig.subtree(load.part().id());
        List<Move> all = new ArrayList<>();
        for (Foot foot : feet(analysis, load)) {
            for (Placed carrier : rig.attached()) {
                for (Port port : carrier.type().ports()) {
                    PortRef ref = new PortRef(carrier.id(), port.id());
                    boolean up = carrier.portPose(port.id()).n().dot(rig.world().up()) > LOOKS_UP;
                    Optional<PlacementId> gives = handlesGo ? handleOn(rig, ref) : Optional.empty();
                    boolean may = handlesGo ? gives.isPresent() : rig.isFree(ref);
                    if (up && may && !goes.contains(carrier.id()) && isOverAxis(rig, carrier, port)) {
                        chains(analysis, port, foot.port()).stream()
                                .map(chain -> move(analysis, scope, load, new Way(foot, new Place(ref, gives), chain)))
                                .forEach(all::add);
                    }
                }
            }
        }
        return all.stream().limit(MOST).toList();
    }

    /** Where it goes, and the handle that comes off there. */
    /** By which foot it goes where, and what goes between. */
    private record Way(Foot foot, Place place, AdapterFinder.Chain chain) {}

    private record Place(PortRef on, Optional<PlacementId> gives) {}

    private static Optional<PlacementId> handleOn(Rig rig, PortRef ref) {
        return rig.carriedBy(ref.placement()).stream()
                .filter(j -> j.parent().equals(ref))
                .map(j -> j.child().placement())
                .filter(id -> rig.find(id).isPresent() && rig.require(id).type().category() == Category.HANDLE)
                .filter(id -> !rig.subtree(id).contains(rig.configuration().support()))
                .findFirst();
    }

    private static List<Foot> feet(RigAnalysis analysis, Load load) {
        Rig rig = analysis.rig();
        List<Foot> all = new ArrayList<>(
                List.of(new Foot(load.part().type(), rig.port(load.joint().child()))));
        Optional<Joint> held = rig.carriedBy(load.part().id()).stream()
                .filter(j -> rig.require(j.child().placement()).type().category() == Category.BATTERY)
                .findFirst();
        if (held.isEmpty()) {
            return all;
        }
        Port grip = rig.port(held.get().parent());
        for (ItemType type : Parts.byNearness(analysis)) {
            boolean holds = type.category() == Category.POWER
                    && !type.ref().equals(load.part().type().ref())
                    && type.port(grip.id())
                            .filter(p -> p.standard().equals(grip.standard()))
                            .isPresent()
                    && load.part().type().sockets().stream()
                            .allMatch(s -> type.socket(s.id()).isPresent());
            if (holds) {
                type.ports().stream().filter(p -> !p.id().equals(grip.id())).forEach(p -> all.add(new Foot(type, p)));
            }
        }
        return all;
    }

    private static boolean isOverAxis(Rig rig, Placed carrier, Port port) {
        return carrier.portPose(port.id()).at().dot(rig.world().up()) > 0;
    }

    private static List<AdapterFinder.Chain> chains(RigAnalysis analysis, Port on, Port own) {
        return Mating.mates(on, own, analysis.standards())
                ? List.of(new AdapterFinder.Chain(List.of(), true, true, 0, 0))
                : analysis.catalogue().adapters().between(on, own, MOST_CHAINS);
    }

    private static Move move(RigAnalysis analysis, Scope scope, Load load, Way way) {
        Foot foot = way.foot();
        Place place = way.place();
        AdapterFinder.Chain chain = way.chain();
        Rig rig = analysis.rig();
        PlacementId part = load.part().id();
        boolean other = !foot.type().ref().equals(load.part().type().ref());
        Chains.Hung hung = Chains.hang(analysis, scope, place.on(), chain);
        List<Scoped> edit = new ArrayList<>();
        List<PlacementId> off =
                place.gives().map(h -> new ArrayList<>(rig.subtree(h))).orElseGet(ArrayList::new);
        Collections.reverse(off);
        off.forEach(id -> edit.add(new Scoped(scope, new Command.Remove(id))));
        edit.add(new Scoped(scope, new Command.Unjoin(load.joint().id())));
        if (other) {
            edit.add(new Scoped(scope, new Command.Retype(part, foot.type().ref())));
            edit.addAll(Parts.exchange(
                    analysis, load.part().type().ref(), foot.type().ref()));
        }
        edit.addAll(hung.commands());
        edit.add(new Scoped(
                scope,
                new Command.Join(Joint.locating(
                        new JointId(Chains.freeId(analysis, load.joint().id() + "-up", hung.taken())),
                        hung.end(),
                        new PortRef(part, foot.port().id())))));
        String through = chain.links().isEmpty() ? "" : " through " + chain.title();
        return new Move(
                (other
                                ? foot.type().name() + " in place of "
                                        + load.part().title() + ", on "
                                : load.part().title() + " to ")
                        + rig.title(place.on().placement()) + ", "
                        + rig.port(place.on()).title() + through
                        + place.gives()
                                .map(h -> "; " + rig.title(h) + " comes off"
                                        + (off.size() > 1 ? " with " + (off.size() - 1) + " on it" : ""))
                                .orElse(""),
                edit);
    }

    /** The battery that reaches furthest back, or the plate that holds it when that is not the body. */
    private static Optional<Load> rearmost(RigAnalysis analysis) {
        Rig rig = analysis.rig();
        Vec3 forward = rig.world().forward();
        Placed behind = null;
        for (Placed part : rig.attached()) {
            boolean further = behind == null
                    || part.pose().at().dot(forward) < behind.pose().at().dot(forward);
            if (part.type().category() == Category.BATTERY && further) {
                behind = part;
            }
        }
        double body = rig.require(rig.content().root()).pose().at().dot(forward);
        if (behind == null || behind.pose().at().dot(forward) >= body) {
            return Optional.empty();
        }
        Placed top = behind;
        Optional<Joint> joint = rig.locatedBy(top.id());
        if (joint.isPresent()
                && rig.require(joint.get().parent().placement()).type().category() == Category.POWER) {
            top = rig.require(joint.get().parent().placement());
            joint = rig.locatedBy(top.id());
        }
        Placed load = top;
        return joint.map(j -> new Load(load, j));
    }
}
