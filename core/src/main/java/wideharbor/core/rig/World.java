package wideharbor.core.rig;

import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;

/**
 * Which way is up. Follows from the active support's datum; where nothing physical fixes it, from the configuration's
 * roll and tilt.
 *
 * @param up against gravity, in the rig frame
 * @param forward level projection of the optical axis, in the rig frame
 * @param datum the point that carries, in the rig frame
 */
public record World(Vec3 up, Vec3 forward, Vec3 datum) {

    static World of(Pose datum) {
        return level(datum.n(), datum.at());
    }

    /**
     * Leaned from how the datum stands: by the right hand, roll about the level axis forward, so that the camera's left
     * side rises, then tilt about the level axis to the left, so that the lens goes down.
     */
    World leaning(double rollDegrees, double tiltDegrees) {
        // The rig turns one way in the world, so the world turns the other way in the rig.
        Vec3 leaned = Pose.rotation(forward, -rollDegrees)
                .then(Pose.rotation(left(), -tiltDegrees))
                .turn(up);
        return level(leaned, datum);
    }

    /** Of a rig that nothing carries: the body's own top looks up, and its origin counts as the datum. */
    static World unsupported() {
        return level(Vec3.UP, Vec3.ZERO);
    }

    private static World level(Vec3 up, Vec3 at) {
        Vec3 flat = Vec3.FORWARD.minus(up.times(Vec3.FORWARD.dot(up)));
        Vec3 forward =
                flat.length() < 1e-6 ? Vec3.UP.minus(up.times(Vec3.UP.dot(up))).unit() : flat.unit();
        return new World(up, forward, at);
    }

    public Vec3 left() {
        return up.cross(forward);
    }

    /** Which of the body's own faces looks up now; the names of faces follow from it when the body is rolled. */
    public String bodyFaceUp() {
        if (Math.abs(up.y()) >= Math.abs(up.x()) && Math.abs(up.y()) >= Math.abs(up.z())) {
            return up.y() > 0 ? "top" : "bottom";
        }
        if (Math.abs(up.x()) >= Math.abs(up.z())) {
            return up.x() > 0 ? "left" : "right";
        }
        return up.z() > 0 ? "front" : "rear";
    }

    /** Whether the body lies on one of its sides. */
    public boolean isRolled() {
        return bodyFaceUp().equals("left") || bodyFaceUp().equals("right");
    }
}
