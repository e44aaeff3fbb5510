package wideharbor.core.power;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;

/**
 * Volts and watts everywhere in a feed at one moment. Devices take constant power, so that what a cable loses hangs on
 * the volts and those on what it loses: from the batteries down to the devices and back, again and again until nothing
 * changes any more. What no battery feeds has watts, but no volts.
 */
final class WorkingPoint {
    private static final int MOST_ROUNDS = 80;
    private static final double SETTLED = 1e-10;
    private static final int DEEPEST = 12;

    /** Which end of what is known. */
    enum End {
        MIDDLE(Ranged::value),
        /** The least load through the least resistance: the most volts. */
        LEAST_DRAWN(r -> r.range().from()),
        /** The most load through the most resistance: the least volts. */
        MOST_DRAWN(r -> r.range().to());

        private final ToDoubleFunction<Ranged> end;

        End(ToDoubleFunction<Ranged> end) {
            this.end = end;
        }

        double of(Ranged ranged) {
            return end.applyAsDouble(ranged);
        }

        End opposite() {
            return switch (this) {
                case MIDDLE -> MIDDLE;
                case LEAST_DRAWN -> MOST_DRAWN;
                case MOST_DRAWN -> LEAST_DRAWN;
            };
        }
    }

    /**
     * How far the batteries are drawn down, what is drawn, which end of what is known of that, and which end of what is
     * only estimated.
     */
    record Moment(Volts.Charge charge, Volts.Draw draw, End end, End estimate) {
        double watts(PowerFacet.PowerInput input) {
            if (!(input.runningWatts() instanceof Figure.Known running)) {
                return 0;
            }
            Ranged runs = Ranged.of(running.value(), running.low(), running.high());
            return end.of(
                    draw == Volts.Draw.PEAK && input.peakWatts() instanceof Figure.Known peak
                            ? Ranged.of(peak.value(), peak.low(), peak.high()).max(runs)
                            : runs);
        }
    }

    /** What is above an outlet: volts there, and nominally; NaN where no battery feeds it. */
    private record Above(double volts, double nominal) {
        static final Above UNKNOWN = new Above(Double.NaN, Double.NaN);
    }

    private final FeedTree tree;
    private final Volts.Charge charge;
    /** Of what is estimated. */
    private final End end;
    /** Watts that a device takes itself; below 0 while it is off and takes all behind it along. */
    private final ToDoubleFunction<FeedTree.Link> own;

    private final Map<SocketRef, Double> atOutlet = new HashMap<>();
    private final Map<SocketRef, Double> atDevice = new HashMap<>();
    private final Map<SocketRef, Double> given = new HashMap<>();
    private final Map<SocketRef, Double> taken = new HashMap<>();
    private final Map<PlacementId, Double> passed = new HashMap<>();
    private final Map<PlacementId, Double> asked = new HashMap<>();
    private final Map<PlacementId, Double> mean = new HashMap<>();

    private WorkingPoint(FeedTree tree, Volts.Charge charge, End end, ToDoubleFunction<FeedTree.Link> own) {
        this.tree = tree;
        this.charge = charge;
        this.end = end;
        this.own = own;
        Set<FeedTree.Source> done = new HashSet<>();
        for (FeedTree.Source source : tree.sources()) {
            if (done.add(source)) {
                Supply supply = Supply.of(tree, source);
                done.addAll(supply.sources());
                settle(supply);
            }
        }
        unfed();
    }

    static WorkingPoint of(FeedTree tree, Moment moment) {
        return new WorkingPoint(tree, moment.charge(), moment.estimate(), l -> moment.watts(l.input()));
    }

    /** While each part is in a state of its own. */
    static WorkingPoint of(FeedTree tree, Volts.Charge charge, Function<PlacementId, State> state) {
        return new WorkingPoint(tree, charge, End.MIDDLE, l -> {
            State now = state.apply(l.device().id());
            return now == State.OFF ? -1 : FeedTree.draw(l.input(), now);
        });
    }

