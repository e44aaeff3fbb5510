package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Statics;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Words;

/** A tilting head holds the rig wherever it is left. */
final class Counterbalanced implements Check {
    private static final CheckCard CARD = new CheckCard(
            "balance.counterbalance",
            "balance",
            "Counterbalance holds the rig",
            "what a tilting head carries, per lens",
            "mass times height of the centre of mass over the tilt axis lies in what the springs hold",
            "below it the head springs back, above it the camera drops when the hand lets go",
            "m·h, kg·mm; M(θ) = m·g·(h·sin θ + d·cos θ)",
            "statics; range by the head's maker",
            Severity.CAUTION,
            true);
    private static final double TILT = 30;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Posture.of(analysis, SupportFacet.Support.Way.TILTS).ifPresent(posture -> {
            Optional<SupportFacet.Counterbalance> springs =
                    posture.support().type().facet(SupportFacet.Counterbalance.class);
            if (Weighed.is(posture, results) && springs.isPresent()) {
                judge(analysis, posture, springs.get(), results);
            }
        });
    }

    private static void judge(
            RigAnalysis analysis, Posture posture, SupportFacet.Counterbalance springs, Results results) {
        double has = posture.carried().kilograms() * posture.upMm();
        if (has >= springs.fromKgMm() && has <= springs.toKgMm()) {
            results.fine();
            return;
        }
        double nearest = has < springs.fromKgMm() ? springs.fromKgMm() : springs.toKgMm();
        double left = Statics.noseDown(1000, has - nearest, 0, TILT);
        results.found(
                About.of("counterbalance", part(posture.support().id())),
                posture.support().title()
                        + (has < springs.fromKgMm() ? " springs back" : " lets the camera drop")
                        + analysis.withLens(),
                Evidence.Amount.between(has, springs.fromKgMm(), springs.toKgMm(), "kg·mm"),
                "At " + Words.one(TILT) + "° " + Words.one(Math.abs(left))
                        + " N·m are left to the drag. Lower or raise the"
                        + " rig on the head, or take the head that holds it.");
    }
}
