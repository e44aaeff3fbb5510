package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.PowerSums;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;
import wideharbor.core.quantity.Words;

/** What somebody says a battery lasts, against what the nameplates draw. */
final class ClaimedRunTime implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.claim")
            .family("power")
            .title("Claimed run times are possible")
            .subjects("every battery on the rig, when the brief keeps how long one is said to last")
            .expectation(
                    "the draw that the claim implies is at least four fifths of what the devices' nameplates sum up to")
            .because("a claim that the nameplates contradict is somebody else's camera, or a battery that was new")
            .formula("implied W = Wh × health × usable / claimed h, against Σ running W")
            .source("the brief; nameplates by the makers")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        analysis.job().brief().asks().shoot().claimedHours().ifPresent(claimed -> judge(analysis, claimed, results));
    }

    private static void judge(RigAnalysis analysis, double claimed, Results results) {
        for (FeedTree.Source source : analysis.feeds().sources()) {
            FeedTree.Load load = analysis.feeds().loadOn(source);
            if (!load.isComplete()
                    || load.runningWatts() <= 0
                    || source.spec().capacity().isEmpty()) {
                continue;
            }
            double implied = source.spec().capacity().get().value()
                    * source.spec().health()
                    * analysis.rule(Rule.USABLE_CHARGE)
                    / claimed;
            if (implied >= load.runningWatts() * PowerSums.CLAIM_SHARE) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("claim", part(source.battery().id())),
                    source.battery().title() + " is said to last " + Words.hours(claimed),
                    Evidence.Amount.atLeast(implied, load.runningWatts() * PowerSums.CLAIM_SHARE, "W")
                            .ranging(Span.of(implied), Figure.Source.CLAIMED),
                    "That would be a draw of " + Words.watts(implied) + "; the nameplates sum up to "
                            + Words.watts(load.runningWatts()) + ".");
        }
    }
}
