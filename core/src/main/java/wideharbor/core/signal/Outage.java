package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.FeedTree;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What goes dark when one box does: all that it feeds, and every input whose only way led through those. A box on its
 * own cells stays on, and one that keeps time keeps it.
 *
 * @param dark boxes without power, the failed one first
 * @param lost inputs that were reached and are not any more
 */
public record Outage(List<PlacementId> dark, List<Lost> lost) {
    /** Somebody or something that is not reached any more. */
    public record Lost(SocketRef input, Carried carried) {}

    public static Outage of(PlacementId failed, Rig rig, FeedTree feeds, SignalGraph graph) {
        Set<PlacementId> dark = fedBy(failed, rig, feeds);
        List<Lost> lost = new ArrayList<>();
        for (Carried carried : Carried.values()) {
            List<SocketRef> inputs = graph.inputs(carried);
            if (inputs.isEmpty()) {
                continue;
            }
            Set<SocketRef> before = graph.reached(carried, Set.of());
            Set<SocketRef> still = graph.reached(carried, dark);
            for (SocketRef input : inputs) {
                if (before.contains(input) && (dark.contains(input.placement()) || !still.contains(input))) {
                    lost.add(new Lost(input, carried));
                }
            }
        }
        return new Outage(List.copyOf(dark), lost);
    }

    private static Set<PlacementId> fedBy(PlacementId failed, Rig rig, FeedTree feeds) {
        Set<PlacementId> dark = new LinkedHashSet<>(List.of(failed));
        // A battery takes what sits on its plate with it.
        for (FeedTree.Source source : feeds.sources()) {
            if (source.battery().id().equals(failed)) {
                source.plate().map(Placed::id).ifPresent(dark::add);
            }
        }
        boolean more = true;
        while (more) {
            more = false;
            for (Placed placed : rig.attached()) {
                if (!dark.contains(placed.id()) && !Box.of(placed).hasOwnCells() && isFedOnlyBy(dark, placed, feeds)) {
                    more = dark.add(placed.id());
                }
            }
        }
        return dark;
    }

    private static boolean isFedOnlyBy(Set<PlacementId> dark, Placed placed, FeedTree feeds) {
        List<Optional<FeedTree.Outlet>> inputs = placed.type().facets(PowerFacet.PowerInput.class).stream()
                .map(i -> feeds.feeding(new SocketRef(placed.id(), i.socket())))
                .filter(Optional::isPresent)
                .toList();
        return !inputs.isEmpty()
                && inputs.stream()
                        .allMatch(o -> dark.contains(o.orElseThrow().placed().id()));
    }
}
