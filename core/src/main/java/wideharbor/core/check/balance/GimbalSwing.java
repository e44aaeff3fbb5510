package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.World;

/** What a gimbal turns about an axis clears its arms all the way round. */
final class GimbalSwing implements Check {
    /** Degrees from one look round an axis to the next: what is missed between two is under 0.01 mm at 200. */
    private static final int LOOK_EVERY = 1;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.gimbal-swing")
            .family("balance")
            .title("Nothing meets the gimbal’s arms as it turns")
            .subjects("each axis of a gimbal whose swing is on file, per lens")
            .expectation("all that turns about the axis stays nearer to it than the arms are")
            .because("what meets an arm stops the motor in the move, and shakes the picture until then")
            .formula("|(p − datum) × axis|, the farthest point of each part")
            .source("geometry; the room between its arms by the maker")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Posture.of(analysis, SupportFacet.Support.Way.GIMBAL)
                .ifPresent(posture -> posture.support()
                        .type()
                        .facet(SupportFacet.Gimbal.class)
                        .ifPresent(gimbal -> axes(posture.world(), gimbal)
                                .forEach(axis -> judge(analysis, posture.support(), axis, results))));
    }

    /** An axis through the datum, and how far from it what turns may reach. */
    private record Axis(String name, Vec3 along, Vec3 aside, double clearMm) {}

    private static List<Axis> axes(World world, SupportFacet.Gimbal gimbal) {
        List<Axis> axes = new ArrayList<>();
        gimbal.tiltSwingMm().ifPresent(r -> axes.add(new Axis("tilt", world.left(), world.up(), r)));
        gimbal.rollSwingMm().ifPresent(r -> axes.add(new Axis("roll", world.forward(), world.up(), r)));
        gimbal.panSwingMm().ifPresent(r -> axes.add(new Axis("pan", world.up(), world.left(), r)));
        return axes;
    }

    private static void judge(RigAnalysis analysis, Placed gimbal, Axis axis, Results results) {
        double most = 0;
        Optional<PlacementId> farthest = Optional.empty();
        for (PlacementId id : analysis.rig().carried()) {
            double reach = id.equals(gimbal.id()) ? 0 : reach(analysis, id, axis);
            if (reach > most) {
                most = reach;
                farthest = Optional.of(id);
            }
        }
        if (most <= axis.clearMm() || farthest.isEmpty()) {
            results.fine();
            return;
        }
        results.found(
                About.of(axis.name(), part(gimbal.id()), part(farthest.get())),
                analysis.rig().title(farthest.get()) + " sweeps " + Words.mm(most) + " about the " + axis.name()
                        + " axis" + analysis.withLens(),
                Evidence.Amount.atMost(most, axis.clearMm(), "mm"),
                "The arms of " + gimbal.title() + " leave " + Words.mm(axis.clearMm())
                        + " all round; bring it nearer to the axis, or take a gimbal with more room.");
    }

    /** As far as it reaches in any direction square to the axis. */
    private static double reach(RigAnalysis analysis, PlacementId part, Axis axis) {
        Vec3 datum = analysis.rig().world().datum();
        List<Solid> matter = analysis.clearances().matterOf(part);
        double far = 0;
        for (int degrees = 0; degrees < 360 && !matter.isEmpty(); degrees += LOOK_EVERY) {
            Vec3 out = Pose.rotation(axis.along(), degrees).turn(axis.aside());
            for (Solid piece : matter) {
                far = Math.max(far, piece.reach(out) - datum.dot(out));
            }
        }
        return far;
    }
}
