package wideharbor.core.analysis;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Setting;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Contacts;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.geometry.Pose;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What is fed, cabled and switched on a rig: two rigs with the same of it get the same answers from all checks that
 * rest on nothing else.
 *
 * @param joints those of batteries and of what has contacts in its faces: the plates they sit on, what they touch, and
 *     what is stuck to them
 * @param stands where the parts are that cables end at and are led along
 */
record Wired(
        Map<PlacementId, ItemType> parts,
        List<CableRun> cables,
        Set<Joint> joints,
        Set<Setting> switches,
        Map<PlacementId, Map<String, Pose>> stands) {
    /** Whether the same is fed, cabled and switched. */
    boolean isAs(Wired other) {
        return parts.equals(other.parts)
                && cables.equals(other.cables)
                && joints.equals(other.joints)
                && switches.equals(other.switches);
    }

    /** Whether what cables end at and are led along stands where it does there. */
    boolean standsAs(Wired other) {
        return stands.equals(other.stands);
    }

    static Wired of(Rig rig) {
        Map<PlacementId, ItemType> parts = new LinkedHashMap<>();
        for (Placed placed : rig.attached()) {
            if (isWired(placed.type())) {
                parts.put(placed.id(), placed.type());
            }
        }
        return new Wired(
                parts,
                List.copyOf(rig.content().cables()),
                rig.liveJoints().stream()
                        .filter(j -> touches(parts, j.parent()) || touches(parts, j.child()))
                        .collect(Collectors.toSet()),
                switches(parts, rig.content().settings()),
                stands(rig));
    }

    private static Map<PlacementId, Map<String, Pose>> stands(Rig rig) {
        Map<PlacementId, Map<String, Pose>> stands = new HashMap<>();
        for (CableRun cable : rig.content().cables()) {
            rig.find(cable.a().placement()).ifPresent(p -> stands.put(p.id(), p.poses()));
            rig.find(cable.b().placement()).ifPresent(p -> stands.put(p.id(), p.poses()));
            cable.laid().along().forEach(a -> rig.find(a).ifPresent(p -> stands.put(p.id(), p.poses())));
        }
        return stands;
    }

    private static boolean touches(Map<PlacementId, ItemType> parts, PortRef ref) {
        ItemType type = parts.get(ref.placement());
        return type != null
                && (type.facet(PowerFacet.Battery.class).isPresent()
                        || type.facet(Contacts.class).isPresent());
    }

    private static boolean isWired(ItemType type) {
        return !type.sockets().isEmpty()
                || type.facet(PowerFacet.Battery.class).isPresent()
                || type.can(Capability.CLAMPS_PLUG)
                || type.can(Capability.HOT_SWAPS);
    }

    private static Set<Setting> switches(Map<PlacementId, ItemType> parts, Collection<Setting> settings) {
        return settings.stream()
                .filter(s -> parts.containsKey(s.key().placement())
                        && parts.get(s.key().placement()).socket(s.key().port()).isPresent())
                .collect(Collectors.toSet());
    }
}
