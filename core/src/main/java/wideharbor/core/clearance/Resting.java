package wideharbor.core.clearance;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * How a rig stands when it is let down on a level table as it is held: it meets the table with its lowest points under
 * the centre of mass, and leans until three of them carry.
 *
 * @param contacts parts that touch the table, in the order of the rig
 * @param leanDegrees how far the rig leans from how it was held
 * @param marginMm how far the centre of mass stands inside what carries, mm; small: a knock tips it
 */
public record Resting(List<PlacementId> contacts, double leanDegrees, double marginMm) {
    /** Points this near the table touch it. */
    private static final double TOUCH = 1.0;

    private static final double FAR = 1e5;
    private static final int MOST_STEPS = 500;

    private record Corner(PlacementId placement, double across, double along, double height) {}

    /** Empty when the rig has no matter at all. */
    public static Optional<Resting> of(Rig rig, Clearances clearances, Vec3 centreOfMass) {
        Vec3 left = rig.world().left();
        Vec3 forward = rig.world().forward();
        Vec3 up = rig.world().up();
        double across = centreOfMass.dot(left);
        double along = centreOfMass.dot(forward);
        double height = centreOfMass.dot(up);
        List<Corner> corners = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            for (Solid piece : clearances.matterOf(placed.id())) {
                for (Vec3 c : piece.corners()) {
                    corners.add(
                            new Corner(placed.id(), c.dot(left) - across, c.dot(forward) - along, c.dot(up) - height));
                }
            }
        }
        return corners.isEmpty() ? Optional.empty() : table(corners).map(plane -> stand(corners, plane));
    }

    /** height = a·across + b·along + c. */
    private record Plane(double a, double b, double c) {
        double under(Corner p) {
            return p.height() - (a * p.across() + b * p.along() + c);
        }
    }

    /**
     * The plane under all corners that is highest below the centre of mass (the origin here). A simplex walk: three
     * corners around the origin, of which the one gives way that lets the lowest corner in. It starts on corners of no
     * part, far out and far up.
     */
    private static Optional<Plane> table(List<Corner> corners) {
        Corner[] base = {
            new Corner(PlacementId.NONE, FAR, -FAR, FAR),
            new Corner(PlacementId.NONE, -FAR, -FAR, FAR),
            new Corner(PlacementId.NONE, 0, FAR, FAR)
        };
        for (int step = 0; step < MOST_STEPS; step++) {
            Plane plane = through(base);
            Corner lowest = null;
            double least = -1e-7;
            for (Corner c : corners) {
                double under = plane.under(c);
                if (under < least) {
                    least = under;
                    lowest = c;
                }
            }
            if (lowest == null) {
                return Optional.of(plane);
            }
            replace(base, lowest);
        }
        return Optional.empty();
    }

    private static Plane through(Corner[] t) {
        double x1 = t[1].across() - t[0].across();
        double z1 = t[1].along() - t[0].along();
        double h1 = t[1].height() - t[0].height();
        double x2 = t[2].across() - t[0].across();
        double z2 = t[2].along() - t[0].along();
        double h2 = t[2].height() - t[0].height();
        double det = x1 * z2 - x2 * z1;
        double a = (h1 * z2 - h2 * z1) / det;
        double b = (x1 * h2 - x2 * h1) / det;
        return new Plane(a, b, t[0].height() - a * t[0].across() - b * t[0].along());
    }

    /** Puts the corner in the place that keeps the origin inside the triangle and the triangle widest. */
    private static void replace(Corner[] base, Corner in) {
        int out = 0;
        double best = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < 3; i++) {
            Corner p = base[(i + 1) % 3];
            Corner q = base[(i + 2) % 3];
            double area = cross(in, p, q);
            if (Math.abs(area) > 1e-9) {
                double sign = Math.signum(area);
                double inside = Math.min(
                        sign * cross(ORIGIN, p, q), Math.min(sign * cross(in, ORIGIN, q), sign * cross(in, p, ORIGIN)));
                double score = inside / Math.abs(area);
                if (score > best) {
                    best = score;
                    out = i;
                }
            }
        }
        base[out] = in;
    }

    private static final Corner ORIGIN = new Corner(PlacementId.NONE, 0, 0, 0);

    private static double cross(Corner a, Corner b, Corner c) {
        return (b.across() - a.across()) * (c.along() - a.along())
                - (c.across() - a.across()) * (b.along() - a.along());
    }

    private static Resting stand(List<Corner> corners, Plane plane) {
        Set<PlacementId> touching = new LinkedHashSet<>();
        List<Corner> feet = new ArrayList<>();
        for (Corner c : corners) {
            if (plane.under(c) <= TOUCH) {
                touching.add(c.placement());
                feet.add(c);
            }
        }
        double lean = Math.toDegrees(Math.atan(Math.hypot(plane.a(), plane.b())));
        return new Resting(List.copyOf(touching), lean, margin(feet));
    }

    /** Least distance from the origin to an edge of what the feet enclose; looked for in every direction. */
    private static double margin(List<Corner> feet) {
        double least = Double.POSITIVE_INFINITY;
        for (int degrees = 0; degrees < 360; degrees += 2) {
            double x = Math.cos(Math.toRadians(degrees));
            double z = Math.sin(Math.toRadians(degrees));
            double reach = Double.NEGATIVE_INFINITY;
            for (Corner f : feet) {
                reach = Math.max(reach, f.across() * x + f.along() * z);
            }
            least = Math.min(least, reach);
        }
        return Math.max(0, least);
    }
}
