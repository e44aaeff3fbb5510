package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wideharbor.core.quantity.Span;

/**
 * A convex solid: the hull of its corners. A corner may be a disc, all discs square to one axis, so that bars and cones
 * are as round as they are; a round bore may run through it. Immutable; placing it makes the next one.
 *
 * <p>Two with flat faces are told apart by their face normals and the crosses of their edges (the separating axis
 * theorem), whatever is round by {@link Penetration}, what has a bore by {@link Bore}.
 */
public final class Solid {
    private final Vec3[] corners;
    private final @Nullable Discs discs;
    private final @Nullable Bore bore;
    /** Directions along which it may be told apart from another; all there are only where it is flat. */
    private final Vec3[] normals;

    private final Vec3[] edges;
    private final boolean flat;
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

    /** The radius of each corner, and what the discs stand square to. */
    private static final class Discs {
        private final Vec3 axis;
        private final double[] radii;

        Discs(Vec3 axis, double... radii) {
            this.axis = axis;
            this.radii = radii;
        }

        /** How much farther than its middle a disc of radius 1 reaches along a direction, times its length. */
        double wide(Vec3 along) {
            double by = along.dot(axis);
            return Math.sqrt(Math.max(0, along.dot(along) - by * by));
        }
    }

    private Solid(
            Vec3[] corners, @Nullable Discs discs, @Nullable Bore bore, Vec3[] normals, Vec3[] edges, boolean flat) {
        this.corners = corners;
        this.discs = discs;
        this.bore = bore;
        this.normals = normals;
        this.edges = edges;
        this.flat = flat;
        this.square = flat && edges == normals && isSquare(normals);
        this.bounds = discs == null
                ? Bounds.of(corners)
                : new Bounds(
                        new Vec3(
                                -reach(Vec3.LEFT.negated()), -reach(Vec3.UP.negated()), -reach(Vec3.FORWARD.negated())),
                        new Vec3(reach(Vec3.LEFT), reach(Vec3.UP), reach(Vec3.FORWARD)));
    }

    private static boolean isSquare(Vec3[] axes) {
        for (Vec3 a : axes) {
            if (Math.max(Math.abs(a.x()), Math.max(Math.abs(a.y()), Math.abs(a.z()))) < 1 - 1e-12) {
                return false;
            }
        }
        return true;
    }

    public static Solid of(Shape shape) {
        if (shape instanceof Shape.Box b) {
            return box(b.min(), b.max());
        }
        if (shape instanceof Shape.Cylinder c) {
            return round(c.from(), c.to(), c.radiusMm(), c.radiusMm(), null);
        }
        if (shape instanceof Shape.Cone c) {
            return round(c.from(), c.to(), c.radiusMm(), c.endRadiusMm(), null);
        }
        if (shape instanceof Shape.Ring r) {
            Bore bore = new Bore(r.from(), r.to(), r.boreRadiusMm());
            return round(r.from(), r.to(), r.radiusMm(), r.radiusMm(), bore);
        }
        return Hulls.of(((Shape.Hull) shape).corners());
    }

    public static Solid box(Vec3 min, Vec3 max) {
        List<Vec3> points = Outline.corners(new Shape.Box(min, max, Shape.Use.SOLID));
        Vec3[] axes = {Vec3.LEFT, Vec3.UP, Vec3.FORWARD};
        return new Solid(points.toArray(Vec3[]::new), null, null, axes, axes, true);
    }

    /** What lies between two rectangles about the forward axis, told by their corners left and up. */
    public static Solid frustum(Vec3 near, Vec3 far) {
        double deep = far.z() - near.z();
        double outX = far.x() - near.x();
        double outY = far.y() - near.y();
        List<Vec3> corners = new ArrayList<>();
        List<Vec3> edges = new ArrayList<>(List.of(Vec3.LEFT, Vec3.UP));
        for (Vec3 end : new Vec3[] {near, far}) {
            for (int[] s : new int[][] {{1, 1}, {1, -1}, {-1, 1}, {-1, -1}}) {
                corners.add(new Vec3(s[0] * end.x(), s[1] * end.y(), end.z()));
                edges.add(new Vec3(s[0] * outX, s[1] * outY, deep).unit());
            }
        }
        List<Vec3> normals = List.of(
                Vec3.FORWARD,
                new Vec3(deep, 0, -outX).unit(),
                new Vec3(-deep, 0, -outX).unit(),
                new Vec3(0, deep, -outY).unit(),
                new Vec3(0, -deep, -outY).unit());
        return of(corners, normals, edges);
    }

