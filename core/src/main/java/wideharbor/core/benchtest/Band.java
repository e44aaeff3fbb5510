package wideharbor.core.benchtest;

import java.util.Optional;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Span;

/** What counts as passed. */
public sealed interface Band {
    /** It is so, or it is not: what has to be so. */
    record Answer(String holds) implements Band {}

    /**
     * A figure within limits.
     *
     * @param from the least; empty where that side is open
     * @param to the most; empty where that side is open
     * @param computed what it should be by what is on file
     */
    record Measure(Optional<Double> from, Optional<Double> to, String unit, Optional<Double> computed) implements Band {
        /** Between two figures that differ from the computed range by a share of it. */
        static Measure around(double computed, Span range, double share, String unit) {
            return new Measure(
                    Optional.of(range.from() * (1 - share)),
                    Optional.of(range.to() * (1 + share)),
                    unit,
                    Optional.of(computed));
        }

        static Measure atMost(double to, String unit) {
            return new Measure(Optional.empty(), Optional.of(to), unit, Optional.empty());
        }

        static Measure atLeast(double from, String unit) {
            return new Measure(Optional.of(from), Optional.empty(), unit, Optional.empty());
        }

        /** Nothing to hold it against: what is measured is what is known from now on. */
        static Measure asItIs(String unit) {
            return new Measure(Optional.empty(), Optional.empty(), unit, Optional.empty());
        }

        /**
         * How a measured figure stands; one whose uncertainty reaches over a limit decides nothing.
         *
         * @param plusMinus how far the instrument may be off, at least 0
         */
        public Judgement judge(double value, double plusMinus) {
            return Judgement.within(
                    value,
                    new Span(value - plusMinus, value + plusMinus),
                    from.orElse(Double.NEGATIVE_INFINITY),
                    to.orElse(Double.POSITIVE_INFINITY),
                    ROUNDING * Math.max(1, Math.abs(value)),
                    unit);
        }

        /** What a measured figure says. */
        public TestResult.Outcome outcome(double value, double plusMinus) {
            CheckState state = judge(value, plusMinus).state();
            return switch (state) {
                case FINE -> TestResult.Outcome.PASSED;
                case FOUND -> TestResult.Outcome.FAILED;
                case UNDECIDED, NOT_CHECKED -> TestResult.Outcome.UNDECIDED;
            };
        }

        private static final double ROUNDING = 1e-9;
    }
}
