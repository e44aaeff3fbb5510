package wideharbor.core.stock;

import java.util.Locale;
import java.util.Optional;
import wideharbor.core.quantity.Require;

/**
 * One piece of a type, which the house can tell from the others.
 *
 * @param code what is on its label: letters, digits, '.', '-' and '_', upper case
 * @param type id of its type, whatever revision of it is on file
 * @param serial of its maker; may be empty
 * @param from who it belongs to where that is not the house; may be empty
 * @param home the case or shelf where it lives; may be empty
 * @param grams what it weighed on the scale; empty while nobody weighed it
 * @param note what to know of this one; may be empty
 */
public record Piece(
        String code,
        String type,
        String serial,
        Owner owner,
        String from,
        Condition condition,
        String home,
        Optional<Double> grams,
        String note) {
    private static final int LONG = 60;
    private static final int NOTE = 300;
    private static final double HEAVIEST_GRAMS = 500_000;

    /** Whose it is. */
    public enum Owner {
        HOUSE,
        OPERATOR,
        SUB_HIRE,
        PRODUCTION
    }

    /** What state it is in. */
    public enum Condition {
        READY,
        /** New, beta or on loan: it goes out, and somebody tells how it did. */
        TRIAL,
        NEEDS_SERVICE,
        QUARANTINED,
        LOST,
        RETIRED;

        public boolean mayGo() {
            return this == READY || this == TRIAL;
        }

        public String inWords() {
            return switch (this) {
                case READY -> "ready";
                case TRIAL -> "on trial";
                case NEEDS_SERVICE -> "waiting for service";
                case QUARANTINED -> "quarantined";
                case LOST -> "lost";
                case RETIRED -> "retired";
            };
        }
    }

    public Piece {
        Require.pieceCode(code);
        Require.text("Type of a piece", type, LONG);
        atMost("serial", serial, LONG);
        atMost("owner's name", from, LONG);
        atMost("home", home, LONG);
        atMost("note", note, NOTE);
        grams.ifPresent(g -> Require.within("Weighed mass of a piece", g, 0, HEAVIEST_GRAMS, "g"));
    }

    private static void atMost(String what, String text, int most) {
        if (text.length() > most) {
            throw new IllegalArgumentException(
                    "A piece's " + what + " must have at most " + most + " characters, but has " + text.length());
        }
    }

    /** A code as it is kept: scanners and hands write it in either case, with blanks around it. */
    public static String codeOf(String written) {
        return written.strip().toUpperCase(Locale.ROOT);
    }

    /** Why it does not go out; empty when it may. */
    public Optional<String> whyNotGo() {
        return condition.mayGo()
                ? Optional.empty()
                : Optional.of(code + " is " + condition.inWords() + (note.isEmpty() ? "." : ": " + note));
    }

    public Piece in(Condition other) {
        return new Piece(code, type, serial, owner, from, other, home, grams, note);
    }
}
