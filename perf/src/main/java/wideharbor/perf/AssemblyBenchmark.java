package wideharbor.perf;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.assembly.AssemblyPlan;
import wideharbor.core.build.Build;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/** The order of work of a demo rig, from the rig on: what is kept of one is not there for the next. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class AssemblyBenchmark {
    @Param({"slack-water", "second-bell", "kiln", "the-lift", "queens-yard"})
    private String demo = "slack-water";

    private Job job;
    private RigAnalysis analysis;

    @Setup(Level.Trial)
    public void read() throws IOException {
        job = new HarborCodec().read(Files.readAllBytes(Path.of("demo", demo + ".harbor.json")));
    }

    @Setup(Level.Invocation)
    public void build() {
        Build build = job.gear().builds().get(0);
        analysis = RigAnalysis.of(
                job, build, build.configurations().get(0).id(), build.lensIds().get(0));
        analysis.clearances();
    }

    @Benchmark
    public AssemblyPlan plan() {
        return AssemblyPlan.of(analysis);
    }
}
