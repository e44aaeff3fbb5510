package wideharbor.core.rig;

import java.util.Optional;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.id.JointId;
import wideharbor.core.quantity.Span;

/**
 * One freedom of a joint (or hinge) in use, with its setting's key and present value; a hinge is no joint.
 *
 * @param range what the parts allow; for clamps on carriers computed from carrier, clamp and stops
 * @param alongCarrier true for a clamp on rods, rails or a dovetail
 */
public record Motion(
        SettingKey key, Optional<JointId> joint, Freedom freedom, Span range, double value, boolean alongCarrier) {
    /** To how much a stepless slide or turn is set by hand, mm or degrees. */
    private static final double BY_HAND = 0.5;

    private static final double ON_A_TOOTH = 1e-6;

    /** The nearest value that can be set: within the travel, on a tooth or detent where there are some. */
    public double settable(double wanted) {
        double step = freedom.step();
        if (step <= 0) {
            return range.nearest(Math.round(range.nearest(wanted) / BY_HAND) * BY_HAND);
        }
        double first = Math.ceil(range.from() / step - ON_A_TOOTH);
        double last = Math.floor(range.to() / step + ON_A_TOOTH);
        return first > last ? range.nearest(wanted) : Math.max(first, Math.min(last, Math.rint(wanted / step))) * step;
    }

    /** What can be set nearest to the middle of a stretch; empty when no tooth or detent lies in it. */
    public Optional<Double> settableIn(Span stretch) {
        double value = settable((stretch.from() + stretch.to()) / 2);
        return freedom.step() <= 0
                ? Optional.of(stretch.nearest(value))
                : Optional.of(value).filter(v -> stretch.holds(v, ON_A_TOOTH));
    }

    /** Whether it is a freedom of this joint. */
    public boolean isOf(JointId which) {
        return joint.filter(which::equals).isPresent();
    }
}
