package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Relation;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What the maker shaped for this body, and whether this build keeps it, could take it, or has something in its place.
 */
public final class OwnParts {
    private OwnParts() {}

    /** How a part that was made for this body stands with the build. */
    public enum State {
        KEPT,
        /** A port it goes on is free. */
        WOULD_GO_ON,
        /** Something else is where it goes. */
        REPLACED,
        /** Nothing on this rig takes it. */
        NO_PLACE
    }

    /** {@code by} names what is in its place, or the port it would go on. */
    public record Own(ItemType type, State state, String by) {}

    public static List<Own> of(RigAnalysis analysis) {
        Rig rig = analysis.rig();
        ItemType body = rig.require(rig.content().root()).type();
        List<Own> all = new ArrayList<>();
        for (ItemType type : analysis.catalogue().current()) {
            if (type.relations(Relation.Kind.MADE_FOR).stream().anyMatch(r -> r.means(body))) {
                all.add(own(analysis, type));
            }
        }
        return all;
    }

    private static Own own(RigAnalysis analysis, ItemType type) {
        for (Placed placed : analysis.rig().attached()) {
            if (placed.type().ref().id().equals(type.ref().id())) {
                return new Own(type, State.KEPT, placed.title());
            }
        }
        Optional<Own> taken = Optional.empty();
        for (Placed carrier : analysis.rig().attached()) {
            for (Port on : carrier.type().ports()) {
                if (type.ports().stream().noneMatch(own -> Mating.mates(on, own, analysis.standards()))) {
                    continue;
                }
                PortRef ref = new PortRef(carrier.id(), on.id());
                if (analysis.rig().isFree(ref)) {
                    return new Own(type, State.WOULD_GO_ON, on.title() + " of " + carrier.title());
                }
                if (taken.isEmpty()) {
                    taken = holder(analysis.rig(), ref).map(who -> new Own(type, State.REPLACED, who));
                }
            }
        }
        return taken.orElseGet(() -> new Own(type, State.NO_PLACE, ""));
    }

    private static Optional<String> holder(Rig rig, PortRef ref) {
        return rig.liveJoints().stream()
                .filter(j -> j.parent().equals(ref) || j.child().equals(ref))
                .map(j -> rig.title((j.parent().equals(ref) ? j.child() : j.parent()).placement()))
                .findFirst();
    }
}
