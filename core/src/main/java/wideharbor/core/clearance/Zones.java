package wideharbor.core.clearance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** Where joined parts may share space. */
final class Zones {
    /** Half-width of the zone around a joint in which its two parts may share space, mm. */
    private static final double LEAST = 45;

    /** By one part and the other, both ways round. */
    private final Map<PlacementId, Map<PlacementId, List<Zone>>> zones = new HashMap<>();

    private record Zone(Vec3 middle, double half) {}

    Zones(Rig rig) {
        for (Joint joint : rig.liveJoints()) {
            Placed parent = rig.require(joint.parent().placement());
            Placed child = rig.require(joint.child().placement());
            Port on = parent.port(joint.parent().port());
            Port own = child.port(joint.child().port());
            boolean carrierIsParent = on.occupancy() instanceof Port.Occupancy.Interval;
            Placed clamped = carrierIsParent ? child : parent;
            Port clamp = carrierIsParent ? own : on;
            double half = Math.max(LEAST, Math.max(clamp.engagementMm() / 2 + 15, spacing(rig, on) / 2 + 30));
            add(joint, new Zone(clamped.portPose(clamp.id()).at(), half));
        }
    }

    private static double spacing(Rig rig, Port port) {
        boolean rods = rig.catalogue().standards().require(port.standard()).family() == Standard.Family.ROD;
        return rods
                ? Mating.rodSpacing(port, rig.catalogue().standards())
                : port.size().spacingMm().orElse(0.0);
    }

    private void add(Joint joint, Zone zone) {
        PlacementId a = joint.parent().placement();
        PlacementId b = joint.child().placement();
        put(a, b, zone);
        put(b, a, zone);
    }

    private void put(PlacementId a, PlacementId b, Zone zone) {
        zones.computeIfAbsent(a, k -> new HashMap<>())
                .computeIfAbsent(b, k -> new ArrayList<>())
                .add(zone);
    }

    boolean excuse(PlacementId a, PlacementId b, Bounds where) {
        List<Zone> between = zones.getOrDefault(a, Map.of()).getOrDefault(b, List.of());
        for (Zone zone : between) {
            if (where.liesWithin(zone.middle(), zone.half())) {
                return true;
            }
        }
        return false;
    }
}
