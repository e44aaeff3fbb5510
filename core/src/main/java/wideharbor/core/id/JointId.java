package wideharbor.core.id;

/** A port on a port, by itself. */
public final class JointId extends Id {
    public JointId(String text) {
        super("Joint id", text);
    }
}
