package wideharbor.core.check.ways;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.check.ways.TraitView.Miss;

/** For every trait that somebody may want of a build, what on a rig is not so. */
final class BuildTraits {
    private static final Map<BuildTrait, Function<TraitView, List<Miss>>> ALL = new EnumMap<>(BuildTrait.class);

    static {
        RiggingTraits.addTo(ALL);
        WornTraits.addTo(ALL);
        PowerTraits.addTo(ALL);
        PictureTraits.addTo(ALL);
        LensTraits.addTo(ALL);
        SignalTraits.addTo(ALL);
        KitTraits.addTo(ALL);
    }

    private BuildTraits() {}

    static List<Miss> misses(BuildTrait trait, TraitView view) {
        return Objects.requireNonNull(ALL.get(trait)).apply(view);
    }
}
