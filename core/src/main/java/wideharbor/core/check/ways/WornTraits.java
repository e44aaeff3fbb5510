package wideharbor.core.check.ways;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.ways.TraitView.Miss;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;

/** How a worn or held rig is wanted. */
final class WornTraits {
    private static final double CLOSE_PAD = 120;

    private WornTraits() {}

    static void addTo(Map<BuildTrait, Function<TraitView, List<Miss>>> all) {
        all.put(BuildTrait.PAD_UNDER_MOUNT, l -> l.each(l.able(Capability.SHOULDERS), p -> l.ahead(p) < -CLOSE_PAD));
        all.put(BuildTrait.PAD_BEHIND, l -> l.each(l.able(Capability.SHOULDERS), p -> l.ahead(p) >= -CLOSE_PAD));
        all.put(BuildTrait.NO_PAD_UNWORN, l -> isShouldered(l) ? List.of() : l.each(l.able(Capability.SHOULDERS)));
        all.put(BuildTrait.TWO_GRIPS, l -> {
            List<Placed> holds = l.able(Capability.IS_HANDHOLD);
            boolean left = holds.stream().anyMatch(p -> l.left(p) > 40);
            boolean right = holds.stream().anyMatch(p -> l.left(p) < -40);
            boolean pair = holds.stream().anyMatch(p -> p.type().can(Capability.GRIPS_BOTH_HANDS));
            return left && right || pair
                    ? List.of()
                    : List.of(new Miss(
                            Subject.whole(), left ? "none on the right" : right ? "none on the left" : "none"));
        });
        all.put(BuildTrait.ONE_GRIP, l -> {
            List<Placed> aside = l.all(p -> p.type().can(Capability.IS_HANDHOLD) && Math.abs(l.left(p)) > 40);
            List<Placed> pairs = l.able(Capability.GRIPS_BOTH_HANDS);
            return pairs.isEmpty() && aside.size() <= 1
                    ? List.of()
                    : l.each(pairs.isEmpty() ? aside.subList(1, aside.size()) : pairs);
        });
        all.put(
                BuildTrait.HANDLE_ON_TOP,
                l -> l.none(
                        l.all(p -> p.type().can(Capability.IS_HANDHOLD) && l.over(p) > 60 && Math.abs(l.left(p)) < 60),
                        "nothing to hold on top"));
    }

    private static boolean isShouldered(TraitView look) {
        return look.analysis()
                .rig()
                .find(look.analysis().rig().configuration().support())
                .flatMap(p -> p.type().facet(SupportFacet.Support.class))
                .filter(s -> s.way() == SupportFacet.Support.Way.SHOULDER)
                .isPresent();
    }
}
