package wideharbor.core.check.power;

import java.util.LinkedHashMap;
import java.util.Map;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.check.CheckContext;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** All batteries of a job by kind: in the kit, on the rig looked at, and on its other builds. */
public final class PackedBatteries {
    private PackedBatteries() {}

    /** Of another build the most of a kind that one of its configurations wears. */
    public static Map<ItemType, Integer> of(CheckContext context) {
        Map<ItemType, Integer> counts = new LinkedHashMap<>();
        for (Build build : context.job().gear().builds()) {
            fitted(context, build).forEach((type, count) -> counts.merge(type, count, Integer::sum));
        }
        context.kit().counts().forEach((ref, count) -> {
            ItemType type = context.catalogue().require(ref);
            if (type.facet(Facet.Battery.class).isPresent()) {
                counts.merge(type, count, Integer::sum);
            }
        });
        return counts;
    }

    private static Map<ItemType, Integer> fitted(CheckContext context, Build build) {
        if (build.id().equals(context.build().id())) {
            return fitted(context.rig());
        }
        Map<ItemType, Integer> most = new LinkedHashMap<>();
        for (Configuration worn : build.configurations()) {
            fitted(Rig.resolve(build, worn.id(), "", context.catalogue()))
                    .forEach((t, n) -> most.merge(t, n, Math::max));
        }
        return most;
    }

    private static Map<ItemType, Integer> fitted(Rig rig) {
        Map<ItemType, Integer> counts = new LinkedHashMap<>();
        rig.attached().stream()
                .map(Placed::type)
                .filter(t -> t.facet(Facet.Battery.class).isPresent())
                .forEach(t -> counts.merge(t, 1, Integer::sum));
        return counts;
    }
}
