package wideharbor.core.build;

/**
 * A command of an overlay that no longer says anything: what it names was changed underneath. It is passed over until
 * somebody settles it.
 *
 * @param index of the command in its overlay
 * @param why in a sentence
 */
public record Conflict(Scope scope, int index, Command command, String why) {

    /** Stable while the same command of the same overlay is at odds. */
    public String subject() {
        String owner = scope instanceof Scope.InLens lens
                ? "lens-" + lens.lens()
                : "configuration-" + ((Scope.InConfiguration) scope).configuration();
        return owner + "-" + Integer.toHexString(command.hashCode());
    }
}
