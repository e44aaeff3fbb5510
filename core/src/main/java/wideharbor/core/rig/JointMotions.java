package wideharbor.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Pose;
import wideharbor.core.quantity.Span;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;

/**
 * The freedoms of a locating joint in order: those declared on the parent's port, then what the standard implies (a
 * slide along a carrier, the teeth of a rosette), then those declared on the child's port.
 */
record JointMotions(List<Motion> parentSide, List<Motion> childSide, List<Motion> implied) {

    static JointMotions of(Joint joint, Port parent, Port child, Content content, Standards standards) {
        List<Motion> implied = new ArrayList<>();
        Standard standard = standards.require(child.standard());
        boolean carried = isInterval(parent) || isInterval(child);
        if (carried) {
            implied.add(slide(joint, parent, child, content));
        } else if (standard.facts() instanceof Standard.Facts.Toothed teeth) {
            Freedom turn = new Freedom.Rotate("angle", Freedom.Axis.N, -180, 180, teeth.stepDegrees());
            implied.add(motion(joint, child(joint, 0), turn, content));
        }
        List<Motion> below = new ArrayList<>();
        for (int i = 0; i < child.freedoms().size(); i++) {
            Freedom freedom = child.freedoms().get(i);
            below.add(motion(joint, child(joint, implied.size() + i), freedom, content));
        }
        return new JointMotions(carried ? List.of() : declared(joint, parent, content), below, implied);
    }

    private static List<Motion> declared(Joint joint, Port parent, Content content) {
        List<Motion> own = new ArrayList<>();
        for (int i = 0; i < parent.freedoms().size(); i++) {
            Freedom freedom = parent.freedoms().get(i);
            SettingKey key =
                    new SettingKey(joint.parent().placement(), joint.parent().port(), i);
            own.add(motion(joint, key, freedom, content));
        }
        return own;
    }

    List<Motion> all() {
        List<Motion> all = new ArrayList<>(parentSide);
        all.addAll(implied);
        all.addAll(childSide);
        return all;
    }

    /** Pose of the child's port frame in the parent's port frame, mating included. */
    Pose pose(boolean carrierIsChild) {
        Pose pose = through(parentSide, Pose.IDENTITY);
        pose = carrierIsChild ? pose : through(implied, pose);
        pose = pose.then(Pose.FLIP);
        pose = carrierIsChild ? through(implied, pose) : pose;
        return through(childSide, pose);
    }

    /** The frame in which one of the motions turns or slides, in the parent's port frame. */
    Pose frame(Motion of, boolean carrierIsChild) {
        List<Motion> before = new ArrayList<>(parentSide);
        before.addAll(carrierIsChild ? List.of() : implied);
        if (before.contains(of)) {
            return through(before.subList(0, before.indexOf(of)), Pose.IDENTITY);
        }
        List<Motion> after = new ArrayList<>(carrierIsChild ? implied : List.of());
        after.addAll(childSide);
        return through(
                after.subList(0, after.indexOf(of)),
                through(before, Pose.IDENTITY).then(Pose.FLIP));
    }

    private static Pose through(List<Motion> motions, Pose pose) {
        Pose at = pose;
        for (Motion m : motions) {
            at = at.then(m.freedom().at(m.value()));
        }
        return at;
    }

    static boolean isInterval(Port port) {
        return port.occupancy() instanceof Port.Occupancy.Interval;
    }

    /** The stretch of the carrier that the clamp holds at this value, in the carrier's own coordinate. */
    static Span held(Port parent, Port child, double value) {
        boolean carrierIsParent = isInterval(parent);
        double half = (carrierIsParent ? child : parent).engagementMm() / 2;
        double centre = carrierIsParent ? value : -value;
        return new Span(centre - half, centre + half);
    }

    /** Travel = carrier − clamp − stops, told as values of the setting. */
    private static Motion slide(Joint joint, Port parent, Port child, Content content) {
        boolean carrierIsParent = isInterval(parent);
        Port carrier = carrierIsParent ? parent : child;
        double half = (carrierIsParent ? child : parent).engagementMm() / 2;
        Span usable = ((Port.Occupancy.Interval) carrier.occupancy()).usable();
        double low = usable.from() + half;
        double high = Math.max(low, usable.to() - half);
        Span range = carrierIsParent ? new Span(low, high) : new Span(-high, -low);
        Freedom freedom = new Freedom.Slide("slide", Freedom.Axis.U, range.from(), range.to(), 0);
        SettingKey key = child(joint, 0);
        return new Motion(key, Optional.of(joint.id()), freedom, range, content.value(key), true);
    }

    private static SettingKey child(Joint joint, int index) {
        return new SettingKey(joint.child().placement(), joint.child().port(), index);
    }

    private static Motion motion(Joint joint, SettingKey key, Freedom freedom, Content content) {
        return new Motion(key, Optional.of(joint.id()), freedom, freedom.range(), content.value(key), false);
    }
}
