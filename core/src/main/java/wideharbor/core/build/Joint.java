package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/**
 * A port of one part on a port of another. The locating joint of a part gives its pose; closing joints are checked for
 * closure, add contacts and resist twist, but move nothing.
 */
public record Joint(String id, Kind kind, PortRef parent, PortRef child, Confidence confidence) {

    public enum Kind {
        LOCATING,
        CLOSING
    }

    /** How sure we are that the two really fit. */
    public enum Confidence {
        MAKER_TESTED,
        TRIED_BY_US,
        CLAIMED,
        PLAUSIBLE
    }

    public Joint {
        Require.id("Joint id", id);
        if (parent.placement().equals(child.placement())) {
            throw new IllegalArgumentException("Joint " + id + " joins " + parent.placement() + " to itself");
        }
    }
}
