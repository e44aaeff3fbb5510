package wideharbor.app.catalog;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import wideharbor.app.web.Refusal;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;
import wideharbor.format.HarborCodec;

/** The house's catalogue. Revisions are immutable, so the whole is read once and kept until something is added. */
@Service
public class CatalogueStore {
    private final TypeRows types;
    private final StandardRows standards;
    private final HarborCodec codec;
    private volatile List<Catalogue> kept = List.of();

    CatalogueStore(TypeRows types, StandardRows standards, HarborCodec codec) {
        this.types = types;
        this.standards = standards;
        this.codec = codec;
    }

    @Transactional(readOnly = true)
    public Catalogue catalogue() {
        List<Catalogue> now = kept;
        if (now.isEmpty()) {
            now = List.of(read());
            kept = now;
        }
        return now.get(0);
    }

    private Catalogue read() {
        List<Standard> rows =
                standards.findAll().stream().map(r -> codec.readStandard(r.content())).toList();
        List<ItemType> all = types.findAll().stream().map(r -> codec.readType(r.content())).toList();
        return new Catalogue(all, Standards.seed().with(rows));
    }

    /**
     * Takes in what a package brings along.
     *
     * @throws Refusal when a revision is on file with other contents: revisions never change
     */
    @Transactional
    public void admit(Catalogue brought) {
        Catalogue here = catalogue();
        List<TypeRow> fresh = new ArrayList<>();
        for (ItemType type : brought.all()) {
            var known = here.find(type.ref());
            if (known.isPresent() && !known.get().equals(type)) {
                throw Refusal.conflict("Item type " + type.ref() + " is on file with other contents; "
                        + "give the changed part a new revision. Nothing was stored.");
            }
            if (known.isEmpty()) {
                fresh.add(new TypeRow(type, codec.writeType(type)));
            }
        }
        types.saveAll(fresh);
        for (Standard row : brought.standards().all()) {
            if (here.standards().find(row.id()).filter(s -> s.revision() >= row.revision()).isEmpty()) {
                standards.save(new StandardRow(row.id(), row.revision(), codec.writeStandard(row)));
            }
        }
        forgetAfterCommit();
    }

    private void forgetAfterCommit() {
        kept = List.of();
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                kept = List.of();
            }
        });
    }
}
