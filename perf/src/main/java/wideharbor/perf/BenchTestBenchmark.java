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
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.benchtest.TestPlan;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/** What is tried on the bodies of a demo job, its rigs resolved: the plan alone. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class BenchTestBenchmark {
    @Param({"slack-water", "second-bell", "kiln", "the-lift", "queens-yard"})
    private String demo = "slack-water";

    private JobAnalysis job;

    @Setup(Level.Trial)
    public void read() throws IOException {
        Job read = new HarborCodec().read(Files.readAllBytes(Path.of("demo", demo + ".harbor.json")));
        job = JobAnalysis.of(read);
        TestPlan.of(job);
    }

    @Benchmark
    public TestPlan plan() {
        return TestPlan.of(job);
    }
}
