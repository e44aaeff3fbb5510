package wideharbor.core.quantity;

import java.util.function.DoubleUnaryOperator;

/** A computed figure with the lowest and highest that what it rests on allows. */
public record Ranged(double value, Span range) {

    public static Ranged of(double exact) {
        return new Ranged(exact, Span.of(exact));
    }

    public static Ranged of(double value, double oneEnd, double otherEnd) {
        return new Ranged(value, new Span(Math.min(oneEnd, otherEnd), Math.max(oneEnd, otherEnd)));
    }

    /** An estimate of the house: half of it to half as much again counts as possible. */
    public static Ranged estimated(double value) {
        return of(value, value / 2, value * 1.5);
    }

    /** Through a function that only rises, or only falls, over the range. */
    public Ranged map(DoubleUnaryOperator monotone) {
        return of(
                monotone.applyAsDouble(value),
                monotone.applyAsDouble(range.from()),
                monotone.applyAsDouble(range.to()));
    }

    public Ranged times(double factor) {
        return map(x -> x * factor);
    }

    /** With what is off by itself: the ranges add. */
    public Ranged plus(Ranged other) {
        return of(value + other.value, range.from() + other.range.from(), range.to() + other.range.to());
    }

    public Ranged plus(double more) {
        return map(x -> x + more);
    }

    /** Its size, whichever way it goes. */
    public Ranged size() {
        double far = Math.max(Math.abs(range.from()), Math.abs(range.to()));
        double near = range.holds(0, 0) ? 0 : Math.min(Math.abs(range.from()), Math.abs(range.to()));
        return new Ranged(Math.abs(value), new Span(near, far));
    }

    /** The most of several of which each may be the largest. */
    public Ranged max(Ranged other) {
        return new Ranged(
                Math.max(value, other.value),
                new Span(Math.max(range.from(), other.range.from()), Math.max(range.to(), other.range.to())));
    }

    public Ranged min(Ranged other) {
        return new Ranged(
                Math.min(value, other.value),
                new Span(Math.min(range.from(), other.range.from()), Math.min(range.to(), other.range.to())));
    }

    public boolean isExact() {
        return range.from() == range.to();
    }
}
