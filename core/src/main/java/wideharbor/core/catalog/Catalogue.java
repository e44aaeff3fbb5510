package wideharbor.core.catalog;

import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.memo.Lazy;
import wideharbor.core.memo.Memo;
import wideharbor.core.memo.WeakMemo;
import wideharbor.core.standard.Standards;

/** Item types by revision, with the standards table their ports refer to. */
public final class Catalogue {
    private final Map<TypeRef, ItemType> types;
    private final Standards standards;
    private final Set<String> withheld;
    private final Map<TypeRef, Charge> held;
    private final Optional<Catalogue> asLabelled;
    private final WeakMemo<Map<TypeRef, Charge>, Catalogue> holding = new WeakMemo<>();
    private final Memo<TypeRef, List<Piece>> pieces = new Memo<>();
    private final Lazy<AdapterFinder> adapters = new Lazy<>();

    /** @throws IllegalArgumentException when a revision occurs twice or a port names an unknown standard */
    public Catalogue(Collection<ItemType> all, Standards standards) {
        this(all, standards, Set.of());
    }

    private Catalogue(Collection<ItemType> all, Standards standards, Set<String> withheld) {
        this(all, standards, withheld, Map.of(), Optional.empty());
    }

    private Catalogue(
            Collection<ItemType> all,
            Standards standards,
            Set<String> withheld,
            Map<TypeRef, Charge> held,
            Optional<Catalogue> asLabelled) {
        this.held = Map.copyOf(held);
        this.asLabelled = asLabelled;
        this.withheld = Set.copyOf(withheld);
        Map<TypeRef, ItemType> byRef = new LinkedHashMap<>();
        for (ItemType type : all) {
            if (byRef.put(type.ref(), type) != null) {
                throw new IllegalArgumentException("Item type " + type.ref() + " occurs twice");
            }
            type.ports().forEach(p -> known(standards, type, "port '" + p.id() + "'", p.standard()));
            type.facets().forEach(f -> f.standards().forEach(s -> known(standards, type, "a facet", s)));
        }
        this.types = Collections.unmodifiableMap(byRef);
        this.standards = standards;
    }

    private static void known(Standards standards, ItemType type, String who, String standard) {
        if (standards.find(standard).isEmpty()) {
            throw new IllegalArgumentException(
                    "Item type " + type.ref() + ", " + who + ": there is no mounting standard '" + standard + "'");
        }
    }

    public Optional<ItemType> find(TypeRef ref) {
        return Optional.ofNullable(types.get(ref));
    }

    public ItemType require(TypeRef ref) {
        return find(ref).orElseThrow(() -> new IllegalArgumentException("The catalogue has no item type " + ref));
    }

    public List<ItemType> all() {
        return List.copyOf(types.values());
    }

    /** The pieces of a part, worked out when first asked for. */
    public List<Piece> pieces(ItemType type) {
        return pieces.get(type.ref(), r -> Piece.of(type));
    }

    /** The finder over this catalogue's adapters, made when first asked for. */
    public AdapterFinder adapters() {
        return adapters.get(() -> new AdapterFinder(this));
    }

    /** The same parts, of which those with these ids are not offered for new work. */
    public Catalogue withholding(Set<String> ids) {
        return ids.equals(withheld) ? this : new Catalogue(types.values(), standards, ids);
    }

    /**
     * What batteries of a kind were measured to hold.
     *
     * @param offShare by which share of it that may be off
     */
    public record Charge(double wattHours, double offShare) {}

    /**
     * The same parts with batteries of some kinds as they were measured; one for the same measurements while it is
     * used.
     */
    public Catalogue holding(Map<TypeRef, Charge> measured) {
        if (measured.equals(held)) {
            return this;
        }
        Catalogue labelled = asLabelled.orElse(this);
        return measured.isEmpty() ? labelled : labelled.holding.get(Map.copyOf(measured), labelled::as);
    }

    private Catalogue as(Map<TypeRef, Charge> measured) {
        List<ItemType> all = types.values().stream()
                .map(t -> Optional.ofNullable(measured.get(t.ref()))
                        .map(c -> holding(t, c))
                        .orElse(t))
                .toList();
        return new Catalogue(all, standards, withheld, measured, Optional.of(this));
    }

    private static ItemType holding(ItemType type, Charge charge) {
        return ItemTypeBuilder.builder(type)
                .facets(type.facets().stream()
                        .map(f -> f instanceof PowerFacet.Battery b
                                ? b.holding(charge.wattHours(), charge.offShare())
                                : f)
                        .toList())
                .build();
    }

    /** Ids of parts that are on file and not offered. */
    public Set<String> withheld() {
        return withheld;
    }

    /** What is offered for new work: the newest revision of every id that is not withheld. */
    public List<ItemType> current() {
        return newest().stream().filter(t -> !withheld.contains(t.ref().id())).toList();
    }

    /** What each id is called by its newest revision, offered or not. */
    public Map<String, String> names() {
        Map<String, String> names = new LinkedHashMap<>();
        newest().forEach(t -> names.put(t.ref().id(), t.name()));
        return names;
    }

    /** The newest revision of every id, offered or not, in the order of the catalogue. */
    public List<ItemType> newest() {
        Map<String, ItemType> newest = new LinkedHashMap<>();
        for (ItemType type : types.values()) {
            newest.merge(
                    type.ref().id(),
                    type,
                    (a, b) -> b.ref().revision() > a.ref().revision() ? b : a);
        }
        return List.copyOf(newest.values());
    }

    /** These parts and those of another catalogue that are not here; the newer of each standard. */
    public Catalogue and(Catalogue other) {
        Map<TypeRef, ItemType> both = new LinkedHashMap<>(types);
        other.types.forEach(both::putIfAbsent);
        Set<String> not = new HashSet<>(withheld);
        not.addAll(other.withheld);
        return new Catalogue(both.values(), standards.with(other.standards.all()), not);
    }

    /** The same parts under other standards. */
    public Catalogue with(Standards other) {
        return new Catalogue(types.values(), other, withheld);
    }

    public Standards standards() {
        return standards;
    }
}
