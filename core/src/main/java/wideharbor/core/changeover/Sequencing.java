package wideharbor.core.changeover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;
import wideharbor.core.brief.Preference.Sequence;
import wideharbor.core.brief.Preferences;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.changeover.Changeover.Act;
import wideharbor.core.changeover.Changeover.Step;
import wideharbor.core.clearance.Obstacles;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Puts what comes off, goes over and goes on into the order that the crew works in. What bears a lens is there before
 * its weight arrives and goes after it, whatever the crew likes; nothing is hung on what is not there yet.
 */
final class Sequencing {
    private final List<Step> steps;
    private final Rig to;
    private final Preferences ways;
    private final DirectedAcyclicGraph<Integer, DefaultEdge> order = new DirectedAcyclicGraph<>(DefaultEdge.class);

    private Sequencing(List<Step> steps, Rig to, Preferences ways) {
        this.steps = steps;
        this.to = to;
        this.ways = ways;
    }

    /** Steps of parts, in the order of what they need; among the free ones first off, then over, then on as liked. */
    static List<Step> ordered(List<Step> steps, Obstacles before, Obstacles after, Preferences ways) {
        Rig from = before.rig();
        Rig to = after.rig();
        Sequencing sequencing = new Sequencing(steps, to, ways);
        IntStream.range(0, steps.size()).forEach(sequencing.order::addVertex);
        sequencing.pairs((first, then) ->
                first.act() == Act.ASIDE && then.act() == Act.BACK && first.of().equals(then.of()));
        sequencing.pairs((first, then) -> isArriving(first) && isArriving(then) && isCarriedBy(then, first, to));
        sequencing.pairs((first, then) -> isArriving(first) && isArriving(then) && bearsFor(first, then, to));
        sequencing.pairs((first, then) -> isLeaving(first) && isLeaving(then) && bearsFor(then, first, from));
        sequencing.pairs((first, then) -> first.act() == Act.OVER && isLeaving(then) && isCarriedBy(first, then, from));
        sequencing.freed(before, after);
        return sequencing.walked();
    }

    /** What stands in the way of a part is off before the part is handled, and comes after it. */
    private void freed(Obstacles before, Obstacles after) {
        List<Set<PlacementId>> inWayOff = steps.stream()
                .map(s -> isLeaving(s) ? inWay(before, s) : Set.<PlacementId>of())
                .toList();
        List<Set<PlacementId>> inWayOn = steps.stream()
                .map(s -> isArriving(s) ? inWay(after, s) : Set.<PlacementId>of())
                .toList();
        for (int part = 0; part < steps.size(); part++) {
            for (int other = 0; other < steps.size(); other++) {
                Step obstacle = steps.get(other);
                boolean off = meets(inWayOff.get(part), obstacle, before.rig());
                boolean on = meets(inWayOn.get(part), obstacle, after.rig());
                if (isLeaving(obstacle) && off || obstacle.act() == Act.ASIDE && on) {
                    first(other, part);
                }
                if (isArriving(obstacle) && on || obstacle.act() == Act.BACK && off) {
                    first(part, other);
                }
            }
        }
    }

    private static Set<PlacementId> inWay(Obstacles here, Step step) {
        return step.placement().map(p -> here.of(p).keySet()).orElse(Set.of());
    }

    private static boolean meets(Set<PlacementId> inWay, Step obstacle, Rig rig) {
        return !inWay.isEmpty() && whole(obstacle, rig).stream().anyMatch(inWay::contains);
    }

    private void first(int one, int then) {
        if (one != then && !order.getDescendants(then).contains(one)) {
            order.addEdge(one, then);
        }
    }

    /** What closes a circle is left out: it was asked for later, so it matters less. */
    private void pairs(BiPredicate<Step, Step> comesFirst) {
        for (int a = 0; a < steps.size(); a++) {
            for (int b = 0; b < steps.size(); b++) {
                if (a != b && comesFirst.test(steps.get(a), steps.get(b))) {
                    first(a, b);
                }
            }
        }
    }

