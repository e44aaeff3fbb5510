package wideharbor.perf;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.BriefBuilder;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.Build;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Content;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Kit;
import wideharbor.core.build.Placement;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.PowerSheet;
import wideharbor.core.sheet.SignalSheet;
import wideharbor.core.standard.Standards;

/** A fourteen-hour day of twelve batteries and forty devices, and three bodies with twenty links each. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 6, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class VillageBenchmark {
    private static final int DEVICES = 40;
    private static final int LINKS = 20;
    private static final PowerFacet.CableEnd PLUG = new PowerFacet.CableEnd("plug", "usual", true, false);

    private RigAnalysis powered;
    private List<Job> jobs;

    @Setup(Level.Trial)
    public void build() {
        powered = analysis(powered());
        jobs = List.of(linked(), linked(), linked());
    }

    private static RigAnalysis analysis(Job job) {
        return RigAnalysis.of(job, job.gear().build(BuildId.of("a")), ConfigurationId.of("studio"), LensId.NONE);
    }

    private static Socket socket(String id, Socket.Kind kind, Socket.Direction direction) {
        return new Socket(id, id, kind, direction, "plug", "usual", Vec3.ZERO, Optional.empty());
    }

    private static Port port(String id, String standard, Port.Role role, Vec3 at, Vec3 normal) {
        return PortBuilder.builder()
                .id(id)
                .title(id)
                .standard(standard)
                .role(role)
                .link("main")
                .at(at)
                .normal(normal)
                .up(Math.abs(normal.z()) > 0.5 ? Vec3.UP : Vec3.FORWARD)
                .build();
    }

    private static ItemType type(
            String id, Category category, List<Port> ports, List<Socket> sockets, List<Facet> facets) {
        return ItemTypeBuilder.builder()
                .ref(new TypeRef(id, 1))
                .maker("Tarnwick")
                .name(id)
                .category(category)
                .links(List.of(new Link("main", Figure.maker(500), Vec3.ZERO, List.of())))
                .ports(ports)
                .sockets(sockets)
                .facets(facets)
                .build();
    }

    private static ItemType cable(Socket.Kind carries) {
        return type(
                "cable",
                Category.CABLE,
                List.of(),
                List.of(),
                List.of(new PowerFacet.Cable(PLUG, PLUG, carries, 0.02, 800)));
    }

    private static ItemType root(List<Port> more, List<Socket> sockets, List<Facet> facets) {
        List<Port> ports = new ArrayList<>(more);
        for (int i = 0; i < DEVICES; i++) {
            ports.add(port("face-" + i, "thread-3-8", Port.Role.B, new Vec3(0, i * 30, 0), Vec3.LEFT));
        }
        return type("root", Category.BODY, ports, sockets, facets);
    }

    private static Port foot() {
        return port("foot", "thread-3-8", Port.Role.A, Vec3.ZERO, Vec3.LEFT.negated());
    }

    /** One battery on the root, forty outputs, a device on each. */
    private static Job powered() {
        List<Socket> outs = new ArrayList<>();
        List<Facet> gives = new ArrayList<>();
        for (int i = 0; i < DEVICES; i++) {
            outs.add(socket("out-" + i, Socket.Kind.POWER, Socket.Direction.OUT));
            gives.add(new PowerFacet.PowerOutput("out-" + i, 0, 1, 50, 70, 5));
        }
        ItemType root =
                root(List.of(port("battery", "v-mount", Port.Role.A, Vec3.ZERO, Vec3.FORWARD.negated())), outs, gives);
        ItemType device = type(
                "device",
                Category.OTHER,
                List.of(foot()),
                List.of(socket("in", Socket.Kind.POWER, Socket.Direction.IN)),
                List.of(new PowerFacet.PowerInput("in", 11, 17, 1, Figure.maker(3), Figure.maker(5), 0)));
        ItemType battery = type(
                "battery",
                Category.BATTERY,
                List.of(port("plug", "v-mount", Port.Role.B, Vec3.ZERO, Vec3.FORWARD)),
                List.of(),
                List.of(new PowerFacet.Battery("plug", Figure.maker(150), 1, 16.8, 14.4, 12, 150, 200)));
        List<Placement> placed = new ArrayList<>(List.of(
                Placement.of(PlacementId.of("root"), root.ref(), ""),
                Placement.of(PlacementId.of("battery"), battery.ref(), "")));
        List<Joint> joints = new ArrayList<>(List.of(joint("jb", "root", "battery", "battery", "plug")));
        List<CableRun> cables = new ArrayList<>();
        for (int i = 0; i < DEVICES; i++) {
            placed.add(Placement.of(PlacementId.of("d" + i), device.ref(), ""));
            joints.add(joint("j" + i, "root", "face-" + i, "d" + i, "foot"));
            cables.add(new CableRun(
                    new CableId("k" + i),
                    new TypeRef("cable", 1),
                    new SocketRef(PlacementId.of("root"), "out-" + i),
                    new SocketRef(PlacementId.of("d" + i), "in")));
        }
        Catalogue catalogue = new Catalogue(List.of(root, device, battery, cable(Socket.Kind.POWER)), Standards.seed());
        return job(catalogue, placed, joints, cables, new Kit(Map.of(battery.ref(), 11)));
    }

    /** A body, and boxes that pass its picture on, one behind another. */
    private static Job linked() {
        ItemType root = root(
                List.of(),
                List.of(socket("sdi", Socket.Kind.PICTURE, Socket.Direction.OUT)),
                List.of(
                        new SignalFacet.Signal("sdi", Carried.PICTURE, 12, false),
                        new SignalFacet.PictureOut("sdi", 3, true)));
        ItemType box = type(
                "box",
                Category.MONITOR,
                List.of(foot()),
                List.of(
                        socket("in", Socket.Kind.PICTURE, Socket.Direction.IN),
                        socket("out", Socket.Kind.PICTURE, Socket.Direction.OUT)),
                List.of(
                        new SignalFacet.Signal("in", Carried.PICTURE, 12, false),
                        new SignalFacet.Signal("out", Carried.PICTURE, 12, false),
                        new SignalFacet.Display(SignalFacet.Trust.FOCUS, true, SignalFacet.Tube.NONE),
                        new SignalFacet.Passage("in", "out", true)));
        List<Placement> placed = new ArrayList<>(List.of(Placement.of(PlacementId.of("root"), root.ref(), "")));
        List<Joint> joints = new ArrayList<>();
        List<CableRun> cables = new ArrayList<>();
        for (int i = 0; i < LINKS; i++) {
            placed.add(Placement.of(PlacementId.of("b" + i), box.ref(), ""));
            joints.add(joint("j" + i, "root", "face-" + i, "b" + i, "foot"));
            SocketRef from = i == 0
                    ? new SocketRef(PlacementId.of("root"), "sdi")
                    : new SocketRef(PlacementId.of("b" + (i - 1)), "out");
            cables.add(new CableRun(
                    new CableId("k" + i), new TypeRef("cable", 1), from, new SocketRef(PlacementId.of("b" + i), "in")));
        }
        Catalogue catalogue = new Catalogue(List.of(root, box, cable(Socket.Kind.PICTURE)), Standards.seed());
        return job(catalogue, placed, joints, cables, new Kit(Map.of()));
    }

    private static Joint joint(String id, String parent, String port, String child, String childPort) {
        return new Joint(
                new JointId(id),
                Joint.Kind.LOCATING,
                new PortRef(PlacementId.of(parent), port),
                new PortRef(PlacementId.of(child), childPort),
                Joint.Confidence.TRIED_BY_US,
                "");
    }

    private static Job job(
            Catalogue catalogue, List<Placement> placed, List<Joint> joints, List<CableRun> cables, Kit kit) {
        Content content = Content.of(PlacementId.of("root"), placed, List.of(), joints, cables, List.of(), catalogue);
        Build build = new Build(
                BuildId.of("a"),
                "A",
                content,
                List.of(new Configuration(
                        ConfigurationId.of("studio"),
                        "Studio",
                        PlacementId.of("root"),
                        0,
                        0,
                        List.of(),
                        ConfigurationId.NONE)),
                List.of());
        List<DayBlock> day = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            boolean meal = i % 5 == 4;
            day.add(new DayBlock(
                    "block " + i, meal ? DayBlock.State.OFF : DayBlock.State.ON, 1, i - 4, meal, List.of()));
        }
        Shoot shoot = ShootBuilder.builder()
                .viewers(List.of(new Shoot.Viewer("Director", SignalFacet.Trust.FRAME, false)))
                .day(day)
                .build();
        Brief brief = BriefBuilder.builder()
                .dates(new Brief.Dates(
                        LocalDate.of(2026, 12, 1),
                        LocalDateTime.of(2026, 12, 3, 6, 30),
                        LocalDate.of(2026, 12, 4),
                        LocalDate.of(2026, 12, 9)))
                .place("Skerrow")
                .temperatureC(20)
                .hoursOn(14)
                .configurations(List.of(ConfigurationId.of("studio")))
                .crew(new Brief.Crew(
                        "Ines Varga", Brief.Crew.Side.RIGHT, Brief.Crew.Side.RIGHT, "", "", Profile.UNASKED))
                .asks(AsksBuilder.builder().shoot(shoot).build())
                .build();
        return new Job(
                "perf",
                "Perf",
                brief,
                HouseRules.DEFAULTS,
                catalogue,
                new GearPackage(kit, List.of(build)),
                List.of(),
                List.of());
    }

    @Benchmark
    public PowerSheet day() {
        return PowerSheet.of(powered, PowerSheet.Change.NONE);
    }

    /** Graph, ways, viewers, and what breaks when each box goes, of all three. */
    @Benchmark
    public List<SignalSheet> signals() {
        return jobs.stream().map(j -> SignalSheet.of(analysis(j))).toList();
    }
}
