package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * How deep two convex solids of any kind are in each other. What the one takes up less what the other does (the set of
 * all differences of their points) is convex, and holds the origin when they overlap; its boundary's nearest point to
 * the origin is the shortest shift that parts them. A hull is grown inside it, always at the face nearest to the
 * origin, until that face lies on the boundary (the expanding polytope algorithm).
 *
 * <p>Ericson, Real-Time Collision Detection (2005), 9.3; van den Bergen, Proximity Queries and Penetration Depth
 * Computation on 3D Game Objects (2001).
 */
final class Penetration {
    /** Within this of the boundary a face lies on it, mm. */
    private static final double PRECISION = 0.002;

    private static final double NOTHING = 1e-9;
    private static final int MOST_STEPS = 160;

    private final Solid a;
    private final Solid b;
    private final List<Face> faces = new ArrayList<>();

    /** A face of the hull, its corners in order seen from outside, and how far it lies from the origin. */
    private record Face(Vec3 p, Vec3 q, Vec3 r, Vec3 normal, double distance) {
        static Face of(Vec3 p, Vec3 q, Vec3 r) {
            Vec3 cross = q.minus(p).cross(r.minus(p));
            double area = cross.length();
            // A sliver bounds nothing: it keeps the hull closed and is never the nearest.
            return area < NOTHING
                    ? new Face(p, q, r, Vec3.ZERO, Double.POSITIVE_INFINITY)
                    : new Face(p, q, r, cross.times(1 / area), cross.dot(p) / area);
        }

        boolean sees(Vec3 point) {
            return normal.dot(point) > distance + NOTHING;
        }
    }

    private Penetration(Solid a, Solid b) {
        this.a = a;
        this.b = b;
    }

    /** The shortest shift that parts them, mm; 0 or less when they are apart. */
    static double depth(Solid a, Solid b) {
        double least = a.leastAlongNormals(b);
        return least <= 0 ? least : Math.min(least, new Penetration(a, b).search(least, 0, Double.POSITIVE_INFINITY));
    }

    static boolean isDeeper(Solid a, Solid b, double mm) {
        double least = a.leastAlongNormals(b);
        return least > mm && !isPartedAcross(a, b, mm) && new Penetration(a, b).search(least, mm, mm) > mm;
    }

    /** Most that come near pass beside what is round: across its axis, from its middle to the other's, parts them. */
    private static boolean isPartedAcross(Solid a, Solid b, double mm) {
        Vec3 between = b.bounds().middle().minus(a.bounds().middle());
        for (Vec3 axis : new Vec3[] {a.axis(), b.axis(), Vec3.ZERO}) {
            Vec3 across = between.minus(axis.times(between.dot(axis)));
            double length = across.length();
            if (length > NOTHING) {
                Vec3 along = across.times(1 / length);
                if (a.reach(along) + b.reach(along.negated()) <= mm) {
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * Ends as soon as it is known to be at most the one or more than the other, and answers so much.
     *
     * @param known a shift that parts them
     */
    private double search(double known, double atMost, double moreThan) {
        if (!begin()) {
            return 0;
        }
        double shift = known;
        for (int step = 0; step < MOST_STEPS; step++) {
            Face nearest = nearest();
            Vec3 out = farthest(nearest.normal());
            double parts = out.dot(nearest.normal());
            shift = Math.min(shift, parts);
            if (shift <= atMost || nearest.distance() > moreThan || parts - nearest.distance() < PRECISION) {
                return nearest.distance() > moreThan ? nearest.distance() : shift;
            }
            if (!grow(out)) {
                return shift;
            }
        }
        return shift;
    }

    private Vec3 farthest(Vec3 along) {
        return a.farthest(along).minus(b.farthest(along.negated()));
    }

    private Face nearest() {
        Face nearest = faces.get(0);
        for (Face face : faces) {
            if (face.distance() < nearest.distance()) {
                nearest = face;
            }
        }
        return nearest;
    }

    /** Four points on the boundary that are not in one plane; false when there are none, so that both are flat. */
    private boolean begin() {
        Vec3 p = farthest(Vec3.LEFT);
        Vec3 q = farthest(Vec3.LEFT.negated());
        Vec3 along = q.minus(p);
        Vec3 aside = (Math.abs(along.y()) > Math.abs(along.z()) ? Vec3.FORWARD : Vec3.UP).cross(along);
        if (aside.length() < NOTHING) {
            return false;
        }
        Vec3 r = farther(aside.unit(), p);
        Vec3 normal = along.cross(r.minus(p));
        if (normal.length() < NOTHING) {
            return false;
        }
        Vec3 s = farther(normal.unit(), p);
        double side = normal.dot(s.minus(p));
        if (Math.abs(side) < NOTHING) {
            return false;
        }
        // Seen from outside each face must run the same way round, whichever side the fourth point lies on.
        Vec3 t = side > 0 ? r : q;
        Vec3 u = side > 0 ? q : r;
        faces.add(Face.of(p, t, u));
        faces.add(Face.of(p, u, s));
        faces.add(Face.of(u, t, s));
        faces.add(Face.of(t, p, s));
        return true;
    }

    private Vec3 farther(Vec3 along, Vec3 from) {
        Vec3 one = farthest(along);
        Vec3 other = farthest(along.negated());
        return one.minus(from).dot(along) > from.minus(other).dot(along) ? one : other;
    }

    /** Takes a point outside into the hull: faces that it sees go, and new ones join it to the edge of the gap. */
    private boolean grow(Vec3 point) {
        List<Face> seen = new ArrayList<>();
        for (Face face : faces) {
            if (face.sees(point)) {
                seen.add(face);
            }
        }
        if (seen.isEmpty()) {
            return false;
        }
        faces.removeAll(seen);
        for (Face face : seen) {
            edge(face.p(), face.q(), seen, point);
            edge(face.q(), face.r(), seen, point);
            edge(face.r(), face.p(), seen, point);
        }
        return true;
    }

    /** Corners are the very same where faces meet. */
    @SuppressWarnings("ReferenceEquality")
    private void edge(Vec3 from, Vec3 to, List<Face> seen, Vec3 point) {
        for (Face other : seen) {
            if (other.p() == to && other.q() == from
                    || other.q() == to && other.r() == from
                    || other.r() == to && other.p() == from) {
                return;
            }
        }
        faces.add(Face.of(from, to, point));
    }
}
