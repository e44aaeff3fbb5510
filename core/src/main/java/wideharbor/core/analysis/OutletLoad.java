package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Volts;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;

/**
 * What hangs on a power outlet, against its rating less the house's margin.
 *
 * @param amps at the lowest volts the output gives; empty when volts or draw are not known
 */
public record OutletLoad(
        FeedTree.Outlet outlet,
        FeedTree.Load load,
        Optional<Double> amps,
        Judgement running,
        Judgement amperes,
        Judgement peak) {
    private static final double ROUNDING = 1e-6;

    public static OutletLoad of(RigAnalysis analysis, FeedTree.Outlet outlet) {
        FeedTree.Load load = analysis.feeds().loadOn(outlet);
        Optional<Double> amps = amps(analysis.feeds(), outlet);
        double share = 1 - analysis.rule(Rule.OUTPUT_MARGIN);
        return new OutletLoad(
                outlet,
                load,
                amps,
                known(
                        load,
                        Judgement.atMost(load.runningWatts(), outlet.spec().continuousWatts() * share, ROUNDING, "W")),
                known(load, Judgement.atMost(amps.orElse(0.0), outlet.spec().continuousAmps() * share, ROUNDING, "A")),
                known(load, Judgement.atMost(load.peakWatts(), outlet.spec().peakWatts(), ROUNDING, "W")));
    }

    private static Judgement known(FeedTree.Load load, Judgement judged) {
        return load.isComplete() ? judged : judged.unknown();
    }

    /** How the outlet stands in all. */
    public CheckState state() {
        return Judgement.worse(running.state(), Judgement.worse(amperes.state(), peak.state()));
    }

    /** Amperes at the lowest volts the output gives; empty when volts or draw are not known. */
    public static Optional<Double> amps(FeedTree feeds, FeedTree.Outlet outlet) {
        FeedTree.Load load = feeds.loadOn(outlet);
        return load.isComplete()
                ? Volts.atOutlet(feeds, outlet).filter(v -> v.from() > 0).map(v -> load.runningWatts() / v.from())
                : Optional.empty();
    }
}
