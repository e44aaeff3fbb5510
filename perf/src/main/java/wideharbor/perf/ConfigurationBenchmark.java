package wideharbor.perf;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.LensChoice;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Report;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Helpers;
import wideharbor.core.rig.Rig;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.format.HarborCodec;

/** The demo's A camera worn in eight ways with twelve lenses: balance of all, checks of all, changes between all. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ConfigurationBenchmark {
    private static final int CONFIGURATIONS = 8;
    private static final int LENSES = 12;

    private final CheckEngine engine = CheckEngine.standard(Helpers.onEveryCore());
    private Job job;
    private Build build;

    @Setup(Level.Trial)
    public void load() throws IOException {
        Job one = new HarborCodec().read(Files.readAllBytes(Path.of("demo", "slack-water.harbor.json")));
        Build a = one.gear().build(BuildId.of("a"));
        List<Configuration> worn = new ArrayList<>(a.configurations());
        while (worn.size() < CONFIGURATIONS) {
            Configuration from = worn.get(worn.size() % 2);
            worn.add(new Configuration(
                    ConfigurationId.of(from.id().toString() + worn.size()),
                    from.title() + " " + worn.size(),
                    from.support(),
                    0,
                    0,
                    List.of(),
                    from.id()));
        }
        List<LensChoice> lenses = new ArrayList<>(a.lenses());
        while (lenses.size() < LENSES) {
            LensChoice from = lenses.get(lenses.size() % 3);
            lenses.add(new LensChoice(
                    LensId.of(from.id().toString() + lenses.size()),
                    from.title() + " " + lenses.size(),
                    from.overlay()));
        }
        build = new Build(a.id(), a.title(), a.base(), worn, lenses);
        job = one.with(new GearPackage(one.gear().kit(), List.of(build)));
    }

    @Benchmark
    public List<Optional<SlideBalance>> resolveAndBalanceAll() {
        List<Optional<SlideBalance>> all = new ArrayList<>();
        for (Configuration configuration : build.configurations()) {
            for (LensChoice lens : build.lenses()) {
                all.add(SlideBalance.of(Rig.resolve(build, configuration.id(), lens.id(), job.catalogue())));
            }
        }
        return all;
    }

    @Benchmark
    public Report checkAll() {
        return engine.check(job);
    }

    @Benchmark
    public ChangeoverMatrix everyChange() {
        JobAnalysis whole = JobAnalysis.of(job);
        return ChangeoverMatrix.of(
                job,
                build.configurations().stream()
                        .map(c -> whole.rig(
                                build.id(), c.id(), build.lenses().get(0).id()))
                        .toList());
    }

    @Benchmark
    public Optional<BalanceSheet> balanceSheet() {
        return BalanceSheet.of(RigAnalysis.of(
                job,
                build,
                ConfigurationId.of("shoulder"),
                build.lenses().get(0).id()));
    }
}
