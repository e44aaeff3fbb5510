package wideharbor.core.quantity;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Guards for constructors: every refusal names the value and the limit. */
public final class Require {
    private static final Pattern PIECE_CODE = Pattern.compile("[A-Z0-9][A-Z0-9._-]{0,39}");

    private Require() {}

    public static double finite(String what, double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(what + " must be a finite number, but was " + value);
        }
        return value;
    }

    public static double atLeast(String what, double value, double limit, String unit) {
        finite(what, value);
        if (value < limit) {
            throw new IllegalArgumentException(
                    what + " must be at least " + plain(limit) + " " + unit + ", but was " + plain(value));
        }
        return value;
    }

    public static double within(String what, double value, double low, double high, String unit) {
        finite(what, value);
        if (value < low || value > high) {
            throw new IllegalArgumentException(what + " must lie from " + plain(low) + " to " + plain(high) + " " + unit
                    + ", but was " + plain(value));
        }
        return value;
    }

    /** What must be there at all. */
    public static <T> T given(String what, @Nullable T value) {
        if (value == null) {
            throw new IllegalArgumentException(what + " is missing");
        }
        return value;
    }

    /** A text that may be empty. */
    public static String atMost(String what, @Nullable String value, int longest) {
        String there = given(what, value);
        return there.isEmpty() ? there : notLonger(what, there, longest);
    }

    private static String notLonger(String what, String value, int longest) {
        if (value.length() > longest) {
            throw new IllegalArgumentException(
                    what + " must have at most " + longest + " characters, but has " + value.length());
        }
        return value;
    }

    /** What is on the label of one of the house's pieces: 1 to 40 of A to Z, digits, '.', '-' and '_'. */
    public static String pieceCode(String code) {
        if (!PIECE_CODE.matcher(code).matches()) {
            throw new IllegalArgumentException(
                    "A piece's code must have 1 to 40 letters, digits, '.', '-' or '_', but was '" + code + "'");
        }
        return code;
    }

    /** A text as the stem of an id: small letters, digits and dashes; empty when none of it is left. */
    public static String slug(String text, int longest) {
        String plain = java.text.Normalizer.normalize(text, java.text.Normalizer.Form.NFD)
                .toLowerCase(java.util.Locale.ROOT)
                .replaceAll("\\p{M}+", "")
                .replaceAll("[^a-z0-9]+", "-");
        String cut = plain.length() > longest ? plain.substring(0, longest) : plain;
        return cut.replaceAll("^-+|-+$", "");
    }

    public static String text(String what, @Nullable String value, int longest) {
        if (value == null || value.isBlank()) {
            throw new IllegalArgumentException(what + " must not be empty");
        }
        return notLonger(what, value, longest);
    }

    /** An id is what files, journal and addresses carry: letters, digits, dot, dash and underscore only. */
    public static String id(String what, @Nullable String value) {
        String text = text(what, value, 64);
        if (!isId(text)) {
            throw new IllegalArgumentException(
                    what + " may hold letters, digits, '.', '-' and '_' only, but was '" + text + "'");
        }
        return text;
    }

    /** By hand: keys are made in the innermost loops, where a regular expression is most of the cost. */
    private static boolean isId(String value) {
        for (int i = 0; i < value.length(); i++) {
            char c = value.charAt(i);
            boolean word = c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z' || c >= '0' && c <= '9';
            if (!word && (i == 0 || c != '.' && c != '-' && c != '_')) {
                return false;
            }
        }
        return true;
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
