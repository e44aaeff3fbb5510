package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Statics;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;

/**
 * Whether a tilting head's springs hold the rig: mass times height of its centre over the tilt axis, kg·mm, against
 * what the springs hold.
 */
public record HeadMoment(Posture posture, Judgement held) {
    private static final double TILT = 30;

    /** Empty when the rig is on no tilting head, or the head's springs are not on file. */
    public static Optional<HeadMoment> of(RigAnalysis analysis) {
        return Posture.of(analysis, SupportFacet.Support.Way.TILTS)
                .flatMap(p -> p.support()
                        .type()
                        .facet(SupportFacet.Counterbalance.class)
                        .map(springs -> of(p, springs)));
    }

    private static HeadMoment of(Posture posture, SupportFacet.Counterbalance springs) {
        Ranged has = posture.carried().sum(posture::over).times(1e-3);
        return new HeadMoment(
                posture, posture.known(Judgement.within(has, springs.fromKgMm(), springs.toKgMm(), "kg·mm")));
    }

    /** Too low or too light for the springs: they push it back up. */
    public boolean springsBack() {
        return held.value() < held.from();
    }

    /** What the springs leave to the drag at {@link #tiltDegrees}, N·m. */
    public double leftNm() {
        double nearest = springsBack() ? held.from() : held.to();
        return Math.abs(Statics.noseDown(1000, held.value() - nearest, 0, TILT));
    }

    public static double tiltDegrees() {
        return TILT;
    }
}
