package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.SpringLift;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/** The spring of a vest's arm lifts what hangs on it, over the whole of its travel. */
final class VestLift implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.vest-lift")
            .family("balance")
            .title("A vest's arm lifts what hangs on it")
            .subjects("a rig that hangs on a sprung arm")
            .expectation(
                    "its mass within what the spring can be set to; the hand force at the ends of the travel within "
                            + "the house's")
            .because("too light it springs up, too heavy it sinks, and either is held by hand all day")
            .formula("F = m·g·u at the ends of the travel, u the share by which the arm pulls unevenly")
            .source("statics; range by the arm's maker")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build()
            .by(Rule.HAND_CAUTION);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        SpringLift.of(analysis)
                .filter(l -> Weighed.is(l.posture(), results))
                .ifPresent(l -> judge(analysis, l, results));
    }

    private static void judge(RigAnalysis analysis, SpringLift lift, Results results) {
        PlacementId arm = lift.posture().support().id();
        String name = lift.posture().support().title();
        boolean light = lift.lift().value() < lift.lift().from();
        results.judge(
                lift.lift(),
                new Told(
                        About.of("lift", part(arm)),
                        name + (light ? " springs up under " : " sinks under ")
                                + Words.two(lift.lift().value()) + " kg" + analysis.withLens(),
                        light
                                ? "Its spring cannot be let off so far: add mass, or take a lighter arm."
                                : "Its spring cannot be set so high: take mass off, or take a stronger arm.",
                        lift.posture().widestUp()));
        results.judge(
                lift.hand(),
                new Told(
                        About.of("ends", part(arm)),
                        name + " is held with " + Words.one(lift.hand().value()) + " N" + " at the ends of its "
                                + Words.one(lift.arm().travelMm()) + " mm" + analysis.withLens(),
                        "Set to what it carries it still pulls " + (lift.estimated() ? "about " : "")
                                + "so much more or less at the top and the bottom"
                                + (lift.estimated() ? "; that is the house's estimate" : "") + ".",
                        lift.posture().widestUp()));
    }
}
