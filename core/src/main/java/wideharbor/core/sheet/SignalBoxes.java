package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.id.PlacementId;
import wideharbor.core.signal.Box;
import wideharbor.core.signal.Hop;
import wideharbor.core.signal.Monitoring;
import wideharbor.core.signal.Outage;
import wideharbor.core.signal.SignalGraph;

/** The boxes of a signal drawing: where they stand in it, and what goes with each that goes dark. */
final class SignalBoxes {
    private SignalBoxes() {}

    static List<SignalSheet.BoxRow> boxes(RigAnalysis analysis, Monitoring monitoring) {
        SignalGraph graph = monitoring.graph();
        Map<PlacementId, Integer> columns = columns(graph);
        List<PlacementId> known = graph.boxes().stream().map(Box::id).toList();
        List<SignalSheet.BoxRow> rows = new ArrayList<>();
        for (Box box : graph.boxes()) {
            Outage outage = Outage.of(box.id(), analysis.rig(), analysis.feeds(), graph);
            List<String> blind = blind(outage, monitoring);
            rows.add(new SignalSheet.BoxRow(
                    box.id(),
                    box.title(),
                    box.onRig(),
                    analysis.rig()
                            .locatedBy(box.id())
                            .filter(j -> box.onRig())
                            .map(j -> analysis.rig().title(j.parent().placement()))
                            .orElse(""),
                    columns.getOrDefault(box.id(), 0),
                    label(box),
                    ownCells(box),
                    outage.dark().stream().filter(known::contains).toList(),
                    blind,
                    lost(outage, blind, monitoring)));
        }
        return rows;
    }

    static List<String> blind(Outage outage, Monitoring monitoring) {
        List<SocketRef> inputs = outage.lost().stream().map(Outage.Lost::input).toList();
        return monitoring.seats().stream()
                .filter(s -> s.route().filter(r -> inputs.contains(r.to())).isPresent())
                .map(s -> s.viewer().who())
                .toList();
    }

    /** Viewers first, by name; then other boxes that lose what they got. */
    static List<String> lost(Outage outage, List<String> blind, Monitoring monitoring) {
        Stream<String> viewers = blind.stream().map(who -> who + " sees nothing");
        Stream<String> others = outage.lost().stream()
                .map(l -> monitoring
                                .graph()
                                .box(l.input().placement())
                                .orElseThrow()
                                .title() + " loses its " + l.carried().inWords());
        return Stream.concat(viewers, others).distinct().toList();
    }

    static String label(Box box) {
        return box.type()
                .facet(SignalFacet.Display.class)
                .map(d -> d.trust().name().toLowerCase(java.util.Locale.ROOT))
                .orElse("");
    }

    static double ownCells(Box box) {
        return box.type()
                .facet(SignalFacet.OwnCells.class)
                .map(SignalFacet.OwnCells::hours)
                .orElse(0.0);
    }

    /**
     * Each box a column behind the last that leads to it; a ring of boxes ends after as many steps as there are boxes.
     */
    static Map<PlacementId, Integer> columns(SignalGraph graph) {
        Map<PlacementId, Integer> columns = new HashMap<>();
        List<Hop> between = graph.hops().stream()
                .filter(h -> !h.from().placement().equals(h.to().placement()))
                .toList();
        boolean moved = true;
        for (int round = 0; moved && round < graph.boxes().size(); round++) {
            moved = false;
            for (Hop hop : between) {
                int next = columns.getOrDefault(hop.from().placement(), 0) + 1;
                if (columns.getOrDefault(hop.to().placement(), 0) < next) {
                    columns.put(hop.to().placement(), next);
                    moved = true;
                }
            }
        }
        return columns;
    }
}
