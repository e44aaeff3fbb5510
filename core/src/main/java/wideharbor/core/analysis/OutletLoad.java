package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Volts;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;

/**
 * What hangs on a power outlet, against its rating less the house's margin.
 *
 * @param amps at the end of the usable charge; empty when volts or draw are not known
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
                known(load, Judgement.atMost(load.running(), outlet.spec().continuousWatts() * share, ROUNDING, "W")),
                known(
                        load,
                        Judgement.atMost(amperes(load, amps), outlet.spec().continuousAmps() * share, ROUNDING, "A")),
                peak(load, Judgement.atMost(load.peak(), outlet.spec().peakWatts(), ROUNDING, "W")));
    }

    /** Amperes go with the watts. */
    private static Ranged amperes(FeedTree.Load load, Optional<Double> amps) {
        double per = load.runningWatts() > 0 ? amps.orElse(0.0) / load.runningWatts() : 0;
        return load.running().times(per);
    }

    private static Judgement peak(FeedTree.Load load, Judgement judged) {
        return load.isComplete() && load.unknownPeak().isEmpty() ? judged : judged.unknown();
    }

    private static Judgement known(FeedTree.Load load, Judgement judged) {
        return load.isComplete() ? judged : judged.unknown();
    }

    /** How the outlet stands in all. */
    public CheckState state() {
        return Judgement.worse(running.state(), Judgement.worse(amperes.state(), peak.state()));
    }

    /**
     * Amperes while all runs at the end of the usable charge: one figure for outlet, cable and device; empty when volts
     * or draw are not known, or nothing holds.
     */
    public static Optional<Double> amps(FeedTree feeds, FeedTree.Outlet outlet) {
        double arrives = feeds.taken(outlet).runningWatts();
        return Volts.atDevice(feeds, outlet, Volts.Charge.END)
                .filter(v -> v > 0)
                .map(v -> arrives / v);
    }
}
