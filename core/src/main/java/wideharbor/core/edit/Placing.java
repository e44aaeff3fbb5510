package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.standard.Standard;

/**
 * A part that a remedy puts on the rig, where it mates as it is: its id, and the commands that place it.
 *
 * @param on the part that carries it
 * @param taken ids that the remedy gives out; more may be added
 */
public record Placing(
        PlacementId id, ItemType type, PlacementId on, Scope scope, Set<String> taken, List<Scoped> commands) {
    /** The same with more to do. */
    public Placing with(List<Scoped> more) {
        List<Scoped> edit = new ArrayList<>(commands);
        edit.addAll(more);
        return new Placing(id, type, on, scope, taken, edit);
    }

    /** On this port; empty where none of the part's ports mates with it. */
    public static Optional<Placing> on(RigAnalysis analysis, PortRef on, ItemType type) {
        Port parent = analysis.rig().port(on);
        return type.ports().stream()
                .filter(p -> Mating.mates(parent, p, analysis.standards()))
                .findFirst()
                .map(p -> hung(analysis, on, type, p));
    }

    /**
     * On free single faces near a part: its own, then those of what carries it, then any. Carriers along which a clamp
     * would have to be set are left out. At most so many places.
     */
    public static List<Placing> near(RigAnalysis analysis, PlacementId part, ItemType type, int most) {
        Set<PlacementId> hosts = new LinkedHashSet<>(List.of(part));
        analysis.rig().pathToRoot(part).forEach(j -> hosts.add(j.parent().placement()));
        analysis.rig().attached().forEach(p -> hosts.add(p.id()));
        List<Placing> all = new ArrayList<>();
        for (PlacementId host : hosts) {
            Placed placed = analysis.rig().require(host);
            for (Port port : placed.type().ports()) {
                PortRef ref = new PortRef(host, port.id());
                boolean open = port.occupancy() instanceof Port.Occupancy.Single
                        && !port.standard().equals(Standard.DATUM)
                        && analysis.rig().isFree(ref);
                if (open) {
                    on(analysis, ref, type).ifPresent(all::add);
                }
                if (all.size() == most) {
                    return all;
                }
            }
        }
        return all;
    }

    private static Placing hung(RigAnalysis analysis, PortRef on, ItemType type, Port port) {
        Scope scope = analysis.scopeOf(on.placement());
        Set<String> taken = new TreeSet<>();
        PlacementId id = PlacementId.of(Chains.freeId(analysis, type.ref().id(), taken));
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(scope, new Command.Place(id, type.ref(), "")));
        edit.add(new Scoped(
                scope,
                new Command.Join(Joint.locating(
                        new JointId(Chains.freeId(analysis, "j-" + id, taken)), on, new PortRef(id, port.id())))));
        edit.addAll(Parts.take(analysis, type.ref(), 1));
        return new Placing(id, type, on.placement(), scope, taken, edit);
    }
}
