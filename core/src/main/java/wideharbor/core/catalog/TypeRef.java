package wideharbor.core.catalog;

import wideharbor.core.quantity.Require;

/** One immutable revision of a catalogue part. */
public record TypeRef(String id, int revision) {
    public TypeRef {
        Require.id("Item type id", id);
        Require.within("Item type revision", revision, 1, 1_000_000, "");
    }

    /** Reads {@code id@revision}. */
    public static TypeRef parse(String written) {
        int at = written.lastIndexOf('@');
        if (at < 1 || !written.substring(at + 1).matches("\\d{1,6}")) {
            throw new IllegalArgumentException("A part is written id@revision, but was '" + written + "'");
        }
        return new TypeRef(written.substring(0, at), Integer.parseInt(written.substring(at + 1)));
    }

    // Written out: as a key in the innermost loops the generated pair of methods is several times slower.
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof TypeRef o && id.equals(o.id) && revision == o.revision;
    }

    @Override
    public int hashCode() {
        return id.hashCode() * 31 + revision;
    }

    @Override
    public String toString() {
        return id + "@" + revision;
    }
}
