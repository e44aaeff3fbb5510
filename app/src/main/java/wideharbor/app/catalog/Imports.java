package wideharbor.app.catalog;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import wideharbor.app.web.Refusal;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.quantity.Words;
import wideharbor.core.standard.Standards;
import wideharbor.format.CatalogueCsv;
import wideharbor.format.HarborCodec;
import wideharbor.format.HarborFormatException;

/**
 * Takes lists of parts in, one list after another, beside other work. First a dry run that stores nothing and tells all
 * that is wrong; then, when asked, the same list for good: all of it or nothing.
 */
@Service
class Imports {
    private static final Logger LOG = LoggerFactory.getLogger(Imports.class);
    private static final int MOST_KEPT = 40;

    /** Lists that wait or are read at a time: what they hold in memory is bounded by it. */
    private static final int MOST_AT_WORK = 4;

    enum Stage {
        WAITING,
        READING,
        CHECKED,
        STORING,
        STORED,
        REFUSED,
        CANCELLED;

        boolean ends() {
            return this == STORED || this == REFUSED || this == CANCELLED;
        }
    }

    /** How one import stands. */
    record ImportState(
            String id,
            String name,
            Stage stage,
            int rows,
            int fresh,
            int known,
            int done,
            List<CatalogueCsv.RowProblem> problems,
            String message) {}

    /** Rows read, parts that are new, parts that the house has already, and how far it has come. */
    private record Counts(int rows, int fresh, int known, int done) {
        static final Counts NONE = new Counts(0, 0, 0, 0);

        static Counts of(ImportState state, int done) {
            return new Counts(state.rows(), state.fresh(), state.known(), done);
        }
    }

    /** An import with what it was given and what was read from it. */
    private static final class Run {
        private final String id = UUID.randomUUID().toString();
        private final String name;
        private final String who;
        private final Path file;
        private final AtomicBoolean cancelled = new AtomicBoolean();
        private volatile ImportState state;
        private volatile List<ItemType> fresh = List.of();
        private volatile Standards standards = Standards.seed();

        Run(String name, String who, Path file) {
            this.name = name;
            this.who = who;
            this.file = file;
            this.state = new ImportState(id, name, Stage.WAITING, 0, 0, 0, 0, List.of(), "");
        }

        void set(Stage stage, Counts counts) {
            set(stage, counts, List.of(), "");
        }

        void set(Stage stage, Counts counts, List<CatalogueCsv.RowProblem> problems, String message) {
            state = new ImportState(
                    id, name, stage, counts.rows, counts.fresh, counts.known, counts.done, problems, message);
            if (stage.ends() || !problems.isEmpty()) {
                letGo();
            }
        }

        /** Whether something may still be stored of it. */
        boolean isAtWork() {
            return !state.stage().ends() && state.problems().isEmpty();
        }

        byte[] bytes() {
            try {
                return Files.readAllBytes(file);
            } catch (IOException e) {
                throw new UncheckedIOException("The list is no longer there", e);
            }
        }

        /** What was given and read of it is not needed any more; only how it ended is kept. */
        void letGo() {
            fresh = List.of();
            standards = Standards.seed();
            try {
                Files.deleteIfExists(file);
            } catch (IOException e) {
                LOG.warn("A spooled list stays behind: {}", e.getMessage());
            }
        }
    }

    private final CatalogueStore store;
    private final HarborCodec codec;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(r -> {
        Thread thread = new Thread(r, "catalogue-import");
        thread.setDaemon(true);
        return thread;
    });
    private final Map<String, Run> runs = new LinkedHashMap<>();

    Imports(CatalogueStore store, HarborCodec codec) {
        this.store = store;
        this.codec = codec;
    }

    @PreDestroy
    void close() {
        worker.shutdownNow();
        synchronized (runs) {
            runs.values().forEach(Run::letGo);
        }
    }

    /**
     * Begins the dry run of a list that was spooled into a file, which is ours from now on. Another list of the same
     * person that waits for a word is given up for it.
     *
     * @throws Refusal 503 when too many are at work
     */
    ImportState begin(String name, String who, Path file) {
        Run run = new Run(name, who, file);
        synchronized (runs) {
            runs.values().stream()
                    .filter(r -> r.who.equals(who) && r.isAtWork())
                    .map(r -> r.id)
                    .toList()
                    .forEach(this::cancel);
            if (runs.values().stream().filter(Run::isAtWork).count() >= MOST_AT_WORK) {
                run.letGo();
                throw Refusal.busy();
            }
            runs.put(run.id, run);
            if (runs.size() > MOST_KEPT) {
                runs.remove(runs.keySet().iterator().next()).letGo();
            }
        }
        worker.execute(() -> guarded(run, () -> read(run)));
        return run.state;
    }

    ImportState state(String id) {
        return run(id).state;
    }

