package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A convex solid by its corners, with the directions along which it can be told apart from another (the separating axis
 * theorem: face normals, and crosses of edges). Immutable; placing it makes the next one.
 */
public final class Convex {
    private final Vec3[] corners;
    private final Vec3[] normals;
    private final Vec3[] edges;
    private final Bounds bounds;
    /**
     * Whether it is just its bounds: a box that stands square. Most parts are, and two such need no search for an axis.
     */
    private final boolean square;

    private final Reach reach = new Reach();

    /** Along each own normal, from where to where a solid reaches; found with the first comparison. */
    private static final class Reach {
        private double @Nullable [] known;
    }

    private Convex(Vec3[] corners, Vec3[] normals, Vec3[] edges) {
        this.corners = corners;
        this.normals = normals;
        this.edges = edges;
        this.bounds = Bounds.of(corners);
        this.square = edges == normals && isSquare(normals);
    }

    /** An axis-parallel box around points: the smallest and largest of each coordinate. */
    public record Bounds(Vec3 min, Vec3 max) {
        public static Bounds of(Vec3... points) {
            double x0 = Double.POSITIVE_INFINITY;
            double y0 = x0;
            double z0 = x0;
            double x1 = Double.NEGATIVE_INFINITY;
            double y1 = x1;
            double z1 = x1;
            for (Vec3 p : points) {
                x0 = Math.min(x0, p.x());
                y0 = Math.min(y0, p.y());
                z0 = Math.min(z0, p.z());
                x1 = Math.max(x1, p.x());
                y1 = Math.max(y1, p.y());
                z1 = Math.max(z1, p.z());
            }
            return new Bounds(new Vec3(x0, y0, z0), new Vec3(x1, y1, z1));
        }

        /** Whether they share more than so many millimetres along every axis. */
        public boolean overlaps(Bounds o, double by) {
            return Math.min(max.x(), o.max.x()) - Math.max(min.x(), o.min.x()) > by
                    && Math.min(max.y(), o.max.y()) - Math.max(min.y(), o.min.y()) > by
                    && Math.min(max.z(), o.max.z()) - Math.max(min.z(), o.min.z()) > by;
        }

        /** The least of what they share along each axis; 0 or less when they are apart. */
        double depth(Bounds o) {
            double x = Math.min(max.x() - o.min.x(), o.max.x() - min.x());
            double y = Math.min(max.y() - o.min.y(), o.max.y() - min.y());
            double z = Math.min(max.z() - o.min.z(), o.max.z() - min.z());
            return Math.min(x, Math.min(y, z));
        }

        /** The smallest box that holds both. */
        public Bounds with(Bounds o) {
            return new Bounds(
                    new Vec3(Math.min(min.x(), o.min.x()), Math.min(min.y(), o.min.y()), Math.min(min.z(), o.min.z())),
                    new Vec3(Math.max(max.x(), o.max.x()), Math.max(max.y(), o.max.y()), Math.max(max.z(), o.max.z())));
        }

        /** What two overlapping boxes share. */
        public Bounds shared(Bounds o) {
            return new Bounds(
                    new Vec3(Math.max(min.x(), o.min.x()), Math.max(min.y(), o.min.y()), Math.max(min.z(), o.min.z())),
                    new Vec3(Math.min(max.x(), o.max.x()), Math.min(max.y(), o.max.y()), Math.min(max.z(), o.max.z())));
        }

        /** Whether it lies in the cube of this half-width around a point. */
        public boolean liesWithin(Vec3 middle, double half) {
            return min.x() >= middle.x() - half
                    && max.x() <= middle.x() + half
                    && min.y() >= middle.y() - half
                    && max.y() <= middle.y() + half
                    && min.z() >= middle.z() - half
                    && max.z() <= middle.z() + half;
        }

        public Vec3 size() {
            return max.minus(min);
        }

        public Vec3 middle() {
            return max.plus(min).times(0.5);
        }
    }

    private static boolean isSquare(Vec3[] axes) {
        for (Vec3 a : axes) {
            if (Math.max(Math.abs(a.x()), Math.max(Math.abs(a.y()), Math.abs(a.z()))) < 1 - 1e-12) {
                return false;
            }
        }
        return true;
    }

    /** The convex pieces of a shape; a ring is its wall in eight pieces, so that what runs through the bore is free. */
    public static List<Convex> of(Shape shape) {
        if (shape instanceof Shape.Box b) {
            return List.of(box(b.min(), b.max()));
        }
        if (shape instanceof Shape.Cylinder c) {
            return List.of(Prisms.bar(c.from(), c.to(), c.radiusMm()));
        }
        if (shape instanceof Shape.Ring r) {
            return Prisms.wall(r.from(), r.to(), r.boreRadiusMm(), r.radiusMm());
        }
        return List.of(Hulls.of(((Shape.Hull) shape).corners()));
    }

    public static Convex box(Vec3 min, Vec3 max) {
        List<Vec3> points = Outline.corners(new Shape.Box(min, max, Shape.Use.SOLID));
        Vec3[] axes = {Vec3.LEFT, Vec3.UP, Vec3.FORWARD};
        return new Convex(points.toArray(Vec3[]::new), axes, axes);
    }

    static Convex of(List<Vec3> corners, List<Vec3> normals, List<Vec3> edges) {
        return new Convex(
                corners.toArray(Vec3[]::new),
                distinct(normals).toArray(Vec3[]::new),
                distinct(edges).toArray(Vec3[]::new));
    }

