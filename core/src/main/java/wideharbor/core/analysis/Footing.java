package wideharbor.core.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.World;

/**
 * What legs stand on: the polygon of their feet.
 *
 * @param edges lines that no foot is beyond; through two feet where there are that many
 */
record Footing(List<Edge> edges) {
    /** Feet this near a line are on it, mm. */
    private static final double ON_IT = 1e-6;

    /** An edge of the polygon: its outward normal, level, and how far it is from the middle of the legs, mm. */
    record Edge(Vec3 out, double atMm) {}

    /** Whether a part stands on feet. */
    static boolean isOn(ItemType type) {
        return type.facet(SupportFacet.Feet.class).isPresent()
                || type.facet(SupportFacet.SpreadFeet.class).isPresent();
    }

    /** Empty of what has no feet. */
    static Optional<Footing> of(Placed legs, World world) {
        return legs.type()
                .facet(SupportFacet.SpreadFeet.class)
                .map(spread -> around(
                        spread.feet().stream()
                                .map(f -> legs.pose(f.link())
                                        .apply(f.at())
                                        .minus(legs.pose().at()))
                                .toList(),
                        world))
                .or(() -> legs.type().facet(SupportFacet.Feet.class).map(f -> onACircle(f, legs, world)));
    }

    /** Two feet hold along a line and one at a point: no margin across. */
    private static Footing onACircle(SupportFacet.Feet feet, Placed legs, World world) {
        Vec3 ahead = legs.pose().turn(Vec3.FORWARD);
        Vec3 level = ahead.minus(world.up().times(ahead.dot(world.up())));
        Vec3 first = level.length() < 1e-6 ? world.forward() : level.unit();
        Vec3 side = world.up().cross(first);
        int count = feet.count();
        double in = count > 2 ? feet.radiusMm() * Math.cos(Math.PI / count) : 0;
        int directions = count > 2 ? count : 4;
        return new Footing(IntStream.range(0, directions)
                .mapToObj(i -> {
                    double turn = 2 * Math.PI * i / directions + (count > 2 ? Math.PI / count : 0);
                    Vec3 out = first.times(Math.cos(turn)).plus(side.times(Math.sin(turn)));
                    double at = count == 2 && i % 2 == 0 ? feet.radiusMm() : in;
                    return new Edge(out, at);
                })
                .toList());
    }

    /** The hull of feet anywhere; every pair of them is tried, there are eight at most. */
    private static Footing around(List<Vec3> feet, World world) {
        List<Edge> edges = new ArrayList<>();
        for (int i = 0; i < feet.size(); i++) {
            for (int j = 0; j < feet.size(); j++) {
                Vec3 along = feet.get(j).minus(feet.get(i));
                Vec3 level = along.minus(world.up().times(along.dot(world.up())));
                if (level.length() > ON_IT) {
                    addIfOutermost(world.up().cross(level.unit()), feet.get(i), feet, edges);
                    // Two feet, or all in a line, end where the last one stands.
                    addIfOutermost(level.unit(), feet.get(j), feet, edges);
                }
            }
        }
        if (edges.isEmpty()) {
            for (Vec3 out : List.of(
                    world.forward(),
                    world.left(),
                    world.forward().negated(),
                    world.left().negated())) {
                edges.add(new Edge(out, feet.get(0).dot(out)));
            }
        }
        return new Footing(edges);
    }

    private static void addIfOutermost(Vec3 out, Vec3 foot, List<Vec3> feet, List<Edge> to) {
        double at = foot.dot(out);
        if (feet.stream().allMatch(f -> f.dot(out) <= at + ON_IT)) {
            to.add(new Edge(out, at));
        }
    }
}
