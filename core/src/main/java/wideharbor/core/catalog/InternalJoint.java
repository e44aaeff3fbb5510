package wideharbor.core.catalog;

import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;

/**
 * A hinge or slide inside one part: where the child link sits on the parent link and how it moves there. Its setting is
 * named by this joint's id in place of a port.
 */
public record InternalJoint(
        String id, String parentLink, String childLink, Vec3 at, Vec3 normal, Vec3 up, Freedom freedom) {
    public InternalJoint {
        Require.id("Internal joint id", id);
        Pose.port(at, normal, up);
    }

    /** Pose of the child link in the parent link. */
    public Pose pose(double value) {
        Pose seat = Pose.port(at, normal, up);
        return seat.then(freedom.at(value));
    }
}
