package wideharbor.core.id;

/** A way in which a body is worn; bodies of one job may share it. */
public final class ConfigurationId extends Id {
    /** In a finding's key, any; where somebody stands, the first. */
    public static final ConfigurationId NONE = new ConfigurationId();

    private ConfigurationId() {}

    private ConfigurationId(String text) {
        super("Configuration id", text);
    }

    /** An empty text is none. */
    public static ConfigurationId of(String text) {
        return text.isEmpty() ? NONE : new ConfigurationId(text);
    }
}
