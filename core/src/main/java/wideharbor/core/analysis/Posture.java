package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Mass;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
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
        Placed support,
        SupportFacet.Support facet,
        World world,
        Mass carried,
        double aheadMm,
        double upMm,
        double leftMm) {

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
                world,
                carried,
                off.dot(world.forward()),
                off.dot(world.up()),
                off.dot(world.left())));
    }

    /** With the range that the masses on file allow. */
    public Ranged ahead() {
        return carried.ahead(world.datum(), world.forward());
    }

    public Ranged up() {
        return carried.ahead(world.datum(), world.up());
    }

    public Ranged left() {
        return carried.ahead(world.datum(), world.left());
    }

    /** How far ahead of the datum a place is, mm. */
    public double aheadOf(Vec3 at) {
        return at.minus(world.datum()).dot(world.forward());
    }

    double over(Vec3 at) {
        return at.minus(world.datum()).dot(world.up());
    }

    /** A figure of this posture that may go so far either way; not checked while a mass is not on file. */
    Judgement judged(Ranged figure, double allowed, String unit) {
        return known(Judgement.within(figure, -allowed, allowed, unit));
    }

    Judgement known(Judgement judgement) {
        return carried.isComplete() ? judgement : judgement.unknown();
    }

    /** The part to weigh first where something that goes with the distance ahead of the datum is not certain. */
    public String widestAhead() {
        return carried.widest(at -> aheadOf(at) - aheadMm);
    }

    public String widestUp() {
        return carried.widest(at -> over(at) - upMm);
    }

    public String widestLeft() {
        return carried.widest(at -> at.minus(world.datum()).dot(world.left()) - leftMm);
    }
}
