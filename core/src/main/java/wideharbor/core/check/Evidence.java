package wideharbor.core.check;

import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Span;

/** What was found against what is needed. */
public sealed interface Evidence {

    /** How far it misses, for comparing with what a waiver accepted; statements do not differ in degree. */
    double excess();

    /** The unit of what was measured; empty for a statement. */
    String unit();

    /** A figure against a span; an open side of the need is infinite. */
    record Amount(double measured, Span range, double neededFrom, double neededTo, String unit, Figure.Source source)
            implements Evidence {
        /** A fact that was judged, as evidence. */
        public static Amount of(Judgement judged) {
            return new Amount(
                    judged.value(), judged.range(), judged.from(), judged.to(), judged.unit(), Figure.Source.MAKER);
        }

        public static Amount between(double measured, double from, double to, String unit) {
            return new Amount(measured, Span.of(measured), from, to, unit, Figure.Source.MAKER);
        }

        public static Amount atLeast(double measured, double from, String unit) {
            return between(measured, from, Double.POSITIVE_INFINITY, unit);
        }

        public static Amount atMost(double measured, double to, String unit) {
            return between(measured, Double.NEGATIVE_INFINITY, to, unit);
        }

        public Amount ranging(Span range, Figure.Source source) {
            return new Amount(measured, range, neededFrom, neededTo, unit, source);
        }

        @Override
        public double excess() {
            return Math.max(0, Math.max(neededFrom - measured, measured - neededTo));
        }
    }

    /** What is so against what is needed, in words. */
    record Statement(String measured, String needed) implements Evidence {
        @Override
        public String unit() {
            return "";
        }

        @Override
        public double excess() {
            return 0;
        }
    }
}
