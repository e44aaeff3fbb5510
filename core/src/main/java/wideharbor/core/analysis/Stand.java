package wideharbor.core.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.MassPoint;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.rig.World;

/**
 * How a rig stands on its feet: by how much the ground may lean before the centre of all that stands is over an edge of
 * the polygon of the feet. On a head that tilts, for every tilt that the house expects and any pan.
 *
 * @param level with the head level, panned to where it is worst, against the house's slope
 * @param tilted at the worst tilt, against what the house wants left while a hand tilts it; as level where nothing
 *     tilts
 * @param tiltDegrees the worst tilt, nose down
 * @param marginMm from the centre to the nearest edge, level; negative outside
 */
public record Stand(
        Placed legs,
        Mass all,
        Judgement level,
        Judgement tilted,
        double tiltDegrees,
        double marginMm,
        double heightMm,
        String widest) {
    private static final int STEP = 5;

    /** One for every part with feet; one without a shape is left out: where its ground is nobody knows. */
    public static List<Stand> of(RigAnalysis analysis) {
        List<Stand> all = new ArrayList<>();
        for (Placed legs : analysis.rig().attached()) {
            if (!analysis.clearances().matterOf(legs.id()).isEmpty()) {
                Footing.of(legs, analysis.rig().world())
                        .ifPresent(f -> all.add(new Ground(analysis, legs, f).judged()));
            }
        }
        return all;
    }

    /** Whether a part stands on feet of its own. */
    public static boolean isOnFeet(Placed part) {
        return Footing.isOn(part.type());
    }

    /** At an edge: the tangent of the lean that brings the centre over it. */
    private record Worst(Footing.Edge edge, double tilt, double angle) {}

    private static final class Ground {
        private final RigAnalysis analysis;
        private final Placed legs;
        private final World world;
        private final Mass turning;
        private final Mass rest;
        private final boolean tilts;
        private final double floor;
        private final List<Footing.Edge> edges;

        Ground(RigAnalysis analysis, Placed legs, Footing feet) {
            this.analysis = analysis;
            this.legs = legs;
            Rig rig = analysis.rig();
            world = rig.world();
            PlacementId support = rig.configuration().support();
            boolean onHead =
                    Posture.of(analysis, SupportFacet.Support.Way.TILTS).isPresent()
                            && rig.subtree(support).contains(legs.id());
            tilts = onHead;
            Mass whole = Mass.of(rig, rig.subtree(rig.content().root()));
            turning = onHead ? analysis.carried() : Mass.sum(List.of());
            List<MassPoint> others = new ArrayList<>(whole.points());
            others.removeAll(turning.points());
            rest = Mass.sum(others);
            floor = analysis.clearances().matterOf(legs.id()).stream()
                    .map(Solid::corners)
                    .flatMap(List::stream)
                    .mapToDouble(c -> c.dot(world.up()))
                    .min()
                    .orElse(0);
            edges = feet.edges();
        }

        Stand judged() {
            Worst level = worst(List.of(0.0));
            Worst tilted = tilts ? worst(tilts()) : level;
            Mass standing = moved(level);
            Judgement flat = judgement(level, Rule.TIP_ANGLE);
            double height = standing.centre().dot(world.up()) - floor;
            double margin = level.edge().atMm()
                    - standing.centre().minus(legs.pose().at()).dot(level.edge().out());
            return new Stand(
                    legs,
                    standing,
                    flat,
                    tilts ? judgement(tilted, Rule.TIP_TILTED) : flat,
                    tilted.tilt(),
                    margin,
                    height,
                    standing.widest(margin(level.edge())));
        }

        /** Both ends, and every few degrees between them. */
        private List<Double> tilts() {
            Rig rig = analysis.rig();
            Span range = HeadTilt.of(
                    analysis, rig.require(rig.configuration().support()).type());
            int steps = (int) Math.ceil(range.length() / STEP);
            return IntStream.rangeClosed(0, steps)
                    .mapToObj(i -> steps == 0 ? 0 : range.from() + range.length() * i / steps)
                    .toList();
        }

        private Judgement judgement(Worst worst, Rule least) {
            Ranged angle = moved(worst)
                    .ratio(margin(worst.edge()), at -> at.dot(world.up()) - floor)
                    .map(t -> Math.toDegrees(Math.atan(t)));
            return Judgement.atLeast(angle, analysis.rule(least), "°");
        }

        private ToDoubleFunction<Vec3> margin(Footing.Edge edge) {
            return at -> edge.atMm() - at.minus(legs.pose().at()).dot(edge.out());
        }

        private Worst worst(List<Double> tilts) {
            Worst worst = null;
            for (double tilt : tilts) {
                for (Footing.Edge edge : edges) {
                    Vec3 centre = centre(tilt, edge.out());
                    double angle = Math.atan2(margin(edge).applyAsDouble(centre), centre.dot(world.up()) - floor);
                    if (worst == null || angle < worst.angle()) {
                        worst = new Worst(edge, tilt, angle);
                    }
                }
            }
            return Objects.requireNonNull(worst);
        }

        /** Of all that stands: where {@link #moved} has its centre, without moving every mass. */
        private Vec3 centre(double tilt, Vec3 over) {
            if (turning.grams() <= 0) {
                return rest.centre();
            }
            double t = Math.toRadians(tilt);
            Vec3 own = tilted(turning.centre(), Math.sin(t), Math.cos(t));
            Vec3 turned = world.datum()
                    .plus(over.times(Math.hypot(own.x(), own.z())))
                    .plus(world.up().times(own.y()));
            double all = turning.grams() + rest.grams();
            return turned.times(turning.grams() / all).plus(rest.centre().times(rest.grams() / all));
        }

        /** All that stands, the rig tilted nose down about the datum and panned so that it leans over the edge. */
        private Mass moved(Worst at) {
            List<MassPoint> points = new ArrayList<>(rest.points());
            UnaryOperator<Vec3> turn = turn(at.tilt(), at.edge().out());
            turning.points()
                    .forEach(p -> points.add(new MassPoint(p.owner(), p.title(), p.grams(), turn.apply(p.at()))));
            return Mass.sum(points);
        }

        private UnaryOperator<Vec3> turn(double tilt, Vec3 over) {
            double t = Math.toRadians(tilt);
            double sin = Math.sin(t);
            double cos = Math.cos(t);
            Vec3 centre = tilted(turning.centre(), sin, cos);
            double reach = Math.hypot(centre.x(), centre.z());
            Vec3 aside = world.up().cross(over);
            return at -> {
                Vec3 own = tilted(at, sin, cos);
                // Panned so that the centre of what turns lies towards the edge.
                double along = reach < 1e-9 ? own.z() : (own.z() * centre.z() + own.x() * centre.x()) / reach;
                double across = reach < 1e-9 ? own.x() : (own.x() * centre.z() - own.z() * centre.x()) / reach;
                return world.datum()
                        .plus(over.times(along))
                        .plus(aside.times(across))
                        .plus(world.up().times(own.y()));
            };
        }

        /** From the datum: to the left, up, ahead, as it stands when the head noses down. */
        private Vec3 tilted(Vec3 at, double sin, double cos) {
            Vec3 off = at.minus(world.datum());
            double up = off.dot(world.up());
            double ahead = off.dot(world.forward());
            return new Vec3(off.dot(world.left()), up * cos - ahead * sin, up * sin + ahead * cos);
        }
    }
}
