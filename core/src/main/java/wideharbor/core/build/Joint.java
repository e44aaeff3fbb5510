package wideharbor.core.build;

import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;

/**
 * A port of one part on a port of another. The locating joint of a part gives its pose; closing joints are checked for
 * closure, add contacts and resist twist, but move nothing.
 *
 * @param note what to know of a joint that serves outside its purpose: what the part is made for, and its limit
 */
public record Joint(JointId id, Kind kind, PortRef parent, PortRef child, Confidence confidence, String note) {
    private static final int LONGEST_NOTE = 160;

    /** Locates a part, and nobody has tried the two together yet. */
    public static Joint locating(JointId id, PortRef parent, PortRef child) {
        return new Joint(id, Kind.LOCATING, parent, child, Confidence.PLAUSIBLE, "");
    }

    /** What a joint does for the rig. */
    public enum Kind {
        LOCATING,
        CLOSING
    }

    /** How sure we are that the two really fit. */
    public enum Confidence {
        MAKER_TESTED,
        TRIED_BY_US,
        CLAIMED,
        PLAUSIBLE,
        /** One of the two does here what it was not made for. */
        IMPROVISED
    }

    public Joint {
        if (parent.placement().equals(child.placement())) {
            throw new IllegalArgumentException("Joint " + id + " joins " + parent.placement() + " to itself");
        }
        if (note.length() > LONGEST_NOTE) {
            throw new IllegalArgumentException(
                    "A joint's note must have at most " + LONGEST_NOTE + " characters, but has " + note.length());
        }
        if (confidence == Confidence.IMPROVISED && note.isBlank()) {
            throw new IllegalArgumentException(
                    "Joint " + id + " serves outside its purpose: its note must say what for, and the limit");
        }
    }

    /** Whether it joins these two, whichever way round. */
    public boolean joins(PlacementId one, PlacementId other) {
        return parent.placement().equals(one) && child.placement().equals(other)
                || parent.placement().equals(other) && child.placement().equals(one);
    }

    Joint trusting(Confidence other, String why) {
        return new Joint(id, kind, parent, child, other, why);
    }
}
