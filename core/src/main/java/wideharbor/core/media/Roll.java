package wideharbor.core.media;

import wideharbor.core.id.BuildId;

/**
 * A card's way through the day, in minutes since it began.
 *
 * @param name the body's letter and a number
 * @param second the other card of a pair: the roll has two
 * @param fromMinute when it went in
 * @param outMinute when it came out, full or at wrap
 * @param readMinute when its reading began
 * @param copiedMinute when all passes were done
 * @param freeMinute when somebody had looked at the copies
 * @param share of the card that was recorded on
 */
public record Roll(
        String name,
        boolean second,
        BuildId build,
        String card,
        double fromMinute,
        double outMinute,
        double readMinute,
        double copiedMinute,
        double freeMinute,
        double share) {}
