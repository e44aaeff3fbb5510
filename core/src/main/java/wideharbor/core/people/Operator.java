package wideharbor.core.people;

import java.util.Optional;
import wideharbor.core.brief.Brief;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.World;

/**
 * Where the eye of a standing operator is from the middle of a pad on the shoulder. Shares of the standing height as
 * tables of body proportions have them: eyes at 0.936, shoulder at 0.818, so the eye is 0.118 of the height over the
 * shoulder; half the way from neck to shoulder is 0.065 of it, and the eye is 0.05 ahead. Eyes are 64 mm apart. An
 * estimate for a first set-up; the operator's own neck decides.
 */
public final class Operator {
    private static final double EYE_UP = 0.118;
    private static final double EYE_AHEAD = 0.05;
    private static final double NECK_ASIDE = 0.065;
    private static final double HALF_EYES = 32;

    private Operator() {}

    /** Towards the head from the shoulder that carries: +1 to camera left, −1 to camera right. */
    public static int towardsHead(Brief.Crew crew) {
        return crew.shoulder() == Brief.Crew.Side.RIGHT ? 1 : -1;
    }

    /**
     * How far from the pad's middle the eye is: to camera left, up and ahead, mm; empty while nobody knows how tall
     * they are.
     */
    public static Optional<Vec3> eyeFromPad(Brief.Crew crew) {
        double nearSide = crew.eye() == crew.shoulder() ? -HALF_EYES : HALF_EYES;
        return crew.profile()
                .heightMm()
                .map(tall ->
                        new Vec3(towardsHead(crew) * (tall * NECK_ASIDE + nearSide), tall * EYE_UP, tall * EYE_AHEAD));
    }

    /** The eye's place on a shouldered rig, rig frame. */
    public static Optional<Vec3> eye(Brief.Crew crew, World world) {
        return eyeFromPad(crew)
                .map(off -> world.datum()
                        .plus(world.left().times(off.x()))
                        .plus(world.up().times(off.y()))
                        .plus(world.forward().times(off.z())));
    }
}
