package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;

/**
 * How a rig hangs that is carried from above.
 *
 * @param above how far its centre of mass is above the hook, mm: it turns over unless that is negative
 * @param tilt how far it noses down, degrees; says nothing of a rig that turns over
 */
public record Hang(Posture posture, Judgement above, Judgement tilt) {
    /** Empty when the rig does not hang. */
    public static Optional<Hang> of(RigAnalysis analysis) {
        return Posture.of(analysis, SupportFacet.Support.Way.HANGS).map(p -> {
            Judgement above = p.known(Judgement.atMost(p.up(), Math.nextDown(0.0), "mm"));
            Ranged nose = above.isFine() || !p.carried().isComplete() && p.upMm() < 0
                    ? p.carried().ratio(p::aheadOf, at -> -p.over(at)).map(t -> Math.toDegrees(Math.atan(t)))
                    : Ranged.of(Statics.hangTilt(p.aheadMm(), -p.upMm()));
            return new Hang(p, above, p.judged(nose, analysis.rule(Rule.HANG_TILT), "°"));
        });
    }

    public boolean turnsOver() {
        return posture.upMm() >= 0;
    }

    /** "4.0° nose down" or "… up". */
    public String inWords() {
        return Words.one(Math.abs(tilt.value())) + "° nose " + (tilt.value() >= 0 ? "down" : "up");
    }
}
