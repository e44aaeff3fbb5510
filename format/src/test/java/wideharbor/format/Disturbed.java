package wideharbor.format;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Motion;

/** The shipped jobs, and copies of them that were knocked about at random. */
final class Disturbed {
    private static final Path DEMO = Path.of("../demo");
    private static final double[] TOLERANCES = {0.1, 0.5, 1, 3};
    private static final double[] MARGINS = {0, 0.2, 0.6};
    private static final double[] RESERVES = {1, 1.5, 3};

    private Disturbed() {}

    static List<String> demoFiles() throws IOException {
        try (Stream<Path> files = Files.list(DEMO)) {
            return files.map(p -> p.getFileName().toString())
                    .filter(n -> n.endsWith(".harbor.json"))
                    .sorted()
                    .toList();
        }
    }

    static Job demo(String file) throws IOException {
        return new HarborCodec().read(Files.readAllBytes(DEMO.resolve(file)));
    }

    /** Settings, limits of the house and climate all otherwise. */
    static Job copyOf(Job job, Random random) {
        HouseRules rules = new HouseRules(
                Map.of(
                        Rule.ROD_HEIGHT_TOLERANCE, TOLERANCES[random.nextInt(TOLERANCES.length)],
                        Rule.OUTPUT_MARGIN, MARGINS[random.nextInt(MARGINS.length)],
                        Rule.RUNTIME_RESERVE, RESERVES[random.nextInt(RESERVES.length)]),
                job.rules().ways());
        Job other = new Job(
                job.id(), job.title(), job.brief(), rules, job.catalogue(), job.gear(), job.reads(), job.waivers());
        return settingsOf(other, random);
    }

    /** Three settings of the first build put anywhere in their range. */
    static Job settingsOf(Job job, Random random) {
        Build build = job.gear().builds().get(0);
        LensId lens = build.lensIds().get(0);
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
