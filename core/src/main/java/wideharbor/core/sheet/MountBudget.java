package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.rig.World;
import wideharbor.core.standard.Standard;

/** Where something can still be mounted: per face of the rig as it stands, ports in use, free, and free but covered. */
public final class MountBudget {
    private static final double REACH = 22;
    private static final double HALF = 9;

    private MountBudget() {}

    /** A face of the rig in world terms, so that a rolled body's faces bear their new names. */
    public enum Face {
        TOP,
        LEFT,
        RIGHT,
        FRONT,
        REAR,
        BOTTOM
    }

    /** How a mounting point stands. */
    public enum State {
        USED,
        FREE,
        /** Nothing is on it, but another part stands in front of it. */
        WASTED
    }

    /** One place to mount something; {@code by} names what covers it. */
    public record Place(PortRef ref, String part, String title, String standard, State state, String by) {}

    /** Places of all parts but the support, by face, in the order of the faces. */
    public static Map<Face, List<Place>> of(RigAnalysis analysis) {
        Rig rig = analysis.rig();
        Map<Face, List<Place>> faces = new EnumMap<>(Face.class);
        for (Face face : Face.values()) {
            faces.put(face, new ArrayList<>());
        }
        Set<PortRef> used = new HashSet<>();
        rig.liveJoints().forEach(j -> {
            used.add(j.parent());
            used.add(j.child());
        });
        for (PlacementId id : rig.carried()) {
            Placed placed = rig.require(id);
            for (Port port : placed.type().ports()) {
                if (isPlace(analysis, port)) {
                    Face face = face(rig.world(), placed.portPose(port.id()).n());
                    boolean isUsed = used.contains(new PortRef(id, port.id()));
                    Objects.requireNonNull(faces.get(face)).add(place(analysis, placed, port, isUsed));
                }
            }
        }
        return faces;
    }

    private static boolean isPlace(RigAnalysis analysis, Port port) {
        Standard.Family family = analysis.standards().require(port.standard()).family();
        return !port.standard().equals(Standard.DATUM)
                && family != Standard.Family.LENS_MOUNT
                && family != Standard.Family.LENS_BRACE
                && family != Standard.Family.BATTERY;
    }

    private static Place place(RigAnalysis analysis, Placed placed, Port port, boolean used) {
        PortRef ref = new PortRef(placed.id(), port.id());
        String standard = analysis.standards().require(port.standard()).title();
        if (used && port.occupancy() instanceof Port.Occupancy.Single) {
            return new Place(ref, placed.title(), port.title(), standard, State.USED, "");
        }
        List<PlacementId> covers =
                analysis.clearances().standIn(before(placed.portPose(port.id())), Set.of(placed.id()), 1);
        if (covers.isEmpty() || port.occupancy() instanceof Port.Occupancy.Interval) {
            return new Place(ref, placed.title(), port.title(), standard, State.FREE, "");
        }
        return new Place(
                ref,
                placed.title(),
                port.title(),
                standard,
                State.WASTED,
                analysis.rig().title(covers.get(0)));
    }

    /** The room a part needs to be brought to the face. */
    private static Solid before(Pose pose) {
        return Solid.box(new Vec3(-HALF, -HALF, 1), new Vec3(HALF, HALF, REACH)).placed(pose);
    }

    private static Face face(World world, Vec3 normal) {
        double up = normal.dot(world.up());
        double left = normal.dot(world.left());
        double ahead = normal.dot(world.forward());
        if (Math.abs(up) >= Math.abs(left) && Math.abs(up) >= Math.abs(ahead)) {
            return up > 0 ? Face.TOP : Face.BOTTOM;
        }
        if (Math.abs(left) >= Math.abs(ahead)) {
            return left > 0 ? Face.LEFT : Face.RIGHT;
        }
        return ahead > 0 ? Face.FRONT : Face.REAR;
    }
}
