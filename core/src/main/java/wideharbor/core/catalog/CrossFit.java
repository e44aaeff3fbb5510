package wideharbor.core.catalog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.geometry.Vec3;

/** Which accessories of one body go on the others: as they are, through adapters, or not. */
public final class CrossFit {
    private CrossFit() {}

    /** How a part goes on another body. */
    public enum How {
        MADE_FOR_IT,
        AS_IT_IS,
        THROUGH_ADAPTERS,
        NO
    }

    /** {@code through} names the adapters, or the port it goes on. */
    public record Cell(ItemType body, How how, String through) {}

    /** A part of the one body against all others. */
    public record Line(ItemType part, List<Cell> cells) {}

    /**
     * One line for every part that goes on this body as it is or was made for it, by category and name, and one cell
     * for each body in the order given.
     */
    public static List<Line> of(Catalogue catalogue, ItemType body, List<ItemType> bodies) {
        List<Line> lines = new ArrayList<>();
        for (ItemType part : catalogue.current()) {
            Optional<Vec3> facing = direct(catalogue, body, part, Optional.empty())
                    .map(p -> p.normal().unit());
            if (part.category() != Category.BODY && (madeFor(part, body) || facing.isPresent())) {
                lines.add(new Line(
                        part,
                        bodies.stream()
                                .map(b -> cell(catalogue, b, part, facing))
                                .toList()));
            }
        }
        lines.sort(Comparator.comparing((Line l) -> l.part().category())
                .thenComparing(l -> l.part().name()));
        return lines;
    }

    /**
     * On other bodies only the face that looks the same way counts: a base plate screwed to a side is no base plate.
     */
    private static Cell cell(Catalogue catalogue, ItemType body, ItemType part, Optional<Vec3> facing) {
        Optional<String> on = direct(catalogue, body, part, facing).map(Port::title);
        if (madeFor(part, body)) {
            return new Cell(body, How.MADE_FOR_IT, on.orElse(""));
        }
        if (on.isPresent()) {
            return new Cell(body, How.AS_IT_IS, on.get());
        }
        return adapted(catalogue, body, part, facing)
                .map(chain -> new Cell(body, How.THROUGH_ADAPTERS, chain.title()))
                .orElseGet(() -> new Cell(body, How.NO, ""));
    }

    private static boolean madeFor(ItemType part, ItemType body) {
        return part.relations(Relation.Kind.MADE_FOR).stream().anyMatch(r -> r.means(body));
    }

    private static Optional<Port> direct(Catalogue catalogue, ItemType body, ItemType part, Optional<Vec3> facing) {
        for (Port on : body.ports()) {
            for (Port own : part.ports()) {
                if (looks(on, facing) && Mating.mates(on, own, catalogue.standards())) {
                    return Optional.of(on);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean looks(Port port, Optional<Vec3> facing) {
        return facing.map(f -> port.normal().unit().dot(f) > 0.9).orElse(true);
    }

    private static Optional<AdapterFinder.Chain> adapted(
            Catalogue catalogue, ItemType body, ItemType part, Optional<Vec3> facing) {
        Optional<AdapterFinder.Chain> best = Optional.empty();
        for (Port on : body.ports()) {
            AdapterFinder.Reach reach = catalogue.adapters().reach(on);
            for (Port own : part.ports()) {
                Optional<AdapterFinder.Chain> chain = looks(on, facing)
                        ? reach.to(own)
                                .filter(c -> c.links().stream()
                                        .noneMatch(l -> l.type().equals(part)))
                        : Optional.empty();
                if (chain.isPresent()
                        && (best.isEmpty()
                                || chain.get().links().size()
                                        < best.get().links().size())) {
                    best = chain;
                }
            }
        }
        return best;
    }
}
