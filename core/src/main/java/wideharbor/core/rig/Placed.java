package wideharbor.core.rig;

import java.util.Map;
import wideharbor.core.build.Placement;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;

/** A part that hangs on the rig, with the pose of each of its links in the rig frame. */
public record Placed(Placement placement, ItemType type, Map<String, Pose> poses) {

    public PlacementId id() {
        return placement.id();
    }

    /** What people call it here: its label, or else the type's name. */
    public String title() {
        return placement.label().isEmpty() ? type.name() : placement.label();
    }

    /**
     * The middle of its first link's mass, rig frame: where a hand takes it, a cable is tied to it, an eye falls on it.
     */
    public Vec3 middle() {
        return pose().apply(type.links().get(0).centreOfMass());
    }

    public Pose pose() {
        return pose(type.links().get(0).id());
    }

    /**
     * Where one of its links is, in the rig frame.
     *
     * @throws IllegalArgumentException when it has no such link
     */
    public Pose pose(String link) {
        Pose pose = poses.get(link);
        if (pose == null) {
            throw new IllegalArgumentException(type.name() + " has no link '" + link + "'");
        }
        return pose;
    }

    public Port port(String id) {
        return type.port(id).orElseThrow(() -> new IllegalArgumentException(type.name() + " has no port '" + id + "'"));
    }

    /** A port's frame in the rig frame. */
    public Pose portPose(String id) {
        Port port = port(id);
        return pose(port.link()).then(port.frame());
    }

    /** Where a socket sits, in the rig frame; sockets sit on the first link. */
    public Vec3 socketAt(String id) {
        Socket socket = type.socket(id)
                .orElseThrow(() -> new IllegalArgumentException(type.name() + " has no socket '" + id + "'"));
        return pose().apply(socket.at());
    }
}
