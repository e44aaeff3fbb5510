package wideharbor.core.id;

/** A piece in a build: the same through all its configurations, on the rig or taken off. */
public final class PlacementId extends Id {
    /** No part, where there may be none. */
    public static final PlacementId NONE = new PlacementId();

    private PlacementId() {}

    private PlacementId(String text) {
        super("Placement id", text);
    }

    /** An empty text is none. */
    public static PlacementId of(String text) {
        return text.isEmpty() ? NONE : new PlacementId(text);
    }
}
