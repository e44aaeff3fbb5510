package wideharbor.core.testkit;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.BriefBuilder;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Shoot;
import wideharbor.core.build.Build;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Content;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Holds;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Kit;
import wideharbor.core.build.LensChoice;
import wideharbor.core.build.Placement;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Setting;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standards;

/** Puts parts together into a job with one build, one configuration and as many lenses as wanted. */
public final class Rigs {
    public static final BuildId BUILD = BuildId.of("a");
    public static final ConfigurationId STUDIO = ConfigurationId.of("studio");

    private final Map<TypeRef, ItemType> types = new LinkedHashMap<>();
    private final List<Placement> placements = new ArrayList<>();
    private final List<Joint> joints = new ArrayList<>();
    private final List<CableRun> cables = new ArrayList<>();
    private final List<Setting> settings = new ArrayList<>();
    private final List<LensChoice> lenses = new ArrayList<>();
    private final Map<TypeRef, Integer> kit = new HashMap<>();
    private final Map<HouseRules.Rule, Double> rules = new HashMap<>();
    private String support = "head";
    private double temperature = 20;
    private double hours = 8;
    private double floor;
    private double ceiling;
    private Asks asks = Asks.NOTHING;
    private Brief.Crew crew =
            new Brief.Crew("Ines Varga", Brief.Crew.Side.RIGHT, Brief.Crew.Side.RIGHT, "", "", Profile.UNASKED);
    private final List<Configuration> more = new ArrayList<>();

    public static Rigs rig() {
        return new Rigs();
    }

    public Rigs with(String placement, ItemType type) {
        types.put(type.ref(), type);
        placements.add(Placement.of(PlacementId.of(placement), type.ref(), ""));
        return this;
    }

    /** What a scale said of a part. */
    public Rigs weighed(String placement, Figure grams) {
        placements.replaceAll(p -> p.id().toString().equals(placement)
                ? new Placement(p.id(), p.type(), p.label(), grams, p.drawn(), p.holds(), "")
                : p);
        return this;
    }

    /** What a meter showed off a battery. */
    public Rigs drawn(String battery, Drawn drawn) {
        placements.replaceAll(p -> p.id().toString().equals(battery)
                ? new Placement(p.id(), p.type(), p.label(), p.weighedGrams(), Optional.of(drawn), p.holds(), p.piece())
                : p);
        return this;
    }

    /** What the weakest battery of a kind gave on the analyser. */
    public Rigs holds(String battery, Holds holds) {
        placements.replaceAll(p -> p.id().toString().equals(battery)
                ? new Placement(p.id(), p.type(), p.label(), p.weighedGrams(), p.drawn(), Optional.of(holds), p.piece())
                : p);
        return this;
    }

    /** In the catalogue, not on the rig. */
    public Rigs knows(ItemType type) {
        types.put(type.ref(), type);
        return this;
    }

    public Rigs inKit(ItemType type, int count) {
        kit.put(type.ref(), count);
        return knows(type);
    }

    public Rigs join(String id, String parent, String child) {
        return joint(id, Joint.Kind.LOCATING, parent, child);
    }

    public Rigs join(String id, String parent, String child, Joint.Confidence confidence) {
        joints.add(new Joint(new JointId(id), Joint.Kind.LOCATING, port(parent), port(child), confidence, ""));
        return this;
    }

    /** A joint that serves outside its purpose. */
    public Rigs improvise(String id, String parent, String child, String note) {
        joints.add(new Joint(
                new JointId(id), Joint.Kind.LOCATING, port(parent), port(child), Joint.Confidence.IMPROVISED, note));
        return this;
    }

    public Rigs close(String id, String parent, String child) {
        return joint(id, Joint.Kind.CLOSING, parent, child);
    }

    private Rigs joint(String id, Joint.Kind kind, String parent, String child) {
        joints.add(new Joint(new JointId(id), kind, port(parent), port(child), Joint.Confidence.TRIED_BY_US, ""));
        return this;
    }

    public Rigs cable(String id, ItemType type, String a, String b) {
        types.put(type.ref(), type);
        PortRef from = port(a);
        PortRef to = port(b);
        cables.add(new CableRun(
                new CableId(id),
                type.ref(),
                new SocketRef(from.placement(), from.port()),
                new SocketRef(to.placement(), to.port())));
        return this;
    }

