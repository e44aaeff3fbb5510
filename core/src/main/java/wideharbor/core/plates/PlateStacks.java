package wideharbor.core.plates;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Placement;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Setting;
import wideharbor.core.catalog.AdapterFinder.Chain;
import wideharbor.core.catalog.AdapterFinder.Link;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.geometry.RodHeight;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/**
 * Every way of plates from a body's base to a support: how high the axis comes, which rods it carries, what it blocks.
 */
public final class PlateStacks {
    /** No stack has more plates than this. */
    public static final int MOST_PLATES = 5;

    private static final int MOST_STACKS = 24;
    private static final int MOST_TRIED = 120;
    private static final PlacementId BODY = PlacementId.of("body");
    private static final PlacementId SUPPORT = PlacementId.of("support");

    private PlateStacks() {}

    /** A pair of rods that a plate of the stack holds: the axis over it, and what its standard asks. */
    public record RodsAt(
            String plate, String id, String standard, double heightMm, double neededMm, double toleranceMm) {
        public boolean met() {
            return RodHeight.judged(heightMm, neededMm, toleranceMm).isFine();
        }
    }

    /**
     * @param chain plates from the body down; empty when the body sits on the support as it is
     * @param axisHeightMm optical axis over the support's face
     * @param asideMm how far the stack sets the body to camera left of the support
     * @param releases joints that hands alone undo: where the stack parts without a tool
     * @param blocks what the plates stand in or in the way of, in words
     * @param alike titles of stacks that differ only in a plate of the same make and height, a longer dovetail say
     */
    public record Stack(
            Chain chain,
            String bodyPort,
            double axisHeightMm,
            double asideMm,
            int releases,
            List<RodsAt> rods,
            List<String> blocks,
            List<String> alike) {

        private String make() {
            StringBuilder make = new StringBuilder(bodyPort);
            for (Link link : chain.links()) {
                make.append('|').append(link.type().category());
                make.append(link.type().port(link.in()).orElseThrow().standard());
                make.append(link.type().port(link.out()).orElseThrow().standard());
            }
            return make.append('|')
                    .append(Math.round(axisHeightMm * 10))
                    .append(asideMm)
                    .append(rods.size())
                    .toString();
        }

        private Stack with(List<String> others) {
            return new Stack(chain, bodyPort, axisHeightMm, asideMm, releases, rods, blocks, others);
        }
    }

    /**
     * Stacks in order: those that block nothing first, then the fewest plates, the lowest, the lightest.
     *
     * @param rods id of the rod standard that a plate must hold; empty for any stack
     * @throws IllegalArgumentException when the first is no body or the second carries nothing
     */
    public static List<Stack> of(
            Catalogue catalogue, ItemType body, ItemType support, String rods, double toleranceMm) {
        OpticalFacet.Camera camera = body.facet(OpticalFacet.Camera.class)
                .orElseThrow(() -> new IllegalArgumentException(body.name() + " is no camera body"));
        if (support.facet(SupportFacet.Support.class).isEmpty()) {
            throw new IllegalArgumentException(support.name() + " is no support that a rig is carried by");
        }
        List<Stack> stacks = new ArrayList<>();
        for (Port base : body.ports()) {
            if (!base.id().equals(camera.mountPort()) && looksDown(base)) {
                for (Port top : support.ports()) {
                    if (!top.standard().equals(Standard.DATUM)) {
                        stacks.addAll(new Ends(catalogue, body, base, support, top).stacks(toleranceMm));
                    }
                }
            }
        }
        stacks.removeIf(s -> !rods.isEmpty() && s.rods().stream().noneMatch(r -> r.id().equals(rods)));
        stacks.sort(Comparator.comparing((Stack s) -> !s.blocks().isEmpty())
                .thenComparing(s -> s.chain().links().size())
                .thenComparing(Stack::axisHeightMm)
                .thenComparing(s -> s.chain().massGrams()));
        return together(stacks).stream().limit(MOST_STACKS).toList();
    }

    /** One line for stacks of one make: the lightest, with the names of the others. */
    private static List<Stack> together(List<Stack> sorted) {
        Map<String, List<Stack>> makes = new LinkedHashMap<>();
        sorted.forEach(
                s -> makes.computeIfAbsent(s.make(), k -> new ArrayList<>()).add(s));
        return makes.values().stream()
                .map(m -> m.get(0)
                        .with(m.stream().skip(1).map(s -> s.chain().title()).toList()))
                .toList();
    }

    private static boolean looksDown(Port port) {
        return port.normal().unit().y() < -0.9;
    }

