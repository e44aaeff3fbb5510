package wideharbor.core.maker;

import java.util.List;

/**
 * One thing that a template asks for.
 *
 * @param how what to measure, and with what
 * @param start what is drawn until it is answered; of an optional ask, what holds without an answer
 * @param optional whether the part can be kept without it
 * @param low least number, in the unit; of no meaning for texts and choices
 * @param high most, in the unit; of a text its letters, 0 where they are as many as for any
 */
public record Ask(
        String id,
        String title,
        String how,
        Kind kind,
        String unit,
        String start,
        boolean optional,
        double low,
        double high,
        List<Option> options) {
    /** How it is answered. */
    public enum Kind {
        TEXT,
        NUMBER,
        CHOICE
    }

    /** An answer that may be chosen. */
    public record Option(String id, String title) {}

    public Ask {
        options = List.copyOf(options);
    }

    static Ask text(String id, String title, String how, String start) {
        return new Ask(id, title, how, Kind.TEXT, "", start, false, 0, 0, List.of());
    }

    static Ask mm(String id, String title, String how, double start, double low, double high) {
        return number(id, title, how, "mm", start, low, high);
    }

    static Ask number(String id, String title, String how, String unit, double start, double low, double high) {
        return new Ask(id, title, how, Kind.NUMBER, unit, plain(start), false, low, high, List.of());
    }

    static Ask choice(String id, String title, String how, List<Option> options) {
        return new Ask(id, title, how, Kind.CHOICE, "", options.get(0).id(), false, 0, 0, options);
    }

    /** The same, which may be left out. */
    Ask optionally() {
        return new Ask(id, title, how, kind, unit, start, true, low, high, options);
    }

    /** A text of so many letters at the most. */
    Ask letters(int most) {
        return new Ask(id, title, how, kind, unit, start, optional, low, most, options);
    }

    /** The same, beginning with another answer. */
    Ask from(String other) {
        return new Ask(id, title, how, kind, unit, other, optional, low, high, options);
    }

    static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
