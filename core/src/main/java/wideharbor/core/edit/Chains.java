package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
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
        edit.add(new Scoped(
                scope,
                new Command.Join(Joint.locating(
                        new JointId(freeId(analysis, joint.id() + "-x", hung.taken())), hung.end(), joint.child()))));
        return edit;
    }

    /** A chain hung on a port: its commands, the free port at its end, and the ids it took. */
    public record Hung(List<Scoped> commands, PortRef end, Set<String> taken, Optional<Clamp> first) {}

    /** A port of a part that is not on the rig yet. */
    public record Clamp(PlacementId placement, Port port) {}

    public static Hung hang(RigAnalysis analysis, Scope scope, PortRef on, AdapterFinder.Chain chain) {
        List<Scoped> edit = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        PortRef above = on;
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
        }
        return new Hung(edit, above, taken, first);
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
