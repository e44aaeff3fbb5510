package wideharbor.core.dispatch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.stock.Piece;

/** The cases of a job as they are packed: those of the plan, and those that were used beside it. */
public record PackedCases(List<PackedBox> boxes) {
    public PackedCases {
        boxes = List.copyOf(boxes);
    }

    /**
     * Pieces of a type in a case.
     *
     * @param codes of those that have one
     */
    public record Content(String type, String title, int pieces, List<String> codes) {
        public Content {
            codes = List.copyOf(codes);
        }
    }

    /**
     * One case.
     *
     * @param planned what the plan makes of it; empty for one beside the plan
     * @param grams with the case itself, by the scale where a piece was weighed, else by its type
     * @param unweighed pieces without a mass on file: they count as nothing
     * @param forTwo heavier than one person lifts
     */
    public record PackedBox(
            int number,
            Optional<CasePlan.PackedCase> planned,
            List<Content> contents,
            double grams,
            int unweighed,
            boolean forTwo) {
        public PackedBox {
            contents = List.copyOf(contents);
        }
    }

    /** @param pieces what is on file of the pieces that are packed, by code */
    public static PackedCases of(Job job, CasePlan plan, Packed packed, Map<String, Piece> pieces) {
        Map<String, ItemType> types = new HashMap<>();
        job.catalogue().current().forEach(t -> types.put(t.ref().id(), t));
        SortedSet<Integer> numbers = new TreeSet<>(packed.boxes().keySet());
        for (int i = 1; i <= plan.cases().size(); i++) {
            numbers.add(i);
        }
        double lift = job.rules().value(Rule.TEAM_LIFT);
        return new PackedCases(numbers.stream()
                .map(n -> box(n, plan, packed, types, pieces, lift))
                .toList());
    }

    private static PackedBox box(
            int number,
            CasePlan plan,
            Packed packed,
            Map<String, ItemType> types,
            Map<String, Piece> pieces,
            double lift) {
        Optional<CasePlan.PackedCase> planned =
                number <= plan.cases().size() ? Optional.of(plan.cases().get(number - 1)) : Optional.empty();
        List<Content> contents = contents(number, packed);
        double grams = planned.flatMap(p -> p.type().facet(RiggingFacet.Room.class))
                .map(RiggingFacet.Room::emptyGrams)
                .orElse(0.0);
        int unweighed = 0;
        for (Content content : contents) {
            for (int i = 0; i < content.pieces(); i++) {
                String code = i < content.codes().size() ? content.codes().get(i) : "";
                Optional<Double> each = Optional.ofNullable(pieces.get(code))
                        .flatMap(Piece::grams)
                        .or(() -> ofType(types.get(content.type())));
                grams += each.orElse(0.0);
                unweighed += each.isPresent() ? 0 : 1;
            }
        }
        return new PackedBox(number, planned, contents, grams, unweighed, grams > lift);
    }

    private static List<Content> contents(int number, Packed packed) {
        Map<String, Integer> inside = packed.boxes().getOrDefault(number, Map.of());
        List<Content> all = new ArrayList<>();
        for (Packed.Line line : packed.lines()) {
            int count = inside.getOrDefault(line.type(), 0);
            if (count > 0) {
                List<String> codes = line.codes().stream()
                        .filter(c -> packed.boxOf(c).filter(b -> b == number).isPresent())
                        .toList();
                all.add(new Content(line.type(), line.title(), count, codes));
            }
        }
        return all;
    }

    private static Optional<Double> ofType(@org.jspecify.annotations.Nullable ItemType type) {
        return type != null && Mass.ofType(type) instanceof Figure.Known known
                ? Optional.of(known.value())
                : Optional.empty();
    }

    /** The cases that the plan puts a type into. */
    public List<Integer> plannedFor(String type) {
        return boxes.stream()
                .filter(b -> b.planned().stream()
                        .flatMap(p -> p.contents().stream())
                        .anyMatch(c -> c.type().ref().id().equals(type)))
                .map(PackedBox::number)
                .toList();
    }
}
