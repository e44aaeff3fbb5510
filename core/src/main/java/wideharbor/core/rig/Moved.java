package wideharbor.core.rig;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleFunction;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.InternalJoint;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;

/** What a motion of a rig moves, and how. */
public record Moved(Rig rig, Motion motion) {
    /**
     * How the rig frame's points on what a motion moves would move, were it set to another value: everything else
     * stays.
     */
    public Pose displacement(double value) {
        return displacements().apply(value);
    }

    /** The same by value; what all values share is worked out once. */
    public DoubleFunction<Pose> displacements() {
        Pose frame = frame();
        Freedom freedom = motion.freedom();
        Pose back = freedom.at(motion.value()).inverse().then(frame.inverse());
        return value -> frame.then(freedom.at(value)).then(back);
    }

    /** The frame about or along which it moves, rig frame: of a hinge at its present place, before its own turn. */
    public Pose frame() {
        if (motion.joint().isEmpty()) {
            Placed part = rig.require(motion.key().placement());
            InternalJoint hinge = part.type().internalJoint(motion.key().port()).orElseThrow();
            return part.pose(hinge.parentLink()).then(Pose.port(hinge.at(), hinge.normal(), hinge.up()));
        }
        Joint joint = motion.joint().flatMap(rig.content()::joint).orElseThrow();
        Port on = rig.port(joint.parent());
        Port own = rig.port(joint.child());
        boolean carrierIsChild = JointMotions.isInterval(own) && !JointMotions.isInterval(on);
        Pose port = rig.require(joint.parent().placement()).portPose(on.id());
        return port.then(
                JointMotions.of(joint, on, own, rig.content(), rig.catalogue().standards())
                        .frame(motion, carrierIsChild));
    }

    /** Parts that a motion moves, for a hinge inside a part those that hang beyond it. */
    public Set<PlacementId> parts() {
        if (motion.joint().isPresent()) {
            return rig.subtree(motion.joint()
                    .flatMap(rig.content()::joint)
                    .orElseThrow()
                    .child()
                    .placement());
        }
        ItemType type = rig.require(motion.key().placement()).type();
        Set<String> links = links();
        Set<PlacementId> all = new LinkedHashSet<>();
        for (Joint joint : rig.carriedBy(motion.key().placement())) {
            if (links.contains(type.port(joint.parent().port()).orElseThrow().link())) {
                all.addAll(rig.subtree(joint.child().placement()));
            }
        }
        return all;
    }

    /** Links of the part itself that move on a hinge inside it; none of a joint between parts. */
    public Set<String> links() {
        if (motion.joint().isPresent()) {
            return Set.of();
        }
        ItemType type = rig.require(motion.key().placement()).type();
        Set<String> links = new LinkedHashSet<>(
                List.of(type.internalJoint(motion.key().port()).orElseThrow().childLink()));
        for (int round = 0; round < type.internalJoints().size(); round++) {
            type.internalJoints().stream()
                    .filter(j -> links.contains(j.parentLink()))
                    .forEach(j -> links.add(j.childLink()));
        }
        return links;
    }

    /** Direction in the rig frame along which a motion moves the child. */
    public Vec3 direction() {
        Joint joint = motion.joint().flatMap(rig.content()::joint).orElseThrow();
        Freedom.Axis axis = ((Freedom.Slide) motion.freedom()).axis();
        boolean onParent = motion.key().placement().equals(joint.parent().placement());
        PortRef ref = onParent ? joint.parent() : joint.child();
        return rig.require(ref.placement()).portPose(ref.port()).turn(axis.direction());
    }
}
