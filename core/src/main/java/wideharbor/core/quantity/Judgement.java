package wideharbor.core.quantity;

/**
 * A fact, judged once: what it is, what is needed, and how it stands. Checks, meters, drawings, sheets and papers read
 * the same one.
 *
 * @param range of the value, as exactly as it is known
 * @param from least that is needed; infinite where that side is open
 * @param to most that is allowed; infinite where that side is open
 * @param state FOUND where all of its range is outside, UNDECIDED where a part of it is, NOT_CHECKED where it is not
 *     known
 */
public record Judgement(double value, Span range, double from, double to, String unit, CheckState state) {

    /** An exact value against what is needed, with so much slack for rounding. */
    public static Judgement within(double value, double from, double to, double slack, String unit) {
        return within(value, Span.of(value), from, to, slack, unit);
    }

    /**
     * A value with its range, with so much slack for rounding. A range that straddles a limit decides nothing,
     * whichever side the value in its middle is on.
     */
    public static Judgement within(double value, Span range, double from, double to, double slack, String unit) {
        boolean encloses = range.from() >= from - slack && range.to() <= to + slack;
        boolean outside = range.from() > to + slack || range.to() < from - slack;
        CheckState state = encloses ? CheckState.FINE : outside ? CheckState.FOUND : CheckState.UNDECIDED;
        return new Judgement(value, range, from, to, unit, state);
    }

    public static Judgement within(Ranged figure, double from, double to, String unit) {
        return within(figure, from, to, 0, unit);
    }

    public static Judgement within(Ranged figure, double from, double to, double slack, String unit) {
        return within(figure.value(), figure.range(), from, to, slack, unit);
    }

    public static Judgement atMost(Ranged figure, double to, String unit) {
        return atMost(figure, to, 0, unit);
    }

    public static Judgement atMost(Ranged figure, double to, double slack, String unit) {
        return within(figure, Double.NEGATIVE_INFINITY, to, slack, unit);
    }

    public static Judgement atLeast(Ranged figure, double from, String unit) {
        return atLeast(figure, from, 0, unit);
    }

    public static Judgement atLeast(Ranged figure, double from, double slack, String unit) {
        return within(figure, from, Double.POSITIVE_INFINITY, slack, unit);
    }

    public static Judgement atMost(double value, double to, double slack, String unit) {
        return within(value, Double.NEGATIVE_INFINITY, to, slack, unit);
    }

    public static Judgement atLeast(double value, double from, double slack, String unit) {
        return within(value, from, Double.POSITIVE_INFINITY, slack, unit);
    }

    /** The same where what it rests on is not on file. */
    public Judgement unknown() {
        return new Judgement(value, range, from, to, unit, CheckState.NOT_CHECKED);
    }

    public boolean isFine() {
        return state == CheckState.FINE;
    }

    public boolean isUndecided() {
        return state == CheckState.UNDECIDED;
    }

    public boolean isFound() {
        return state == CheckState.FOUND;
    }

    /** The worse of two. */
    public static CheckState worse(CheckState a, CheckState b) {
        return a.compareTo(b) >= 0 ? a : b;
    }
}
