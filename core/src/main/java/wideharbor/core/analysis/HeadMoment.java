package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;

/**
 * Whether a tilting head's springs hold the rig: mass times height of its centre over the tilt axis, kg·mm, against
 * what the springs hold; and what they leave to the drag, tilted as far as the house does.
 *
 * <p>Springs set to s leave |(m·h − s)·sin θ + m·d·cos θ|·g, θ nose down, d ahead of the axis.
 *
 * @param springsKgMm what the springs are set to: the setting nearest to the load
 * @param left the most they leave, N·m, against the drag
 * @param atDegrees the tilt at which that is so, nose down
 * @param drag what that is held against
 */
public record HeadMoment(
        Posture posture, Judgement held, double springsKgMm, Judgement left, double atDegrees, Drag drag) {
    /** Where the drag's figure is from. */
    public enum Drag {
        ON_FILE,
        /** The springs go in steps, so the drag matters; the house's figure stands for it. */
        ESTIMATED,
        /**
         * Neither steps nor drag are on file: springs that are set steplessly leave what is out of balance, no more.
         */
        NOT_ASKED
    }

    private static final double LOOK_EVERY = 5;

    /** Empty when the rig is on no tilting head, or the head's springs are not on file. */
    public static Optional<HeadMoment> of(RigAnalysis analysis) {
        return Posture.of(analysis, SupportFacet.Support.Way.TILTS)
                .flatMap(p -> p.support()
                        .type()
                        .facet(SupportFacet.Counterbalance.class)
                        .map(springs -> of(analysis, p, springs)));
    }

    private static HeadMoment of(RigAnalysis analysis, Posture posture, SupportFacet.Counterbalance springs) {
        Ranged has = posture.carried().sum(posture::over).times(1e-3);
        double set = springs.nearest(has.value());
        Span range = tilt(analysis, posture.support());
        Ranged most = left(posture, set, 0);
        double at = 0;
        int looks = (int) Math.ceil(range.length() / LOOK_EVERY);
        for (int i = looks; i >= 0 && looks > 0; i--) {
            double tilt = range.from() + range.length() * i / looks;
            Ranged here = left(posture, set, tilt);
            at = here.value() > most.value() ? tilt : at;
            most = most.max(here);
        }
        return new HeadMoment(
                posture,
                posture.known(Judgement.within(has, springs.fromKgMm(), springs.toKgMm(), "kg·mm")),
                set,
                posture.known(
                        Judgement.atMost(most, springs.dragNm().orElseGet(() -> analysis.rule(Rule.HEAD_DRAG)), "N·m")),
                at,
                springs.dragNm().isPresent()
                        ? Drag.ON_FILE
                        : springs.steps().isPresent() ? Drag.ESTIMATED : Drag.NOT_ASKED);
    }

    /** How far a head is tilted in a shot, degrees nose down; what is up is negative. */
    public static Span tilt(RigAnalysis analysis, Placed head) {
        return HeadTilt.of(analysis, head.type());
    }

    /** What the springs leave at a tilt, nose down, N·m. */
    private static Ranged left(Posture posture, double springsKgMm, double tiltDegrees) {
        double sin = Math.sin(Math.toRadians(tiltDegrees));
        double cos = Math.cos(Math.toRadians(tiltDegrees));
        return posture.carried()
                .sum(at -> posture.over(at) * sin + posture.aheadOf(at) * cos)
                .plus(-springsKgMm * 1000 * sin)
                .size()
                .map(Statics::newtonMetres);
    }

    /** Too low or too light for the springs: they push it back up. */
    public boolean springsBack() {
        return held.value() < held.from();
    }
}
