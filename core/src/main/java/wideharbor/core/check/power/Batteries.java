package wideharbor.core.check.power;

import java.util.Comparator;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Placed;

/** Batteries that would go on the same plate. */
final class Batteries {
    private Batteries() {}

    static List<ItemType> others(RigAnalysis analysis, Placed battery) {
        String standard = plug(battery.type()).standard();
        return Parts.byNearness(analysis).stream()
                .filter(t -> t.facet(PowerFacet.Battery.class).isPresent()
                        && !t.ref().equals(battery.type().ref())
                        && plug(t).standard().equals(standard))
                .sorted(Comparator.comparingDouble(Batteries::wattHours))
                .toList();
    }

    static Candidate swap(RigAnalysis analysis, Placed battery, ItemType other) {
        return new Candidate(
                "battery",
                other.name() + " in place of " + battery.type().name(),
                Parts.swap(analysis, battery.id(), other));
    }

    static double wattHours(ItemType type) {
        return type.facet(PowerFacet.Battery.class)
                .flatMap(PowerFacet.Battery::capacity)
                .map(Figure.Known::value)
                .orElse(0.0);
    }

    static Port plug(ItemType type) {
        return type.port(type.facet(PowerFacet.Battery.class).orElseThrow().port())
                .orElseThrow();
    }
}
