package wideharbor.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.quantity.Require;

/** One body's build: what all its configurations share, the configurations, and the lenses it is used with. */
public record Build(
        String id, String title, Content base, List<Configuration> configurations, List<LensChoice> lenses) {
    public Build {
        Require.id("Build id", id);
        Require.text("Build title", title, 60);
        configurations = List.copyOf(configurations);
        lenses = List.copyOf(lenses);
        if (configurations.isEmpty()) {
            throw new IllegalArgumentException("Build '" + id + "' must have at least one configuration");
        }
        unique("configuration", configurations, Configuration::id);
        unique("lens", lenses, LensChoice::id);
    }

    private static <T> void unique(String what, List<T> all, Function<T, String> id) {
        if (all.stream().map(id).distinct().count() < all.size()) {
            throw new IllegalArgumentException("A build must not have the same " + what + " id twice");
        }
    }

    public Optional<Configuration> configuration(String id) {
        return configurations.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public Optional<LensChoice> lens(String id) {
        return lenses.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /**
     * The content of one configuration with one lens in the slot: base, then what the configuration changes, then what
     * the lens changes. An unknown lens id means no lens.
     *
     * @throws EditRefused when an overlay names something that is not there
     */
    public Content content(String configuration, String lens, Catalogue catalogue) {
        Draft draft = base.overlayDraft();
        configuration(configuration)
                .orElseThrow(() -> new EditRefused("There is no configuration '" + configuration + "'."))
                .overlay()
                .forEach(c -> draft.apply(c, catalogue));
        lens(lens).ifPresent(l -> l.overlay().forEach(c -> draft.apply(c, catalogue)));
        return draft.content();
    }

    /**
     * The scope in which a setting of this placement is changed when someone changes it while looking at a
     * configuration and lens: where it is already set or placed most specifically, else the base.
     */
    public Scope scopeOf(SettingKey key, String configuration, String lens) {
        if (lens(lens).filter(l -> touches(l.overlay(), key)).isPresent()) {
            return new Scope.InLens(lens);
        }
        if (configuration(configuration).filter(c -> touches(c.overlay(), key)).isPresent()) {
            return new Scope.InConfiguration(configuration);
        }
        return new Scope.Base();
    }

    /** The scope that placed a part: an edit to the part itself belongs there. */
    public Scope scopeOf(String placement, String configuration, String lens) {
        if (base.placement(placement).isPresent()) {
            return new Scope.Base();
        }
        boolean byLens = lens(lens).filter(l -> places(l.overlay(), placement)).isPresent();
        return byLens ? new Scope.InLens(lens) : new Scope.InConfiguration(configuration);
    }

    private static boolean touches(List<Command> overlay, SettingKey key) {
        return places(overlay, key.placement())
                || overlay.stream().anyMatch(c -> c instanceof Command.Set s && s.key().equals(key));
    }

    private static boolean places(List<Command> overlay, String placement) {
        return overlay.stream().anyMatch(c -> c instanceof Command.Place p && p.placement().equals(placement));
    }

    Build withBase(Content content) {
        return new Build(id, title, content, configurations, lenses);
    }

    Build withConfiguration(Configuration changed) {
        return new Build(id, title, base, swap(configurations, changed, Configuration::id), lenses);
    }

    Build withLens(LensChoice changed) {
        return new Build(id, title, base, configurations, swap(lenses, changed, LensChoice::id));
    }

    private static <T> List<T> swap(List<T> all, T changed, Function<T, String> id) {
        List<T> next = new ArrayList<>(all);
        next.replaceAll(one -> id.apply(one).equals(id.apply(changed)) ? changed : one);
        return next;
    }
}
