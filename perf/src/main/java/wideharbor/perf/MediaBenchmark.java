package wideharbor.perf;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
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
import wideharbor.core.job.Job;
import wideharbor.core.media.MediaDay;
import wideharbor.core.sheet.MediaSheet;
import wideharbor.format.HarborCodec;

/** A day of cards as the checks judge it, and as the screen shows it with the fewest cards that would do. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class MediaBenchmark {
    @Param({"second-bell", "queens-yard"})
    private String demo = "second-bell";

    private Job job;

    @Setup(Level.Trial)
    public void read() throws IOException {
        job = new HarborCodec().read(Files.readAllBytes(Path.of("demo", demo + ".harbor.json")));
    }

    @Benchmark
    public Optional<MediaDay> judged() {
        return MediaDay.of(job);
    }

    @Benchmark
    public Optional<MediaSheet> shown() {
        return MediaSheet.of(job, MediaDay.Tried.NOTHING);
    }
}
