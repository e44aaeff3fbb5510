package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Piece;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Spacers;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** A lens fatter than a small body still clears the rods that run beside it. */
final class RoomBesideLens implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rods.room-beside-lens")
            .family("rods")
            .title("Room between lens and rods")
            .subjects("every lens over rods that run along the axis")
            .expectation("the barrel clears each rod by the house's figure")
            .because("on a small body the barrel hangs below the base; rings cannot be turned and nothing clamps "
                    + "beside it")
            .formula("clearance = √(x² + y²) − rod radius − barrel radius")
            .source("geometry; the barrel as the catalogue draws it")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Placed lens : rig.attached()) {
            if (lens.type().facet(OpticalFacet.Lens.class).isPresent()) {
                for (Placed rods : rig.attached()) {
                    rods.type().facet(RiggingFacet.Rods.class).ifPresent(f -> judge(lens, rods, f, results));
                }
            }
        }
    }

    private static void judge(Placed lens, Placed rods, RiggingFacet.Rods facet, Results results) {
        RigAnalysis analysis = results.analysis();
        Pose pose = rods.portPose(facet.port());
        if (Math.abs(pose.u().dot(Vec3.FORWARD)) < 0.99) {
            return;
        }
        double rear = Math.min(
                pose.at().z(), pose.apply(new Vec3(0, facet.lengthMm(), 0)).z());
        double barrel = barrel(analysis, lens, rear, rear + facet.lengthMm());
        if (barrel == 0) {
            return;
        }
        double half = Mating.rodSpacing(rods.port(facet.port()), analysis.standards()) / 2;
        double nearest = Double.POSITIVE_INFINITY;
        for (double side : new double[] {-half, half}) {
            Vec3 centre = pose.at().plus(pose.r().times(side));
            nearest = Math.min(nearest, Math.hypot(centre.x(), centre.y()));
        }
        double clear = nearest - facet.diameterMm() / 2 - barrel;
        double need = analysis.rule(Rule.LENS_ROOM);
        if (clear >= need - 1e-6) {
            results.fine();
            return;
        }
        results.found(
                About.of("room", part(lens.id()), part(rods.id())),
                lens.title()
                        + (clear < 0 ? " stands " + Words.mm(-clear) + " into " : " clears ")
                        + rods.title()
                        + (clear < 0 ? "" : " by " + Words.mm(clear) + " only"),
                Evidence.Amount.atLeast(clear, need, "mm"),
                "The barrel is " + Words.length(2 * barrel) + " thick where the rods run. A riser, rods set wider, or a"
                        + " single rod at the side makes room.");
    }

    /** The largest radius of a lens about the axis between two stations, mm; 0 when it does not reach there. */
    private static double barrel(RigAnalysis analysis, Placed lens, double fromZ, double toZ) {
        double most = 0;
        for (Piece piece : analysis.catalogue().pieces(lens.type())) {
            if (piece.use() == Shape.Use.SOLID) {
                Bounds box = piece.solid().placed(lens.pose(piece.link())).bounds();
                if (box.max().z() > fromZ && box.min().z() < toZ) {
                    // Barrels are round: sideways is as good as any direction, and feet below do not count.
                    most = Math.max(most, Math.max(box.max().x(), -box.min().x()));
                }
            }
        }
        return most;
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Evidence.Amount amount = (Evidence.Amount) finding.evidence();
        List<Candidate> all = new ArrayList<>();
        for (Joint joint : analysis.rig().pathToRoot(finding.key().parts().get(1))) {
            all.addAll(Spacers.insert(analysis, joint, amount.neededFrom() - amount.measured()));
        }
        return all;
    }
}
