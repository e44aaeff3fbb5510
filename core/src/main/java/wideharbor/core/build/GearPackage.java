package wideharbor.core.build;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** A job's package: the shared kit and one build per body. Immutable; edits make the next one. */
public record GearPackage(Kit kit, List<Build> builds) {
    public GearPackage {
        builds = List.copyOf(builds);
        if (builds.stream().map(Build::id).distinct().count() < builds.size()) {
            throw new IllegalArgumentException("A package must not have the same build id twice");
        }
    }

    /** The package with one more body, the last. */
    public GearPackage with(Build build) {
        List<Build> next = new ArrayList<>(builds);
        next.add(build);
        return new GearPackage(kit, next);
    }

    /** The package without a body; what was on its rig is not in the kit either. */
    public GearPackage without(BuildId gone) {
        return new GearPackage(
                kit, builds.stream().filter(b -> !b.id().equals(gone)).toList());
    }

    /** The same body by another name. */
    public GearPackage renamed(BuildId id, String title) {
        return new GearPackage(kit, swapped(build(id).titled(title)));
    }

    /** The package after an edit, and the edit that takes it back exactly. */
    public record Applied(GearPackage after, List<Scoped> inverse) {}

    public Build build(BuildId id) {
        return builds.stream()
                .filter(b -> b.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new EditRefused("There is no build '" + id + "' in this package."));
    }

    private static Set<Scope> scopes(List<Scoped> edit) {
        return edit.stream().map(Scoped::scope).collect(Collectors.toSet());
    }

    private static boolean isOfBase(List<Scoped> edit) {
        return edit.stream().anyMatch(c -> c.scope() instanceof Scope.Base);
    }

    /**
     * Applies a list of commands to one build and the kit, all or nothing.
     *
     * @throws EditRefused naming what stands in the way; this package is unchanged
     */
    public Applied apply(BuildId buildId, List<Scoped> edit, Catalogue catalogue) {
        Build build = build(buildId);
        Draft draft = build.base().draft();
        Kit nextKit = kit;
        List<Scoped> kitInverse = new ArrayList<>();
        Map<Scope, List<Command>> overlays = new LinkedHashMap<>();
        List<Scoped> configured = new ArrayList<>();
        Build listed = build;
        for (Scoped scoped : edit) {
            if (Lists.concerns(scoped.command())) {
                configured.add(0, Scoped.base(Lists.undoOf(scoped.command(), listed)));
                listed = Lists.after(scoped.command(), listed);
            } else if (scoped.scope() instanceof Scope.Base) {
                draft.apply(scoped.command(), catalogue);
            } else if (scoped.scope() instanceof Scope.InPackage) {
                Command.AddKit add = kitCommand(scoped.command());
                catalogue.require(add.type());
                nextKit = nextKit.with(add.type(), add.count());
                kitInverse.add(Scoped.kit(new Command.AddKit(add.type(), -add.count())));
            } else {
                List<Command> now = overlays.computeIfAbsent(scoped.scope(), new Overlays(listed)::of);
                extend(now, scoped.command());
            }
        }
        Build after = isOfBase(edit) ? listed.withBase(draft.content()) : listed;
        List<Scoped> inverse = new ArrayList<>();
        for (Map.Entry<Scope, List<Command>> changed : overlays.entrySet()) {
            inverse.add(new Scoped(changed.getKey(), new Command.ReplaceOverlay(overlay(listed, changed.getKey()))));
            after = withOverlay(after, changed.getKey(), changed.getValue());
        }
        inverse.addAll(configured);
        draft.inverses().forEach(c -> inverse.add(Scoped.base(c)));
        Collections.reverse(kitInverse);
        inverse.addAll(kitInverse);
        if (!after.equals(build)) {
            requireNoNewConflict(build, after, scopes(edit), catalogue);
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
        ConfigurationId id = ((Scope.InConfiguration) scope).configuration();
        return build.configuration(id)
                .orElseThrow(() -> new EditRefused("There is no configuration '" + id + "'."))
                .overlay();
    }

    private static Build withOverlay(Build build, Scope scope, List<Command> commands) {
        if (scope instanceof Scope.InLens in) {
            return build.withLens(build.lens(in.lens()).orElseThrow().with(commands));
        }
        ConfigurationId id = ((Scope.InConfiguration) scope).configuration();
        return build.withConfiguration(build.configuration(id).orElseThrow().with(commands));
    }

    /** An overlay that is edited must say something; one that only lies on what was edited may be at odds with it. */
    private static void requireNoNewConflict(Build before, Build after, Set<Scope> edited, Catalogue catalogue) {
        Set<Command> known = new HashSet<>();
        conflicts(before, catalogue).forEach((title, c) -> c.forEach(x -> known.add(x.command())));
        conflicts(after, catalogue).forEach((title, all) -> {
            for (Conflict conflict : all) {
                boolean own = edited.contains(conflict.scope()) || isNew(before, conflict.scope());
                if (own && !known.contains(conflict.command())) {
                    throw new EditRefused(title + ": " + conflict.why());
                }
            }
        });
    }

    private static boolean isNew(Build before, Scope scope) {
        return scope instanceof Scope.InConfiguration in
                        && before.configuration(in.configuration()).isEmpty()
                || scope instanceof Scope.InLens with
                        && before.lens(with.lens()).isEmpty();
    }

    /** What is at odds, by configuration and lens in words. */
    private static Map<String, List<Conflict>> conflicts(Build build, Catalogue catalogue) {
        Map<String, List<Conflict>> all = new LinkedHashMap<>();
        for (Configuration configuration : build.configurations()) {
            all.put(
                    "In " + configuration.title(),
                    build.resolve(configuration.id(), LensId.NONE, catalogue).conflicts());
            for (LensChoice lens : build.lenses()) {
                all.put(
                        "With lens " + lens.title() + " in " + configuration.title(),
                        build.resolve(configuration.id(), lens.id(), catalogue).conflicts());
            }
        }
        return all;
    }

    /** Overlays as they stand before this edit, to be changed. */
    private record Overlays(Build build) {
        List<Command> of(Scope scope) {
            return new ArrayList<>(overlay(build, scope));
        }
    }
}