    /** A face of a body over a face of a support, and what may be between. */
    private record Ends(Catalogue catalogue, ItemType body, Port base, ItemType support, Port top) {
        List<Stack> stacks(double toleranceMm) {
            List<Chain> chains = new ArrayList<>();
            if (Mating.mates(base, top, catalogue.standards())) {
                chains.add(new Chain(
                        List.of(),
                        top.working().isToolFree(),
                        Mating.resistsTwist(base, top, catalogue.standards()),
                        0,
                        0));
            }
            chains.addAll(catalogue.adapters().between(base, top, MOST_TRIED, MOST_PLATES));
            return chains.stream().flatMap(c -> stack(c, toleranceMm).stream()).toList();
        }

        /** Builds the stack and looks at it; one that faces away from the body is none. */
        private Optional<Stack> stack(Chain chain, double toleranceMm) {
            Rig rig = built(chain);
            Placed carrier = rig.require(SUPPORT);
            var face = carrier.portPose(top.id());
            if (face.n().y() < 0.9) {
                return Optional.empty();
            }
            Set<String> blocks = new LinkedHashSet<>();
            Clearances clear = Clearances.of(rig, toleranceMm);
            clear.clashes().forEach(c -> blocks.add(rig.title(c.a()) + " runs into " + rig.title(c.b())));
            clear.intrusions().stream()
                    .filter(i -> i.keeper().equals(BODY))
                    .forEach(i -> blocks.add(rig.title(i.intruder()) + " stands in the room for the "
                            + i.use().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ')));
            return Optional.of(new Stack(
                    chain,
                    base.title(),
                    -face.at().y(),
                    -face.at().x(),
                    releases(rig),
                    rods(rig),
                    List.copyOf(blocks),
                    List.of()));
        }

        private Rig built(Chain chain) {
            List<Placement> placements = new ArrayList<>(List.of(placement(BODY, body)));
            List<Joint> joints = new ArrayList<>();
            PortRef above = new PortRef(BODY, base.id());
            int n = 0;
            for (Link link : chain.links()) {
                PlacementId id = PlacementId.of("plate-" + ++n);
                placements.add(placement(id, link.type()));
                joints.add(joint("j-" + n, above, new PortRef(id, link.in())));
                above = new PortRef(id, link.out());
            }
            placements.add(placement(SUPPORT, support));
            joints.add(joint("j-support", above, new PortRef(SUPPORT, top.id())));
            Rig loose = resolve(catalogue, placements, joints, List.of());
            List<Setting> middles = loose.motions().stream()
                    .filter(Motion::alongCarrier)
                    .map(m -> new Setting(m.key(), middle(m.range()), false))
                    .toList();
            return resolve(catalogue, placements, joints, middles);
        }
    }

    private static double middle(Span range) {
        return (range.from() + range.to()) / 2;
    }

    private static Rig resolve(
            Catalogue catalogue, List<Placement> placements, List<Joint> joints, List<Setting> settings) {
        Content content = Content.of(BODY, placements, List.of(), joints, List.of(), settings, catalogue);
        Configuration only =
                new Configuration(ConfigurationId.of("stack"), "Stack", SUPPORT, 0, 0, List.of(), ConfigurationId.NONE);
        return Rig.resolve(
                new Build(BuildId.of("stack"), "Stack", content, List.of(only), List.of()),
                ConfigurationId.of("stack"),
                LensId.NONE,
                catalogue);
    }

    private static Placement placement(PlacementId id, ItemType type) {
        return Placement.of(id, type.ref(), "");
    }

    private static Joint joint(String id, PortRef parent, PortRef child) {
        return Joint.locating(new JointId(id), parent, child);
    }

    private static int releases(Rig rig) {
        return (int) rig.liveJoints().stream()
                .filter(j -> isLever(rig.port(j.parent())) || isLever(rig.port(j.child())))
                .count();
    }

    private static boolean isLever(Port port) {
        return port.working().isToolFree();
    }

    private static List<RodsAt> rods(Rig rig) {
        List<RodsAt> all = new ArrayList<>();
        for (Placed plate : rig.attached()) {
            for (Port port : plate.type().ports()) {
                Standard standard = rig.catalogue().standards().require(port.standard());
                if (standard.facts() instanceof Standard.Facts.Rods need
                        && !plate.id().equals(SUPPORT)) {
                    all.add(new RodsAt(
                            plate.title(),
                            standard.id(),
                            standard.title(),
                            Math.abs(plate.portPose(port.id()).at().y()),
                            need.axisHeightMm(),
                            need.toleranceIn(HouseRules.DEFAULTS.value(HouseRules.Rule.ROD_HEIGHT_TOLERANCE))));
                }
            }
        }
        return all;
    }
}
