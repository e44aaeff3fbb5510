package wideharbor.core.analysis;

import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;

/** How the optical axis lies over a pair of rods: mm, mm to camera left, degrees. */
public record RodAxis(double heightMm, double lateralMm, double angleDegrees) {

    /** Measures a pair of rods against the optical axis; top rods count their height downwards. */
    public static RodAxis of(Placed rods, String port) {
        Pose pose = rods.portPose(port);
        Vec3 toAxis = new Vec3(0, 0, pose.at().z()).minus(pose.at());
        double height = Math.abs(toAxis.dot(pose.n()));
        double lateral = -toAxis.dot(pose.r());
        double cosine = Math.min(1, Math.abs(pose.u().dot(Vec3.FORWARD)));
        return new RodAxis(height, lateral, Math.toDegrees(Math.acos(cosine)));
    }
}
