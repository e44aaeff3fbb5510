package wideharbor.core.dispatch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;

/**
 * Which piece goes into which case: largest first, beside its own kind where that has room, into cases of the kit
 * before others of the house. A piece fits by its bounds, folded where it folds, between the foam, a case is full by
 * volume or by mass. A first plan: whoever packs decides.
 *
 * @param loose what fits no case, or is one
 */
public record CasePlan(List<PackedCase> cases, List<Packed> loose) {
    private static final double FOAM = 15;

    /** Pieces of a type. */
    public record Packed(ItemType type, int pieces) {}

    /**
     * A case with what is in it.
     *
     * @param inKit false when the kit has none left and the house would have to add it
     * @param grams with the case itself; pieces without a mass on file count as nothing
     * @param fill share of the room between the foam that is used
     * @param forTwo heavier than one person lifts
     */
    public record PackedCase(
            ItemType type,
            boolean inKit,
            List<Packed> contents,
            double grams,
            double fill,
            boolean unweighed,
            boolean forTwo) {}

    /** A case being filled. */
    private static final class Open {
        private final ItemType type;
        private final RiggingFacet.Room room;
        private final boolean inKit;
        private final List<Double> inner;
        private final Map<ItemType, Integer> contents = new LinkedHashMap<>();
        private double grams;
        private double volume;
        private boolean unweighed;

        Open(ItemType type, boolean inKit) {
            this.type = type;
            this.room = type.facet(RiggingFacet.Room.class).orElseThrow();
            this.inKit = inKit;
            this.inner = sorted(room.widthMm() - 2 * FOAM, room.heightMm() - 2 * FOAM, room.lengthMm() - 2 * FOAM);
            this.grams = room.emptyGrams();
        }

        double capacity() {
            return inner.get(0) * inner.get(1) * inner.get(2);
        }

        boolean takes(Piece piece, double fill, double mostGrams) {
            return fits(piece, inner)
                    && volume + piece.volume() <= capacity() * fill
                    && grams - room.emptyGrams() + piece.grams() <= room.mostGrams()
                    && grams + piece.grams() <= mostGrams;
        }

        boolean holds(Category category) {
            return contents.keySet().stream().anyMatch(t -> t.category() == category);
        }

        void put(Piece piece) {
            contents.merge(piece.type(), 1, Integer::sum);
            grams += piece.grams();
            volume += piece.volume();
            unweighed |= !piece.weighed();
        }

        PackedCase closed(double forTwo) {
            return new PackedCase(type, inKit, packed(contents), grams, volume / capacity(), unweighed, grams > forTwo);
        }
    }

    private record Piece(ItemType type, List<Double> size, double grams, boolean weighed) {
        double volume() {
            return size.get(0) * size.get(1) * size.get(2);
        }
    }

    public static CasePlan of(Job job) {
        List<Piece> pieces = new ArrayList<>();
        List<Open> open = new ArrayList<>();
        Map<ItemType, Integer> loose = new LinkedHashMap<>();
        for (PullList.Line line : PullList.of(job)) {
            for (int i = 0; i < line.pieces(); i++) {
                if (line.type().facet(RiggingFacet.Room.class).isPresent()) {
                    open.add(new Open(line.type(), true));
                } else {
                    pieces.add(piece(line, job.catalogue()));
                }
            }
        }
        pieces.sort(Comparator.comparingDouble((Piece p) -> -p.volume())
                .thenComparing(p -> p.type().ref().id()));
        double fill = job.rules().value(Rule.CASE_FILL);
        double forTwo = job.rules().value(Rule.TEAM_LIFT);
        List<ItemType> more = cases(job.catalogue());
        for (Piece piece : pieces) {
            // What one person lifts comes first; a case for two is better than none.
            choose(open, piece, fill, forTwo)
                    .or(() -> another(more, c -> c.takes(piece, fill, forTwo), open))
                    .or(() -> choose(open, piece, fill, Double.MAX_VALUE))
                    .or(() -> another(more, c -> c.takes(piece, fill, Double.MAX_VALUE), open))
                    .ifPresentOrElse(c -> c.put(piece), () -> loose.merge(piece.type(), 1, Integer::sum));
        }
        return new CasePlan(open.stream().map(c -> c.closed(forTwo)).toList(), packed(loose));
    }

    private static Optional<Open> choose(List<Open> open, Piece piece, double fill, double mostGrams) {
        List<Open> taking =
                open.stream().filter(c -> c.takes(piece, fill, mostGrams)).toList();
        return taking.stream()
                .filter(c -> c.holds(piece.type().category()))
                .findFirst()
                .or(() -> taking.stream().findFirst());
    }

    /** The smallest case of the house that takes it. */
    private static Optional<Open> another(List<ItemType> more, Predicate<Open> takes, List<Open> open) {
        Optional<Open> next =
                more.stream().map(t -> new Open(t, false)).filter(takes).findFirst();
        next.ifPresent(open::add);
        return next;
    }

    private static List<ItemType> cases(Catalogue catalogue) {
        return catalogue.current().stream()
                .filter(t -> t.facet(RiggingFacet.Room.class).isPresent())
                .sorted(Comparator.comparingDouble((ItemType t) -> new Open(t, false).capacity())
                        .thenComparing(t -> t.ref().id()))
                .toList();
    }

    private static Piece piece(PullList.Line line, Catalogue catalogue) {
        Optional<Bounds> bounds = catalogue.pieces(line.type()).stream()
                .filter(p -> p.use() == Shape.Use.SOLID)
                .map(p -> p.solid().bounds())
                .reduce(Bounds::with);
        Vec3 size = line.type()
                .facet(RiggingFacet.Folded.class)
                .map(RiggingFacet.Folded::size)
                .or(() -> bounds.map(Bounds::size))
                .orElse(new Vec3(60, 40, 40));
        boolean weighed = line.eachGrams() instanceof Figure.Known;
        double grams = line.eachGrams() instanceof Figure.Known known ? known.value() : 0;
        return new Piece(line.type(), sorted(size.x(), size.y(), size.z()), grams, weighed);
    }

    private static boolean fits(Piece piece, List<Double> inner) {
        return IntStream.range(0, 3).allMatch(i -> piece.size().get(i) <= inner.get(i));
    }

    private static List<Double> sorted(double... figures) {
        return DoubleStream.of(figures).sorted().boxed().toList();
    }

    private static List<Packed> packed(Map<ItemType, Integer> counts) {
        return counts.entrySet().stream()
                .map(e -> new Packed(e.getKey(), e.getValue()))
                .sorted(Comparator.comparing((Packed p) -> p.type().category())
                        .thenComparing(p -> p.type().name()))
                .toList();
    }
}