    /** Directions, each once, opposite ones counted as one. */
    private static List<Vec3> distinct(List<Vec3> directions) {
        List<Vec3> kept = new ArrayList<>();
        for (Vec3 d : directions) {
            if (kept.stream().noneMatch(k -> Math.abs(k.dot(d)) > 0.99999)) {
                kept.add(d);
            }
        }
        return kept;
    }

    public Convex placed(Pose pose) {
        Vec3[] at = new Vec3[corners.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = pose.apply(corners[i]);
        }
        Vec3[] faces = turned(normals, pose);
        return new Convex(at, faces, edges == normals ? faces : turned(edges, pose));
    }

    private static Vec3[] turned(Vec3[] directions, Pose pose) {
        Vec3[] turned = new Vec3[directions.length];
        for (int i = 0; i < turned.length; i++) {
            turned[i] = pose.turn(directions[i]);
        }
        return turned;
    }

    public Bounds bounds() {
        return bounds;
    }

    public List<Vec3> corners() {
        return Collections.unmodifiableList(Arrays.asList(corners));
    }

    /** How far it reaches along a direction. */
    public double reach(Vec3 along) {
        double far = Double.NEGATIVE_INFINITY;
        for (Vec3 c : corners) {
            far = Math.max(far, c.dot(along));
        }
        return far;
    }

    /** How deep two solids are in each other: the shortest shift that parts them, mm; 0 or less when they are apart. */
    public double depth(Convex other) {
        if (square && other.square) {
            return bounds.depth(other.bounds);
        }
        double least = Math.min(leastAlongOwn(other), other.leastAlongOwn(this));
        if (least <= 0) {
            return least;
        }
        Vec3[] tried =
                Arrays.copyOf(normals, normals.length + other.normals.length + edges.length * other.edges.length);
        System.arraycopy(other.normals, 0, tried, normals.length, other.normals.length);
        int count = normals.length + other.normals.length;
        for (Vec3 a : edges) {
            for (Vec3 b : other.edges) {
                Vec3 cross = a.cross(b);
                double length = cross.length();
                if (length > 1e-6 && isNew(cross, length, tried, count)) {
                    Vec3 axis = cross.times(1 / length);
                    tried[count++] = axis;
                    double[] own = along(axis);
                    least = Math.min(least, shared(own[0], own[1], axis, other));
                    if (least <= 0) {
                        return least;
                    }
                }
            }
        }
        return least;
    }

    /**
     * Whether two solids are in each other by more than so many millimetres: {@link #depth} for who needs no figure.
     */
    public boolean isDeeperIn(Convex other, double mm) {
        if (square && other.square) {
            return bounds.depth(other.bounds) > mm;
        }
        // A point of one that lies deeper than this inside the other: nothing shorter parts the two.
        Vec3 shared = bounds.shared(other.bounds).middle();
        if (inside(shared) > mm && other.inside(shared) >= 0 || other.inside(shared) > mm && inside(shared) >= 0) {
            return true;
        }
        return depth(other) > mm;
    }

    /** How far a point lies inside, from the nearest face; negative when it is outside. */
    private double inside(Vec3 point) {
        double[] own = reach();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < normals.length; i++) {
            double at = point.dot(normals[i]);
            least = Math.min(least, Math.min(at - own[2 * i], own[2 * i + 1] - at));
        }
        return least;
    }

    /** The least of what they share along the own normals; stops at the first along which they are apart. */
    private double leastAlongOwn(Convex other) {
        double[] own = reach();
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < normals.length && least > 0; i++) {
            least = Math.min(least, shared(own[2 * i], own[2 * i + 1], normals[i], other));
        }
        return least;
    }

    /** Two threads may both find it: they find the same. */
    private double[] reach() {
        double @Nullable [] known = reach.known;
        if (known == null) {
            known = new double[2 * normals.length];
            for (int i = 0; i < normals.length; i++) {
                System.arraycopy(along(normals[i]), 0, known, 2 * i, 2);
            }
            reach.known = known;
        }
        return known;
    }

    /** Parts stand square to each other more often than not: most crosses are along an axis that was tried before. */
    private static boolean isNew(Vec3 cross, double length, Vec3[] tried, int count) {
        double along = (1 - 1e-10) * length;
        for (int i = 0; i < count; i++) {
            if (Math.abs(tried[i].dot(cross)) > along) {
                return false;
            }
        }
        return true;
    }

    private double[] along(Vec3 axis) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Vec3 c : corners) {
            double at = c.dot(axis);
            low = Math.min(low, at);
            high = Math.max(high, at);
        }
        return new double[] {low, high};
    }

    private static double shared(double low, double high, Vec3 axis, Convex other) {
        double[] there = other.along(axis);
        return Math.min(high - there[0], there[1] - low);
    }

    /** Whether a ray from a point meets the solid within so many millimetres. Slab test on the face normals. */
    public boolean isMetBy(Vec3 from, Vec3 direction, double within) {
        double enter = 0;
        double leave = within;
        double[] own = reach();
        for (int i = 0; i < normals.length; i++) {
            Vec3 n = normals[i];
            double low = own[2 * i];
            double high = own[2 * i + 1];
            double start = from.dot(n);
            double speed = direction.dot(n);
            if (Math.abs(speed) < 1e-9) {
                if (start < low || start > high) {
                    return false;
                }
            } else {
                double a = (low - start) / speed;
                double b = (high - start) / speed;
                enter = Math.max(enter, Math.min(a, b));
                leave = Math.min(leave, Math.max(a, b));
            }
        }
        return enter <= leave;
    }
}
