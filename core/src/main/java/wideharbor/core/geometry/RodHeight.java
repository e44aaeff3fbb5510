package wideharbor.core.geometry;

import java.util.List;
import java.util.Locale;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Require;

/**
 * The optical axis over the rods for a straight stack of plates: base to axis + plates + how far the rods lie below.
 */
public final class RodHeight {
    private RodHeight() {}

    private static final double ROUNDING = 1e-6;

    /** The axis over the rods against what their standard wants: the one place that says whether it is high enough. */
    public static Judgement judged(double hasMm, double needsMm, double toleranceMm) {
        return Judgement.within(hasMm, needsMm - toleranceMm, needsMm + toleranceMm, ROUNDING, "mm");
    }

    /** What the stack has, what it misses (negative: too high), and that in words. */
    public record Answer(double hasMm, double missingMm, boolean isMet, String words) {}

    /** Too low: a riser or shims between body and bracket. Too high: fewer shims or a thinner plate, never shims. */
    public static Answer of(
            double baseToAxisMm, List<Double> platesMm, double bracketDropMm, double needsMm, double toleranceMm) {
        Require.within("Base to axis", baseToAxisMm, 5, 400, "mm");
        Require.within("Rods below the bracket's top face", bracketDropMm, -100, 200, "mm");
        double sum = baseToAxisMm + bracketDropMm;
        for (double plate : platesMm) {
            sum += Require.within("Plate", plate, 0, 200, "mm");
        }
        double missing = needsMm - sum;
        String words;
        boolean met = judged(sum, needsMm, toleranceMm).isFine();
        if (met) {
            words = "in tolerance";
        } else if (missing > 0) {
            words = String.format(
                    Locale.ROOT, "%.1f mm low: riser or shims of %.1f mm between body and bracket", missing, missing);
        } else {
            words = String.format(
                    Locale.ROOT, "%.1f mm high: fewer shims or a thinner plate; shims cannot help", -missing);
        }
        return new Answer(sum, missing, met, words);
    }
}