    /** Lays a cable that is there another way. */
    public Rigs laid(String cable, CableRun.Laid laid) {
        cables.replaceAll(c -> c.id().toString().equals(cable) ? c.laid(laid) : c);
        return this;
    }

    public Rigs set(String key, double value) {
        settings.removeIf(s -> s.key().toString().equals(key));
        settings.add(new Setting(SettingKey.parse(key), value, false));
        return this;
    }

    /** A setting that nobody has read off a scale. */
    public Rigs felt(String key, double value) {
        settings.removeIf(s -> s.key().toString().equals(key));
        settings.add(new Setting(SettingKey.parse(key), value, true));
        return this;
    }

    public Rigs lens(String id, ItemType type, String on, String port, Command... more) {
        types.put(type.ref(), type);
        List<Command> overlay = new ArrayList<>();
        overlay.add(new Command.Place(PlacementId.of("lens-" + id), type.ref(), ""));
        overlay.add(new Command.Join(new Joint(
                new JointId("j-lens-" + id),
                Joint.Kind.LOCATING,
                port(on),
                new PortRef(PlacementId.of("lens-" + id), port),
                Joint.Confidence.MAKER_TESTED,
                "")));
        overlay.addAll(List.of(more));
        lenses.add(new LensChoice(LensId.of(id), id, overlay));
        return this;
    }

    public Rigs on(String supportPlacement) {
        support = supportPlacement;
        return this;
    }

    public Rigs day(double celsius, double hoursOn) {
        temperature = celsius;
        hours = hoursOn;
        return this;
    }

    /** Another configuration beside the studio. */
    public Rigs configuration(Configuration other) {
        more.add(other);
        return this;
    }

    public Rigs asking(Asks other) {
        asks = other;
        return this;
    }

    /** What the shoot itself asks, and nothing else. */
    public Rigs shooting(Shoot shoot) {
        return asking(AsksBuilder.builder().shoot(shoot).build());
    }

    /** This job's own ways of working. */
    public Rigs working(Map<String, String> ways) {
        return asking(AsksBuilder.builder().ways(ways).build());
    }

    public Rigs crew(Brief.Crew other) {
        crew = other;
        return this;
    }

    public Rigs window(double from, double to) {
        floor = from;
        ceiling = to;
        return this;
    }

    public Rigs rule(HouseRules.Rule rule, double value) {
        rules.put(rule, value);
        return this;
    }

    public static PortRef port(String written) {
        String[] parts = written.split(":");
        return new PortRef(PlacementId.of(parts[0]), parts[1]);
    }

    public Catalogue catalogue() {
        return new Catalogue(types.values(), Standards.seed());
    }

    public Build build() {
        Content content =
                Content.of(placements.get(0).id(), placements, List.of(), joints, cables, settings, catalogue());
        List<Configuration> all = new ArrayList<>(List.of(
                new Configuration(STUDIO, "Studio", PlacementId.of(support), 0, 0, List.of(), ConfigurationId.NONE)));
        all.addAll(more);
        return new Build(BUILD, "A camera", content, all, lenses);
    }

    public Job job() {
        Brief brief = BriefBuilder.builder()
                .dates(new Brief.Dates(
                        LocalDate.of(2026, 12, 1),
                        LocalDateTime.of(2026, 12, 3, 6, 30),
                        LocalDate.of(2026, 12, 4),
                        LocalDate.of(2026, 12, 9)))
                .place("Skerrow")
                .temperatureC(temperature)
                .hoursOn(hours)
                .massFloorGrams(floor)
                .massCeilingGrams(ceiling)
                .configurations(List.of(STUDIO))
                .lenses(lenses.stream().map(LensChoice::id).toList())
                .crew(crew)
                .asks(asks)
                .build();
        return new Job(
                "test",
                "Test",
                brief,
                new HouseRules(rules),
                catalogue(),
                new GearPackage(new Kit(kit), List.of(build())),
                List.of(),
                List.of());
    }

    public RigAnalysis analysis() {
        return analysis(lenses.isEmpty() ? "" : lenses.get(0).id().toString());
    }

    public RigAnalysis analysis(String lens) {
        Job job = job();
        return RigAnalysis.of(job, job.gear().build(BUILD), STUDIO, LensId.of(lens));
    }

    public Rig resolve() {
        return analysis().rig();
    }
}
