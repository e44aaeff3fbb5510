package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/**
 * What the weakest battery of its kind in the package gave on the analyser, from full to its end.
 *
 * @param wattHours that came out
 * @param plusMinus Wh that the analyser may be off by
 * @param by who measured
 * @param when as text; may be empty
 */
public record Holds(double wattHours, double plusMinus, String by, String when) {
    private static final double LEAST = 0.1;
    public static final double MOST = 10_000;

    public Holds {
        Require.within("What a battery holds", wattHours, LEAST, MOST, "Wh");
        Require.within("What it may be off by", plusMinus, 0, wattHours, "Wh");
        Require.atMost("Who measured", by, 80);
        Require.atMost("When it was measured", when, 40);
    }
}
