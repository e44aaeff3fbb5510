package wideharbor.core.build;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wideharbor.core.catalog.Catalogue;

/** A job's package: the shared kit and one build per body. Immutable; edits make the next one. */
public record GearPackage(Kit kit, List<Build> builds) {
    public GearPackage {
        builds = List.copyOf(builds);
        if (builds.stream().map(Build::id).distinct().count() < builds.size()) {
            throw new IllegalArgumentException("A package must not have the same build id twice");
        }
    }

    /** The package after an edit, and the edit that takes it back exactly. */
    public record Applied(GearPackage after, List<Scoped> inverse) {}

    public Build build(String id) {
        return builds.stream()
                .filter(b -> b.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new EditRefused("There is no build '" + id + "' in this package."));
    }

    /**
     * Applies a list of commands to one build and the kit, all or nothing.
     *
     * @throws EditRefused naming what stands in the way; this package is unchanged
     */
    public Applied apply(String buildId, List<Scoped> edit, Catalogue catalogue) {
        Build build = build(buildId);
        Draft draft = build.base().draft();
        Kit nextKit = kit;
        List<Scoped> kitInverse = new ArrayList<>();
        Map<Scope, List<Command>> overlays = new LinkedHashMap<>();
        for (Scoped scoped : edit) {
            if (scoped.scope() instanceof Scope.Base) {
                draft.apply(scoped.command(), catalogue);
            } else if (scoped.scope() instanceof Scope.InPackage) {
                Command.AddKit add = kitCommand(scoped.command());
                catalogue.require(add.type());
                nextKit = nextKit.with(add.type(), add.count());
                kitInverse.add(Scoped.kit(new Command.AddKit(add.type(), -add.count())));
            } else {
                List<Command> now =
                        overlays.computeIfAbsent(scoped.scope(), s -> new ArrayList<>(overlay(build, s)));
                extend(now, scoped.command());
            }
        }
        boolean baseTouched = edit.stream().anyMatch(c -> c.scope() instanceof Scope.Base);
        Build after = baseTouched ? build.withBase(draft.content()) : build;
        List<Scoped> inverse = new ArrayList<>();
        for (Map.Entry<Scope, List<Command>> changed : overlays.entrySet()) {
            inverse.add(new Scoped(changed.getKey(), new Command.ReplaceOverlay(overlay(build, changed.getKey()))));
            after = withOverlay(after, changed.getKey(), changed.getValue());
        }
        draft.inverses().forEach(c -> inverse.add(Scoped.base(c)));
        Collections.reverse(kitInverse);
        inverse.addAll(kitInverse);
        if (after != build) {
            requireResolvable(after, catalogue);
        }
        return new Applied(new GearPackage(nextKit, swapped(after)), inverse);
    }

    private List<Build> swapped(Build after) {
        List<Build> next = new ArrayList<>(builds);
        next.replaceAll(b -> b.id().equals(after.id()) ? after : b);
        return next;
    }

    private static Command.AddKit kitCommand(Command command) {
        if (command instanceof Command.AddKit add) {
            return add;
        }
        throw new EditRefused("Only kit counts change in the package's scope.");
    }

    /** A later Set of the same key takes the earlier one's place, so that nudging a slide does not grow the list. */
    private static void extend(List<Command> overlay, Command command) {
        if (command instanceof Command.ReplaceOverlay whole) {
            overlay.clear();
            overlay.addAll(whole.commands());
            return;
        }
        if (command instanceof Command.Set set) {
            overlay.removeIf(c -> c instanceof Command.Set old && old.key().equals(set.key()));
        }
        overlay.add(command);
    }

    private static List<Command> overlay(Build build, Scope scope) {
        if (scope instanceof Scope.InLens in) {
            return build.lens(in.lens())
                    .orElseThrow(() -> new EditRefused("There is no lens '" + in.lens() + "' on this build."))
                    .overlay();
        }
        String id = ((Scope.InConfiguration) scope).configuration();
        return build.configuration(id)
                .orElseThrow(() -> new EditRefused("There is no configuration '" + id + "'."))
                .overlay();
    }

    private static Build withOverlay(Build build, Scope scope, List<Command> commands) {
        if (scope instanceof Scope.InLens in) {
            return build.withLens(build.lens(in.lens()).orElseThrow().with(commands));
        }
        String id = ((Scope.InConfiguration) scope).configuration();
        return build.withConfiguration(build.configuration(id).orElseThrow().with(commands));
    }

    /** Every configuration must still resolve with every lens, or the edit would break what it cannot see. */
    public static void requireResolvable(Build build, Catalogue catalogue) {
        for (Configuration configuration : build.configurations()) {
            build.content(configuration.id(), "", catalogue);
            for (LensChoice lens : build.lenses()) {
                try {
                    build.content(configuration.id(), lens.id(), catalogue);
                } catch (EditRefused e) {
                    throw new EditRefused("With lens " + lens.title() + " in " + configuration.title() + ": "
                            + e.getMessage());
                }
            }
        }
    }
}
