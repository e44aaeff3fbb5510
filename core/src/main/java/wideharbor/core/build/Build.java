package wideharbor.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Words;

/** One body's build: what all its configurations share, the configurations, and the lenses it is used with. */
public record Build(
        BuildId id, String title, Content base, List<Configuration> configurations, List<LensChoice> lenses) {
    /** More lenses than any set of one camera. */
    public static final int MOST_LENSES = 60;

    public Build {
        if (id.isNone()) {
            throw new IllegalArgumentException("A build must have an id");
        }
        Require.text("Build title", title, 60);
        configurations = List.copyOf(configurations);
        lenses = List.copyOf(lenses);
        if (configurations.isEmpty()) {
            throw new IllegalArgumentException("Build '" + id + "' must have at least one configuration");
        }
        unique("configuration", configurations, Configuration::id);
        unique("lens", lenses, LensChoice::id);
        for (Configuration configuration : configurations) {
            requireChain(configuration, configurations);
        }
    }

    private static void requireChain(Configuration from, List<Configuration> all) {
        ConfigurationId at = from.basedOn();
        for (int i = 0; !at.isNone(); i++) {
            ConfigurationId wanted = at;
            Configuration next = all.stream()
                    .filter(c -> c.id().equals(wanted))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("Configuration '" + from.id() + "' is based on '"
                            + wanted + "', which this build does not have"));
            if (i > all.size()) {
                throw new IllegalArgumentException("Configuration '" + from.id() + "' is based on itself");
            }
            at = next.basedOn();
        }
    }

    /** The configurations whose changes make this one, the one that stands on the base first. */
    public List<Configuration> chain(ConfigurationId configuration) {
        List<Configuration> chain = new ArrayList<>();
        ConfigurationId at = configuration;
        while (!at.isNone()) {
            ConfigurationId id = at;
            Configuration next =
                    configuration(id).orElseThrow(() -> new EditRefused("There is no configuration '" + id + "'."));
            chain.add(0, next);
            at = next.basedOn();
        }
        return chain;
    }

    private static <T> void unique(String what, List<T> all, Function<T, ?> id) {
        if (all.stream().map(id).distinct().count() < all.size()) {
            throw new IllegalArgumentException("A build must not have the same " + what + " id twice");
        }
    }

    public Optional<Configuration> configuration(ConfigurationId id) {
        return configurations.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** Every lens of this build; one without a name, an empty slot, where it has none. */
    public List<LensId> lensIds() {
        return lenses.isEmpty()
                ? List.of(LensId.NONE)
                : lenses.stream().map(LensChoice::id).toList();
    }

    public Optional<LensChoice> lens(LensId id) {
        return lenses.stream().filter(l -> l.id().equals(id)).findFirst();
    }

    /** Content, and what of the overlays is at odds with what they lie on. */
    public record Resolved(Content content, List<Conflict> conflicts) {}

    /** Types of its parts, in whatever way it is worn and whatever lens is on. */
    public Set<TypeRef> types() {
        Set<TypeRef> types = new LinkedHashSet<>();
        base.placements().forEach(p -> types.add(p.type()));
        overlays().flatMap(List::stream).forEach(c -> {
            if (c instanceof Command.Place place) {
                types.add(place.type());
            } else if (c instanceof Command.Retype retype) {
                types.add(retype.type());
            }
        });
        return types;
    }

    /** Codes of the house's pieces that its parts are, in whatever way it is worn and whatever lens is on. */
    public SortedSet<String> pieces() {
        SortedSet<String> codes = new TreeSet<>();
        base.placements().forEach(p -> codes.add(p.piece()));
        overlays()
                .flatMap(List::stream)
                .filter(Command.Identify.class::isInstance)
                .forEach(c -> codes.add(((Command.Identify) c).piece()));
        codes.remove("");
        return codes;
    }

    /** The content of one configuration with one lens in the slot; what is at odds is passed over. */
    public Content content(ConfigurationId configuration, LensId lens, Catalogue catalogue) {
        return resolve(configuration, lens, catalogue).content();
    }

    /**
     * Base, then what the configuration (and those it is based on) changes, then what the lens changes. An unknown lens
     * id means no lens.
     *
     * @throws EditRefused when there is no such configuration
     */
    public Resolved resolve(ConfigurationId configuration, LensId lens, Catalogue catalogue) {
        Draft draft = base.overlayDraft();
        List<Conflict> conflicts = new ArrayList<>();
        for (Configuration layer : chain(configuration)) {
            conflicts.addAll(lay(draft, new Scope.InConfiguration(layer.id()), layer.overlay(), catalogue));
        }
        lens(lens).ifPresent(l -> conflicts.addAll(lay(draft, new Scope.InLens(l.id()), l.overlay(), catalogue)));
        return new Resolved(draft.content(), List.copyOf(conflicts));
    }

    /** Lays changes over a draft; returns those that are at odds with it. */
    private static List<Conflict> lay(Draft draft, Scope scope, List<Command> overlay, Catalogue catalogue) {
        List<Conflict> conflicts = new ArrayList<>();
        for (int i = 0; i < overlay.size(); i++) {
            try {
                draft.apply(overlay.get(i), catalogue);
            } catch (EditRefused e) {
                conflicts.add(new Conflict(scope, i, overlay.get(i), Words.reason(e)));
            }
        }
        return conflicts;
    }

    /**
     * The scope in which a setting of this placement is changed when someone changes it while looking at a
     * configuration and lens: where it is already set or placed most specifically, else the base.
     */
    public Scope scopeOf(SettingKey key, ConfigurationId configuration, LensId lens) {
        return overlays(configuration, lens).entrySet().stream()
                .filter(layer -> touches(layer.getValue(), key))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseGet(Scope.Base::new);
    }

    /**
     * The scope that says which part stands there: the one that swapped it last, else the one that placed it. An edit
     * to the part itself belongs there.
     */
    public Scope scopeOf(PlacementId placement, ConfigurationId configuration, LensId lens) {
        return overlays(configuration, lens).entrySet().stream()
                .filter(layer -> places(layer.getValue(), placement))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseGet(() -> base.placement(placement).isPresent()
                        ? new Scope.Base()
                        : new Scope.InConfiguration(configuration));
    }

    /** Every scope that takes a part off, the most specific first: where it must be put back to be there again. */
    public List<Scope> takenOffIn(PlacementId placement, ConfigurationId configuration, LensId lens) {
        List<Scope> scopes = new ArrayList<>();
        overlays(configuration, lens).forEach((scope, overlay) -> {
            if (takesOff(overlay, placement)) {
                scopes.add(scope);
            }
        });
        if (base.isRemoved(placement)) {
            scopes.add(new Scope.Base());
        }
        return scopes;
    }

    /** What lies over the base, the lens first, then the configuration and those it is based on, outermost first. */
    private Map<Scope, List<Command>> overlays(ConfigurationId configuration, LensId lens) {
        Map<Scope, List<Command>> overlays = new LinkedHashMap<>();
        lens(lens).ifPresent(l -> overlays.put(new Scope.InLens(lens), l.overlay()));
        List<Configuration> layers = chain(configuration);
        for (int i = layers.size() - 1; i >= 0; i--) {
            overlays.put(
                    new Scope.InConfiguration(layers.get(i).id()), layers.get(i).overlay());
        }
        return overlays;
    }

    private static boolean takesOff(List<Command> overlay, PlacementId placement) {
        boolean off = false;
        for (Command command : overlay) {
            if (command instanceof Command.Remove c && c.placement().equals(placement)) {
                off = true;
            } else if (command instanceof Command.Restore c && c.placement().equals(placement)) {
                off = false;
            }
        }
        return off;
    }

    /** The scope that plugged a cable: an edit to the cable itself belongs there. */
    public Scope scopeOfCable(CableId cable, ConfigurationId configuration, LensId lens) {
        if (base.cable(cable).isPresent()) {
            return new Scope.Base();
        }
        return lens(lens).filter(l -> plugs(l.overlay(), cable)).isPresent()
                ? new Scope.InLens(lens)
                : chain(configuration).stream()
                        .filter(layer -> plugs(layer.overlay(), cable))
                        .findFirst()
                        .map(layer -> new Scope.InConfiguration(layer.id()))
                        .orElseGet(() -> new Scope.InConfiguration(configuration));
    }

    /** The scope that joined a joint last: an edit to the joint itself belongs there. */
    public Scope scopeOfJoint(JointId joint, ConfigurationId configuration, LensId lens) {
        return overlays(configuration, lens).entrySet().stream()
                .filter(layer -> layer.getValue().stream()
                        .anyMatch(c ->
                                c instanceof Command.Join j && j.joint().id().equals(joint)))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElseGet(Scope.Base::new);
    }

    private static boolean plugs(List<Command> overlay, CableId cable) {
        return overlay.stream()
                .anyMatch(c -> c instanceof Command.Connect p && p.cable().id().equals(cable));
    }

    private static boolean touches(List<Command> overlay, SettingKey key) {
        return places(overlay, key.placement())
                || overlay.stream()
                        .anyMatch(c -> c instanceof Command.Set s && s.key().equals(key));
    }

    private static boolean places(List<Command> overlay, PlacementId placement) {
        return overlay.stream()
                .anyMatch(c -> c instanceof Command.Place p && p.placement().equals(placement)
                        || c instanceof Command.Retype r && r.placement().equals(placement));
    }

    Build withBase(Content content) {
        return new Build(id, title, content, configurations, lenses);
    }

    Build withConfiguration(Configuration changed) {
        return new Build(id, title, base, swap(configurations, changed, Configuration::id), lenses);
    }

    Build withConfigurations(List<Configuration> all) {
        return new Build(id, title, base, all, lenses);
    }

    Build withLenses(List<LensChoice> all) {
        return new Build(id, title, base, configurations, all);
    }

    Build titled(String other) {
        return new Build(id, other, base, configurations, lenses);
    }

    /**
     * A body and nothing on it yet, worn in these ways; until something carries it, the body is said to carry itself.
     */
    public static Build begin(
            BuildId id, String title, ItemType body, Map<ConfigurationId, String> worn, Catalogue in) {
        PlacementId root = PlacementId.of("body");
        Content base = Content.of(
                root, List.of(Placement.of(root, body.ref(), "")), List.of(), List.of(), List.of(), List.of(), in);
        return new Build(
                id,
                title,
                base,
                worn.entrySet().stream()
                        .map(e -> new Configuration(
                                e.getKey(), e.getValue(), root, 0, 0, List.of(), ConfigurationId.NONE))
                        .toList(),
                List.of());
    }

    /** The same rig as another body's: what is changed on one from then on is not on the other. */
    public Build twin(BuildId other, String name) {
        return unnamed(other, name);
    }

    /**
     * The same for another job: which pieces of the house its parts are, and what those weighed, is not taken along.
     */
    public Build unnamed() {
        return unnamed(id, title);
    }

    private Build unnamed(BuildId other, String name) {
        Set<PlacementId> pieces = overlays()
                .flatMap(List::stream)
                .filter(c -> c instanceof Command.Identify i && !i.piece().isEmpty())
                .map(c -> ((Command.Identify) c).placement())
                .collect(Collectors.toSet());
        return new Build(
                other,
                name,
                base.unnamed(),
                configurations.stream()
                        .map(c -> c.with(unnamed(c.overlay(), pieces)))
                        .toList(),
                lenses.stream().map(l -> l.with(unnamed(l.overlay(), pieces))).toList());
    }

    private static List<Command> unnamed(List<Command> overlay, Set<PlacementId> pieces) {
        return overlay.stream()
                .filter(c -> !(c instanceof Command.Identify || c instanceof Command.Draw)
                        && !(c instanceof Command.Weigh w && pieces.contains(w.placement())))
                .toList();
    }

    private Stream<List<Command>> overlays() {
        return Stream.concat(
                configurations.stream().map(Configuration::overlay),
                lenses.stream().map(LensChoice::overlay));
    }

    Build withLens(LensChoice changed) {
        return new Build(id, title, base, configurations, swap(lenses, changed, LensChoice::id));
    }

    private static <T> List<T> swap(List<T> all, T changed, Function<T, ?> id) {
        List<T> next = new ArrayList<>(all);
        next.replaceAll(one -> id.apply(one).equals(id.apply(changed)) ? changed : one);
        return next;
    }
}
