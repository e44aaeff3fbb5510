package wideharbor.core.tool;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Kit;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.rig.Rig;

/** The screws of a rig by what drives them, and which of those keys the package holds. */
public final class ToolList {
    private ToolList() {}

    /**
     * Screws of one make.
     *
     * @param keys every key that drives them; any one of them will do
     * @param held those of the keys that are in the package, with the tool that has each
     * @param near where no key is held: keys in the package that are nearly of the size, but not on the list
     * @param where the places they sit, part and port
     */
    public record Fastener(
            String thread,
            int count,
            boolean captive,
            List<String> keys,
            Map<String, String> held,
            List<String> near,
            List<String> where) {
        /** Stable over which parts use it. */
        public String id() {
            return "keys-"
                    + String.join("-", keys).toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        }
    }

    /** Screws of all joints that need a tool, by thread and keys. */
    public static List<Fastener> of(Rig rig, Kit kit) {
        Map<String, String> held = keysHeld(rig, kit);
        Map<String, Gathered> found = new TreeMap<>();
        for (Joint joint : rig.liveJoints()) {
            gather(rig, joint.parent(), found);
            gather(rig, joint.child(), found);
        }
        return found.values().stream().map(g -> g.fastener(held)).toList();
    }

    private static void gather(Rig rig, PortRef ref, Map<String, Gathered> found) {
        Port port = rig.port(ref);
        if (port.working().isToolFree()) {
            return;
        }
        for (Port.Screw screw : port.screws()) {
            if (!screw.keys().isEmpty()) {
                String key = String.join("|", screw.keys()) + "|" + screw.thread() + "|" + screw.captive();
                found.computeIfAbsent(key, k -> new Gathered(screw))
                        .add(screw.count(), rig.title(ref.placement()) + ", " + port.title());
            }
        }
    }

    private static final class Gathered {
        private final Port.Screw like;
        private final List<String> where = new ArrayList<>();
        private int count;

        Gathered(Port.Screw like) {
            this.like = like;
        }

        void add(int screws, String place) {
            count += screws;
            where.add(place);
        }

        Fastener fastener(Map<String, String> held) {
            Map<String, String> fit = new LinkedHashMap<>();
            Set<String> near = new LinkedHashSet<>();
            for (String key : like.keys()) {
                if (held.containsKey(key)) {
                    fit.put(key, held.get(key));
                }
            }
            if (!fit.isEmpty()) {
                return new Fastener(
                        like.thread(), count, like.captive(), like.keys(), fit, List.of(), List.copyOf(where));
            }
            for (String other : held.keySet()) {
                boolean close =
                        like.keys().stream().anyMatch(k -> KeySize.parse(k).isNear(KeySize.parse(other)));
                if (close && !like.keys().contains(other)) {
                    near.add(other);
                }
            }
            return new Fastener(
                    like.thread(), count, like.captive(), like.keys(), fit, List.copyOf(near), List.copyOf(where));
        }
    }

    /** Keys in the package, each with the name of a tool that has it. */
    /** Every key that is packed or on the rig, with the tool that has it. */
    public static Map<String, String> keysHeld(Rig rig, Kit kit) {
        Map<String, String> held = new LinkedHashMap<>();
        Catalogue catalogue = rig.catalogue();
        kit.counts().keySet().forEach(ref -> add(catalogue.require(ref), held));
        rig.attached().forEach(p -> add(p.type(), held));
        return held;
    }

    private static void add(ItemType type, Map<String, String> held) {
        for (RiggingFacet.Tool tool : type.facets(RiggingFacet.Tool.class)) {
            tool.keys().forEach(key -> held.putIfAbsent(key, type.name()));
        }
    }
}
