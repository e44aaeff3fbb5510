package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.Hang;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/** A rig that hangs from a hand, a hook or a vest hangs level. */
final class HangTilt implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.hang")
            .family("balance")
            .title("It hangs level")
            .subjects("what hangs below its support, per lens")
            .expectation(
                    "it noses up or down by no more than the house allows, and the hook is above the centre of mass")
            .because("a rig that hangs askew is held straight by the wrist; one that is hooked below its centre "
                    + "turns over")
            .formula("tilt = atan((z_cm − z_hook) / (y_hook − y_cm))")
            .source("statics")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build()
            .by(Rule.HANG_TILT);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Hang.of(analysis).ifPresent(hang -> {
            if (Weighed.is(hang.posture(), results)) {
                judge(analysis, hang, results);
            }
        });
    }

    private static void judge(RigAnalysis analysis, Hang hang, Results results) {
        Posture posture = hang.posture();
        PlacementId hook = posture.support().id();
        if (!hang.above().isFine()) {
            results.judge(
                    Severity.STOP,
                    hang.above(),
                    new Told(
                            About.of("turns-over", part(hook)),
                            "Hooked " + Words.mm(Math.abs(posture.upMm())) + (posture.upMm() < 0 ? " above" : " below")
                                    + " its centre of mass",
                            "It turns over the moment it hangs free. A higher handle, or weight lower down.",
                            posture.widestUp()));
            return;
        }
        results.judge(
                hang.tilt(),
                new Told(
                        About.of("tilt", part(hook)),
                        "Hangs " + hang.inWords() + analysis.withLens(),
                        "The centre of mass is " + Words.mm(Math.abs(posture.aheadMm()))
                                + (posture.aheadMm() > 0 ? " ahead" : " behind") + " and " + Words.mm(-posture.upMm())
                                + " below the hook.",
                        posture.widestAhead()));
    }

    /** The slide that brings the centre of mass under the hook. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return Slides.balancing(analysis);
    }
}
