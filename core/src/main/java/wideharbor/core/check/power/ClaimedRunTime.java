package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.PowerSums;
import wideharbor.core.power.RunTime;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;

/** What somebody says a battery lasts, against what the nameplates draw. */
final class ClaimedRunTime implements Check {
    private static final double LEAST_WATTS = 0.001;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.claim")
            .family("power")
            .title("Claimed run times are possible")
            .subjects("every battery on the rig, when the brief keeps how long one is said to last")
            .expectation(
                    "the draw that the claim implies is at least four fifths of what the devices' nameplates sum up to")
            .because("a claim that the nameplates contradict is somebody else's camera, or a battery that was new")
            .formula("implied W = Wh × health × temperature factor × usable / claimed h, against Σ running W")
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

    /**
     * What a battery gives at the job's temperature over the hours it is said to last; what the load may be more or
     * less counts against it.
     */
    private static Ranged implied(RigAnalysis analysis, FeedTree.Source source, double claimed, Ranged load) {
        Ranged watts = RunTime.usable(source.spec(), celsius(analysis), analysis.rules())
                .times(1 / claimed);
        return Ranged.of(
                watts.value(),
                watts.range().from() * load.value() / load.range().to(),
                watts.range().to()
                        * load.value()
                        / Math.max(LEAST_WATTS, load.range().from()));
    }

    private static double celsius(RigAnalysis analysis) {
        return analysis.job().brief().temperatureC();
    }

    private static void judge(RigAnalysis analysis, double claimed, Results results) {
        for (FeedTree.Source source : analysis.feeds().sources()) {
            FeedTree.Load load = analysis.feeds().loadOn(source);
            About about = About.of("claim", part(source.battery().id()));
            if (!load.isComplete() || source.spec().capacity().isEmpty()) {
                results.notChecked(
                        about,
                        load.isComplete()
                                ? "no capacity on file for " + source.battery().title()
                                : "no watts on file for " + String.join(", ", load.unknown()));
                continue;
            }
            if (load.runningWatts() <= 0) {
                continue;
            }
            Ranged implied = implied(analysis, source, claimed, load.running());
            results.judge(
                    Judgement.atLeast(implied, load.runningWatts() * PowerSums.CLAIM_SHARE, "W"),
                    new Told(
                            about,
                            source.battery().title() + " is said to last " + Words.hours(claimed),
                            "That would be a draw of " + Words.watts(implied.value()) + " at "
                                    + Words.one(celsius(analysis)) + " °C; the nameplates sum up to "
                                    + Words.watts(load.runningWatts()) + ".",
                            source.battery().title(),
                            "capacity"));
        }
    }
}
