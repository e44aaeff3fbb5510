package wideharbor.core.changeover;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wideharbor.core.clearance.Obstacles;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;

/**
 * Parts that are on both rigs at the same place, and must come off in between: what they stand in the way of comes off
 * or goes on. What stands in their own way comes off before them, and so on.
 */
final class Aside {
    private final Obstacles from;
    private final Obstacles to;
    private final Set<PlacementId> leaving = new LinkedHashSet<>();
    private final Set<PlacementId> arriving = new LinkedHashSet<>();
    private final Map<PlacementId, String> parts = new LinkedHashMap<>();
    private final Deque<PlacementId> open = new ArrayDeque<>();

    private Aside(Obstacles from, Obstacles to) {
        this.from = from;
        this.to = to;
    }

    /** By part that is taken off by itself, for which other, and why. */
    static Map<PlacementId, String> of(Obstacles from, Obstacles to, List<Changeover.Step> steps) {
        Aside aside = new Aside(from, to);
        steps.forEach(s -> s.placement().ifPresent(part -> aside.handled(s.act(), part)));
        steps.forEach(s -> s.placement().ifPresent(part -> aside.look(s.act(), part)));
        while (!aside.open.isEmpty()) {
            PlacementId part = aside.open.poll();
            aside.look(from, part, aside.leaving);
            aside.look(to, part, aside.arriving);
        }
        return aside.outermost();
    }

    private void handled(Changeover.Act act, PlacementId part) {
        if (act != Changeover.Act.ON) {
            leaving.addAll(from.rig().subtree(part));
        }
        if (act != Changeover.Act.OFF) {
            arriving.addAll(to.rig().subtree(part));
        }
    }

    private void look(Changeover.Act act, PlacementId part) {
        if (act != Changeover.Act.ON) {
            look(from, part, leaving);
        }
        if (act != Changeover.Act.OFF) {
            look(to, part, arriving);
        }
    }

    private void look(Obstacles here, PlacementId part, Set<PlacementId> handled) {
        Rig rig = here.rig();
        here.of(part).forEach((other, why) -> {
            boolean stays =
                    from.rig().find(other).isPresent() && to.rig().find(other).isPresent() && !handled.contains(other);
            if (stays && !parts.containsKey(other)) {
                parts.put(other, rig.title(part) + ": it " + why + ".");
                open.add(other);
            }
        });
    }

    /** What hangs on another that is taken off goes along with it. */
    private Map<PlacementId, String> outermost() {
        Map<PlacementId, String> all = new LinkedHashMap<>(parts);
        for (PlacementId part : parts.keySet()) {
            from.rig().subtree(part).stream().filter(id -> !id.equals(part)).forEach(all::remove);
        }
        return all;
    }
}
