package wideharbor.core.media;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.quantity.Require;

/** What one would work out on paper about cards: how long one lasts, how fast it must be, how long it takes to copy. */
public final class CardSums {
    private static final double MEGABITS_PER_GIGABYTE = 8000;
    private static final double SECONDS = 60;
    private static final double BITS = 8;

    private CardSums() {}

    /** How long so many gigabytes last. */
    static double minutes(double usableGigabytes, double megabits) {
        return usableGigabytes * MEGABITS_PER_GIGABYTE / (megabits * SECONDS);
    }

    /** What so many minutes fill. */
    static double gigabytes(double minutes, double megabits) {
        return minutes * SECONDS * megabits / MEGABITS_PER_GIGABYTE;
    }

    /** What a card must write in a second, MB, with a margin over the rate of the mode. */
    static double leastWrite(double megabits, double margin) {
        return megabits / BITS * margin;
    }

    /**
     * A day of one mode on cards of one size.
     *
     * @param minutesEach that a card lasts: GB · 8000 · usable share ÷ (Mbit/s · 60)
     * @param cards that the rolled minutes fill, each to its end
     * @param leastWriteMegabytes that a card must write in a second: rate ÷ 8 · the house's margin
     * @param gigabytes of the day
     * @param offloadMinutesEach to copy one full card and read it back
     * @param offloadHours for all of the day, one after the other
     */
    public record CardDay(
            double minutesEach,
            int cards,
            double leastWriteMegabytes,
            double gigabytes,
            double offloadMinutesEach,
            double offloadHours) {}

    /**
     * @param copyMegabytes in a second, by the slowest of card, reader, line and target
     * @param verified whether all is read once more
     */
    public static CardDay day(
            double cardGigabytes,
            double megabits,
            double rolledMinutes,
            double copyMegabytes,
            boolean verified,
            HouseRules rules) {
        Require.within("Size of the card", cardGigabytes, 1, 100_000, "GB");
        Require.within("Rate of the mode", megabits, 1, 20_000, "Mbit/s");
        Require.within("Minutes rolled", rolledMinutes, 0, 1440, "min");
        Require.within("Copying", copyMegabytes, 1, 20_000, "MB/s");
        double usable = cardGigabytes * rules.value(Rule.CARD_USABLE);
        double each = minutes(usable, megabits);
        double gigabytes = gigabytes(rolledMinutes, megabits);
        double passes = verified ? 2 : 1;
        return new CardDay(
                each,
                (int) Math.ceil(rolledMinutes / each - 1e-9),
                leastWrite(megabits, rules.value(Rule.CARD_SPEED)),
                gigabytes,
                usable * 1000 / copyMegabytes * passes / SECONDS,
                gigabytes * 1000 / copyMegabytes * passes / SECONDS / SECONDS);
    }
}
