package wideharbor.core.power;

import java.util.List;
import java.util.function.ToDoubleFunction;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.PowerFacet.Together.Way;

/**
 * What stands behind the outlets of a plate: its batteries, as the plate joins them. Seen from the outlets they are one
 * source of volts with one resistance (Thévenin). Side by side: 1/R = Σ 1/R_k, E = R · Σ E_k / R_k; one behind the
 * other: both add; one after the other: the worst of them.
 */
record Supply(List<FeedTree.Source> sources, Way way, Estimates estimates) {
    private static final double LEAST_OHM = 1e-9;

    /** What a source stands in, with all that share its plate. */
    static Supply of(FeedTree tree, FeedTree.Source source) {
        List<FeedTree.Source> together = source.plate().isEmpty()
                ? List.of(source)
                : tree.sources().stream()
                        .filter(s -> s.plate()
                                .filter(p -> p.id().equals(source.plate().get().id()))
                                .isPresent())
                        .toList();
        Way way = source.plate()
                .flatMap(p -> p.type().facet(PowerFacet.Together.class))
                .map(PowerFacet.Together::way)
                .orElse(Way.PARALLEL);
        return new Supply(together, way, tree.estimates());
    }

    private double ohm(FeedTree.Source source, WorkingPoint.End end) {
        return Math.max(LEAST_OHM, end.of(estimates.innerOhm(source.spec())));
    }

    double ohm(WorkingPoint.End end) {
        return switch (way) {
            case PARALLEL -> 1 / sum(s -> 1 / ohm(s, end));
            case SERIES -> sum(s -> ohm(s, end));
            case IN_TURN -> sources.stream().mapToDouble(s -> ohm(s, end)).max().orElseThrow();
        };
    }

    private double volts(FeedTree.Source source, Volts.Charge charge, WorkingPoint.End end) {
        return charge.of(source.spec()) + estimates.overTold(source.spec(), end);
    }

    /** Volts while nothing draws. */
    double volts(Volts.Charge charge, WorkingPoint.End end) {
        return switch (way) {
            case PARALLEL -> sum(s -> volts(s, charge, end) / ohm(s, end)) / sum(s -> 1 / ohm(s, end));
            case SERIES -> sum(s -> volts(s, charge, end));
            case IN_TURN -> {
                var each = sources.stream().mapToDouble(s -> volts(s, charge, end));
                yield charge == Volts.Charge.FULL
                        ? each.max().orElseThrow()
                        : each.min().orElseThrow();
            }
        };
    }

    /**
     * The share of what the plate's outlets take that one battery gives while they have so many volts. Side by side it
     * gives (E_k − V) / R_k amperes; one that stands lower than the others is charged by them and gives nothing.
     */
    double askedShare(FeedTree.Source source, Volts.Charge charge, WorkingPoint.End end, double volts) {
        return switch (way) {
            case PARALLEL -> {
                ToDoubleFunction<FeedTree.Source> amps =
                        s -> Math.max(0, (volts(s, charge, end) - volts) / ohm(s, end));
                double all = sum(amps);
                yield all > LEAST_OHM ? amps.applyAsDouble(source) / all : meanShare(source);
            }
            case SERIES -> meanShare(source);
            case IN_TURN -> 1;
        };
    }

    /** The share of it over a whole charge: side by side they even out, one after the other each does its part. */
    double meanShare(FeedTree.Source source) {
        ToDoubleFunction<FeedTree.Source> weight = switch (way) {
            case PARALLEL -> s -> 1 / ohm(s, WorkingPoint.End.MIDDLE);
            case SERIES -> s -> s.spec().nominalVolts();
            case IN_TURN -> s -> s.spec().capacity().map(k -> k.value()).orElse(1.0);
        };
        return weight.applyAsDouble(source) / sum(weight);
    }

    private double sum(ToDoubleFunction<FeedTree.Source> of) {
        return sources.stream().mapToDouble(of).sum();
    }
}
