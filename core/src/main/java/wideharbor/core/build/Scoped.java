package wideharbor.core.build;

import wideharbor.core.id.LensId;

/** A command with its scope: the unit of the journal and of a fix. */
public record Scoped(Scope scope, Command command) {
    public static Scoped base(Command command) {
        return new Scoped(new Scope.Base(), command);
    }

    public static Scoped lens(LensId lens, Command command) {
        return new Scoped(new Scope.InLens(lens), command);
    }

    public static Scoped kit(Command command) {
        return new Scoped(new Scope.InPackage(), command);
    }
}
