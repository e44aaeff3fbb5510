package wideharbor.core.changeover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import wideharbor.core.brief.Preference.Sequence;
import wideharbor.core.brief.Preferences;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.changeover.Changeover.Act;
import wideharbor.core.changeover.Changeover.Step;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Puts what goes on into the order that the crew works in. What bears a lens is there before its weight arrives,
 * whatever the crew likes.
 */
final class Sequencing {
    private Sequencing() {}

    static List<Step> ordered(List<Step> on, Rig to, Preferences ways) {
        List<Step> steps = new ArrayList<>(on);
        steps.sort(Comparator.comparingInt(step -> rank(step, to, ways)));
        return steps;
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
            boolean moves = step.act() == Act.ON || step.act() == Act.OVER;
            Set<PlacementId> side = moves ? step.placement().map(to::subtree).orElse(Set.of()) : Set.of();
            if (side.contains(run.a().placement()) || side.contains(run.b().placement())) {
                last = i;
            }
        }
        return last < 0 ? steps.size() - 1 : last;
    }
}
