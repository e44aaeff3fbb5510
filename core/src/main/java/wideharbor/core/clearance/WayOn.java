package wideharbor.core.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/**
 * A way on which a part comes to its place, and what stands in it.
 *
 * @param direction that the part comes from, out of its place
 * @param blockers parts in the way: neither the part itself, nor what hangs on it, nor what it comes onto
 */
public record WayOn(Vec3 direction, Set<PlacementId> blockers) {
    private static final double WAY_OUT = 40;
    /** What a part brushes on its way is no obstacle: parts give, and are drawn a little plumper than they are. */
    private static final double BRUSHES = 3;

    public boolean isFree() {
        return blockers.isEmpty();
    }

    /**
     * The best of the ways of a joint's child: a free one; else one blocked only by what may come later; else the one
     * with the fewest in it.
     */
    public static WayOn best(Rig rig, Clearances clearances, Joint joint, Standard.Entry entry) {
        Placed child = rig.require(joint.child().placement());
        List<Solid> matter = clearances.matterOf(child.id());
        Set<PlacementId> except = new LinkedHashSet<>(rig.subtree(child.id()));
        except.add(joint.parent().placement());
        Set<PlacementId> before = carriers(rig, child.id());
        List<WayOn> all = new ArrayList<>();
        for (Way way : ways(rig, joint, entry)) {
            WayOn on = new WayOn(way.direction(), new LinkedHashSet<>(blockers(clearances, matter, way, except)));
            if (on.isFree()) {
                return on;
            }
            all.add(on);
        }
        return all.stream().min(Comparator.comparingInt(w -> w.rank(before))).orElseThrow();
    }

    /** Whether one of the ways of a joint's child is free of all that must be there before it. */
    public static boolean isFreeOfCarriers(Rig rig, Clearances clearances, Joint joint, Standard.Entry entry) {
        PlacementId child = joint.child().placement();
        Set<PlacementId> before = carriers(rig, child);
        before.remove(joint.parent().placement());
        if (before.isEmpty()) {
            return true;
        }
        Set<PlacementId> others =
                rig.attached().stream().map(Placed::id).collect(Collectors.toCollection(LinkedHashSet::new));
        others.removeAll(before);
        List<Solid> matter = clearances.matterOf(child);
        return ways(rig, joint, entry).stream()
                .anyMatch(way -> blockers(clearances, matter, way, others).isEmpty());
    }

    private int rank(Set<PlacementId> before) {
        return (int) blockers.stream().filter(before::contains).count() * 100 + blockers.size();
    }

    /** What carries a part, up to the root: it is there first. */
    public static Set<PlacementId> carriers(Rig rig, PlacementId placement) {
        return rig.pathToRoot(placement).stream()
                .map(j -> j.parent().placement())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private record Way(Vec3 direction, double length) {}

    private static List<Way> ways(Rig rig, Joint joint, Standard.Entry entry) {
        Placed parent = rig.require(joint.parent().placement());
        Pose on = parent.portPose(joint.parent().port());
        if (entry != Standard.Entry.FROM_END) {
            return List.of(new Way(on.n(), WAY_OUT));
        }
        double ahead = WAY_OUT;
        double behind = WAY_OUT;
        if (parent.port(joint.parent().port()).occupancy() instanceof Port.Occupancy.Interval carrier) {
            Optional<Double> held =
                    rig.held(joint).map(h -> (h.span().from() + h.span().to()) / 2);
            double at = held.orElse(0.0);
            ahead = carrier.toMm() - at + WAY_OUT;
            behind = at - carrier.fromMm() + WAY_OUT;
        }
        return List.of(new Way(on.u(), ahead), new Way(on.u().negated(), behind));
    }

    private static List<PlacementId> blockers(
            Clearances clearances, List<Solid> matter, Way way, Set<PlacementId> except) {
        Vec3 by = way.direction().times(way.length());
        return clearances.inWay(matter, by, except, BRUSHES);
    }
}
