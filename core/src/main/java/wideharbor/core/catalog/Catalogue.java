package wideharbor.core.catalog;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.standard.Standards;

/** Item types by revision, with the standards table their ports refer to. */
public final class Catalogue {
    private final Map<TypeRef, ItemType> types;
    private final Standards standards;

    /**
     * @throws IllegalArgumentException when a revision occurs twice or a port names an unknown standard
     */
    public Catalogue(Collection<ItemType> all, Standards standards) {
        Map<TypeRef, ItemType> byRef = new LinkedHashMap<>();
        for (ItemType type : all) {
            if (byRef.put(type.ref(), type) != null) {
                throw new IllegalArgumentException("Item type " + type.ref() + " occurs twice");
            }
            for (Port port : type.ports()) {
                if (standards.find(port.standard()).isEmpty()) {
                    throw new IllegalArgumentException("Item type " + type.ref() + ", port '" + port.id()
                            + "': there is no mounting standard '" + port.standard() + "'");
                }
            }
        }
        this.types = Collections.unmodifiableMap(byRef);
        this.standards = standards;
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

    public Standards standards() {
        return standards;
    }
}
