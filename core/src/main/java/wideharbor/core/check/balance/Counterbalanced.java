package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.HeadMoment;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/** A tilting head holds the rig wherever it is left. */
final class Counterbalanced implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.counterbalance")
            .family("balance")
            .title("Counterbalance holds the rig")
            .subjects("what a tilting head carries, per lens")
            .expectation("mass times height of the centre of mass over the tilt axis lies in what the springs hold")
            .because("below it the head springs back, above it the camera drops when the hand lets go")
            .formula("m·h, kg·mm; left to the drag: |(m·h − springs)·sin θ + m·d·cos θ|·g")
            .source("statics; range by the head's maker")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        HeadMoment.of(analysis).ifPresent(moment -> {
            if (Weighed.is(moment.posture(), results)) {
                judge(analysis, moment, results);
            }
        });
    }

    private static void judge(RigAnalysis analysis, HeadMoment moment, Results results) {
        String head = moment.posture().support().title();
        PlacementId id = moment.posture().support().id();
        results.judge(
                moment.held(),
                new Told(
                        About.of("counterbalance", part(id)),
                        head + (moment.springsBack() ? " springs back" : " lets the camera drop") + analysis.withLens(),
                        "At " + tilt(moment) + " " + Words.one(moment.left().value())
                                + " N·m are left to the drag. Lower or raise the"
                                + " rig on the head, or take the head that holds it.",
                        moment.posture().widestUp()));
        if (!moment.held().isFound() && moment.drag() != HeadMoment.Drag.NOT_ASKED) {
            results.judge(
                    moment.left(),
                    new Told(
                            About.of("drag", part(id)),
                            head + " does not stay tilted: "
                                    + Words.one(moment.left().value()) + " N·m are left to the drag"
                                    + analysis.withLens(),
                            "At " + tilt(moment) + ", with the springs set to "
                                    + Words.one(moment.springsKgMm()) + " kg·mm"
                                    + (moment.drag() == HeadMoment.Drag.ESTIMATED
                                            ? "; the drag is the house's estimate"
                                            : "")
                                    + ". Balance it on the slide, or change its height by what a step of "
                                    + "the springs is.",
                            moment.posture().widestUp()));
        }
    }

    private static String tilt(HeadMoment moment) {
        return Words.one(Math.abs(moment.atDegrees())) + "° nose " + (moment.atDegrees() < 0 ? "up" : "down");
    }
}
