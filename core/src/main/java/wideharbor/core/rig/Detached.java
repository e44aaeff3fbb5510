package wideharbor.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;

/**
 * A part that nothing holds.
 *
 * @param since the removed part it hung on, directly or through others; empty when it was never joined
 * @param chain placement ids from the removed part down to this one's holder
 */
public record Detached(String placement, String title, String since, List<String> chain) {
    public Detached {
        chain = List.copyOf(chain);
    }

    /** Looks up the chain that it hung on for the part that was taken off. */
    static Detached of(String placement, String title, Map<String, Joint> locatedBy, Content content) {
        List<String> chain = new ArrayList<>();
        String at = placement;
        String since = "";
        Joint joint = locatedBy.get(at);
        while (joint != null && since.isEmpty()) {
            at = joint.parent().placement();
            chain.add(0, at);
            since = content.isRemoved(at) ? at : "";
            joint = locatedBy.get(at);
        }
        return new Detached(placement, title, since, since.isEmpty() ? List.of() : chain);
    }
}
