package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** Held or worn, the rig does not lean to one side. */
final class Lateral implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.lateral")
            .family("balance")
            .title("No lean to one side")
            .subjects("what is worn or held, per lens")
            .expectation("the centre of mass stands near the middle plane of the support")
            .because("it twists the wrist, the shoulder or the vest all day")
            .formula("|x_cm − x_support|")
            .source("statics; limit by the house")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build()
            .by(Rule.LATERAL);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Posture.of(analysis)
                .filter(p -> p.facet().way() == SupportFacet.Support.Way.SHOULDER
                        || p.facet().way() == SupportFacet.Support.Way.HANGS)
                .ifPresent(posture -> {
                    if (Weighed.is(posture, results)) {
                        judge(analysis, posture, results);
                    }
                });
    }

    private static void judge(RigAnalysis analysis, Posture posture, Results results) {
        double allowed = analysis.rule(Rule.LATERAL);
        double off = posture.leftMm();
        results.judge(
                Judgement.within(posture.left(), -allowed, allowed, "mm"),
                new Told(
                        About.of("lateral", part(posture.support().id())),
                        Words.mm(Math.abs(off)) + " heavy to the " + (off > 0 ? "left" : "right") + analysis.withLens(),
                        "A part moved to the other side, or a grip on the " + (off > 0 ? "right" : "left")
                                + ", takes the twist.",
                        posture.widestLeft()));
    }
}
