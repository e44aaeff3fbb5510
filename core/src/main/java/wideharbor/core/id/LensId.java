package wideharbor.core.id;

/** Which lens of a body's set: not the part in the slot, but its place in the set. */
public final class LensId extends Id {
    /** The body without a lens; in a finding's key, whichever lens is on. */
    public static final LensId NONE = new LensId();

    private LensId() {}

    private LensId(String text) {
        super("Lens id", text);
    }

    /** An empty text is none. */
    public static LensId of(String text) {
        return text.isEmpty() ? NONE : new LensId(text);
    }
}
