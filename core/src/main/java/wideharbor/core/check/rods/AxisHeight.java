package wideharbor.core.check.rods;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Say;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** The optical axis stands over the rods at the height their standard says, along their mid-line. */
public final class AxisHeight implements Check {
    private static final CheckCard CARD = new CheckCard(
            "rods.axis-height",
            "rods",
            "Axis height over the rods",
            "every pair of rods that carries something which must sit on the axis",
            "the axis stands at the standard's height over the plane of the rod centres, along their mid-line, parallel",
            "matte box and lens support are made for one height; off it they sit beside the lens",
            "height = distance from the axis to the plane of the rod centres",
            "mounting standards table; confirm with the maker's drawing",
            Severity.STOP,
            false);
    private static final double PARALLEL_DEGREES = 0.5;

    /** How the axis lies over a pair of rods: mm, mm to camera left, degrees. */
    public record Over(double heightMm, double lateralMm, double angleDegrees) {}

    /** Measures a pair of rods against the optical axis; top rods count their height downwards. */
    public static Over measure(Placed rods, String port) {
        Pose pose = rods.portPose(port);
        Vec3 toAxis = new Vec3(0, 0, pose.at().z()).minus(pose.at());
        double height = Math.abs(toAxis.dot(pose.n()));
        double lateral = -toAxis.dot(pose.r());
        double cosine = Math.min(1, Math.abs(pose.u().dot(Vec3.FORWARD)));
        return new Over(height, lateral, Math.toDegrees(Math.acos(cosine)));
    }

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        for (Placed rods : context.rig().attached()) {
            rods.type().facet(Facet.Rods.class).ifPresent(facet -> judge(context, rods, facet, results));
        }
    }

    private static void judge(CheckContext context, Placed rods, Facet.Rods facet, Results results) {
        Rig rig = context.rig();
        boolean ridden = rig.carriedBy(rods.id()).stream()
                .flatMap(j -> rig.find(j.child().placement()).stream())
                .anyMatch(p -> p.type().can(Capability.RIDES_ON_AXIS));
        Standard standard = context.standards().require(rods.port(facet.port()).standard());
        if (!ridden || !(standard.facts() instanceof Standard.Facts.Rods need)) {
            return;
        }
        Over over = measure(rods, facet.port());
        double tolerance = Math.min(need.toleranceMm(), context.rule(Rule.ROD_HEIGHT_TOLERANCE));
        double off = over.heightMm() - need.axisHeightMm();
        if (Math.abs(off) > tolerance + 1e-6) {
            results.found(
                    List.of(rods.id()),
                    "Axis " + Say.mm(Math.abs(off)) + (off < 0 ? " low" : " high") + " over the rods",
                    Evidence.Amount.between(
                            over.heightMm(), need.axisHeightMm() - tolerance, need.axisHeightMm() + tolerance, "mm"),
                    "Matte box and lens support will sit off centre on " + standard.title() + ".");
        } else if (Math.abs(over.lateralMm()) > tolerance) {
            results.found(
                    List.of(rods.id()),
                    "Axis " + Say.mm(Math.abs(over.lateralMm())) + " beside the rods' mid-line",
                    Evidence.Amount.between(over.lateralMm(), -tolerance, tolerance, "mm"),
                    "What rides on the rods sits beside the lens.");
        } else if (over.angleDegrees() > PARALLEL_DEGREES) {
            results.found(
                    List.of(rods.id()),
                    "Rods " + Say.one(over.angleDegrees()) + "° off the axis",
                    Evidence.Amount.atMost(over.angleDegrees(), PARALLEL_DEGREES, "°"),
                    "What slides along the rods leaves the axis.");
        } else {
            results.fine();
        }
    }

    /** Low: spacers between body and rods. High: take out a spacer that is there; never shims. */
    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        String rods = finding.key().subjects().get(0);
        if (!(finding.evidence() instanceof Evidence.Amount amount) || !"mm".equals(amount.unit())) {
            return List.of();
        }
        double middle = (amount.neededFrom() + amount.neededTo()) / 2;
        double missing = middle - amount.measured();
        List<Candidate> all = new ArrayList<>();
        for (Joint joint : context.rig().pathToRoot(rods)) {
            all.addAll(
                    missing > 0 ? Spacers.insert(context, joint, missing) : Spacers.takeOut(context, joint, -missing));
        }
        return all;
    }
}
