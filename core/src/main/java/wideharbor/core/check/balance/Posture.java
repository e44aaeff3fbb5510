package wideharbor.core.check.balance;

import java.util.List;
import java.util.Optional;
import wideharbor.core.balance.Mass;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Results;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.World;

/**
 * Where the carried centre of mass stands from the support's datum, in world directions.
 *
 * @param aheadMm along the level projection of the axis
 * @param upMm against gravity
 * @param leftMm to camera left as the world stands
 */
public record Posture(Placed support, Facet.Support facet, Mass carried, double aheadMm, double upMm, double leftMm) {

    /** Empty when no support carries the rig, or its way is another. */
    public static Optional<Posture> of(CheckContext context, Facet.Support.Way way) {
        return of(context).filter(p -> p.facet().way() == way);
    }

    public static Optional<Posture> of(CheckContext context) {
        if (!context.rig().isSupported()) {
            return Optional.empty();
        }
        Placed support = context.rig().require(context.rig().configuration().support());
        World world = context.rig().world();
        Mass carried = context.carried();
        Vec3 off = carried.centre().minus(world.datum());
        return Optional.of(new Posture(
                support,
                support.type().facet(Facet.Support.class).orElseThrow(),
                carried,
                off.dot(world.forward()),
                off.dot(world.up()),
                off.dot(world.left())));
    }

    /** Says which masses are missing, once; without them nothing here can be told. */
    static boolean isWeighed(Posture posture, Results results) {
        if (posture.carried().isComplete()) {
            return true;
        }
        results.notChecked(
                List.of(posture.support().id()),
                "no mass on file for " + String.join(", ", posture.carried().unweighed()));
        return false;
    }

    static String withLens(CheckContext context) {
        return context.build()
                .lens(context.rig().lens())
                .map(l -> " with " + l.title())
                .orElse("");
    }
}
