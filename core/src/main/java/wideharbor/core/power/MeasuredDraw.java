package wideharbor.core.power;

import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.build.Drawn;
import wideharbor.core.quantity.Ranged;

/**
 * What a meter showed off a battery in the mean of a run, in place of the sum of the nameplates. Where single devices'
 * draws are asked for, nameplates stand: nobody knows which of them takes what was more or less.
 *
 * @param running W while everything runs
 */
record MeasuredDraw(Ranged running) {
    static MeasuredDraw of(Drawn drawn) {
        return new MeasuredDraw(drawn.ranged());
    }

    /** How much more it takes than nameplates say, or less. */
    private double excess(FeedTree.Load byNameplates) {
        return running.value() - byNameplates.runningWatts();
    }

    /** Peaks were not measured: they are as much higher as the mean is, and no lower than nameplates say. */
    FeedTree.Load mean(FeedTree.Load byNameplates) {
        Ranged peak = byNameplates.peak().plus(Math.max(0, excess(byNameplates)));
        return new FeedTree.Load(running, peak.max(running), List.of(), peaksUnknown(byNameplates));
    }

    private static List<String> peaksUnknown(FeedTree.Load byNameplates) {
        return Stream.of(byNameplates.unknown(), byNameplates.unknownPeak())
                .flatMap(List::stream)
                .distinct()
                .toList();
    }

    /** What is asked of the battery at the end of its charge: more by what the mean is more. */
    FeedTree.Load asked(FeedTree.Load mean, FeedTree.Load asked) {
        double more = excess(mean);
        double middle = Math.max(0, asked.runningWatts() + more);
        Ranged then = running.plus(middle - running.value());
        return new FeedTree.Load(then, asked.peak().plus(Math.max(0, more)).max(then), List.of(), peaksUnknown(asked));
    }

    /**
     * While not everything runs: none of the excess at standby, all of it where all runs, and in between by how much
     * runs.
     *
     * @param byNameplates W in the state asked for
     * @param standby W by nameplates while everything is on and nothing runs
     * @param all W by nameplates while everything runs
     */
    double at(double byNameplates, double standby, double all) {
        double span = all - standby;
        double share = span <= 0 ? 1 : Math.min(1, Math.max(0, (byNameplates - standby) / span));
        return Math.max(0, byNameplates + share * (running.value() - all));
    }
}
