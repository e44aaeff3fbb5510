package wideharbor.core.balance;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.function.ToDoubleBiFunction;
import java.util.function.ToDoubleFunction;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Placement;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Link;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Figure.Known;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * A sum of masses that never passes an unknown off as zero.
 *
 * @param grams what is known, summed
 * @param range lowest and highest of that sum
 * @param centre centre of what is known, rig frame; the origin when nothing is
 * @param unweighed titles of the parts without a mass, each once
 */
public record Mass(double grams, Span range, Vec3 centre, List<String> unweighed, List<MassPoint> points) {
    private static final int MOST_STEPS = 60;
    private static final double STAYS = 1e-12;
    private static final double NOTHING = 1e-9;

    public boolean isComplete() {
        return unweighed.isEmpty();
    }

    public double kilograms() {
        return grams / 1000;
    }

    /** Mass of the parts with these ids and of the cables that run between them. */
    public static Mass of(Rig rig, Set<PlacementId> placements) {
        return sum(points(rig, placements::contains));
    }

    public static Mass sum(List<MassPoint> points) {
        double total = 0;
        double low = 0;
        double high = 0;
        Vec3 moment = Vec3.ZERO;
        Set<String> unknown = new LinkedHashSet<>();
        for (MassPoint point : points) {
            if (point.grams() instanceof Known known) {
                total += known.value();
                low += known.low();
                high += known.high();
                moment = moment.plus(point.at().times(known.value()));
            } else {
                unknown.add(point.title());
            }
        }
        Vec3 centre = total > 0 ? moment.times(1 / total) : Vec3.ZERO;
        return new Mass(total, new Span(low, high), centre, List.copyOf(unknown), points);
    }

    /** What turns with the rig on the support's datum: all that is carried, links of the support among it. */
    public static Mass carried(Rig rig) {
        return sum(points(rig, rig::isCarried, rig.carried()::contains));
    }

    /** What moves on a hinge inside a part: its links beyond the hinge, and all that hangs on them. */
    public static Mass beyond(Moved hinge) {
        PlacementId part = hinge.motion().key().placement();
        Set<PlacementId> hung = hinge.parts();
        Set<String> links = hinge.links();
        return sum(points(
                hinge.rig(),
                (placed, link) -> hung.contains(placed.id()) || placed.id().equals(part) && links.contains(link),
                hung::contains));
    }

    /** What of it belongs to some of the parts. */
    public Mass part(Predicate<PlacementId> wanted) {
        return sum(points.stream()
                .filter(p -> p.owner() instanceof PlacementId id && wanted.test(id))
                .toList());
    }

    /** The same less what belongs to a part. */
    public Mass without(PlacementId part) {
        return sum(points.stream().filter(p -> !p.owner().equals(part)).toList());
    }

    /** Where the centre lies along a direction, in the rig frame. */
    public Span centreAlong(Vec3 direction) {
        return ahead(Vec3.ZERO, direction).range();
    }

    /** How far the centre lies from a point along a direction, mm. */
    public Ranged ahead(Vec3 from, Vec3 direction) {
        return grams > 0 ? ratio(at -> at.minus(from).dot(direction), at -> 1) : Ranged.of(-from.dot(direction));
    }

    /** Σ m·w, w by place: linear in every mass, so that its far ends are those of each mass by the sign of its w. */
    public Ranged sum(ToDoubleFunction<Vec3> weight) {
        double middle = 0;
        double low = 0;
        double high = 0;
        for (MassPoint point : points) {
            if (point.grams() instanceof Known known) {
                double w = weight.applyAsDouble(point.at());
                middle += known.value() * w;
                low += (w > 0 ? known.low() : known.high()) * w;
                high += (w > 0 ? known.high() : known.low()) * w;
            }
        }
        return Ranged.of(middle, low, high);
    }

    /**
     * |(c − p) × m·g|: what it turns a point with, g·mm, about the axis on which all of it does; so it is a sum over
     * the masses.
     */
    public Ranged moment(Vec3 point, Vec3 down) {
        Vec3 turned = centre.minus(point).cross(down);
        if (turned.length() < NOTHING) {
            return Ranged.of(0);
        }
        return turning(point, turned.unit(), down);
    }

    /**
     * What it turns with about an axis through a point, g·mm, whichever way round: (c − p) × down · axis, which is (c −
     * p) · (down × axis), so a sum over the masses.
     */
    public Ranged turning(Vec3 point, Vec3 axis, Vec3 down) {
        Vec3 lever = down.cross(axis);
        return sum(at -> at.minus(point).dot(lever)).size();
    }

    /** The part to weigh first where that is not certain. */
    public String widestTurning(Vec3 point, Vec3 axis, Vec3 down) {
        Vec3 lever = down.cross(axis);
        return widest(at -> at.minus(point).dot(lever));
    }

    /**
     * Σ m·a / Σ m·b with its exact extremes: at each every mass is at one end of its range, by the sign of a − t·b at
     * the extreme t itself, which is found by trying the ends that the last t asks for until it stays. Σ m·b must be
     * above 0 over all of the range.
     */
    public Ranged ratio(ToDoubleFunction<Vec3> a, ToDoubleFunction<Vec3> b) {
        double middle = fraction(a, b, (point, known) -> known.value());
        return Ranged.of(middle, extreme(a, b, middle, -1), extreme(a, b, middle, 1));
    }

