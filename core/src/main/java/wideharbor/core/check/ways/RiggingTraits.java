package wideharbor.core.check.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Relation;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.check.ways.TraitView.Miss;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** What rigging is wanted, and how. */
final class RiggingTraits {
    private static final double LONG_DOVETAIL = 350;
    private static final double SHORT_DOVETAIL = 250;
    private static final Set<Category> RIGGING = Set.of(
            Category.PLATE,
            Category.DOVETAIL,
            Category.ROD,
            Category.CAGE,
            Category.HANDLE,
            Category.BRACKET,
            Category.RISER);

    private RiggingTraits() {}

    static void addTo(Map<BuildTrait, Function<TraitView, List<Miss>>> all) {
        all.put(BuildTrait.RODS_STUDIO, l -> l.each(l.of(Category.ROD), p -> TraitView.standsOn(p, "rod-15-lw")));
        all.put(
                BuildTrait.RODS_LIGHT,
                l -> l.each(
                        l.of(Category.ROD),
                        p -> TraitView.standsOn(p, "rod-15-studio") || TraitView.standsOn(p, "rod-19-studio")));
        all.put(BuildTrait.NO_RODS, l -> l.each(l.of(Category.ROD)));
        all.put(BuildTrait.DRIVES_STAY, RiggingTraits::drivesThatSlide);
        all.put(
                BuildTrait.CAGE_CLOSED,
                l -> hasLoop(l) ? List.of() : List.of(new Miss(Subject.whole(), "no plate ties top and bottom")));
        all.put(BuildTrait.NO_CAGE, l -> l.each(l.of(Category.CAGE)));
        all.put(BuildTrait.BASE_OF_BODY, RiggingTraits::basesOfOthers);
        all.put(BuildTrait.DOVETAIL_LONG, l -> l.each(l.of(Category.DOVETAIL), p -> length(p) < LONG_DOVETAIL));
        all.put(BuildTrait.DOVETAIL_SHORT, l -> l.each(l.of(Category.DOVETAIL), p -> length(p) > SHORT_DOVETAIL));
        all.put(BuildTrait.ONE_MAKER, RiggingTraits::secondMakers);
        all.put(
                BuildTrait.TRIED_JOINTS,
                l -> l.analysis().rig().liveJoints().stream()
                        .filter(j -> j.confidence() == Joint.Confidence.CLAIMED
                                || j.confidence() == Joint.Confidence.PLAUSIBLE)
                        .map(j -> new Miss(
                                Subject.joint(j.id()),
                                l.analysis().rig().title(j.child().placement()) + " untried"))
                        .toList());
        all.put(BuildTrait.NO_ARMS, l -> l.each(l.of(Category.ARM)));
        all.put(BuildTrait.CHANGES_TOOL_FREE, RiggingTraits::changesWithTools);
    }

    /** Rods that hang on a part which slides along with the support do not stay with the body. */
    private static List<Miss> drivesThatSlide(TraitView look) {
        Rig rig = look.analysis().rig();
        return look.each(
                look.able(Capability.DRIVES_LENS),
                drive -> rig.pathToRoot(drive.id()).stream()
                        .map(j -> rig.require(j.parent().placement()))
                        .anyMatch(p -> p.type().category() == Category.DOVETAIL
                                || p.type().can(Capability.SHOULDERS)));
    }

    private static boolean hasLoop(TraitView look) {
        Rig rig = look.analysis().rig();
        return rig.closings().stream()
                .map(c -> c.joint())
                .anyMatch(j -> rig.require(j.parent().placement()).type().category() == Category.CAGE
                        || rig.require(j.child().placement()).type().category() == Category.CAGE);
    }

    private static List<Miss> basesOfOthers(TraitView look) {
        Rig rig = look.analysis().rig();
        PlacementId root = rig.content().root();
        return look.body()
                .map(body -> look.each(
                        look.of(Category.PLATE),
                        plate -> rig.locatedBy(plate.id())
                                        .filter(j -> j.parent().placement().equals(root))
                                        .isPresent()
                                && plate.type().relations(Relation.Kind.MADE_FOR).stream()
                                        .noneMatch(r -> r.means(body.type()))))
                .orElse(List.of());
    }

    private static List<Miss> secondMakers(TraitView look) {
        List<Placed> rigging = look.all(p -> RIGGING.contains(p.type().category()));
        String first = rigging.isEmpty() ? "" : rigging.get(0).type().maker();
        return rigging.stream()
                .filter(p -> !p.type().maker().equals(first))
                .map(p -> new Miss(
                        Subject.part(p.id()), p.title() + " is " + p.type().maker() + ", not " + first))
                .toList();
    }

    private static List<Miss> changesWithTools(TraitView look) {
        Rig here = look.analysis().rig();
        List<Miss> misses = new ArrayList<>();
        for (var other : look.analysis().build().configurations()) {
            if (!other.id().equals(here.configuration().id())) {
                Changeover way =
                        Changeover.between(look.analysis(), look.analysis().beside(other.id()));
                if (!way.isToolFree()) {
                    misses.add(new Miss(
                            Subject.named(other.id().toString()),
                            "to " + other.title() + " by " + String.join(", ", way.keys())));
                }
            }
        }
        return misses;
    }

    private static double length(Placed part) {
        return part.type().ports().stream()
                .filter(p -> p.occupancy() instanceof Port.Occupancy.Interval)
                .map(p -> (Port.Occupancy.Interval) p.occupancy())
                .mapToDouble(i -> i.toMm() - i.fromMm())
                .max()
                .orElse(0);
    }
}
