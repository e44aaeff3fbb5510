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
    /** Whether it is a freedom of this joint. */
    public boolean isOf(JointId which) {
        return joint.filter(which::equals).isPresent();
    }
}
