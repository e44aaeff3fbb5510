package wideharbor.core.analysis;

import java.util.Optional;
import java.util.Set;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Ranged;

/**
 * How long a rig on a post takes from level, laid over by hand, to hanging: T = 1.85 · √(I / (M·g·drop)), a quarter of
 * a pendulum's swing through a right angle (1.8541 is the complete elliptic integral K(sin 45°)). I is about the axis
 * across the lens, through the pivot: what each mass makes by its distance, and up to a box's own beside it.
 *
 * @param seconds from all mass at its middle to all spread out in its box; the inertia of parts is on no file
 */
public record DropTime(Ranged seconds) {
    private static final double QUARTER_SWING = 1.8541;

    /** Empty when it is on no post, a mass is not on file, or it does not hang below the pivot. */
    public static Optional<DropTime> of(RigAnalysis analysis) {
        return Posture.of(analysis, SupportFacet.Support.Way.PIVOT)
                .filter(p -> p.carried().isComplete() && p.upMm() < 0)
                .map(p -> of(analysis, p));
    }

    private static DropTime of(RigAnalysis analysis, Posture posture) {
        double points = posture.carried()
                .sum(at -> square(posture.aheadOf(at)) + square(posture.over(at)))
                .value();
        double own = analysis.rig().carried().stream()
                .mapToDouble(id -> boxInertia(analysis, id))
                .sum();
        double moment = posture.carried().grams() * Statics.G * 1000 * -posture.upMm();
        return new DropTime(
                Ranged.of(seconds(points + own / 2, moment), seconds(points, moment), seconds(points + own, moment)));
    }

    /** g·mm² over g·mm²/s². */
    private static double seconds(double inertia, double moment) {
        return QUARTER_SWING * Math.sqrt(inertia / moment);
    }

    private static double square(double mm) {
        return mm * mm;
    }

    /** Of a box as long and as high as the part, about its own middle. */
    private static double boxInertia(RigAnalysis analysis, PlacementId part) {
        double grams = Mass.of(analysis.rig(), Set.of(part)).grams();
        var world = analysis.rig().world();
        return analysis.clearances().matterOf(part).stream()
                .map(Solid::bounds)
                .reduce(Bounds::with)
                .map(b -> grams
                        * (square(b.size().dot(absolute(world.forward())))
                                + square(b.size().dot(absolute(world.up()))))
                        / 12)
                .orElse(0.0);
    }

    private static Vec3 absolute(Vec3 v) {
        return new Vec3(Math.abs(v.x()), Math.abs(v.y()), Math.abs(v.z()));
    }
}
