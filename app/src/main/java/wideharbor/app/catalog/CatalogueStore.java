package wideharbor.app.catalog;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import wideharbor.app.web.Refusal;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;
import wideharbor.format.HarborCodec;

/**
 * The house's catalogue. Revisions are immutable, so the whole is read once and kept under the number of its state,
 * which is read in the same transaction: nobody sees another state than his own transaction does, on any node.
 */
@Service
public class CatalogueStore {
    private static final int BATCH = 200;

    private record Kept(long version, Catalogue catalogue) {}

    private final TypeRows types;
    private final StandardRows standards;
    private final VersionRows versions;
    private final StandingRows standings;
    private final HarborCodec codec;
    private final EntityManager entities;
    private final AtomicReference<@Nullable Kept> kept = new AtomicReference<>();

    CatalogueStore(
            TypeRows types,
            StandardRows standards,
            VersionRows versions,
            StandingRows standings,
            HarborCodec codec,
            EntityManager entities) {
        this.types = types;
        this.standards = standards;
        this.versions = versions;
        this.standings = standings;
        this.codec = codec;
        this.entities = entities;
    }

    @Transactional(readOnly = true)
    public Catalogue catalogue() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Changing changing) {
            return changing.seen(this::read);
        }
        long version = versions.current();
        return Optional.ofNullable(kept.get())
                .filter(k -> k.version() == version)
                .map(Kept::catalogue)
                .orElseGet(() -> keep(version, read()));
    }

    private Catalogue keep(long version, Catalogue now) {
        kept.accumulateAndGet(
                new Kept(version, now), (old, fresh) -> old != null && old.version() > version ? old : fresh);
        return now;
    }

    /**
     * What a transaction sees that changes the catalogue: nobody else's until it is committed, read anew after a write.
     */
    private static final class Changing {
        private Optional<Catalogue> seen = Optional.empty();

        Catalogue seen(Supplier<Catalogue> read) {
            if (seen.isEmpty()) {
                seen = Optional.of(read.get());
            }
            return seen.get();
        }
    }

    private void written() {
        if (TransactionSynchronizationManager.getResource(this) instanceof Changing changing) {
            changing.seen = Optional.empty();
        }
    }

    /**
     * Begins a change: until the transaction ends nobody else changes the catalogue, and what this transaction reads of
     * it is kept for nobody.
     */
    private void begin() {
        if (TransactionSynchronizationManager.hasResource(this)) {
            return;
        }
        versions.lock().next();
        TransactionSynchronizationManager.bindResource(this, new Changing());
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(CatalogueStore.this);
            }
        });
    }

    private Catalogue read() {
        List<Standard> rows = standards.findAll().stream()
                .map(r -> codec.readStandard(r.content()))
                .toList();
        List<ItemType> all =
                types.findAll().stream().map(r -> codec.readType(r.content())).toList();
        Set<String> withheld =
                standings.findAll().stream().map(StandingRow::typeId).collect(Collectors.toSet());
        return new Catalogue(all, Standards.seed().with(rows)).withholding(withheld);
    }

    /** By id, how parts stand that are not offered. */
    @Transactional(readOnly = true)
    public Map<String, Standing> standings() {
        return standings.findAll().stream().collect(Collectors.toMap(StandingRow::typeId, StandingRow::standing));
    }

    /**
     * Offers parts for new work, or no more. What is built of them stays as it is.
     *
     * @throws Refusal when one is not on file
     */
    @Transactional
    public void stand(Collection<String> ids, Standing standing, String who) {
        begin();
        Set<String> known = catalogue().newest().stream().map(t -> t.ref().id()).collect(Collectors.toSet());
        for (String id : ids) {
            if (!known.contains(id)) {
                throw Refusal.notFound("There is no part '" + id + "' on file. Nothing was changed.");
            }
        }
        if (standing == Standing.OFFERED) {
            standings.deleteAllByIdInBatch(ids);
        } else {
            standings.saveAll(
                    ids.stream().map(id -> new StandingRow(id, standing, who)).toList());
        }
        written();
    }

    /**
     * Whether a part's revision is not on file yet.
     *
     * @throws Refusal when it is on file with other contents: revisions never change
     */
    @Transactional(readOnly = true)
    public boolean isNew(ItemType type) {
        var known = catalogue().find(type.ref());
        if (known.isPresent() && !known.get().equals(type)) {
            throw Refusal.conflict("Item type " + type.ref() + " is on file with other contents; "
                    + "give the changed part a new revision. Nothing was stored.");
        }
        return known.isEmpty();
    }

    /**
     * Takes in parts and standards that somebody of the house decided on.
     *
     * @throws Refusal when a revision is on file with other contents: revisions never change
     */
    @Transactional
    public void admit(Catalogue brought) {
        begin();
        List<TypeRow> fresh = new ArrayList<>();
        for (ItemType type : brought.all()) {
            if (isNew(type)) {
                fresh.add(new TypeRow(type, codec.writeType(type)));
            }
        }
        fresh.forEach(entities::persist);
        if (saveStandards(brought.standards()) || !fresh.isEmpty()) {
            written();
        }
    }

    /**
     * Stores many new parts in one transaction, in batches; when it is cancelled on the way, none of them. Parts of
     * which no revision was on file are held: somebody looks at them before they are offered.
     *
     * @throws Refusal when a revision came on file meanwhile
     */
    @Transactional
    public void admitMany(
            List<ItemType> fresh,
            Standards with,
            Optional<String> holds,
            IntConsumer progress,
            BooleanSupplier cancelled) {
        new Catalogue(fresh, with);
        begin();
        Catalogue here = catalogue();
        for (ItemType type : fresh) {
            if (here.find(type.ref()).isPresent()) {
                throw Refusal.conflict("Item type " + type.ref() + " came on file meanwhile. Nothing was stored.");
            }
        }
        saveStandards(with);
        holds.ifPresent(who -> hold(fresh, here, who));
        for (int i = 0; i < fresh.size(); i += BATCH) {
            if (cancelled.getAsBoolean()) {
                TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
                return;
            }
            List<TypeRow> batch = fresh.subList(i, Math.min(fresh.size(), i + BATCH)).stream()
                    .map(t -> new TypeRow(t, codec.writeType(t)))
                    .toList();
            batch.forEach(entities::persist);
            entities.flush();
            entities.clear();
            progress.accept(i + batch.size());
        }
        written();
    }

    private void hold(List<ItemType> fresh, Catalogue here, String who) {
        Set<String> known = here.newest().stream().map(t -> t.ref().id()).collect(Collectors.toSet());
        fresh.stream()
                .map(t -> t.ref().id())
                .distinct()
                .filter(id -> !known.contains(id))
                .forEach(id -> entities.persist(new StandingRow(id, Standing.HELD, who)));
    }

    private boolean saveStandards(Standards brought) {
        Catalogue here = catalogue();
        boolean any = false;
        for (Standard row : brought.all()) {
            if (here.standards()
                    .find(row.id())
                    .filter(s -> s.revision() >= row.revision())
                    .isEmpty()) {
                entities.persist(new StandardRow(row.id(), row.revision(), codec.writeStandard(row)));
                any = true;
            }
        }
        return any;
    }

    /** Throws out every revision of a part. Whether anything is built of it is for the caller to know. */
    @Transactional
    public void remove(String id) {
        begin();
        types.deleteAllOf(id);
        standings.deleteAllByIdInBatch(List.of(id));
        written();
    }

    /** The next revision of a standard. */
    @Transactional
    public void change(Standard next) {
        begin();
        Standard now = catalogue().standards().require(next.id());
        if (next.revision() != now.revision() + 1) {
            throw Refusal.conflict("This standard was changed meanwhile: it is at revision " + now.revision()
                    + ". Nothing was overwritten.");
        }
        entities.persist(new StandardRow(next.id(), next.revision(), codec.writeStandard(next)));
        written();
    }
}
