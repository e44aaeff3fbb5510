package wideharbor.core.id;

import org.jspecify.annotations.Nullable;
import wideharbor.core.quantity.Require;

/**
 * What something is called by files, journal and addresses, for as long as it is there: letters, digits, dot, dash and
 * underscore. Ids of two kinds are never equal, and one is not taken for the other.
 */
public abstract class Id implements Comparable<Id> {
    private final String text;
    // Of keys of keys: asked for in the innermost loops.
    private final int hash;

    /** @throws IllegalArgumentException naming what the id is of */
    Id(String what, String text) {
        this.text = Require.id(what, text);
        this.hash = text.hashCode();
    }

    /** None of its kind. */
    Id() {
        this.text = "";
        this.hash = 0;
    }

    public final boolean isNone() {
        return text.isEmpty();
    }

    /**
     * An id that must be of something.
     *
     * @throws IllegalArgumentException naming what has none
     */
    public static <T extends Id> T some(String what, @Nullable T id) {
        if (id == null || id.isNone()) {
            throw new IllegalArgumentException(what + " must have an id");
        }
        return id;
    }

    @Override
    public final int compareTo(Id other) {
        return text.compareTo(other.text);
    }

    // One class a kind, and none below it: the class is the kind.
    @SuppressWarnings("EqualsGetClass")
    @Override
    public final boolean equals(Object other) {
        return this == other || other != null && other.getClass() == getClass() && text.equals(((Id) other).text);
    }

    @Override
    public final int hashCode() {
        return hash;
    }

    /** As it is written. */
    @Override
    public final String toString() {
        return text;
    }
}
