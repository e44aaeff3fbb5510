package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Grips;
import wideharbor.core.analysis.HandForce;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/** What the hands hold when a rig lies on the shoulder. */
final class ShoulderHold implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.shoulder")
            .family("balance")
            .title("The hands hold little on the shoulder")
            .subjects("what lies on a shoulder, per lens")
            .expectation("the force at the grips that keeps the rig level is small")
            .because("the shoulder should carry it; the hands should steer")
            .formula("F = m·g·Δz / L")
            .source("statics; limits by the house")
            .severity(Severity.STOP)
            .perLens(true)
            .build()
            .by(Rule.HAND_CAUTION, Rule.HAND_STOP);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Posture.of(analysis, SupportFacet.Support.Way.SHOULDER).ifPresent(posture -> {
            if (Weighed.is(posture, results)) {
                judge(analysis, posture, results);
            }
        });
    }

    private static void judge(RigAnalysis analysis, Posture posture, Results results) {
        PlacementId pad = posture.support().id();
        Optional<HandForce> hands = HandForce.of(analysis);
        if (hands.isEmpty()) {
            results.found(
                    About.of("grips", part(pad)),
                    "Nothing ahead of the pad to hold",
                    new Evidence.Statement(
                            "no grip more than " + Words.length(Grips.LEAST_ARM_MM) + " ahead", "grips within reach"),
                    "Without grips the rig falls forward or back off the shoulder.");
            return;
        }
        HandForce force = hands.get();
        double flange =
                -analysis.rig().world().datum().dot(analysis.rig().world().forward());
        results.judge(
                force.easy(),
                force.bearable(),
                new Told(
                        About.of("hands", part(pad)),
                        "Hands " + (force.newton() > 0 ? "hold up " : "pull down ")
                                + Words.one(Math.abs(force.newton())) + " N" + analysis.withLens(),
                        "The centre of mass is " + Words.mm(Math.abs(posture.aheadMm()))
                                + (posture.aheadMm() > 0 ? " ahead of" : " behind") + " the pad's middle, the grips "
                                + Words.length(force.armMm()) + " ahead; from flange to shoulder it is "
                                + Words.length(flange) + ".",
                        posture.carried().widest(posture::aheadOf)));
    }

    /** The pad further forward or back under the centre of mass. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return Slides.balancing(analysis);
    }
}