    static Solid of(List<Vec3> corners, List<Vec3> normals, List<Vec3> edges) {
        return new Solid(
                corners.toArray(Vec3[]::new),
                null,
                null,
                distinct(normals).toArray(Vec3[]::new),
                distinct(edges).toArray(Vec3[]::new),
                true);
    }

    private static Solid round(Vec3 from, Vec3 to, double radius, double endRadius, @Nullable Bore bore) {
        Vec3 axis = to.minus(from).unit();
        Vec3[] axes = {axis};
        Discs discs = new Discs(axis, radius, endRadius);
        return new Solid(new Vec3[] {from, to}, discs, bore, axes, axes, false);
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

    public Solid placed(Pose pose) {
        Vec3[] at = new Vec3[corners.length];
        for (int i = 0; i < at.length; i++) {
            at[i] = pose.apply(corners[i]);
        }
        Vec3[] faces = turned(normals, pose);
        return new Solid(
                at,
                discs == null ? null : new Discs(pose.turn(discs.axis), discs.radii),
                bore == null ? null : bore.placed(pose),
                faces,
                edges == normals ? faces : turned(edges, pose),
                flat);
    }

    private static Vec3[] turned(Vec3[] directions, Pose pose) {
        Vec3[] turned = new Vec3[directions.length];
        for (int i = 0; i < turned.length; i++) {
            turned[i] = pose.turn(directions[i]);
        }
        return turned;
    }

    /**
     * The room it takes on its way, from where it stands to so far from there. What is bored and goes along its bore
     * leaves the bore free; on any other way it does not.
     */
    public Solid swept(Vec3 by) {
        int n = corners.length;
        if (round().isPresent() && isAlongAFace(by.unit())) {
            return lengthened(round().get(), by);
        }
        Vec3[] both = Arrays.copyOf(corners, 2 * n);
        for (int i = 0; i < n; i++) {
            both[n + i] = corners[i].plus(by);
        }
        boolean along = isAlongAFace(by.unit());
        if (flat && edges == normals && along) {
            return new Solid(both, null, null, normals, edges, true);
        }
        Discs wide = null;
        if (discs != null) {
            double[] radii = Arrays.copyOf(discs.radii, 2 * n);
            System.arraycopy(discs.radii, 0, radii, n, n);
            wide = new Discs(discs.axis, radii);
        }
        return new Solid(both, wide, bore == null ? null : bore.swept(by).orElse(null), normals, edges, false);
    }

    /** A bar on its way along its axis is a longer bar; a cone takes the room of its widest. */
    private Solid lengthened(Round bar, Vec3 by) {
        boolean onward = by.dot(bar.axis()) > 0;
        double widest = Math.max(bar.radius(), bar.endRadius());
        return round(
                onward ? bar.from() : bar.from().plus(by),
                onward ? bar.to().plus(by) : bar.to(),
                widest,
                widest,
                bore == null ? null : bore.swept(by).orElse(null));
    }

    private boolean isAlongAFace(Vec3 way) {
        for (Vec3 normal : normals) {
            if (Math.abs(normal.dot(way)) > 1 - 1e-12) {
                return true;
            }
        }
        return false;
    }

    public Bounds bounds() {
        return bounds;
    }

    /** What its discs stand square to; nothing where it has none. */
    Vec3 axis() {
        return discs == null ? Vec3.ZERO : discs.axis;
    }

    Optional<Bore> bore() {
        return Optional.ofNullable(bore);
    }

    /** The same with its bore filled. */
    Solid filled() {
        return bore == null ? this : new Solid(corners, discs, null, normals, edges, flat);
    }

    /** Its corners; of a round one points round its discs, close enough together for what stands on them. */
    public List<Vec3> corners() {
        if (discs == null) {
            return Collections.unmodifiableList(Arrays.asList(corners));
        }
        List<Vec3> points = new ArrayList<>();
        for (int i = 0; i < corners.length; i++) {
            points.addAll(Outline.circle(corners[i], discs.axis, discs.radii[i]));
        }
        return points;
    }

    /** How far it reaches along a direction. */
    public double reach(Vec3 along) {
        double far = Double.NEGATIVE_INFINITY;
        if (discs == null) {
            for (Vec3 c : corners) {
                far = Math.max(far, c.dot(along));
            }
            return far;
        }
        double wide = discs.wide(along);
        for (int i = 0; i < corners.length; i++) {
            far = Math.max(far, corners[i].dot(along) + discs.radii[i] * wide);
        }
        return far;
    }

    /** A point of it that reaches farthest along a direction. */
    Vec3 farthest(Vec3 along) {
        double wide = discs == null ? 0 : discs.wide(along);
        int best = 0;
        double far = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < corners.length; i++) {
            double at = corners[i].dot(along) + (discs == null ? 0 : discs.radii[i] * wide);
            if (at > far) {
                far = at;
                best = i;
            }
        }
        if (discs == null || wide < 1e-12) {
            return corners[best];
        }
        Vec3 out = along.minus(discs.axis.times(along.dot(discs.axis)));
        return corners[best].plus(out.times(discs.radii[best] / wide));
    }

