package wideharbor.core.power;

import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.power.WorkingPoint.End;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;

/** Volts along the feed: at the end of the usable charge, where current is highest, at nominal, and at full. */
public final class Volts {
    private Volts() {}

    /** How far a battery is drawn down. */
    public enum Charge {
        FULL(PowerFacet.Battery::fullVolts),
        NOMINAL(PowerFacet.Battery::nominalVolts),
        /** The end of the usable charge. */
        END(PowerFacet.Battery::endVolts);

        private final ToDoubleFunction<PowerFacet.Battery> volts;

        Charge(ToDoubleFunction<PowerFacet.Battery> volts) {
            this.volts = volts;
        }

        public double of(PowerFacet.Battery battery) {
            return volts.applyAsDouble(battery);
        }
    }

    /** What the devices draw meanwhile. */
    public enum Draw {
        RUNNING,
        /** All at peak at once. */
        PEAK
    }

    /**
     * Volts at a device, from the end of the usable charge with all at peak to full with all running, after what is
     * lost in the battery and in all cables on the way; 0 where the feed collapses. Empty when no battery is at the
     * root or a load on the way is not known.
     */
    public static Optional<Span> atDevice(FeedTree tree, FeedTree.Outlet outlet) {
        return span(least(tree, outlet).map(Ranged::value), most(tree, outlet).map(Ranged::value));
    }

    /** The least at a device: at the end of the usable charge, all at peak. */
    public static Optional<Ranged> least(FeedTree tree, FeedTree.Outlet outlet) {
        return ranged(tree, outlet, Charge.END, Draw.PEAK);
    }

    /** The most at a device: at full charge, all running. */
    public static Optional<Ranged> most(FeedTree tree, FeedTree.Outlet outlet) {
        return ranged(tree, outlet, Charge.FULL, Draw.RUNNING);
    }

    private static Optional<Ranged> ranged(FeedTree tree, FeedTree.Outlet outlet, Charge charge, Draw draw) {
        return ranged(
                atDevice(tree, outlet, charge, draw, End.MIDDLE),
                atDevice(tree, outlet, charge, draw, End.MOST_DRAWN),
                atDevice(tree, outlet, charge, draw, End.LEAST_DRAWN));
    }

    private static Optional<Ranged> ranged(Optional<Double> middle, Optional<Double> low, Optional<Double> high) {
        return middle.flatMap(m -> low.flatMap(l -> high.map(h -> Ranged.of(m, l, h))));
    }

    /** The {@link #least} with all that is only estimated: what batteries lose inside, what regulated outputs need. */
    public static Optional<Ranged> leastWithEstimates(FeedTree tree, FeedTree.Outlet outlet) {
        return least(tree, outlet)
                .flatMap(known -> ranged(
                        Optional.of(known.value()),
                        tree.at(Charge.END, Draw.PEAK, End.MOST_DRAWN, End.MOST_DRAWN)
                                .atDevice(outlet),
                        tree.at(Charge.END, Draw.PEAK, End.LEAST_DRAWN, End.LEAST_DRAWN)
                                .atDevice(outlet)));
    }

    /** Volts given at an outlet while all runs, from the end of the usable charge to full. */
    public static Optional<Span> atOutlet(FeedTree tree, FeedTree.Outlet outlet) {
        return span(atOutlet(tree, outlet, Charge.END), atOutlet(tree, outlet, Charge.FULL));
    }

    private static Optional<Span> span(Optional<Double> end, Optional<Double> full) {
        return end.flatMap(low -> full.map(high -> new Span(Math.min(low, high), high)));
    }

    /** While all runs. */
    public static Optional<Double> atDevice(FeedTree tree, FeedTree.Outlet outlet, Charge charge) {
        return atDevice(tree, outlet, charge, Draw.RUNNING, End.MIDDLE);
    }

    public static Optional<Double> atOutlet(FeedTree tree, FeedTree.Outlet outlet, Charge charge) {
        return tree.at(charge, Draw.RUNNING, End.MIDDLE).atOutlet(outlet);
    }

    private static Optional<Double> atDevice(FeedTree tree, FeedTree.Outlet outlet, Charge charge, Draw draw, End end) {
        return tree.isComplete(outlet) ? tree.at(charge, draw, end).atDevice(outlet) : Optional.empty();
    }

    /** Of both wires of a cable, Ω. */
    public static double ohm(PowerFacet.Cable wire) {
        return 2 * wire.lengthMm() / 1000 * wire.ohmPerMetre();
    }

    /**
     * Volts at a load that takes constant power through a resistance: it draws more amperes the less it gets, so that V
     * = (V_s + √(V_s² − 4·P·R)) / 2. Where 4·P·R is over V_s² nothing holds: the feed collapses, told as 0.
     */
    public static double through(double volts, double watts, double ohm) {
        double under = volts * volts - 4 * watts * ohm;
        return under < 0 || volts <= 0 ? 0 : (volts + Math.sqrt(under)) / 2;
    }
}
