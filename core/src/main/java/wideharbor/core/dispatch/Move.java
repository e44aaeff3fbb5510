package wideharbor.core.dispatch;

import java.util.Optional;

/**
 * A piece, or so many of a kind, scanned on the way out or back. Moves are only ever added.
 *
 * @param type id of the type
 * @param piece its code; empty for what is only counted
 * @param count how many; 1 of what has a code
 * @param box number of the case; 0 where none is meant
 * @param remark what is broken, or how it went missing; may be empty where nothing is
 * @param cost of what is broken, missing or used up, where somebody knows it
 */
public record Move(Kind kind, String type, String piece, int count, int box, String remark, Optional<Double> cost) {
    /** The most cases of a job. */
    public static final int MOST_BOXES = 200;

    private static final int MOST_PIECES = 500;

    /** What happened. */
    public enum Kind {
        INTO_CASE,
        OUT_OF_CASE,
        BACK,
        DAMAGED,
        MISSING,
        /** Used up, as it was meant to be. */
        CONSUMED;

        public boolean isReturn() {
            return compareTo(BACK) >= 0;
        }
    }

    public Move {
        if (count < 1 || count > MOST_PIECES || !piece.isEmpty() && count != 1) {
            throw new IllegalArgumentException(
                    "1 to " + MOST_PIECES + " pieces are counted at once, and one of what has a code; not " + count);
        }
        if (kind == Kind.INTO_CASE && (box < 1 || box > MOST_BOXES)) {
            throw new IllegalArgumentException("Say into which case: 1 to " + MOST_BOXES + "; not " + box);
        }
        if ((kind == Kind.DAMAGED || kind == Kind.MISSING) && remark.isBlank()) {
            throw new IllegalArgumentException("Say what is broken, or how it went missing");
        }
        if (cost.filter(c -> !(c >= 0 && c <= 10_000_000)).isPresent()) {
            throw new IllegalArgumentException("A cost must be 0 to 10 million");
        }
    }
}
