package wideharbor.core.check.rods;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Piece;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Say;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Convex;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** A lens fatter than a small body still clears the rods that run beside it. */
public final class RoomBesideLens implements Check {
    private static final CheckCard CARD = new CheckCard(
            "rods.room-beside-lens",
            "rods",
            "Room between lens and rods",
            "every lens over rods that run along the axis",
            "the barrel clears each rod by the house's figure",
            "on a small body the barrel hangs below the base; rings cannot be turned and nothing clamps beside it",
            "clearance = √(x² + y²) − rod radius − barrel radius",
            "geometry; the barrel as the catalogue draws it",
            Severity.STOP,
            true);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        Rig rig = context.rig();
        for (Placed lens : rig.attached()) {
            if (lens.type().facet(Facet.Lens.class).isPresent()) {
                for (Placed rods : rig.attached()) {
                    rods.type().facet(Facet.Rods.class).ifPresent(f -> judge(context, lens, rods, f, results));
                }
            }
        }
    }

    private static void judge(CheckContext context, Placed lens, Placed rods, Facet.Rods facet, Results results) {
        Pose pose = rods.portPose(facet.port());
        if (Math.abs(pose.u().dot(Vec3.FORWARD)) < 0.99) {
            return;
        }
        double rear = Math.min(
                pose.at().z(), pose.apply(new Vec3(0, facet.lengthMm(), 0)).z());
        double barrel = barrel(context, lens, rear, rear + facet.lengthMm());
        if (barrel == 0) {
            return;
        }
        double half = Mating.rodSpacing(rods.port(facet.port()), context.standards()) / 2;
        double nearest = Double.POSITIVE_INFINITY;
        for (double side : new double[] {-half, half}) {
            Vec3 centre = pose.at().plus(pose.r().times(side));
            nearest = Math.min(nearest, Math.hypot(centre.x(), centre.y()));
        }
        double clear = nearest - facet.diameterMm() / 2 - barrel;
        double need = context.rule(Rule.LENS_ROOM);
        if (clear >= need - 1e-6) {
            results.fine();
            return;
        }
        results.found(
                List.of(lens.id(), rods.id()),
                lens.title()
                        + (clear < 0 ? " stands " + Say.mm(-clear) + " into " : " clears ")
                        + rods.title()
                        + (clear < 0 ? "" : " by " + Say.mm(clear) + " only"),
                Evidence.Amount.atLeast(clear, need, "mm"),
                "The barrel is " + Say.length(2 * barrel) + " thick where the rods run. A riser, rods set wider, or a"
                        + " single rod at the side makes room.");
    }

    /** The largest radius of a lens about the axis between two stations, mm; 0 when it does not reach there. */
    private static double barrel(CheckContext context, Placed lens, double fromZ, double toZ) {
        double most = 0;
        for (Piece piece : context.catalogue().pieces(lens.type())) {
            if (piece.use() == Shape.Use.SOLID) {
                Convex.Bounds box =
                        piece.convex().placed(lens.poses().get(piece.link())).bounds();
                if (box.max().z() > fromZ && box.min().z() < toZ) {
                    // Barrels are round: sideways is as good as any direction, and feet below do not count.
                    most = Math.max(most, Math.max(box.max().x(), -box.min().x()));
                }
            }
        }
        return most;
    }

    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        Evidence.Amount amount = (Evidence.Amount) finding.evidence();
        List<Candidate> all = new ArrayList<>();
        for (Joint joint : context.rig().pathToRoot(finding.key().subjects().get(1))) {
            all.addAll(Spacers.insert(context, joint, amount.neededFrom() - amount.measured()));
        }
        return all;
    }
}
