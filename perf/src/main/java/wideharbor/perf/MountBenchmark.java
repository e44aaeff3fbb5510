package wideharbor.perf;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.BriefBuilder;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Profile;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Content;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Kit;
import wideharbor.core.build.Placement;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Setting;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Report;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standards;

/** Mount, rods and access checks of 60 parts, and how the search for interference grows to 400. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class MountBenchmark {
    private static final int PER_RAIL = 20;
    private static final double PITCH = 24;

    @Param({"60", "100", "200", "400"})
    private int parts;

    private CheckEngine checks;
    private Job job;
    private Rig rig;

    @Setup(Level.Trial)
    public void build() {
        List<Check> chosen = CheckEngine.standard().checks().stream()
                .filter(c -> Set.of("mount", "rods", "access").contains(c.card().family()))
                .toList();
        checks = new CheckEngine(chosen);
        job = job();
        rig = RigAnalysis.of(job, job.gear().build(BuildId.of("a")), ConfigurationId.of("studio"), LensId.NONE)
                .rig();
    }

    /**
     * Rails one above another on a post, each with clamps side by side: every clamp has four solids and a free room.
     */
    private Job job() {
        ItemType post = ItemTypeBuilder.builder()
                .ref(new TypeRef("post", 1))
                .maker("Tarnwick")
                .name("Post")
                .category(Category.BODY)
                .links(List.of(new Link(
                        "main",
                        Figure.maker(2000),
                        Vec3.ZERO,
                        List.of(box(-20, -2000, -20, 20, 2000, 20, Shape.Use.SOLID)))))
                .ports(rails())
                .build();
        ItemType clamp = ItemTypeBuilder.builder()
                .ref(new TypeRef("clamp", 1))
                .maker("Tarnwick")
                .name("Clamp")
                .category(Category.BRACKET)
                .links(List.of(new Link(
                        "main",
                        Figure.maker(90),
                        Vec3.ZERO,
                        List.of(
                                box(-10, 0, -10, 10, 14, 10, Shape.Use.SOLID),
                                box(-8, 14, -8, 8, 40, 8, Shape.Use.SOLID),
                                new Shape.Cylinder(new Vec3(0, 40, 0), new Vec3(0, 60, 0), 7, Shape.Use.SOLID),
                                new Shape.Ring(new Vec3(0, 60, 0), new Vec3(0, 66, 0), 9, 5, Shape.Use.SOLID),
                                box(-10, 66, -10, 10, 90, 10, Shape.Use.HAND)))))
                .ports(List.of(PortBuilder.builder()
                        .id("foot")
                        .title("foot")
                        .standard("nato-rail")
                        .role(Port.Role.B)
                        .link("main")
                        .at(Vec3.ZERO)
                        .normal(Vec3.UP.negated())
                        .up(Vec3.FORWARD)
                        .engagementMm(20)
                        .build()))
                .build();
        Catalogue catalogue = new Catalogue(List.of(post, clamp), Standards.seed());
        List<Placement> placements = new ArrayList<>(List.of(Placement.of(PlacementId.of("post"), post.ref(), "")));
        List<Joint> joints = new ArrayList<>();
        List<Setting> settings = new ArrayList<>();
        for (int i = 0; i < parts - 1; i++) {
            String id = "c" + i;
            placements.add(Placement.of(PlacementId.of(id), clamp.ref(), ""));
            joints.add(new Joint(
                    new JointId("j" + i),
                    Joint.Kind.LOCATING,
                    new PortRef(PlacementId.of("post"), "rail" + i / PER_RAIL),
                    new PortRef(PlacementId.of(id), "foot"),
                    Joint.Confidence.TRIED_BY_US,
                    ""));
            settings.add(new Setting(
                    new SettingKey(PlacementId.of(id), "foot", 0), (i % PER_RAIL - PER_RAIL / 2) * PITCH, false));
        }
        Content content =
                Content.of(PlacementId.of("post"), placements, List.of(), joints, List.of(), settings, catalogue);
        Build build = new Build(
                BuildId.of("a"),
                "A",
                content,
                List.of(new Configuration(
                        ConfigurationId.of("studio"),
                        "Studio",
                        PlacementId.of("post"),
                        0,
                        0,
                        List.of(),
                        ConfigurationId.NONE)),
                List.of());
        Brief brief = BriefBuilder.builder()
                .dates(new Brief.Dates(
                        LocalDate.of(2026, 12, 1),
                        LocalDateTime.of(2026, 12, 3, 6, 30),
                        LocalDate.of(2026, 12, 4),
                        LocalDate.of(2026, 12, 9)))
                .place("Skerrow")
                .temperatureC(20)
                .hoursOn(8)
                .configurations(List.of(ConfigurationId.of("studio")))
                .crew(new Brief.Crew(
                        "Ines Varga", Brief.Crew.Side.RIGHT, Brief.Crew.Side.RIGHT, "", "", Profile.UNASKED))
                .build();
        return new Job(
                "perf",
                "Perf",
                brief,
                HouseRules.DEFAULTS,
                catalogue,
                new GearPackage(new Kit(Map.of()), List.of(build)),
                List.of(),
                List.of());
    }

    private List<Port> rails() {
        List<Port> rails = new ArrayList<>();
        for (int i = 0; i <= parts / PER_RAIL; i++) {
            rails.add(PortBuilder.builder()
                    .id("rail" + i)
                    .title("rail")
                    .standard("nato-rail")
                    .role(Port.Role.A)
                    .link("main")
                    .at(new Vec3(60, -1900 + i * 120.0, 0))
                    .normal(Vec3.UP)
                    .up(Vec3.FORWARD)
                    .occupancy(new Port.Occupancy.Interval(-400, 400, 0))
                    .build());
        }
        return rails;
    }

    private static Shape box(double x0, double y0, double z0, double x1, double y1, double z1, Shape.Use use) {
        return new Shape.Box(new Vec3(x0, y0, z0), new Vec3(x1, y1, z1), use);
    }

    @Benchmark
    public Report resolveAndCheck() {
        return checks.check(job);
    }

    @Benchmark
    public Clearances interferenceAlone() {
        return Clearances.of(rig, 1);
    }
}
