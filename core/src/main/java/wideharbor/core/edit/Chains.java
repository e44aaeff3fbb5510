package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;

/** The commands that put a chain of adapters into a build. */
public final class Chains {
    private Chains() {}

    /** Opens a joint and puts the chain between its two faces. */
    public static List<Scoped> between(RigAnalysis analysis, Joint joint, AdapterFinder.Chain chain) {
        Scope scope = analysis.scopeOf(joint.child().placement());
        List<Scoped> edit = new ArrayList<>(List.of(new Scoped(scope, new Command.Unjoin(joint.id()))));
        Hung hung = hang(analysis, scope, joint.parent(), chain);
        edit.addAll(hung.commands());
        hung.place(joint.child(), analysis.rig().port(joint.child()))
                .ifPresent(set -> edit.add(new Scoped(scope, set)));
        edit.add(new Scoped(
                scope,
                new Command.Join(Joint.locating(
                        new JointId(freeId(analysis, joint.id() + "-x", hung.taken())), hung.end(), joint.child()))));
        return edit;
    }

    /**
     * A chain hung on a port: its commands, the free port at its end, and the ids it took.
     *
     * @param beyondMm where there is room on it, when it ends in rods: beyond what they are clamped by
     */
    public record Hung(
            List<Scoped> commands, PortRef end, Set<String> taken, Optional<Clamp> first, OptionalDouble beyondMm) {
        /** Puts the clamp of what comes next beside the one that is on the rods already. */
        Optional<Command> place(PortRef next, Port clamp) {
            return beside(beyondMm, next, clamp);
        }
    }

    private static Optional<Command> beside(OptionalDouble beyondMm, PortRef next, Port clamp) {
        return beyondMm.isEmpty()
                ? Optional.empty()
                : Optional.of(new Command.Set(
                        new SettingKey(next.placement(), next.port(), 0),
                        Math.ceil(beyondMm.getAsDouble() + clamp.engagementMm() / 2),
                        false));
    }

    /** A port of a part that is not on the rig yet. */
    public record Clamp(PlacementId placement, Port port) {}

    public static Hung hang(RigAnalysis analysis, Scope scope, PortRef on, AdapterFinder.Chain chain) {
        List<Scoped> edit = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        PortRef above = on;
        Port clamp = analysis.rig().port(on);
        OptionalDouble beyond = OptionalDouble.empty();
        Optional<Clamp> first = Optional.empty();
        for (AdapterFinder.Link link : chain.links()) {
            TypeRef type = link.type().ref();
            PlacementId id = PlacementId.of(freeId(analysis, type.id(), taken));
            if (first.isEmpty()) {
                first = Optional.of(new Clamp(id, link.type().port(link.in()).orElseThrow()));
            }
            edit.add(new Scoped(scope, new Command.Place(id, type, "")));
            edit.add(new Scoped(
                    scope,
                    new Command.Join(Joint.locating(
                            new JointId(freeId(analysis, "j-" + id, taken)), above, new PortRef(id, link.in())))));
            edit.addAll(Parts.take(analysis, type, 1));
            above = new PortRef(id, link.out());
            Port in = link.type().port(link.in()).orElseThrow();
            beside(beyond, new PortRef(id, link.in()), in).ifPresent(set -> edit.add(new Scoped(scope, set)));
            beyond = OptionalDouble.empty();
            if (link.isCarrier() && in.occupancy() instanceof Port.Occupancy.Interval carrier) {
                // Clamped at its rear end, so that it runs forward from what holds it.
                double middle = carrier.fromMm() + carrier.stopMm() + clamp.engagementMm() / 2;
                edit.add(new Scoped(scope, new Command.Set(new SettingKey(id, link.in(), 0), -middle, false)));
                beyond = OptionalDouble.of(middle + clamp.engagementMm() / 2);
            }
            clamp = link.type().port(link.out()).orElseThrow();
        }
        return new Hung(edit, above, taken, first, beyond);
    }

    /** A free id that none of those just taken has; it is taken then. */
    public static String freeId(RigAnalysis analysis, String stem, Set<String> taken) {
        String id = Parts.freeId(analysis.rig().content(), stem);
        for (int n = 2; taken.contains(id); n++) {
            id = Parts.freeId(analysis.rig().content(), stem + "-" + n);
        }
        taken.add(id);
        return id;
    }
}
