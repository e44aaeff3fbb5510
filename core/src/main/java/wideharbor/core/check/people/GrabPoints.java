package wideharbor.core.check.people;

import static wideharbor.core.job.Subject.whole;

import java.util.Locale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Category;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.people.Holds;

/** People grab whatever is there: from every side there is something safe. */
final class GrabPoints implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("people.grab-points")
            .family("people")
            .title("Something safe to hold from every side")
            .subjects("every rig that is not on legs, from left, right, above and behind")
            .expectation(
                    "a handle, grip, rod, plate or cage can be taken hold of; what is met there is not only a cell, a "
                            + "screen or a cable")
            .because("a power unit comes off in the hand, an arm bends, a cable breaks")
            .formula("matter of firm parts with nothing before it within a hand’s depth")
            .source("geometry")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        boolean onLegs = analysis.rig().attached().stream()
                .anyMatch(p -> p.type().category() == Category.LEGS || p.type().category() == Category.HEAD);
        if (onLegs || !analysis.rig().isSupported()) {
            return;
        }
        Holds holds = Holds.of(analysis.rig(), analysis.clearances(), analysis.rule(Rule.GRAB_REACH));
        for (Holds.Side side : holds.sides()) {
            if (!side.safe().isEmpty()) {
                results.fine();
                continue;
            }
            String from = side.from().name().toLowerCase(Locale.ROOT);
            results.found(
                    About.of(from, whole()),
                    "Nothing safe to hold from " + (from.equals("left") || from.equals("right") ? "the " + from : from),
                    new Evidence.Statement(
                            side.inTheWay().isEmpty() ? "nothing at all" : String.join(", ", side.inTheWay()),
                            "a handle, grip, rod, plate or cage"),
                    "Whoever takes it over reaches for what is there.");
        }
    }
}
