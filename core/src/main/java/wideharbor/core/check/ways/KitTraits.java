package wideharbor.core.check.ways;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.ways.TraitView.Miss;
import wideharbor.core.job.Subject;

/** What is wanted beside the rig. */
final class KitTraits {
    private KitTraits() {}

    static void addTo(Map<BuildTrait, Function<TraitView, List<Miss>>> all) {
        all.put(BuildTrait.CABLES_TIED, l -> {
            int plugged = l.analysis().rig().content().cables().size();
            int ties = l.able(Capability.TIES_CABLES).size();
            return ties * 3 >= plugged
                    ? List.of()
                    : List.of(new Miss(Subject.whole(), ties + " for " + plugged + " cables"));
        });
        all.put(
                BuildTrait.RECORDED_TWICE,
                l -> l.analysis().kit().counts().entrySet().stream()
                        .filter(e -> isCard(l, e.getKey()) && e.getValue() < 2)
                        .map(e -> new Miss(
                                Subject.type(e.getKey()),
                                e.getValue() + " "
                                        + l.analysis()
                                                .catalogue()
                                                .require(e.getKey())
                                                .name()))
                        .toList());
    }

    private static boolean isCard(TraitView look, TypeRef type) {
        return look.analysis().catalogue().require(type).can(Capability.KEEPS_RECORDING);
    }
}
