package wideharbor.core.check.ways;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.check.ways.TraitView.Miss;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;

/** What is wanted on the lens and before it. */
final class LensTraits {
    private LensTraits() {}

    static void addTo(Map<BuildTrait, Function<TraitView, List<Miss>>> all) {
        all.put(
                BuildTrait.LENS_NATIVE,
                l -> l.each(
                        l.of(Category.LENS),
                        p -> l.analysis()
                                .rig()
                                .locatedBy(p.id())
                                .filter(j -> j.parent()
                                        .placement()
                                        .equals(l.analysis().rig().content().root()))
                                .isEmpty()));
        all.put(BuildTrait.DRIVE_FOR_PULLER, l -> {
            boolean puller = !l.analysis().job().brief().crew().focusPuller().isBlank();
            List<Placed> drives = l.able(Capability.DRIVES_LENS);
            return puller ? l.none(drives, "somebody pulls focus, nothing drives the lens") : l.each(drives);
        });
        all.put(BuildTrait.MATTE_BOX, l -> l.none(l.of(Category.MATTE_BOX), "none"));
        all.put(BuildTrait.NO_MATTE_BOX, l -> l.each(l.of(Category.MATTE_BOX)));
        all.put(BuildTrait.ONE_FRONT, LensTraits::otherFronts);
    }

    private static List<Miss> otherFronts(TraitView look) {
        Set<Double> fronts = new LinkedHashSet<>();
        var build = look.analysis().build();
        build.lenses()
                .forEach(l -> look.analysis()
                        .withLens(l.id())
                        .rig()
                        .attached()
                        .forEach(p -> p.type()
                                .facet(OpticalFacet.Lens.class)
                                .ifPresent(f -> fronts.add(f.frontDiameterMm()))));
        return fronts.size() <= 1
                ? List.of()
                : List.of(new Miss(
                        Subject.named("lenses"),
                        String.join(
                                ", ",
                                fronts.stream().map(f -> Math.round(f) + " mm").toList())));
    }
}
