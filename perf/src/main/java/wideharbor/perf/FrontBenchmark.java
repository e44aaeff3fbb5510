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
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.catalog.OpticalFacet.Lens;
import wideharbor.core.clearance.LensView;
import wideharbor.core.front.Edge;
import wideharbor.core.front.Pencil;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Placed;
import wideharbor.core.sheet.FrontSheet;
import wideharbor.format.HarborCodec;

/** The light of twelve lenses through three stages in four modes; what twelve lenses see of a rig; a lens sheet. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 6, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FrontBenchmark {
    private static final int LENSES = 12;

    private final List<Pencil> pencils = new ArrayList<>();
    private final List<Edge> edges = new ArrayList<>();
    private RigAnalysis analysis;

    @Setup(Level.Trial)
    public void build() throws IOException {
        for (int lens = 0; lens < LENSES; lens++) {
            for (Window window :
                    List.of(new Window(36, 20), new Window(28.2, 18.2), new Window(25.2, 14.2), new Window(22, 18.6))) {
                pencils.add(Pencil.of(
                        new Lens("mount", 14 + 10 * lens, 2, 120, 110, 1 + (lens % 3) * 0.4, Optional.empty()),
                        window,
                        45,
                        45));
            }
        }
        for (double ahead : new double[] {18, 32, 120}) {
            edges.add(new Edge(PlacementId.of("box"), "edge", OpeningKind.STAGE, ahead, 0, 2, 65, 49, false));
        }
        Job job = new HarborCodec().read(Files.readAllBytes(Path.of("demo", "slack-water.harbor.json")));
        Build build = job.gear().builds().get(0);
        analysis = RigAnalysis.of(
                job, build, build.configurations().get(0).id(), build.lensIds().get(0));
        analysis.clearances();
    }

    /** 12 lenses, 3 stages, 4 modes, at the near and the far end of where the pupil may be and where it is. */
    @Benchmark
    public double corners() {
        double worst = 0;
        for (Pencil pencil : pencils) {
            for (Edge edge : edges) {
                worst = Math.max(worst, pencil.at(edge).share());
                worst = Math.max(worst, pencil.at(edge.moved(-10)).share());
                worst = Math.max(worst, pencil.at(edge.moved(10)).share());
            }
        }
        return worst;
    }

    /** Every piece of the rig, twelve times. */
    @Benchmark
    public int view() {
        LensView view = LensView.of(analysis.rig()).orElseThrow();
        int seen = 0;
        for (int lens = 0; lens < LENSES; lens++) {
            for (Placed placed : analysis.rig().attached()) {
                for (var piece : analysis.clearances().matterOf(placed.id())) {
                    seen += view.of(piece) == LensView.Sight.IN ? 1 : 0;
                }
            }
        }
        return seen;
    }

    /** The lens screen's answer, with the order of changes. */
    @Benchmark
    public FrontSheet sheet() {
        return FrontSheet.of(analysis, FrontSheet.Tried.NOTHING);
    }
}
