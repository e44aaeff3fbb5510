package wideharbor.app.web;

import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Span;

/** A judged fact as a screen shows it; {@code need}: the least or the most that is wanted. */
public record FactView(CheckState state, double value, Span range, double need) {
    public static FactView atLeast(Judgement fact) {
        return new FactView(fact.state(), fact.value(), fact.range(), fact.from());
    }

    public static FactView atMost(Judgement fact) {
        return new FactView(fact.state(), fact.value(), fact.range(), fact.to());
    }
}
