package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;

/**
 * What the hands hold of a rig that lies on a shoulder: F = m·g·Δz / L, N; negative when they pull down.
 *
 * @param grips between the hands, rig frame
 * @param armMm from the pad's middle to the grips, along the axis
 * @param easy against what tires within a take
 * @param bearable against what nobody holds for a shot
 */
public record HandForce(Posture posture, Vec3 grips, double armMm, Judgement easy, Judgement bearable) {
    /** Empty when the rig lies on no shoulder, or nothing on it is there to be held. */
    public static Optional<HandForce> of(RigAnalysis analysis) {
        return Posture.of(analysis, SupportFacet.Support.Way.SHOULDER)
                .flatMap(p -> Grips.held(analysis).map(grips -> of(analysis, p, grips)));
    }

    private static HandForce of(RigAnalysis analysis, Posture posture, Vec3 grips) {
        var world = analysis.rig().world();
        double arm = grips.minus(world.datum()).dot(world.forward());
        // Σ m·Δz in g·mm, through the arm in mm: a thousandth of it in kg is what the hands bear.
        Ranged newton = posture.carried().sum(posture::aheadOf).map(gmm -> Statics.handForce(gmm, 1, arm));
        return new HandForce(
                posture,
                grips,
                arm,
                posture.judged(newton, analysis.rule(Rule.HAND_CAUTION), "N"),
                posture.judged(newton, analysis.rule(Rule.HAND_STOP), "N"));
    }

    public double newton() {
        return easy.value();
    }

    /** "12.3 N held up" or "… pulled down". */
    public String inWords() {
        return Words.one(Math.abs(newton())) + " N " + (newton() >= 0 ? "held up" : "pulled down");
    }
}
