package wideharbor.perf;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
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
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.edit.Fit;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Helpers;
import wideharbor.core.sheet.Effects;
import wideharbor.format.CatalogueCsv;
import wideharbor.format.HarborCodec;

/** What fits a port of the demo's A camera out of a house of 500 parts and more, and what forty of them would do. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 10, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FitBenchmark {
    private static final int HOUSE = 500;

    private final CheckEngine engine = CheckEngine.standard(Helpers.onEveryCore());
    private final PortRef rail = new PortRef(PlacementId.of("top"), "rail");
    private RigAnalysis analysis;
    private List<Fit.Offer> forty;

    @Setup(Level.Trial)
    public void load() throws IOException {
        Job job = new HarborCodec().read(Files.readAllBytes(Path.of("demo", "slack-water.harbor.json")));
        List<ItemType> parts = new CatalogueCsv()
                .read(Files.readString(Path.of("demo", "catalogue.csv")), n -> {}, () -> false)
                .types();
        List<ItemType> house = new ArrayList<>(parts);
        for (int i = 0; house.size() < HOUSE; i++) {
            ItemType t = parts.get(i % parts.size());
            house.add(
                    ItemTypeBuilder.builder(t).ref(new TypeRef("more-" + i, 1)).build());
        }
        Catalogue catalogue = new Catalogue(house, job.catalogue().standards());
        Job inHouse = new Job(
                job.id(), job.title(), job.brief(), job.rules(), catalogue, job.gear(), job.reads(), job.waivers());
        analysis = RigAnalysis.of(
                inHouse, inHouse.gear().build(BuildId.of("a")), ConfigurationId.of("studio"), LensId.of("a40"));
        List<Fit.Offer> all = Fit.offers(analysis, rail);
        System.out.println("parts " + house.size() + ", fit " + all.size());
        forty = all.stream().limit(40).toList();
    }

    @Benchmark
    public List<Fit.Offer> matesAndChains() {
        return Fit.offers(analysis, rail);
    }

    @Benchmark
    public List<Effects.Tried> effectsOfForty() {
        return Effects.of(engine, analysis, rail, forty);
    }
}
