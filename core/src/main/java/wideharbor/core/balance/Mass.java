package wideharbor.core.balance;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Placement;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Link;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Figure.Known;
import wideharbor.core.quantity.Span;
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

    /**
     * Where the centre lies along a direction, with its range to first order: Σ u_i·|z_i − z_cm| / M, where u_i is how
     * far a part's mass may be off.
     */
    public Span centreAlong(Vec3 direction) {
        double middle = centre.dot(direction);
        if (grams <= 0) {
            return Span.of(middle);
        }
        double spread = 0;
        for (MassPoint point : points) {
            if (point.grams() instanceof Known known) {
                double off = Math.max(known.high() - known.value(), known.value() - known.low());
                spread += off * Math.abs(point.at().dot(direction) - middle) / grams;
            }
        }
        return new Span(middle - spread, middle + spread);
    }

    private static List<MassPoint> points(Rig rig, Predicate<PlacementId> wanted) {
        List<MassPoint> points = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            if (wanted.test(placed.id())) {
                addPart(placed, points);
            }
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

    private static void addPart(Placed placed, List<MassPoint> points) {
        List<Link> links = placed.type().links();
        if (placed.placement().weighedGrams() instanceof Known weighed) {
            addWeighed(placed, weighed, points);
            return;
        }
        for (Link link : links) {
            Vec3 at = placed.pose(link.id()).apply(link.centreOfMass());
            points.add(new MassPoint(placed.id(), placed.title(), link.massGrams(), at));
        }
    }

    /** The scale gives one figure for the whole piece: shared among its links as the catalogue shares it. */
    private static void addWeighed(Placed placed, Known weighed, List<MassPoint> points) {
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
