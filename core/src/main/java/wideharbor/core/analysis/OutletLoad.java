package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Volts;

/** What hangs on a power outlet. */
public final class OutletLoad {
    private OutletLoad() {}

    /** Amperes at the lowest volts the output gives; empty when volts or draw are not known. */
    public static Optional<Double> amps(FeedTree feeds, FeedTree.Outlet outlet) {
        FeedTree.Load load = feeds.loadOn(outlet);
        return load.isComplete()
                ? Volts.atOutlet(feeds, outlet).filter(v -> v.from() > 0).map(v -> load.runningWatts() / v.from())
                : Optional.empty();
    }
}
