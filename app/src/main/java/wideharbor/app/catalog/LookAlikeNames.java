package wideharbor.app.catalog;

import java.util.List;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mistakable;

/** Parts of the catalogue that are mistaken for one, and how to tell them apart. */
final class LookAlikeNames {
    private LookAlikeNames() {}

    static List<String> of(ItemType type, Catalogue catalogue) {
        return catalogue.current().stream()
                .filter(t -> !t.ref().id().equals(type.ref().id()))
                .flatMap(t -> Mistakable.how(type, t).map(why -> t.name() + ": " + why).stream())
                .toList();
    }
}
