package wideharbor.core.geometry;

/**
 * A rigid placement of one frame in another: the columns {@code r, u, n} are the frame's axes, {@code at} its origin.
 * Right-handed ({@code r = u × n}), so every pose has determinant +1.
 */
public record Pose(Vec3 r, Vec3 u, Vec3 n, Vec3 at) {
    public static final Pose IDENTITY = new Pose(Vec3.LEFT, Vec3.UP, Vec3.FORWARD, Vec3.ZERO);

    /** Half a turn about u: what mating does to the other port's frame (n on −n, u on u). */
    public static final Pose FLIP = new Pose(Vec3.LEFT.negated(), Vec3.UP, Vec3.FORWARD.negated(), Vec3.ZERO);

    /**
     * A port's frame from its outward normal and its up direction.
     *
     * @throws IllegalArgumentException when n and u are not at right angles within half a degree
     */
    public static Pose port(Vec3 at, Vec3 normal, Vec3 up) {
        Vec3 n = normal.unit();
        Vec3 u = up.unit();
        if (Math.abs(n.dot(u)) > 0.01) {
            throw new IllegalArgumentException("A port's normal and up must be at right angles");
        }
        Vec3 r = u.cross(n).unit();
        return new Pose(r, n.cross(r), n, at);
    }

    public static Pose translation(Vec3 by) {
        return new Pose(Vec3.LEFT, Vec3.UP, Vec3.FORWARD, by);
    }

    /** Right-hand turn of {@code degrees} about a unit axis through the origin (Rodrigues' formula). */
    public static Pose rotation(Vec3 axis, double degrees) {
        Vec3 k = axis.unit();
        double c = Math.cos(Math.toRadians(degrees));
        double s = Math.sin(Math.toRadians(degrees));
        return new Pose(turn(Vec3.LEFT, k, c, s), turn(Vec3.UP, k, c, s), turn(Vec3.FORWARD, k, c, s), Vec3.ZERO);
    }

    private static Vec3 turn(Vec3 v, Vec3 k, double c, double s) {
        return v.times(c).plus(k.cross(v).times(s)).plus(k.times(k.dot(v) * (1 - c)));
    }

    /** A direction of the inner frame, told in the outer one. */
    public Vec3 turn(Vec3 v) {
        return new Vec3(
                r.x() * v.x() + u.x() * v.y() + n.x() * v.z(),
                r.y() * v.x() + u.y() * v.y() + n.y() * v.z(),
                r.z() * v.x() + u.z() * v.y() + n.z() * v.z());
    }

    /** A point of the inner frame, told in the outer one. */
    public Vec3 apply(Vec3 v) {
        return turn(v).plus(at);
    }

    public Pose then(Pose inner) {
        return new Pose(turn(inner.r), turn(inner.u), turn(inner.n), apply(inner.at));
    }

    public Pose inverse() {
        Vec3 ir = new Vec3(r.x(), u.x(), n.x());
        Vec3 iu = new Vec3(r.y(), u.y(), n.y());
        Vec3 in = new Vec3(r.z(), u.z(), n.z());
        Vec3 back = new Vec3(-r.dot(at), -u.dot(at), -n.dot(at));
        return new Pose(ir, iu, in, back);
    }

    public double determinant() {
        return r.dot(u.cross(n));
    }
}
