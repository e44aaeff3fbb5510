package wideharbor.core.build;

import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Require;

/**
 * What a meter at a battery's terminals showed in the mean of a run, everything on.
 *
 * @param watts mean
 * @param plusMinus W that the meter may be off by
 * @param by who measured
 * @param when as text; may be empty
 * @param with what hung on the battery then, as its feed writes it: with other things on it the figure says nothing
 */
public record Drawn(double watts, double plusMinus, String by, String when, String with) {
    public static final int LONGEST = 5000;
    public static final double MOST_WATTS = 5000;

    public Drawn {
        Require.within("Watts off a battery", watts, 0, MOST_WATTS, "W");
        Require.within("What watts off a battery may be off by", plusMinus, 0, watts, "W");
        Require.atMost("Who measured", by, 80);
        Require.atMost("When it was measured", when, 40);
        Require.text("What hung on the battery", with, LONGEST);
    }

    public Ranged ranged() {
        return Ranged.of(watts, watts - plusMinus, watts + plusMinus);
    }
}
