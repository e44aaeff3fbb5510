package wideharbor.core.analysis;

import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;

/** What is drawn from a battery, against what it gives. */
public record BatteryDraw(FeedTree.Source source, FeedTree.Load load, Judgement running, Judgement peak) {

    public static BatteryDraw of(RigAnalysis analysis, FeedTree.Source source) {
        FeedTree.Load load = analysis.feeds().loadOn(source);
        Judgement running = Judgement.atMost(load.runningWatts(), source.spec().continuousWatts(), 0, "W");
        Judgement peak = Judgement.atMost(load.peakWatts(), source.spec().peakWatts(), 0, "W");
        return load.isComplete()
                ? new BatteryDraw(source, load, running, peak)
                : new BatteryDraw(source, load, running.unknown(), peak.unknown());
    }

    /** How the battery stands in all. */
    public CheckState state() {
        return Judgement.worse(running.state(), peak.state());
    }
}
