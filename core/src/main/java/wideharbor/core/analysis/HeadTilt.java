package wideharbor.core.analysis;

import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.InternalJoint;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Span;

/** How far a head is tilted in a shot. */
final class HeadTilt {
    private HeadTilt() {}

    /**
     * As far as the house expects, up and down alike, and no farther than the head goes, where that is on file.
     *
     * @return degrees nose down; what is up is negative
     */
    static Span of(RigAnalysis analysis, ItemType head) {
        double most = analysis.rule(Rule.TILT_RANGE);
        Span expected = new Span(-most, most);
        return head.internalJoints().stream()
                .filter(head::isWorked)
                .map(HeadTilt::noseDown)
                .findFirst()
                .map(goes ->
                        new Span(Math.min(0, Math.max(-most, goes.from())), Math.max(0, Math.min(most, goes.to()))))
                .orElse(expected);
    }

    /** Which way round the hinge is drawn is told by where a degree of it brings what looked ahead. */
    private static Span noseDown(InternalJoint hinge) {
        Span range = hinge.freedom().range();
        Pose level = hinge.pose(0);
        Vec3 ahead = level.inverse().turn(Vec3.FORWARD);
        boolean down = hinge.pose(1).turn(ahead).y() < 0;
        return down ? range : new Span(-range.to(), -range.from());
    }
}
