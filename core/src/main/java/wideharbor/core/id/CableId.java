package wideharbor.core.id;

/** A cable that is plugged. */
public final class CableId extends Id {
    public CableId(String text) {
        super("Cable id", text);
    }
}
