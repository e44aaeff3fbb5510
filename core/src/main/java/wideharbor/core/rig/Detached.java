package wideharbor.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.id.PlacementId;

/**
 * A part that nothing holds.
 *
 * @param since the removed part it hung on, directly or through others; none when it was never joined
 * @param chain placement ids from the removed part down to this one's holder
 */
public record Detached(PlacementId placement, String title, PlacementId since, List<PlacementId> chain) {
    public Detached {
        chain = List.copyOf(chain);
    }

    /** Looks up the chain that it hung on for the part that was taken off. */
    static Detached of(PlacementId placement, String title, Map<PlacementId, Joint> locatedBy, Content content) {
        List<PlacementId> chain = new ArrayList<>();
        PlacementId at = placement;
        PlacementId since = PlacementId.NONE;
        Joint joint = locatedBy.get(at);
        while (joint != null && since.isNone()) {
            at = joint.parent().placement();
            chain.add(0, at);
            since = content.isRemoved(at) ? at : PlacementId.NONE;
            joint = locatedBy.get(at);
        }
        return new Detached(placement, title, since, since.isNone() ? List.of() : chain);
    }
}
