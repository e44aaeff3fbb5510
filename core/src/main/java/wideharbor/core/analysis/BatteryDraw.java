package wideharbor.core.analysis;

import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;

/** What is drawn from a battery, against what it gives. */
public record BatteryDraw(FeedTree.Source source, FeedTree.Load load, Judgement running, Judgement peak) {

    public static BatteryDraw of(RigAnalysis analysis, FeedTree.Source source) {
        FeedTree.Load load = analysis.feeds().askedOf(source);
        Judgement running = Judgement.atMost(load.running(), source.spec().continuousWatts(), "W");
        Judgement peak = Judgement.atMost(load.peak(), source.spec().peakWatts(), "W");
        if (!load.isComplete()) {
            return new BatteryDraw(source, load, running.unknown(), peak.unknown());
        }
        return new BatteryDraw(source, load, running, load.unknownPeak().isEmpty() ? peak : peak.unknown());
    }

    /** How the battery stands in all. */
    public CheckState state() {
        return Judgement.worse(running.state(), peak.state());
    }
}
