package wideharbor.core.catalog;

import wideharbor.core.quantity.Require;

/** One immutable revision of a catalogue part. */
public record TypeRef(String id, int revision) {
    public TypeRef {
        Require.id("Item type id", id);
        Require.within("Item type revision", revision, 1, 1_000_000, "");
    }

    @Override
    public String toString() {
        return id + "@" + revision;
    }
}
