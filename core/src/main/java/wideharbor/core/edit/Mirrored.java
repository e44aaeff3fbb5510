package wideharbor.core.edit;

import java.util.Comparator;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;

/** To the other side: ports that mirror the one a part hangs on, about the plane through the lens axis and the up. */
final class Mirrored {
    /** A port farther than this from the mirrored place, mm, is another place. */
    private static final double FARTHEST = 40;

    /** Cosine of the angle up to which two faces look the same way. */
    private static final double SAME_WAY = Math.cos(Math.toRadians(30));

    private Mirrored() {}

    static List<Joining.Place> places(RigAnalysis analysis, PlacementId placement) {
        Rig rig = analysis.rig();
        return rig.locatedBy(placement)
                .map(Joint::parent)
                .map(port -> places(analysis, placement, pose(rig, port)))
                .orElse(List.of());
    }

    private static List<Joining.Place> places(RigAnalysis analysis, PlacementId placement, Pose now) {
        Vec3 at = mirrored(now.at());
        Vec3 normal = mirrored(now.n());
        Rig rig = analysis.rig();
        return Joining.places(analysis, placement).stream()
                .filter(p -> pose(rig, p.to()).n().dot(normal) >= SAME_WAY)
                .filter(p -> apart(rig, p, at) <= FARTHEST)
                .sorted(Comparator.comparingDouble(p -> apart(rig, p, at)))
                .toList();
    }

    private static double apart(Rig rig, Joining.Place place, Vec3 at) {
        return pose(rig, place.to()).at().minus(at).length();
    }

    private static Pose pose(Rig rig, PortRef port) {
        return rig.require(port.placement()).portPose(port.port());
    }

    private static Vec3 mirrored(Vec3 v) {
        return new Vec3(-v.x(), v.y(), v.z());
    }
}
