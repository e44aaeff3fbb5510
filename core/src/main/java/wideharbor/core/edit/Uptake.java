package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wideharbor.core.build.Build;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Kit;
import wideharbor.core.build.LensChoice;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.TypeRef;

/**
 * One part of the catalogue taken for another wherever a body or the kit has it: a new revision, or what was on file
 * twice. Places, joints, settings and what was weighed stay; what does not fit any more, the checks find.
 */
public final class Uptake {
    private Uptake() {}

    /** The edit of one body, whole: in its base, in every configuration and for every lens. Empty where it has none. */
    public static List<Scoped> of(Build build, TypeRef old, TypeRef next) {
        List<Scoped> edit = new ArrayList<>();
        for (Placement part : build.base().placements()) {
            if (part.type().equals(old)) {
                edit.add(Scoped.base(new Command.Retype(part.id(), next)));
                part.known().forEach(c -> edit.add(Scoped.base(c)));
            }
        }
        for (CableRun cable : build.base().cables()) {
            if (cable.type().equals(old)) {
                edit.add(Scoped.base(new Command.RetypeCable(cable.id(), next)));
            }
        }
        for (Configuration worn : build.configurations()) {
            overlay(worn.overlay(), old, next)
                    .ifPresent(c -> edit.add(new Scoped(new Scope.InConfiguration(worn.id()), c)));
        }
        for (LensChoice lens : build.lenses()) {
            overlay(lens.overlay(), old, next).ifPresent(c -> edit.add(new Scoped(new Scope.InLens(lens.id()), c)));
        }
        return edit;
    }

    /** The edit of the kit; empty where it has none. */
    public static List<Scoped> of(Kit kit, TypeRef old, TypeRef next) {
        int pieces = kit.count(old);
        return pieces == 0
                ? List.of()
                : List.of(Scoped.kit(new Command.AddKit(old, -pieces)), Scoped.kit(new Command.AddKit(next, pieces)));
    }

    private static Optional<Command> overlay(List<Command> changes, TypeRef old, TypeRef next) {
        UnaryOperator<TypeRef> taken = type -> type.equals(old) ? next : type;
        List<Command> after = changes.stream().map(c -> taken(c, taken)).toList();
        return after.equals(changes) ? Optional.empty() : Optional.of(new Command.ReplaceOverlay(after));
    }

    private static Command taken(Command command, UnaryOperator<TypeRef> type) {
        if (command instanceof Command.Place c) {
            return new Command.Place(c.placement(), type.apply(c.type()), c.label());
        }
        if (command instanceof Command.Retype c) {
            return new Command.Retype(c.placement(), type.apply(c.type()));
        }
        if (command instanceof Command.RetypeCable c) {
            return new Command.RetypeCable(c.cable(), type.apply(c.type()));
        }
        if (command instanceof Command.Connect c) {
            return new Command.Connect(c.cable().as(type.apply(c.cable().type())));
        }
        return command;
    }
}
