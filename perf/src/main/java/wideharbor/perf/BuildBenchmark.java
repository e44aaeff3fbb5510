package wideharbor.perf;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Remedies;
import wideharbor.core.check.Report;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Helpers;
import wideharbor.core.rig.Rig;
import wideharbor.format.HarborCodec;

/**
 * The demo's A camera: resolved, checked, and mended. Milliseconds a call, warm; the median counts, since means suffer
 * from what else the machine does.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 10, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class BuildBenchmark {
    private final CheckEngine engine = CheckEngine.standard(Helpers.onEveryCore());
    private Job job;
    private Job oneLens;
    private Job troubled;
    private Judged troubles;
    private byte[] file;

    @Setup(Level.Trial)
    public void load() throws IOException {
        file = Files.readAllBytes(Path.of("demo", "slack-water.harbor.json"));
        job = new HarborCodec().read(file);
        oneLens = job.with(new wideharbor.core.build.GearPackage(
                job.gear().kit(),
                job.gear().builds().stream()
                        .map(b -> new wideharbor.core.build.Build(
                                b.id(),
                                b.title(),
                                b.base(),
                                b.configurations(),
                                b.lenses().subList(0, 1)))
                        .toList()));
        troubled = job.with(job.gear()
                .apply(
                        BuildId.of("a"),
                        List.of(
                                Scoped.base(new Command.Set(SettingKey.parse("grip:rosette:0"), 20, false)),
                                Scoped.base(new Command.Set(SettingKey.parse("finder-arm:rail:0"), 60, false)),
                                Scoped.base(new Command.RetypeCable(
                                        new CableId("k-finder"), new TypeRef("c-finder-24", 1)))),
                        job.catalogue())
                .after());
        troubles = engine.judge(troubled);
        long fixable = troubles.report().findings().size();
        System.out.println("findings to mend: " + fixable);
    }

    /** One configuration with one lens: what a single change on the bench costs before any fix is sought. */
    @Benchmark
    public Report resolveAndCheckOneLens() {
        return engine.check(oneLens);
    }

    @Benchmark
    public Report resolveAndCheckAllLenses() {
        return engine.check(job);
    }

    @Benchmark
    public Rig resolveOnly() {
        return Rig.resolve(
                job.gear().build(BuildId.of("a")), ConfigurationId.of("studio"), LensId.of("a40"), job.catalogue());
    }

    @Benchmark
    public RigAnalysis resolveWithDerivedData() {
        return RigAnalysis.of(job, job.gear().build(BuildId.of("a")), ConfigurationId.of("studio"), LensId.of("a135"));
    }

    /** Every finding of a build with ten of them or more, each candidate tried over all lenses. */
    @Benchmark
    public Object proposeForEveryFinding() {
        Remedies remedies = troubles.remedies();
        return troubles.report().findings().stream().map(remedies::of).toList();
    }

    @Benchmark
    public Job readFile() {
        return new HarborCodec().read(file);
    }
}
