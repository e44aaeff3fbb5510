package wideharbor.core.analysis;

import java.util.LinkedHashMap;
import java.util.Map;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.id.LensId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** All batteries of a job by kind: in the kit, on the rig looked at, and on its other builds. */
public final class PackedBatteries {
    private PackedBatteries() {}

    /** Of another build the most of a kind that one of its configurations wears. */
    public static Map<ItemType, Integer> of(RigAnalysis analysis) {
        Map<ItemType, Integer> counts = new LinkedHashMap<>();
        for (Build build : analysis.job().gear().builds()) {
            fitted(analysis, build).forEach((type, count) -> counts.merge(type, count, Integer::sum));
        }
        analysis.kit().counts().forEach((ref, count) -> {
            ItemType type = analysis.catalogue().require(ref);
            if (type.facet(PowerFacet.Battery.class).isPresent()) {
                counts.merge(type, count, Integer::sum);
            }
        });
        return counts;
    }

    private static Map<ItemType, Integer> fitted(RigAnalysis analysis, Build build) {
        if (build.id().equals(analysis.build().id())) {
            return fitted(analysis.rig());
        }
        Map<ItemType, Integer> most = new LinkedHashMap<>();
        for (Configuration worn : build.configurations()) {
            fitted(analysis.whole().rig(build.id(), worn.id(), LensId.NONE).rig())
                    .forEach((t, n) -> most.merge(t, n, Math::max));
        }
        return most;
    }

    private static Map<ItemType, Integer> fitted(Rig rig) {
        Map<ItemType, Integer> counts = new LinkedHashMap<>();
        rig.attached().stream()
                .map(Placed::type)
                .filter(t -> t.facet(PowerFacet.Battery.class).isPresent())
                .forEach(t -> counts.merge(t, 1, Integer::sum));
        return counts;
    }
}
