package wideharbor.core.id;

/** A body with all that is built on it. */
public final class BuildId extends Id {
    /** The job's first. */
    public static final BuildId NONE = new BuildId();

    private BuildId() {}

    private BuildId(String text) {
        super("Build id", text);
    }

    /** An empty text is none. */
    public static BuildId of(String text) {
        return text.isEmpty() ? NONE : new BuildId(text);
    }
}