    private void settle(Supply supply) {
        double empty = supply.volts(charge, end);
        double ohm = supply.ohm(end);
        double nominal = supply.volts(Volts.Charge.NOMINAL, End.MIDDLE);
        double watts = 0;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double volts = Volts.through(empty, watts, ohm);
            double all = round(supply, new Above(volts, nominal));
            boolean settled = Math.abs(all - watts) <= SETTLED * Math.max(1, all);
            watts = all;
            if (settled) {
                break;
            }
        }
    }

    /** Once down and back: what all outlets together ask of the batteries, W. */
    private double round(Supply supply, Above above) {
        double plate = supply.sources().stream()
                .flatMap(s -> s.outlets().stream().filter(o -> !s.owns(o)))
                .distinct()
                .mapToDouble(o -> asks(o, above, 0))
                .sum();
        double all = plate;
        for (FeedTree.Source source : supply.sources()) {
            double part = supply.way() == PowerFacet.Together.Way.SERIES
                    ? source.spec().nominalVolts() / above.nominal()
                    : 1;
            Above alone = new Above(above.volts() * part, above.nominal() * part);
            double mine = source.outlets().stream()
                    .filter(source::owns)
                    .mapToDouble(o -> asks(o, alone, 0))
                    .sum();
            all += mine;
            asked.put(source.battery().id(), mine + plate * supply.askedShare(source, charge, end, above.volts()));
            mean.put(source.battery().id(), mine + plate * supply.meanShare(source));
        }
        return all;
    }

    /** What an outlet and all behind it ask of what feeds it, W. */
    private double asks(FeedTree.Outlet outlet, Above above, int depth) {
        double volts = held(outlet.spec(), above);
        atOutlet.put(outlet.ref(), volts);
        double self = outlet.link().map(own::applyAsDouble).orElse(-1.0);
        if (self < 0 || depth >= DEEPEST) {
            taken.put(outlet.ref(), 0.0);
            given.put(outlet.ref(), 0.0);
            return 0;
        }
        FeedTree.Link link = outlet.link().orElseThrow();
        double load = self + passed.getOrDefault(link.device().id(), 0.0);
        double there = Volts.through(volts, load, link.ohm());
        if (!tree.isStandby(link)) {
            double nominal = outlet.spec().regulatedVolts() > 0 ? outlet.spec().regulatedVolts() : above.nominal();
            Above next = new Above(there, nominal);
            passed.put(
                    link.device().id(),
                    tree.outletsOf(link.device().id()).stream()
                            .mapToDouble(o -> asks(o, next, depth + 1))
                            .sum());
        }
        double out = there > 0 ? load * volts / there : load;
        atDevice.put(outlet.ref(), there);
        taken.put(outlet.ref(), load);
        given.put(outlet.ref(), out);
        return tree.isStandby(link) ? 0 : out / outlet.spec().efficiency();
    }

    /**
     * Regulated outlets that step down hold their volts while they get enough of them, and follow what feeds them where
     * they do not; those that step up hold, and the others always follow. Nothing comes of nothing.
     */
    private double held(PowerFacet.PowerOutput spec, Above above) {
        if (spec.regulatedVolts() == 0 || above.volts() <= 0) {
            return above.volts();
        }
        boolean stepsDown = spec.regulatedVolts() <= above.nominal();
        if (!stepsDown) {
            return spec.regulatedVolts();
        }
        double most = above.volts() - end.of(tree.estimates().dropout(spec));
        return Math.max(0, Math.min(spec.regulatedVolts(), most));
    }

    /** Outlets that no battery stands behind: those nearest to where one is missing first. */
    private void unfed() {
        for (FeedTree.Outlet outlet : tree.outlets()) {
            if (tree.inputOutlet(outlet.placed()).isEmpty()) {
                unfed(outlet);
            }
        }
        tree.outlets().forEach(this::unfed);
    }

    private void unfed(FeedTree.Outlet outlet) {
        if (!atOutlet.containsKey(outlet.ref())) {
            for (int round = 0; round < DEEPEST; round++) {
                asks(outlet, Above.UNKNOWN, 0);
            }
        }
    }

    /** Volts at an outlet; 0 where the feed has collapsed, empty where no battery feeds it. */
    Optional<Double> atOutlet(FeedTree.Outlet outlet) {
        return known(atOutlet, outlet);
    }

    /** Volts behind the cable of an outlet. */
    Optional<Double> atDevice(FeedTree.Outlet outlet) {
        return known(atDevice, outlet);
    }

    private static Optional<Double> known(Map<SocketRef, Double> volts, FeedTree.Outlet outlet) {
        return Optional.ofNullable(volts.get(outlet.ref())).filter(v -> !v.isNaN());
    }

    /** Watts that an outlet gives, what its cable turns to heat included. */
    double given(FeedTree.Outlet outlet) {
        return given.getOrDefault(outlet.ref(), 0.0);
    }

    /** Watts that arrive behind the cable of an outlet. */
    double taken(FeedTree.Outlet outlet) {
        return taken.getOrDefault(outlet.ref(), 0.0);
    }

    /** Watts that a battery is asked for now. */
    double asked(FeedTree.Source source) {
        return asked.getOrDefault(source.battery().id(), 0.0);
    }

    /** Watts of which a battery carries its part over the whole of a charge. */
    double mean(FeedTree.Source source) {
        return mean.getOrDefault(source.battery().id(), 0.0);
    }
}
