package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;

/** A piece that was weighed weighs what its type does, or somebody knows why not. */
final class MassAsWeighed implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("mass.differs")
            .family("balance")
            .title("A piece weighs what its type does")
            .subjects("every part that was weighed and whose type has a mass on file")
            .expectation("the two differ by no more than the house allows, beyond what the catalogue leaves open")
            .because("a piece heavier than its type has something on it that no sheet tells, or is another")
            .formula("lowest − share · catalogue ≤ weighed ≤ highest + share · catalogue")
            .source("bench scale; the catalogue for the type")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed placed : analysis.rig().attached()) {
            if (placed.placement().weighedGrams() instanceof Figure.Known weighed
                    && Mass.ofType(placed.type()) instanceof Figure.Known type) {
                judge(placed, weighed, type, results);
            }
        }
    }

    private static void judge(Placed placed, Figure.Known weighed, Figure.Known type, Results results) {
        double allowed = results.analysis().rule(Rule.MEASURED_DIFFERS) * type.value();
        Span range = new Span(weighed.low(), weighed.high());
        String which = placed.placement().piece();
        boolean heavier = weighed.value() > type.value();
        results.judge(
                Judgement.within(weighed.value(), range, type.low() - allowed, type.high() + allowed, 0, "g"),
                new Told(
                        About.of("differs", part(placed.id())),
                        (which.isEmpty() ? "" : which + ", ") + placed.title() + " weighs "
                                + Math.round(weighed.value()) + " g instead of " + Math.round(type.value()),
                        heavier
                                ? "Something is on it that the sheet does not tell, or it is another: look, "
                                        + "or correct its"
                                        + " type."
                                : "Something of it is missing, or it is another: look, or correct its type.",
                        ""));
    }
}