    private List<Step> walked() {
        Comparator<Integer> liked = Comparator.comparingInt(i -> rank(steps.get(i)));
        List<Step> walked = new ArrayList<>();
        new TopologicalOrderIterator<>(order, liked.thenComparing(Comparator.naturalOrder()))
                .forEachRemaining(i -> walked.add(steps.get(i)));
        return walked;
    }

    private static boolean isArriving(Step step) {
        return step.act() != Act.OFF && step.act() != Act.ASIDE;
    }

    private static boolean isLeaving(Step step) {
        return step.act() != Act.ON && step.act() != Act.BACK;
    }

    /** Whether a part hangs on something that is handled in another step. */
    private static boolean isCarriedBy(Step part, Step carrier, Rig rig) {
        return part.placement()
                .flatMap(rig::locatedBy)
                .map(j -> j.parent().placement())
                .filter(parent -> whole(carrier, rig).contains(parent))
                .isPresent();
    }

    /** Whether one step handles what braces a lens, and the other the lens: by itself, or on its adapter. */
    private static boolean bearsFor(Step bearer, Step lens, Rig rig) {
        Set<PlacementId> borne = whole(lens, rig);
        return handles(lens, rig, p -> p.type().category() == Category.LENS)
                && handles(bearer, rig, p -> p.type().can(Capability.BRACES_LENS) && !borne.contains(p.id()));
    }

    private static boolean handles(Step step, Rig rig, Predicate<Placed> which) {
        return whole(step, rig).stream().flatMap(id -> rig.find(id).stream()).anyMatch(which);
    }

    private static Set<PlacementId> whole(Step step, Rig rig) {
        return step.placement()
                .filter(id -> rig.find(id).isPresent())
                .map(rig::subtree)
                .orElse(Set.of());
    }

    private int rank(Step step) {
        return switch (step.act()) {
            case OFF, ASIDE -> -20;
            case OVER -> -10;
            default -> rank(step, to, ways);
        };
    }

    private static int rank(Step step, Rig to, Preferences ways) {
        Placed part = to.require(step.placement().orElseThrow());
        boolean lens = part.type().category() == Category.LENS;
        boolean braces = part.type().can(Capability.BRACES_LENS);
        if (ways.isOrdered(Sequence.LENS_FIRST) && (lens || braces)) {
            return braces ? -2 : -1;
        }
        if (ways.isOrdered(Sequence.LENS_LAST) && lens) {
            return 3;
        }
        if (ways.isOrdered(Sequence.SCREEN_LAST) && part.type().category() == Category.MONITOR) {
            return 2;
        }
        boolean drive = part.type().can(Capability.DRIVES_LENS);
        if (drive) {
            return ways.isOrdered(Sequence.DRIVE_BEFORE_LENS) ? 0 : 4;
        }
        return 1;
    }

    /** Cables right after the part they end at, instead of all at the end; those of parts that stayed come last. */
    static List<Step> withCables(List<Step> before, List<Step> cables, Rig to, Preferences ways) {
        List<Step> all = new ArrayList<>(before);
        if (!ways.isOrdered(Sequence.CABLES_AT_ONCE)) {
            all.addAll(cables);
            return all;
        }
        for (Step cable : cables) {
            all.add(lastEnd(all, cable, to) + 1, cable);
        }
        return all;
    }

    /** The last step that puts one of the cable's ends in place, or the last of all. */
    private static int lastEnd(List<Step> steps, Step cable, Rig to) {
        var run = to.content().cable((CableId) cable.of()).orElseThrow();
        int last = -1;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            boolean moves = step.act() == Act.ON || step.act() == Act.OVER || step.act() == Act.BACK;
            Set<PlacementId> side = moves ? step.placement().map(to::subtree).orElse(Set.of()) : Set.of();
            if (side.contains(run.a().placement()) || side.contains(run.b().placement())) {
                last = i;
            }
        }
        return last < 0 ? steps.size() - 1 : last;
    }
}