    /** How deep two solids are in each other: the shortest shift that parts them, mm; 0 or less when they are apart. */
    public double depth(Solid other) {
        if (square && other.square) {
            return bounds.depth(other.bounds);
        }
        if (bore != null || other.bore != null) {
            return Bore.depth(this, other);
        }
        return flat && other.flat ? flatDepth(other) : Penetration.depth(this, other);
    }

    /**
     * Whether two solids are in each other by more than so many millimetres: {@link #depth} for who needs no figure.
     */
    public boolean isDeeperIn(Solid other, double mm) {
        if (square && other.square) {
            return bounds.depth(other.bounds) > mm;
        }
        if (bore != null || other.bore != null) {
            return Bore.depth(this, other) > mm;
        }
        if (!flat || !other.flat) {
            return Penetration.isDeeper(this, other, mm);
        }
        // A point of one that lies deeper than this inside the other: nothing shorter parts the two.
        Vec3 shared = bounds.shared(other.bounds).middle();
        if (inside(shared) > mm && other.inside(shared) >= 0 || other.inside(shared) > mm && inside(shared) >= 0) {
            return true;
        }
        return flatDepth(other) > mm;
    }

    private double flatDepth(Solid other) {
        double least = leastAlongNormals(other);
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

    /** The least of what they share along the normals of both; stops at the first along which they are apart. */
    double leastAlongNormals(Solid other) {
        double own = leastAlongOwn(other);
        return own <= 0 ? own : Math.min(own, other.leastAlongOwn(this));
    }

    private double leastAlongOwn(Solid other) {
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

    /** From where to where it reaches along a unit direction. */
    double[] along(Vec3 axis) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        double wide = discs == null ? 0 : discs.wide(axis);
        for (int i = 0; i < corners.length; i++) {
            double at = corners[i].dot(axis);
            double by = discs == null ? 0 : discs.radii[i] * wide;
            low = Math.min(low, at - by);
            high = Math.max(high, at + by);
        }
        return new double[] {low, high};
    }

    private static double shared(double low, double high, Vec3 axis, Solid other) {
        double[] there = other.along(axis);
        return Math.min(high - there[0], there[1] - low);
    }

    /**
     * Whether a ray from a point meets the solid within so many millimetres. Slab test on the face normals; a round one
     * by its quadric. Not for what is swept: that is room, and rays look for matter.
     */
    public boolean isMetBy(Vec3 from, Vec3 direction, double within) {
        if (discs == null) {
            return Ray.throughFaces(from, direction, within, normals, reach()).isPresent();
        }
        Optional<Span> way = round().flatMap(bar -> Ray.throughRound(from, direction, within, bar));
        return way.isPresent() && (bore == null || !bore.holds(from, direction, way.get()));
    }

    /** It as a bar or cone, filled; empty where it is neither. */
    Optional<Round> round() {
        return discs == null || corners.length != 2
                ? Optional.empty()
                : Optional.of(new Round(corners[0], corners[1], discs.radii[0], discs.radii[1]));
    }
}
