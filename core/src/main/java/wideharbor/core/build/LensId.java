package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/** Which lens of a body's set: not the part in the slot, but its place in the set. */
public record LensId(String id) implements Comparable<LensId> {
    /** The body without a lens; in a finding's key, whichever lens is on. */
    public static final LensId NONE = new LensId("");

    public LensId {
        if (!id.isEmpty()) {
            Require.id("Lens id", id);
        }
    }

    public boolean isNone() {
        return id.isEmpty();
    }

    @Override
    public int compareTo(LensId other) {
        return id.compareTo(other.id);
    }

    @Override
    public String toString() {
        return id;
    }
}
