package wideharbor.app.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobStore;
import wideharbor.app.security.Accounts;
import wideharbor.app.stock.Pieces;
import wideharbor.core.job.Job;
import wideharbor.format.CatalogueCsv;
import wideharbor.format.HarborCodec;
import wideharbor.format.PiecesCsv;

/** Takes package files in and writes them. The demo world comes in the same way, into an empty store only. */
@Service
@Order(2)
public class PackageFiles implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(PackageFiles.class);

    private final JobStore store;
    private final JobChanges changes;
    private final CatalogueStore catalogue;
    private final Pieces pieces;
    private final HarborCodec codec;
    private final Accounts accounts;
    private final Clock clock;
    private final String demo;
    private boolean broughtTheDemo;

    PackageFiles(
            JobStore store,
            JobChanges changes,
            CatalogueStore catalogue,
            Pieces pieces,
            HarborCodec codec,
            Accounts accounts,
            Clock clock,
            @Value("${harbor.demo}") String demo) {
        this.store = store;
        this.changes = changes;
        this.catalogue = catalogue;
        this.pieces = pieces;
        this.codec = codec;
        this.accounts = accounts;
        this.clock = clock;
        this.demo = demo;
    }

    /** The whole file or nothing. What it brings beyond the job is the package's own until somebody takes it. */
    @Transactional
    FilesController.Imported take(byte[] bytes) {
        Job job = codec.read(bytes);
        changes.create(job, JobChanges.From.FILE);
        return new FilesController.Imported(job.id(), job.title());
    }

    @Transactional(readOnly = true)
    byte[] write(String job) {
        return codec.write(named(store.load(job).job()));
    }

    /** With people's names: ids mean nothing in another house. */
    private Job named(Job job) {
        return job.accepted(
                job.reads().stream()
                        .map(r ->
                                new Job.CautionRead(r.finding(), r.accepted(), accounts.displayName(r.who()), r.when()))
                        .toList(),
                job.waivers().stream()
                        .map(w -> new Job.Waiver(
                                w.finding(), w.accepted(), w.reason(), accounts.displayName(w.who()), w.when()))
                        .toList());
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (demo.isEmpty() || !store.isEmpty()) {
            return;
        }
        broughtTheDemo = true;
        Path list = Path.of(demo, "catalogue.csv");
        if (Files.exists(list)) {
            takeList(Files.readString(list));
        }
        List<Job> jobs = new ArrayList<>();
        for (Path file : packages(Path.of(demo))) {
            jobs.add(codec.read(Files.readAllBytes(file)));
        }
        for (Job job : fromToday(jobs, LocalDate.now(clock))) {
            changes.create(job, JobChanges.From.HOUSE);
            LOG.info("Loaded demo job {}", job.title());
        }
        Path stock = Path.of(demo, "pieces.csv");
        if (Files.exists(stock)) {
            takePieces(Files.readString(stock));
        }
    }

    /** Whether the demo came in at this start. */
    public boolean broughtTheDemo() {
        return broughtTheDemo;
    }

    /** The demo's days moved together so that its first load-out is today: a house never begins with a past week. */
    static List<Job> fromToday(List<Job> jobs, LocalDate today) {
        Optional<LocalDate> first =
                jobs.stream().map(j -> j.brief().dates().load().toLocalDate()).min(Comparator.naturalOrder());
        long days = first.map(f -> ChronoUnit.DAYS.between(f, today)).orElse(0L);
        return jobs.stream().map(j -> j.with(j.brief().moved(days))).toList();
    }

    /** The house's parts come in as any list of parts does. */
    private void takeList(String csv) {
        CatalogueCsv.Reading reading = new CatalogueCsv().read(csv, done -> {}, () -> false);
        if (!reading.problems().isEmpty()) {
            throw new IllegalStateException(
                    "The demo's list of parts: " + reading.problems().get(0));
        }
        catalogue.admitMany(
                reading.types(), catalogue.catalogue().standards(), Optional.empty(), done -> {}, () -> false);
        LOG.info("Loaded {} parts", reading.rows());
    }

    /** Pieces of parts that the list or the packages brought. */
    private void takePieces(String csv) {
        Set<String> types =
                catalogue.catalogue().current().stream().map(t -> t.ref().id()).collect(Collectors.toSet());
        PiecesCsv.Reading reading = PiecesCsv.read(csv, types::contains);
        if (!reading.problems().isEmpty()) {
            throw new IllegalStateException(
                    "The demo's list of pieces: " + reading.problems().get(0));
        }
        pieces.store(reading.pieces());
        LOG.info("Loaded {} pieces", reading.rows());
    }

    private static List<Path> packages(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().endsWith(".harbor.json"))
                    .sorted()
                    .toList();
        }
    }
}
