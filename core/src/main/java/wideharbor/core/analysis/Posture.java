package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Mass;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.World;

/**
 * Where the carried centre of mass stands from the support's datum, in world directions.
 *
 * @param aheadMm along the level projection of the axis
 * @param upMm against gravity
 * @param leftMm to camera left as the world stands
 */
public record Posture(
        Placed support, SupportFacet.Support facet, Mass carried, double aheadMm, double upMm, double leftMm) {

    /** Empty when no support carries the rig, or its way is another. */
    public static Optional<Posture> of(RigAnalysis analysis, SupportFacet.Support.Way way) {
        return of(analysis).filter(p -> p.facet().way() == way);
    }

    public static Optional<Posture> of(RigAnalysis analysis) {
        if (!analysis.rig().isSupported()) {
            return Optional.empty();
        }
        Placed support = analysis.rig().require(analysis.rig().configuration().support());
        World world = analysis.rig().world();
        Mass carried = analysis.carried();
        Vec3 off = carried.centre().minus(world.datum());
        return Optional.of(new Posture(
                support,
                support.type().facet(SupportFacet.Support.class).orElseThrow(),
                carried,
                off.dot(world.forward()),
                off.dot(world.up()),
                off.dot(world.left())));
    }

    /** A figure of this posture that may go so far either way; not checked while a mass is not on file. */
    Judgement judged(double value, double allowed, String unit) {
        Judgement judgement = Judgement.within(value, -allowed, allowed, 0, unit);
        return carried.isComplete() ? judgement : judgement.unknown();
    }
}