    /** Stores what a dry run found good; refused while anything is wrong. */
    ImportState store(String id, String who) {
        Run run = run(id);
        ImportState now = run.state;
        if (now.stage() != Stage.CHECKED || !now.problems().isEmpty()) {
            throw Refusal.conflict("Only a list that was read without a problem is stored; this one is "
                    + now.stage().name().toLowerCase(java.util.Locale.ROOT) + ".");
        }
        run.set(Stage.STORING, Counts.of(now, 0));
        worker.execute(() -> guarded(run, () -> save(run, who)));
        return run.state;
    }

    ImportState cancel(String id) {
        Run run = run(id);
        run.cancelled.set(true);
        ImportState now = run.state;
        if (now.stage() == Stage.WAITING || now.stage() == Stage.CHECKED) {
            run.set(Stage.CANCELLED, new Counts(now.rows(), 0, 0, 0), List.of(), "Nothing was stored.");
        }
        return run.state;
    }

    private Run run(String id) {
        synchronized (runs) {
            Run run = runs.get(id);
            if (run == null) {
                throw Refusal.notFound("There is no such import, or it is long done.");
            }
            return run;
        }
    }

    private static void guarded(Run run, Runnable work) {
        try {
            work.run();
        } catch (HarborFormatException e) {
            List<CatalogueCsv.RowProblem> problems = e.problems().stream()
                    .map(p -> new CatalogueCsv.RowProblem(0, p.place(), p.message()))
                    .toList();
            run.set(Stage.REFUSED, Counts.NONE, problems, "The file cannot be read. Nothing was stored.");
        } catch (Refusal | IllegalArgumentException e) {
            run.set(
                    Stage.REFUSED,
                    Counts.NONE,
                    List.of(new CatalogueCsv.RowProblem(0, "", Words.reason(e))),
                    "Nothing was stored.");
        } catch (RuntimeException e) {
            LOG.error("Import {} failed", run.name, e);
            run.set(
                    Stage.REFUSED,
                    Counts.NONE,
                    List.of(),
                    "Internal error: the import was stopped. Nothing was stored.");
        }
    }

    private void read(Run run) {
        if (run.cancelled.get()) {
            return;
        }
        run.set(Stage.READING, Counts.NONE);
        boolean json = run.name.endsWith(".json");
        CatalogueCsv.Reading reading = json ? fromJson(run) : fromCsv(run);
        if (run.cancelled.get()) {
            run.set(Stage.CANCELLED, new Counts(reading.rows(), 0, 0, 0), List.of(), "Nothing was stored.");
            return;
        }
        Catalogue here = store.catalogue();
        List<ItemType> fresh = new ArrayList<>();
        List<CatalogueCsv.RowProblem> problems = new ArrayList<>(reading.problems());
        int known = 0;
        for (ItemType type : reading.types()) {
            var old = here.find(type.ref());
            if (old.isEmpty()) {
                fresh.add(type);
                unknownStandards(type, here, run, problems);
            } else if (old.get().equals(type)) {
                known++;
            } else {
                problems.add(new CatalogueCsv.RowProblem(
                        0, "revision", type.ref() + " is on file with other contents; give it a new revision"));
            }
        }
        run.fresh = fresh;
        run.set(Stage.CHECKED, new Counts(reading.rows(), fresh.size(), known, reading.rows()), problems, "");
    }

    private static void unknownStandards(
            ItemType type, Catalogue here, Run run, List<CatalogueCsv.RowProblem> problems) {
        type.ports().stream()
                .filter(p -> here.standards().find(p.standard()).isEmpty()
                        && run.standards.find(p.standard()).isEmpty())
                .forEach(p -> problems.add(new CatalogueCsv.RowProblem(
                        0,
                        "ports",
                        type.ref() + ", port '" + p.id() + "': there is no mounting standard '" + p.standard() + "'")));
    }

    private CatalogueCsv.Reading fromCsv(Run run) {
        return new CatalogueCsv()
                .read(
                        new String(run.bytes(), StandardCharsets.UTF_8),
                        done -> run.set(Stage.READING, new Counts(done, 0, 0, done)),
                        run.cancelled::get);
    }

    private CatalogueCsv.Reading fromJson(Run run) {
        HarborCodec.CatalogueFile file = codec.readCatalogue(run.bytes());
        run.standards = Standards.seed().with(file.standards());
        return new CatalogueCsv.Reading(
                file.catalogue(), List.of(), file.catalogue().size());
    }

    private void save(Run run, String who) {
        ImportState now = run.state;
        Standards standards = store.catalogue().standards().with(run.standards.all());
        store.admitMany(
                run.fresh,
                standards,
                Optional.of(who),
                done -> run.set(Stage.STORING, Counts.of(now, done)),
                run.cancelled::get);
        if (run.cancelled.get()) {
            run.set(Stage.CANCELLED, new Counts(now.rows(), 0, 0, 0), List.of(), "Nothing was stored.");
        } else {
            run.set(Stage.STORED, Counts.of(now, now.fresh()));
        }
    }
}
