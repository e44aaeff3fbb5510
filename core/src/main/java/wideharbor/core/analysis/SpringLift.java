package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;

/**
 * What a vest's sprung arm lifts. Its spring is set to what it carries; at the ends of its travel it pulls more or less
 * than that, and a hand takes the difference.
 *
 * @param lift what hangs on it, kg, against what its spring can be set to
 * @param hand at the ends of the travel, N
 * @param estimated the arm's unevenness is not on file, and the house's figure stands for it
 */
public record SpringLift(
        Posture posture, SupportFacet.SpringArm arm, Judgement lift, Judgement hand, boolean estimated) {

    /** Empty when the rig does not hang, or hangs on nothing sprung. */
    public static Optional<SpringLift> of(RigAnalysis analysis) {
        return Posture.of(analysis, SupportFacet.Support.Way.HANGS)
                .flatMap(p ->
                        p.support().type().facet(SupportFacet.SpringArm.class).map(arm -> of(analysis, p, arm)));
    }

    private static SpringLift of(RigAnalysis analysis, Posture posture, SupportFacet.SpringArm arm) {
        Ranged kg = posture.carried().sum(at -> 1).times(1e-3);
        double estimate = analysis.rule(Rule.ARM_UNEVEN);
        Ranged uneven = arm.uneven().map(Ranged::of).orElse(Ranged.estimated(estimate));
        Ranged newtons = Ranged.of(
                force(kg.value(), uneven.value()),
                force(kg.range().from(), uneven.range().from()),
                force(kg.range().to(), uneven.range().to()));
        return new SpringLift(
                posture,
                arm,
                posture.known(Judgement.within(kg, arm.fromGrams() / 1000, arm.toGrams() / 1000, "kg")),
                posture.known(Judgement.atMost(newtons, analysis.rule(Rule.HAND_CAUTION), "N")),
                arm.uneven().isEmpty());
    }

    private static double force(double kg, double share) {
        return kg * Statics.G * share;
    }
}
