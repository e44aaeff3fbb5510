package wideharbor.core.power;

import java.util.Optional;
import wideharbor.core.catalog.Facet;
import wideharbor.core.quantity.Span;

/** Volts along the feed: at the end of the usable charge, where current is highest, up to full. */
public final class Volts {
    private Volts() {}

    /**
     * Volts at a device, from the end of the usable charge to full, after the drop in its cable and in those before it.
     * Empty when no battery is at the root or a load on the way is not known.
     */
    public static Optional<Span> atDevice(FeedTree tree, FeedTree.Outlet outlet) {
        return outlet.link().flatMap(link -> atOutlet(tree, outlet).flatMap(given -> {
            FeedTree.Load load = tree.loadOn(outlet);
            if (!load.isComplete()) {
                return Optional.empty();
            }
            double low = given.from() - drop(load.runningWatts(), given.from(), link.wire());
            double high = given.to() - drop(load.runningWatts(), given.to(), link.wire());
            return Optional.of(new Span(Math.min(low, high), high));
        }));
    }

    /** Volts given at an outlet. Regulated ones hold theirs; the others follow what feeds them. */
    public static Optional<Span> atOutlet(FeedTree tree, FeedTree.Outlet outlet) {
        if (outlet.spec().regulatedVolts() > 0) {
            return Optional.of(Span.of(outlet.spec().regulatedVolts()));
        }
        Optional<FeedTree.Outlet> above = outlet.placed().type().facets(Facet.PowerInput.class).stream()
                .flatMap(i -> tree.feeding(
                        new wideharbor.core.build.SocketRef(outlet.placed().id(), i.socket()))
                        .stream())
                .findFirst();
        if (above.isPresent()) {
            return atDevice(tree, above.get());
        }
        return tree.sourceOf(outlet).map(s -> new Span(s.spec().endVolts(), s.spec().fullVolts()));
    }

    /** Drop in a two-wire cable: I·2·length·Ω/m with I = P/V at the feeding end. */
    public static double drop(double watts, double volts, Facet.Cable wire) {
        return volts <= 0 ? 0 : watts / volts * 2 * wire.lengthMm() / 1000 * wire.ohmPerMetre();
    }
}
