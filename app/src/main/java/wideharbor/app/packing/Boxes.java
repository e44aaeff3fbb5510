package wideharbor.app.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.dispatch.Packed;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.stock.Piece;

/** The cases of a job: those of the plan and those that were used beside it. */
record Boxes(Job job, CasePlan plan, Packed packed, Map<String, ItemType> types, Map<String, Piece> pieces) {
    List<PackingViews.PackBox> all() {
        SortedSet<Integer> numbers = new TreeSet<>(packed.boxes().keySet());
        for (int i = 1; i <= plan.cases().size(); i++) {
            numbers.add(i);
        }
        return numbers.stream().map(this::box).toList();
    }

    private PackingViews.PackBox box(int number) {
        Optional<CasePlan.PackedCase> planned =
                number <= plan.cases().size() ? Optional.of(plan.cases().get(number - 1)) : Optional.empty();
        double grams = planned.flatMap(p -> p.type().facet(RiggingFacet.Room.class))
                .map(RiggingFacet.Room::emptyGrams)
                .orElse(0.0);
        int unweighed = 0;
        List<PackingViews.PackContent> contents = new ArrayList<>();
        Map<String, Integer> inside = packed.boxes().getOrDefault(number, Map.of());
        for (Packed.Line line : packed.lines()) {
            int count = inside.getOrDefault(line.type(), 0);
            if (count == 0) {
                continue;
            }
            List<String> codes = line.codes().stream()
                    .filter(c -> packed.boxOf(c).filter(b -> b == number).isPresent())
                    .toList();
            contents.add(new PackingViews.PackContent(line.type(), line.title(), count, codes));
            for (int i = 0; i < count; i++) {
                Optional<Double> each = mass(line.type(), i < codes.size() ? codes.get(i) : "");
                grams += each.orElse(0.0);
                unweighed += each.isPresent() ? 0 : 1;
            }
        }
        return new PackingViews.PackBox(
                number,
                planned.map(p -> p.type().name()).orElse("Case beside the plan"),
                contents,
                planned.map(p -> p.contents().stream()
                                .map(c -> new PackingViews.PackContent(
                                        c.type().ref().id(), c.type().name(), c.pieces(), List.of()))
                                .toList())
                        .orElse(List.of()),
                grams,
                unweighed,
                grams > job.rules().value(Rule.TEAM_LIFT));
    }

    /** What the piece itself weighed comes before what its type weighs. */
    private Optional<Double> mass(String type, String code) {
        Optional<Double> weighed = Optional.ofNullable(pieces.get(code)).flatMap(Piece::grams);
        return weighed.or(() -> Optional.ofNullable(types.get(type))
                .map(Mass::ofType)
                .filter(Figure.Known.class::isInstance)
                .map(f -> ((Figure.Known) f).value()));
    }

    /** The cases that the plan puts a type into. */
    List<Integer> plannedFor(String type) {
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < plan.cases().size(); i++) {
            if (plan.cases().get(i).contents().stream()
                    .anyMatch(c -> c.type().ref().id().equals(type))) {
                all.add(i + 1);
            }
        }
        return all;
    }
}
