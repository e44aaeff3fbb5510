package wideharbor.core.catalog;

import wideharbor.core.quantity.Require;

/**
 * What a part wants of the others on the rig, beyond its ports.
 *
 * @param other a type's id ("top-6"), or a capability in capitals ("HOLDS_RODS") that any part may have
 * @param why told with the finding
 */
public record Relation(Kind kind, String other, String why) {

    /** What a part wants of another. */
    public enum Kind {
        /** Does nothing, or is not safe, without the other. */
        NEEDS,
        /** Cannot be used while the other is on the rig. */
        EXCLUDES,
        /** The maker shaped it for the other; on anything else it is a matter of trying. */
        MADE_FOR
    }

    public Relation {
        if (!isCapability(other)) {
            Require.id("Related part", other);
        }
        Require.text("Reason of a relation", why, 160);
    }

    /** Whether a part is what this relation speaks of. */
    public boolean means(ItemType type) {
        return type.ref().id().equals(other)
                || type.capabilities().stream().anyMatch(c -> c.name().equals(other));
    }

    /** Whether any part with a capability will do, rather than one type. */
    public boolean namesCapability() {
        return isCapability(other);
    }

    private static boolean isCapability(String name) {
        for (Capability c : Capability.values()) {
            if (c.name().equals(name)) {
                return true;
            }
        }
        return false;
    }
}
