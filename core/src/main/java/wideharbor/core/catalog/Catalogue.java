package wideharbor.core.catalog;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.memo.Lazy;
import wideharbor.core.memo.Memo;
import wideharbor.core.standard.Standards;

/** Item types by revision, with the standards table their ports refer to. */
public final class Catalogue {
    private final Map<TypeRef, ItemType> types;
    private final Standards standards;
    private final Memo<TypeRef, List<Piece>> pieces = new Memo<>();
    private final Lazy<AdapterFinder> adapters = new Lazy<>();

    /** @throws IllegalArgumentException when a revision occurs twice or a port names an unknown standard */
    public Catalogue(Collection<ItemType> all, Standards standards) {
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

    /** The newest revision of every id, in the order of the catalogue: what is offered for new work. */
    public List<ItemType> current() {
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
        return new Catalogue(both.values(), standards.with(other.standards.all()));
    }

    /** The same parts under other standards. */
    public Catalogue with(Standards other) {
        return new Catalogue(types.values(), other);
    }

    public Standards standards() {
        return standards;
    }
}
