package wideharbor.core.clearance;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.memo.Memo;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/**
 * What keeps a part of a rig from being put on or taken off: what stands in its way, and what is before the key to its
 * screws. What carries it is none, nor is what hangs on it: that goes with it.
 */
public final class Obstacles {
    /** Where nothing may stand for a key to reach a screw, mm. */
    private static final double KEY = 90;

    private final Rig rig;
    private final Supplier<Clearances> clearances;
    private final Memo<PlacementId, Map<PlacementId, String>> known = new Memo<>();

    private Obstacles(Rig rig, Supplier<Clearances> clearances) {
        this.rig = rig;
        this.clearances = clearances;
    }

    /** @param clearances of that rig, asked for when the first obstacle is looked for */
    public static Obstacles on(Rig rig, Supplier<Clearances> clearances) {
        return new Obstacles(rig, clearances);
    }

    public Rig rig() {
        return rig;
    }

    /** By part, why; nothing for what the rig itself is set onto. */
    public Map<PlacementId, String> of(PlacementId part) {
        return known.get(part, this::find);
    }

    private Map<PlacementId, String> find(PlacementId part) {
        Optional<Joint> joint = rig.locatedBy(part);
        Set<PlacementId> along = rig.subtree(part);
        Map<PlacementId, String> found = new LinkedHashMap<>();
        if (joint.isEmpty() || along.contains(rig.configuration().support())) {
            return found;
        }
        Set<PlacementId> none = new LinkedHashSet<>(along);
        none.addAll(WayOn.carriers(rig, part));
        for (Joint worked : worked(rig, part)) {
            if (needsKey(worked)) {
                tell(coveringScrews(worked), "is before the key to its screws", none, found);
            }
        }
        if (!isScrewed(joint.get())) {
            Standard.Entry entry = rig.catalogue()
                    .standards()
                    .require(rig.port(joint.get().parent()).standard())
                    .entry();
            tell(WayOn.best(rig, clearances.get(), joint.get(), entry).blockers(), "stands in its way", none, found);
        }
        return found;
    }

    private static void tell(Set<PlacementId> met, String why, Set<PlacementId> none, Map<PlacementId, String> found) {
        met.stream().filter(id -> !none.contains(id)).forEach(id -> found.putIfAbsent(id, why));
    }

    /**
     * Joints that are opened when a part comes off with what hangs on it: that which holds it, and ties to the rest.
     */
    public static List<Joint> worked(Rig rig, PlacementId part) {
        Set<PlacementId> along = rig.subtree(part);
        List<Joint> all = new ArrayList<>(rig.locatedBy(part).stream().toList());
        for (Joint joint : rig.liveJoints()) {
            boolean across = along.contains(joint.child().placement())
                    != along.contains(joint.parent().placement());
            if (joint.kind() == Joint.Kind.CLOSING && across) {
                all.add(joint);
            }
        }
        return all;
    }

    private boolean isScrewed(Joint joint) {
        return !rig.port(joint.parent()).screws().isEmpty()
                || !rig.port(joint.child()).screws().isEmpty();
    }

    private boolean needsKey(Joint joint) {
        return List.of(rig.port(joint.parent()), rig.port(joint.child())).stream()
                .anyMatch(p -> !p.working().isToolFree() && !p.screws().isEmpty());
    }

    /** Parts that the key to the screws of a joint would meet, but for the two that it joins. */
    public Set<PlacementId> coveringScrews(Joint joint) {
        Vec3 at = rig.require(joint.parent().placement())
                .portPose(joint.parent().port())
                .at();
        Set<PlacementId> found = new LinkedHashSet<>();
        Set<PlacementId> past = new LinkedHashSet<>(
                Set.of(joint.parent().placement(), joint.child().placement()));
        Vec3 towards = outward(joint);
        for (Optional<PlacementId> met = clearances.get().metBy(at, towards, KEY, past);
                met.isPresent();
                met = clearances.get().metBy(at, towards, KEY, past)) {
            found.add(met.get());
            past.add(met.get());
        }
        return found;
    }

    /** Which way the key comes: from behind the face that has the screws. */
    private Vec3 outward(Joint joint) {
        Vec3 n = rig.require(joint.parent().placement())
                .portPose(joint.parent().port())
                .n();
        Port on = rig.port(joint.parent());
        return !on.screws().isEmpty() && rig.port(joint.child()).screws().isEmpty() ? n.negated() : n;
    }
}
