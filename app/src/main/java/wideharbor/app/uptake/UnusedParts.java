package wideharbor.app.uptake;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.catalog.PartUses;
import wideharbor.app.web.Refusal;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;

/** Throws out parts that no job is built of, nor could be again by taking an edit back. */
@Service
class UnusedParts {
    private final CatalogueStore catalogue;
    private final PartUses uses;

    UnusedParts(CatalogueStore catalogue, PartUses uses) {
        this.catalogue = catalogue;
        this.uses = uses;
    }

    @Transactional
    void delete(TypeRef ref) {
        List<ItemType> revisions = catalogue.catalogue().all().stream()
                .filter(t -> t.ref().id().equals(ref.id()))
                .toList();
        if (revisions.isEmpty()) {
            throw Refusal.notFound("The catalogue has no part '" + ref + "'.");
        }
        for (ItemType type : revisions) {
            List<String> jobs = uses.titles(type.ref());
            if (!jobs.isEmpty()) {
                throw Refusal.conflict(type.name() + " is used by " + String.join(", ", jobs)
                        + ", or was and may be again. Retire it instead: it is offered no more and stays on file.");
            }
        }
        catalogue.remove(ref.id());
    }
}
