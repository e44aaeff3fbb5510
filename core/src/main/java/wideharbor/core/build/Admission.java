package wideharbor.core.build;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;

/** What must hold of a content's references before anything is computed from it. */
final class Admission {
    private Admission() {}

    static void verify(Content content, Catalogue catalogue) {
        if (content.placements().size() > Content.MOST_PLACEMENTS) {
            throw new IllegalArgumentException("a build may hold " + Content.MOST_PLACEMENTS
                    + " placements, but this one has " + content.placements().size());
        }
        if (content.placement(content.root()).isEmpty()) {
            throw new IllegalArgumentException("the root placement '" + content.root() + "' is not on file");
        }
        for (Placement placement : content.placements()) {
            type(content, placement.id(), catalogue);
        }
        for (PlacementId removed : content.removed()) {
            if (content.placement(removed).isEmpty()) {
                throw new IllegalArgumentException("removed placement '" + removed + "' is not on file");
            }
        }
        Map<PlacementId, JointId> locatedBy = new HashMap<>();
        for (Joint joint : content.joints()) {
            port("joint '" + joint.id() + "', parent", joint.parent(), content, catalogue);
            port("joint '" + joint.id() + "', child", joint.child(), content, catalogue);
            if (joint.kind() == Joint.Kind.LOCATING) {
                JointId other = locatedBy.put(joint.child().placement(), joint.id());
                if (other != null) {
                    throw new IllegalArgumentException("joints '" + other + "' and '" + joint.id()
                            + "' both locate placement '" + joint.child().placement() + "'");
                }
            }
        }
        verifyTree(content);
        for (CableRun cable : content.cables()) {
            cable(cable, content, catalogue);
        }
        for (Setting setting : content.settings()) {
            settingTarget(setting.key(), content, catalogue);
        }
    }

    static ItemType type(Content content, PlacementId placement, Catalogue catalogue) {
        Placement placed = content.placement(placement)
                .orElseThrow(() -> new IllegalArgumentException("there is no placement '" + placement + "'"));
        return catalogue
                .find(placed.type())
                .orElseThrow(() -> new IllegalArgumentException(
                        "placement '" + placement + "' is of item type " + placed.type() + ", which is not on file"));
    }

    static void port(String who, PortRef ref, Content content, Catalogue catalogue) {
        if (content.placement(ref.placement()).isEmpty()) {
            throw new IllegalArgumentException(
                    who + " names placement '" + ref.placement() + "', which is not on file");
        }
        ItemType type = type(content, ref.placement(), catalogue);
        if (type.port(ref.port()).isEmpty()) {
            throw new IllegalArgumentException(who + " names port '" + ref.port() + "', which " + type.name()
                    + " (placement '" + ref.placement() + "') does not have");
        }
    }

    static void cable(CableRun cable, Content content, Catalogue catalogue) {
        if (catalogue.find(cable.type()).isEmpty()) {
            throw new IllegalArgumentException(
                    "cable '" + cable.id() + "' is of item type " + cable.type() + ", which is not on file");
        }
        for (SocketRef end : new SocketRef[] {cable.a(), cable.b()}) {
            ItemType type = type(content, end.placement(), catalogue);
            if (type.socket(end.socket()).isEmpty()) {
                throw new IllegalArgumentException("cable '" + cable.id() + "' names socket '" + end.socket()
                        + "', which " + type.name() + " (placement '" + end.placement() + "') does not have");
            }
            if (type.isContact(end.socket())) {
                throw new IllegalArgumentException("cable '" + cable.id() + "' names socket '" + end.socket() + "' of "
                        + type.name() + " (placement '" + end.placement()
                        + "'): that is contacts in the face of a port, and no cable goes into them");
            }
        }
        for (PlacementId part : cable.laid().along()) {
            if (content.placement(part).isEmpty()) {
                throw new IllegalArgumentException(
                        "cable '" + cable.id() + "' is led along placement '" + part + "', which is not on file");
            }
        }
        PlacementId bay = cable.laid().stowedIn();
        if (!bay.isNone()
                && type(content, bay, catalogue)
                        .facet(PowerFacet.InnerBay.class)
                        .isEmpty()) {
            throw new IllegalArgumentException(
                    "cable '" + cable.id() + "' lies in a bay of placement '" + bay + "', which has none");
        }
    }

    static void settingTarget(SettingKey key, Content content, Catalogue catalogue) {
        if (content.placement(key.placement()).isEmpty()) {
            throw new IllegalArgumentException(
                    "setting '" + key + "' names placement '" + key.placement() + "', which is not on file");
        }
        ItemType type = type(content, key.placement(), catalogue);
        if (type.socket(key.port()).isPresent() && key.freedom() < Switches.COUNT) {
            return;
        }
        if (type.port(key.port()).isEmpty() && type.internalJoint(key.port()).isEmpty()) {
            throw new IllegalArgumentException(
                    "setting '" + key + "' names port '" + key.port() + "', which " + type.name() + " does not have");
        }
        if (type.internalJoint(key.port()).filter(type::isWorked).isPresent()) {
            throw new IllegalArgumentException("setting '" + key + "' names what is worked in the shot: " + type.name()
                    + " is judged over all of its way, and not set");
        }
    }

    /** Walks up from every part; a walk longer than there are parts has gone round in a circle. */
    static void verifyTree(Content content) {
        Map<PlacementId, Joint> up = new HashMap<>();
        for (Joint joint : content.joints()) {
            if (joint.kind() == Joint.Kind.LOCATING) {
                up.put(joint.child().placement(), joint);
            }
        }
        if (up.containsKey(content.root())) {
            throw new IllegalArgumentException(
                    "joint '" + up.get(content.root()).id() + "' locates the root placement '" + content.root()
                            + "', which locates all others");
        }
        for (Placement placement : content.placements()) {
            int steps = 0;
            Optional<Joint> joint = Optional.ofNullable(up.get(placement.id()));
            while (joint.isPresent()) {
                if (++steps > content.placements().size()) {
                    throw new IllegalArgumentException("locating joints go round in a circle through placement '"
                            + placement.id() + "' (joint '" + joint.get().id() + "')");
                }
                joint = Optional.ofNullable(up.get(joint.get().parent().placement()));
            }
        }
    }
}
