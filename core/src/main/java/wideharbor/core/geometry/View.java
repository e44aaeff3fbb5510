package wideharbor.core.geometry;

/**
 * The four elevations. On paper {@code across} grows to the right and {@code upward} to the top.
 *
 * <p>From the camera's left the lens points left; from its right, right; from the front camera-left is at right; from
 * above the lens points up and camera-left is at left.
 */
public enum View {
    LEFT(Vec3.FORWARD.negated(), Vec3.UP),
    RIGHT(Vec3.FORWARD, Vec3.UP),
    FRONT(Vec3.LEFT, Vec3.UP),
    ABOVE(Vec3.LEFT.negated(), Vec3.FORWARD);

    private final Vec3 across;
    private final Vec3 upward;

    View(Vec3 across, Vec3 upward) {
        this.across = across;
        this.upward = upward;
    }

    /** Paper coordinates in mm of a rig point. */
    public Point project(Vec3 p) {
        // Adding zero turns −0 into 0, which would otherwise show in files and comparisons.
        return new Point(p.dot(across) + 0.0, p.dot(upward) + 0.0);
    }

    /** Towards the eye: what lies further along it is drawn over what lies behind. */
    public Vec3 towardsEye() {
        return across.cross(upward);
    }

    /** A point on paper, mm. */
    public record Point(double across, double upward) {}
}