    private double extreme(ToDoubleFunction<Vec3> a, ToDoubleFunction<Vec3> b, double start, int sign) {
        double t = start;
        for (int i = 0; i < MOST_STEPS; i++) {
            double last = t;
            t = fraction(a, b, (point, known) -> {
                double way = sign * (a.applyAsDouble(point.at()) - last * b.applyAsDouble(point.at()));
                return way > 0 ? known.high() : known.low();
            });
            if (!Double.isFinite(t)) {
                return last; // At that end nothing is left that weighs.
            }
            if (Math.abs(t - last) <= STAYS * Math.max(1, Math.abs(t))) {
                break;
            }
        }
        return t;
    }

    private double fraction(
            ToDoubleFunction<Vec3> a, ToDoubleFunction<Vec3> b, ToDoubleBiFunction<MassPoint, Known> mass) {
        double over = 0;
        double under = 0;
        for (MassPoint point : points) {
            if (point.grams() instanceof Known known) {
                double m = mass.applyAsDouble(point, known);
                over += m * a.applyAsDouble(point.at());
                under += m * b.applyAsDouble(point.at());
            }
        }
        return over / under;
    }

    /** The part whose mass, if it were weighed, would narrow Σ m·w the most; empty when every mass is exact. */
    public String widest(ToDoubleFunction<Vec3> weight) {
        String title = "";
        double most = 0;
        for (MassPoint point : points) {
            if (point.grams() instanceof Known known) {
                double spread = (known.high() - known.low()) * Math.abs(weight.applyAsDouble(point.at()));
                if (spread > most) {
                    most = spread;
                    title = point.title();
                }
            }
        }
        return title;
    }

    private static List<MassPoint> points(Rig rig, Predicate<PlacementId> wanted) {
        return points(rig, (placed, link) -> wanted.test(placed.id()), wanted);
    }

    private static List<MassPoint> points(Rig rig, BiPredicate<Placed, String> links, Predicate<PlacementId> wanted) {
        List<MassPoint> points = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            addPart(placed, link -> links.test(placed, link), points);
        }
        for (CableRun cable : rig.content().cables()) {
            boolean here = rig.find(cable.a().placement()).isPresent()
                    && rig.find(cable.b().placement()).isPresent();
            if (here
                    && wanted.test(cable.a().placement())
                    && wanted.test(cable.b().placement())) {
                points.add(cable(rig, cable));
            }
        }
        return points;
    }

    private static void addPart(Placed placed, Predicate<String> wanted, List<MassPoint> points) {
        if (placed.placement().weighedGrams() instanceof Known weighed) {
            addWeighed(placed, weighed, wanted, points);
            return;
        }
        for (Link link : placed.type().links()) {
            if (!wanted.test(link.id())) {
                continue;
            }
            Vec3 at = placed.pose(link.id()).apply(link.centreOfMass());
            points.add(new MassPoint(placed.id(), placed.title(), link.massGrams(), at));
        }
    }

    /** The scale gives one figure for the whole piece: shared among its links as the catalogue shares it. */
    private static void addWeighed(Placed placed, Known weighed, Predicate<String> wanted, List<MassPoint> points) {
        double catalogue = 0;
        boolean complete = true;
        for (Link link : placed.type().links()) {
            if (link.massGrams() instanceof Known known) {
                catalogue += known.value();
            } else {
                complete = false;
            }
        }
        for (Link link : placed.type().links()) {
            if (!wanted.test(link.id())) {
                continue;
            }
            boolean first = link.id().equals(placed.type().links().get(0).id());
            double share = complete && catalogue > 0 ? ((Known) link.massGrams()).value() / catalogue : first ? 1 : 0;
            Figure grams = new Known(
                    weighed.value() * share,
                    weighed.low() * share,
                    weighed.high() * share,
                    weighed.source(),
                    weighed.by(),
                    weighed.when());
            Vec3 at = placed.pose(link.id()).apply(link.centreOfMass());
            points.add(new MassPoint(placed.id(), placed.title(), grams, at));
        }
    }

    private static MassPoint cable(Rig rig, CableRun cable) {
        ItemType type = rig.catalogue().require(cable.type());
        Vec3 a = rig.require(cable.a().placement()).socketAt(cable.a().socket());
        Vec3 b = rig.require(cable.b().placement()).socketAt(cable.b().socket());
        return new MassPoint(
                cable.id(),
                type.name(),
                type.links().get(0).massGrams(),
                a.plus(b).times(0.5));
    }

    /** What is known of a placement's whole mass, for lists. */
    public static Figure ofPlacement(Placement placement, ItemType type) {
        if (placement.weighedGrams() instanceof Known) {
            return placement.weighedGrams();
        }
        return ofType(type);
    }

    public static Figure ofType(ItemType type) {
        double value = 0;
        double low = 0;
        double high = 0;
        Figure.Source worst = Figure.Source.MEASURED;
        for (Link link : type.links()) {
            if (!(link.massGrams() instanceof Known known)) {
                return link.massGrams();
            }
            value += known.value();
            low += known.low();
            high += known.high();
            worst = known.source().compareTo(worst) > 0 ? known.source() : worst;
        }
        return new Known(value, low, high, worst, "", "");
    }
}
