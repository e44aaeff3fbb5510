package wideharbor.core.quantity;

/**
 * A number with where it comes from, or the plain statement that it is not known.
 *
 * <p>Unknown, none and zero are three things: a part with no mass on file never weighs 0 g.
 */
public sealed interface Figure {

    /** Where a figure comes from, the most trusted first. */
    enum Source {
        MEASURED,
        MAKER,
        ASSUMED,
        CLAIMED
    }

    /** {@code low <= value <= high}; by and when may be empty. */
    record Known(double value, double low, double high, Source source, String by, String when) implements Figure {
        public Known {
            Require.finite("Figure", value);
            Require.finite("Lowest figure", low);
            Require.finite("Highest figure", high);
            if (low > value || high < value) {
                throw new IllegalArgumentException(
                        "Figure " + value + " must lie in its own range, but that is " + low + " to " + high);
            }
        }
    }

    /** Nobody has said the figure; the reason says why. */
    record Unknown(String reason) implements Figure {
        public Unknown {
            Require.text("Reason for an unknown figure", reason, 200);
        }
    }

    /** The same so many times as large, from 0; what is unknown stays so. */
    default Figure times(double factor) {
        return this instanceof Known k
                ? new Known(k.value() * factor, k.low() * factor, k.high() * factor, k.source(), k.by(), k.when())
                : this;
    }

    static Figure maker(double value) {
        return new Known(value, value, value, Source.MAKER, "", "");
    }

    static Figure range(double value, double low, double high, Source source) {
        return new Known(value, low, high, source, "", "");
    }

    static Figure measured(double value, String by, String when) {
        return new Known(value, value, value, Source.MEASURED, by, when);
    }

    static Figure unknown(String reason) {
        return new Unknown(reason);
    }

    /** Refuses a known figure below zero: masses, watts and watt-hours are never negative. */
    static Figure notNegative(String what, Figure figure) {
        if (figure instanceof Known k && k.low() < 0) {
            throw new IllegalArgumentException(what + " must not be negative, but was " + k.low());
        }
        return figure;
    }
}
