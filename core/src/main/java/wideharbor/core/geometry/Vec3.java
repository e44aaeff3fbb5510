package wideharbor.core.geometry;

import wideharbor.core.quantity.Require;

/** A point or direction in millimetres: x to camera left, y up, z forward along the optical axis. */
public record Vec3(double x, double y, double z) {
    public static final Vec3 ZERO = new Vec3(0, 0, 0);
    public static final Vec3 LEFT = new Vec3(1, 0, 0);
    public static final Vec3 UP = new Vec3(0, 1, 0);
    public static final Vec3 FORWARD = new Vec3(0, 0, 1);

    public Vec3 {
        Require.finite("x", x);
        Require.finite("y", y);
        Require.finite("z", z);
    }

    public Vec3 plus(Vec3 o) {
        return new Vec3(x + o.x, y + o.y, z + o.z);
    }

    public Vec3 minus(Vec3 o) {
        return new Vec3(x - o.x, y - o.y, z - o.z);
    }

    public Vec3 times(double k) {
        return new Vec3(x * k, y * k, z * k);
    }

    public double dot(Vec3 o) {
        return x * o.x + y * o.y + z * o.z;
    }

    public Vec3 cross(Vec3 o) {
        return new Vec3(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    public double length() {
        return Math.sqrt(dot(this));
    }

    /** The same direction with length 1; a zero vector has none and is refused. */
    public Vec3 unit() {
        double length = length();
        if (length < 1e-9) {
            throw new IllegalArgumentException("A direction must not be the zero vector");
        }
        return times(1 / length);
    }

    public Vec3 negated() {
        return times(-1);
    }
}
