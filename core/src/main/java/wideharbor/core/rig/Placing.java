package wideharbor.core.rig;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Placement;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.InternalJoint;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Pose;
import wideharbor.core.id.PlacementId;

/** Hangs part on part from the root outward, and tells every motion that it meets on the way. */
final class Placing {
    private final Content content;
    private final Catalogue catalogue;
    private final Map<PlacementId, List<Joint>> carries;
    private final List<Motion> moves;

    /** @param carries joints that hang a part on another, by the other; {@code moves} is added to */
    Placing(Content content, Catalogue catalogue, Map<PlacementId, List<Joint>> carries, List<Motion> moves) {
        this.content = content;
        this.catalogue = catalogue;
        this.carries = carries;
        this.moves = moves;
    }

    /** Parts by id, parents before children. */
    Map<PlacementId, Placed> place() {
        Map<PlacementId, Placed> placed = new LinkedHashMap<>();
        Deque<PlacementId> open = new ArrayDeque<>();
        placed.put(content.root(), rootPlaced());
        open.add(content.root());
        while (!open.isEmpty()) {
            Placed parent = Objects.requireNonNull(placed.get(open.poll()));
            for (Joint joint : carries.getOrDefault(parent.id(), List.of())) {
                PlacementId child = joint.child().placement();
                if (!content.isRemoved(child)) {
                    placed.put(child, hang(parent, joint));
                    open.add(child);
                }
            }
        }
        return placed;
    }

    /** The body's own lens mount is the rig's origin; without one, the root's first link is. */
    private Placed rootPlaced() {
        ItemType type = typeOf(content.root());
        Pose link = type.facet(OpticalFacet.Camera.class)
                .flatMap(c -> type.port(c.mountPort()))
                .map(p -> p.frame().inverse())
                .orElse(Pose.IDENTITY);
        return placed(content.root(), type, link);
    }

    private Placed hang(Placed parent, Joint joint) {
        Placement placement = content.placement(joint.child().placement()).orElseThrow();
        ItemType type = typeOf(placement.id());
        Port on = parent.port(joint.parent().port());
        Port own = type.port(joint.child().port()).orElseThrow();
        JointMotions motion = JointMotions.of(joint, on, own, content, catalogue.standards());
        moves.addAll(motion.all());
        boolean carrierIsChild = JointMotions.isInterval(own) && !JointMotions.isInterval(on);
        Pose port = parent.portPose(on.id()).then(motion.pose(carrierIsChild));
        Pose ownLink = port.then(own.frame().inverse());
        Placed atRest = new Placed(placement, type, linkPoses(placement.id(), type, Pose.IDENTITY, false));
        Pose first = ownLink.then(atRest.pose(own.link()).inverse());
        return placed(placement.id(), type, first);
    }

    private Placed placed(PlacementId id, ItemType type, Pose first) {
        return new Placed(content.placement(id).orElseThrow(), type, linkPoses(id, type, first, true));
    }

    private Map<String, Pose> linkPoses(PlacementId id, ItemType type, Pose first, boolean told) {
        String root = type.links().get(0).id();
        if (type.internalJoints().isEmpty()) {
            return Map.of(root, first);
        }
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put(root, first);
        while (poses.size() < type.links().size()) {
            for (InternalJoint joint : type.internalJoints()) {
                if (poses.containsKey(joint.parentLink()) && !poses.containsKey(joint.childLink())) {
                    SettingKey key = new SettingKey(id, joint.id(), 0);
                    boolean worked = type.isWorked(joint);
                    double value = worked ? 0 : content.value(key);
                    poses.put(joint.childLink(), poses.get(joint.parentLink()).then(joint.pose(value)));
                    if (told && !worked) {
                        moves.add(new Motion(
                                key,
                                Optional.empty(),
                                joint.freedom(),
                                joint.freedom().range(),
                                value,
                                false));
                    }
                }
            }
        }
        return poses;
    }

    private ItemType typeOf(PlacementId placement) {
        return catalogue.require(content.placement(placement).orElseThrow().type());
    }
}
