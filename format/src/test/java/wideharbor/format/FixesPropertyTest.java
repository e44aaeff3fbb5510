package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Proposer;
import wideharbor.core.check.Report;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Motion;

/** A fix keeps its promise, on the shipped jobs as they stand and with their settings disturbed at random. */
class FixesPropertyTest {
    private static final long SEED = 20_261_124;
    private static final int DISTURBED = 8;
    private static final Path DEMO = Path.of("../demo");

    private final CheckEngine engine = CheckEngine.standard();

    static Stream<String> jobs() throws IOException {
        try (Stream<Path> files = Files.list(DEMO)) {
            return files
                    .map(p -> p.getFileName().toString())
                    .filter(n -> n.endsWith(".harbor.json"))
                    .sorted()
                    .toList()
                    .stream();
        }
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void everyFixClearsItsFindingAndAddsNoStop(String file) throws IOException {
        Job job = new HarborCodec().read(Files.readAllBytes(DEMO.resolve(file)));
        int tried = keepsItsPromise(job);
        Random random = new Random(SEED + file.hashCode());
        for (int i = 0; i < DISTURBED; i++) {
            tried += keepsItsPromise(disturb(job, random));
        }
        assertTrue(tried > 0, "some fixes were offered for " + file);
    }

    private int keepsItsPromise(Job job) {
        Report before = engine.check(job);
        Set<FindingKey> stops = stops(before);
        int tried = 0;
        for (var offered : new Proposer(engine).propose(job, before).entrySet()) {
            for (Proposer.Fix fix : offered.getValue()) {
                GearPackage after = job.gear()
                        .apply(offered.getKey().build(), fix.commands(), job.catalogue())
                        .after();
                Report then = engine.check(job.with(after));
                String which = offered.getKey() + " by " + fix.title();
                assertTrue(then.find(offered.getKey()).isEmpty(), () -> "still there: " + which);
                assertEquals(
                        Set.of(),
                        stops(then).stream().filter(k -> !stops.contains(k)).collect(Collectors.toSet()),
                        () -> "stops added by clearing " + which);
                tried++;
            }
        }
        return tried;
    }

    private static Set<FindingKey> stops(Report report) {
        return report.findings().stream()
                .filter(Finding::holds)
                .map(Finding::key)
                .collect(Collectors.toSet());
    }

    /** Three settings of the first build put anywhere in their range. */
    private static Job disturb(Job job, Random random) {
        Build build = job.gear().builds().get(0);
        String lens = build.lenses().isEmpty() ? "" : build.lenses().get(0).id();
        List<Motion> motions = RigAnalysis.of(
                        job, build, build.configurations().get(0).id(), lens)
                .rig()
                .motions();
        List<Scoped> edit = random.ints(3, 0, motions.size())
                .distinct()
                .mapToObj(motions::get)
                .map(m -> new Scoped(new Scope.Base(), new Command.Set(m.key(), anywhere(m, random), false)))
                .toList();
        return job.with(job.gear().apply(build.id(), edit, job.catalogue()).after());
    }

    private static double anywhere(Motion motion, Random random) {
        double step = motion.freedom().step() > 0 ? motion.freedom().step() : 0.5;
        double free = motion.range().from()
                + random.nextDouble() * (motion.range().to() - motion.range().from());
        return motion.range().from() + Math.round((free - motion.range().from()) / step) * step;
    }
}
