package wideharbor.core.front;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.FrontFacet.Filter;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.ItemType;

/**
 * Filters before a lens: where each goes, and what all glass before the sensor costs.
 *
 * @param placed names of the filters with the opening that takes them, the nearest to the lens first
 * @param left names of those for which there is no opening, or none that is free
 * @param lossStops of those that are placed, and of the adapters behind the lens
 * @param stages so many, from the lens on, must stay on for them
 * @param clear whether these stages stay clear of the lens's corners
 */
public record FilterFit(List<InStage> placed, List<String> left, double lossStops, int stages, boolean clear) {
    public FilterFit {
        placed = List.copyOf(placed);
        left = List.copyOf(left);
    }

    /** A filter and the opening it is in. */
    public record InStage(String filter, String stage) {}

    private record Stage(double aheadMm, FrontFacet.Opening opening) {}

    /**
     * Each in the nearest free stage of its format: an opening takes one format alone, so that no other order places
     * more of them.
     *
     * @param without titles of openings that are left out
     * @param mountLoss stops in the adapters behind the lens
     * @param clearStages so many, the nearest first, stay clear of its corners
     */
    public static FilterFit of(
            LensFront front, List<ItemType> filters, Set<String> without, double mountLoss, int clearStages) {
        List<Stage> stages = front.boxes().stream()
                .flatMap(b -> b.facet().openings().stream()
                        .filter(o -> o.kind() == OpeningKind.STAGE && !without.contains(o.title()))
                        .map(o -> new Stage(b.aheadMm() + o.atMm(), o)))
                .sorted(Comparator.comparingDouble(Stage::aheadMm))
                .toList();
        List<ItemType> waiting = new ArrayList<>(filters);
        List<InStage> placed = new ArrayList<>();
        double loss = mountLoss;
        int last = 0;
        for (int i = 0; i < stages.size(); i++) {
            FrontFacet.Opening opening = stages.get(i).opening();
            for (ItemType filter : waiting) {
                Filter facet = filter.facet(Filter.class).orElse(null);
                if (facet != null && facet.goesInto(opening)) {
                    waiting.remove(filter);
                    placed.add(new InStage(filter.name(), opening.title()));
                    loss += facet.lossStops();
                    last = i + 1;
                    break;
                }
            }
        }
        return new FilterFit(placed, waiting.stream().map(ItemType::name).toList(), loss, last, last <= clearStages);
    }
}
