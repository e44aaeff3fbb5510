package wideharbor.core.clearance;

import java.util.HashSet;
import java.util.Set;
import wideharbor.core.build.Joint;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Which parts stand in one rig as they do in another, held in the same way. */
final class Standing {
    private Standing() {}

    static Set<PlacementId> in(Rig rig, Rig other) {
        Set<PlacementId> still = new HashSet<>();
        for (Placed there : other.attached()) {
            if (rig.find(there.id()).filter(p -> isSame(p, there)).isPresent()) {
                still.add(there.id());
            }
        }
        // Joined parts may share space at the joint: one that is joined otherwise has to be looked at again.
        leaveOut(still, new HashSet<>(rig.liveJoints()), other);
        leaveOut(still, new HashSet<>(other.liveJoints()), rig);
        return still;
    }

    @SuppressWarnings("ReferenceEquality")
    private static boolean isSame(Placed a, Placed b) {
        return a.type() == b.type() && a.poses().equals(b.poses());
    }

    private static void leaveOut(Set<PlacementId> still, Set<Joint> known, Rig other) {
        for (Joint joint : other.liveJoints()) {
            if (!known.contains(joint)) {
                still.remove(joint.parent().placement());
                still.remove(joint.child().placement());
            }
        }
    }
}
