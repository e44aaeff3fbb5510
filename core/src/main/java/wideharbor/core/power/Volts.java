package wideharbor.core.power;

import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
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

    /**
     * Volts at a device, from the end of the usable charge to full, after the drop in its cable and in those before it.
     * Empty when no battery is at the root or a load on the way is not known.
     */
    public static Optional<Span> atDevice(FeedTree tree, FeedTree.Outlet outlet) {
        return span(atDevice(tree, outlet, Charge.END), atDevice(tree, outlet, Charge.FULL));
    }

    /** Volts given at an outlet, from the end of the usable charge to full. */
    public static Optional<Span> atOutlet(FeedTree tree, FeedTree.Outlet outlet) {
        return span(atOutlet(tree, outlet, Charge.END), atOutlet(tree, outlet, Charge.FULL));
    }

    private static Optional<Span> span(Optional<Double> end, Optional<Double> full) {
        return end.flatMap(low -> full.map(high -> new Span(Math.min(low, high), high)));
    }

    public static Optional<Double> atDevice(FeedTree tree, FeedTree.Outlet outlet, Charge charge) {
        FeedTree.Load load = tree.loadOn(outlet);
        return load.isComplete()
                ? outlet.link()
                        .flatMap(link -> atOutlet(tree, outlet, charge)
                                .map(given -> given - drop(load.runningWatts(), given, link.wire())))
                : Optional.empty();
    }

    /** Regulated outlets hold their volts; the others follow what feeds them. */
    public static Optional<Double> atOutlet(FeedTree tree, FeedTree.Outlet outlet, Charge charge) {
        if (outlet.spec().regulatedVolts() > 0) {
            return Optional.of(outlet.spec().regulatedVolts());
        }
        Optional<FeedTree.Outlet> above = outlet.placed().type().facets(PowerFacet.PowerInput.class).stream()
                .flatMap(i -> tree.feeding(new SocketRef(outlet.placed().id(), i.socket())).stream())
                .findFirst();
        return above.isPresent()
                ? atDevice(tree, above.get(), charge)
                : tree.sourceOf(outlet).map(s -> charge.of(s.spec()));
    }

    /** Drop in a two-wire cable: I·2·length·Ω/m with I = P/V at the feeding end. */
    public static double drop(double watts, double volts, PowerFacet.Cable wire) {
        return volts <= 0 ? 0 : watts / volts * 2 * wire.lengthMm() / 1000 * wire.ohmPerMetre();
    }
}
