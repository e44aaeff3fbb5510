package wideharbor.core.quantity;

/** A half-open stretch {@code [from, to)} on a line, or the range of an uncertain sum; any unit, named by the user. */
public record Span(double from, double to) {
    public Span {
        Require.finite("Start of a span", from);
        Require.finite("End of a span", to);
        if (to < from) {
            throw new IllegalArgumentException("A span must not end before it starts, but was " + from + " to " + to);
        }
    }

    public static Span of(double exact) {
        return new Span(exact, exact);
    }

    public double length() {
        return to - from;
    }

    /** True when both share more than an end: spans that only touch abut, they do not overlap. */
    public boolean overlaps(Span other, double slack) {
        return from < other.to - slack && other.from < to - slack;
    }

    public boolean encloses(Span other, double slack) {
        return other.from >= from - slack && other.to <= to + slack;
    }

    public boolean holds(double value, double slack) {
        return value >= from - slack && value <= to + slack;
    }

    /** The value itself where it lies inside, else the end nearest to it. */
    public double nearest(double value) {
        return Math.max(from, Math.min(to, value));
    }

    public Span shifted(double by) {
        return new Span(from + by, to + by);
    }
}
