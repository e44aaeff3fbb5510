package wideharbor.core.dispatch;

import java.time.Instant;
import java.util.Optional;
import wideharbor.core.stock.Piece;

/**
 * A piece, or so many of a kind, scanned on the way out or back. Moves are only ever added.
 *
 * @param type id of the type
 * @param piece its code; empty for what is only counted
 * @param count how many; 1 of what has a code
 * @param box number of the case; 0 where none is meant
 * @param remark what is broken, or how it went missing; may be empty where nothing is
 * @param cost of what is broken, missing or used up, where somebody knows it
 * @param who scanned it
 */
public record Move(
        Kind kind,
        String type,
        String piece,
        int count,
        int box,
        String remark,
        Optional<Double> cost,
        String who,
        Instant at) {
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

        /** Whether it did not come back as it left. */
        public boolean isNotWhole() {
            return compareTo(BACK) > 0;
        }

        /** What state a piece is in after it: what is broken, lost or used up is not offered to the next job. */
        public Piece.Condition leaves(Piece.Condition before) {
            return switch (this) {
                case DAMAGED -> Piece.Condition.NEEDS_SERVICE;
                case MISSING -> Piece.Condition.LOST;
                case CONSUMED -> Piece.Condition.RETIRED;
                case BACK -> before == Piece.Condition.LOST ? Piece.Condition.READY : before;
                case INTO_CASE, OUT_OF_CASE -> before;
            };
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

    /** The same of so many. */
    Move of(int pieces) {
        return new Move(kind, type, piece, pieces, box, remark, cost, who, at);
    }
}
