package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Drawn;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;

/** What a rig was measured to take is what its nameplates sum up to, or somebody knows why not. */
final class DrawAsMeasured implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.differs")
            .family("power")
            .title("A rig takes what its nameplates say")
            .subjects("every battery off which the rig was measured, with just what hangs on it now, all of it with"
                    + " watts on file")
            .expectation("the two differ by no more than the house allows, beyond what the nameplates leave open")
            .because("a rig that takes more than its nameplates has a device in it that nobody counted, or a fault")
            .formula("lowest Σ − share · Σ ≤ measured ≤ highest Σ + share · Σ, cables and converters included")
            .source("power meter at the battery's terminals; nameplates by the makers")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        FeedTree feeds = analysis.feeds();
        for (FeedTree.Source source : feeds.sources()) {
            feeds.measured(source).ifPresent(drawn -> {
                FeedTree.Load load = feeds.byNameplates(source);
                if (load.isComplete() && load.runningWatts() > 0) {
                    judge(source, drawn, load.running(), results);
                }
            });
        }
    }

    private static void judge(FeedTree.Source source, Drawn drawn, Ranged told, Results results) {
        double allowed = results.analysis().rule(Rule.MEASURED_DIFFERS) * told.value();
        boolean more = drawn.watts() > told.value();
        results.judge(
                Judgement.within(
                        drawn.watts(),
                        drawn.ranged().range(),
                        told.range().from() - allowed,
                        told.range().to() + allowed,
                        0,
                        "W"),
                new Told(
                        About.of("drawn", part(source.battery().id())),
                        source.battery().title() + " gave " + Words.watts(drawn.watts()) + " where the nameplates say "
                                + Words.watts(told.value()),
                        more
                                ? "The day is judged by what was measured. Look for what nobody counted: a "
                                        + "fan, a heater,"
                                        + " a screen at its brightest, a cable that is warm."
                                : "The day is judged by what was measured. Look whether all of it was on: "
                                        + "radios sending,"
                                        + " recording, screens as bright as on the day.",
                        ""));
    }
}
