package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;

/** A configuration becomes another as quickly as the brief asks. */
final class ChangeDemands implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("changeover.demand")
            .family("brief")
            .title("Changes are quick enough")
            .subjects("every change that the brief asks for from this configuration")
            .expectation("it takes no more minutes than asked, and no tool where none is wanted")
            .because("the unit waits, or the light goes")
            .formula("minutes = Σ levers, screws, cables, settings, tools at the house’s times")
            .source("the brief; times by the house")
            .severity(Severity.STOP)
            .build()
            .by(Rule.TIME_CABLE, Rule.TIME_SCREW);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        // The lens stays on through a change: told once, with the first of the set.
        if (!analysis.build().lenses().isEmpty()
                && !analysis.build().lenses().get(0).id().equals(analysis.rig().lens())) {
            return;
        }
        ConfigurationId here = analysis.rig().configuration().id();
        for (Asks.ChangeDemand demand : analysis.job().brief().asks().changes()) {
            if (demand.from().equals(here)) {
                judge(analysis, demand, results);
            }
        }
    }

    private static void judge(RigAnalysis analysis, Asks.ChangeDemand demand, Results results) {
        About about = About.of("target", named(demand.to().toString()));
        if (analysis.build().configuration(demand.to()).isEmpty()) {
            results.found(
                    about,
                    "No configuration " + demand.to() + " to change to",
                    new Evidence.Statement("not in this build", demand.to().toString()),
                    "The brief asks for the change; the build does not have where it leads.");
            return;
        }
        RigAnalysis then = analysis.beside(demand.to());
        Rig to = then.rig();
        Changeover way = Changeover.between(analysis, then);
        if (ChangeoverMatrix.isMet(demand, way)) {
            results.fine();
            return;
        }
        String name = analysis.rig().configuration().title() + " to "
                + to.configuration().title();
        if (way.minutes() > demand.minutes()) {
            results.found(
                    about.as("minutes"),
                    name + " takes " + Words.one(way.minutes()) + " min",
                    Evidence.Amount.atMost(way.minutes(), demand.minutes(), "min"),
                    way.steps().size() + " steps" + tools(way) + ".");
        } else {
            results.found(
                    about.as("tools"),
                    name + " needs " + String.join(", ", way.keys()),
                    new Evidence.Statement(String.join(", ", way.keys()), "no tool"),
                    "Screws are worked at " + screwed(way) + ".");
        }
    }

    private static String tools(Changeover way) {
        return way.isToolFree() ? " without a tool" : " with " + String.join(", ", way.keys());
    }

    private static String screwed(Changeover way) {
        return String.join(
                ", ",
                way.steps().stream()
                        .filter(s -> !s.keys().isEmpty())
                        .map(Changeover.Step::part)
                        .distinct()
                        .limit(4)
                        .toList());
    }
}
