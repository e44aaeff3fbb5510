package wideharbor.core.analysis;

import java.util.HashMap;
import java.util.Map;
import wideharbor.core.build.Build;
import wideharbor.core.build.Holds;
import wideharbor.core.build.Placement;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Catalogue.Charge;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.job.Job;

/** Batteries as they were measured: of a kind, all in the package count as the weakest, whatever is on their label. */
final class MeasuredCells {
    private MeasuredCells() {}

    /** The same job where nothing was measured; else with the kinds of battery as they are. */
    static Job in(Job job) {
        Map<TypeRef, Charge> held = new HashMap<>();
        for (Build build : job.gear().builds()) {
            for (Placement part : build.base().placements()) {
                part.holds().ifPresent(h -> held.merge(part.type(), charge(h), MeasuredCells::weaker));
            }
        }
        Catalogue measured = job.catalogue().holding(held);
        return measured == job.catalogue() ? job : job.with(measured);
    }

    private static Charge charge(Holds holds) {
        return new Charge(holds.wattHours(), holds.plusMinus() / holds.wattHours());
    }

    private static Charge weaker(Charge a, Charge b) {
        return b.wattHours() < a.wattHours() ? b : a;
    }
}
