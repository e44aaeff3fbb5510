package wideharbor.core.build;

/** An edit that cannot be done as asked; the message names the part and the rule. Nothing was changed. */
public final class EditRefused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public EditRefused(String message) {
        super(message);
    }
}
