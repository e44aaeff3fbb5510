package wideharbor.core.geometry;

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

    /** The room it takes on a straight way. */
    public Bounds swept(Vec3 by) {
        return with(new Bounds(min.plus(by), max.plus(by)));
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
