package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.joint;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
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
import wideharbor.core.edit.Settle;
import wideharbor.core.edit.Spacers;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Closing;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard.Family;

/** Closing joints meet: a side plate between top and bottom, a support under a lens. */
final class JointsClose implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("joints.close")
            .family("mount")
            .title("Closing joints meet")
            .subjects("every closing joint")
            .expectation("gap, offset and angle between the faces stay within tolerance")
            .because("a face drawn together by force bends what it ties; a support that does not touch carries nothing")
            .formula("gap along the face's normal, offset in its plane, angle between the normals")
            .source("geometry")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        double angleLimit = analysis.rule(Rule.CLOSURE_ANGLE);
        for (Closing closing : analysis.rig().closings()) {
            String a = analysis.rig().title(closing.joint().parent().placement());
            String b = analysis.rig().title(closing.joint().child().placement());
            double miss = Math.max(Math.abs(closing.gapMm()), closing.offsetMm());
            double gapLimit = analysis.rule(isDocked(analysis, closing.joint()) ? Rule.DOCK_BAND : Rule.CLOSURE_GAP);
            if (miss > gapLimit + 1e-6) {
                String how = Math.abs(closing.gapMm()) < closing.offsetMm()
                        ? " off"
                        : closing.gapMm() > 0 ? " apart" : " into";
                results.found(
                        About.of(
                                how.equals(" off") ? "offset" : "gap",
                                joint(closing.joint().id())),
                        b + " " + Words.mm(miss) + (how.equals(" into") ? " into " : how + " from ") + a,
                        Evidence.Amount.atMost(miss, gapLimit, "mm"),
                        "The joint does not close as the parts stand.");
            } else if (closing.angleDegrees() > angleLimit) {
                results.found(
                        About.of("angle", joint(closing.joint().id())),
                        b + " meets " + a + " at " + Words.one(closing.angleDegrees()) + "°",
                        Evidence.Amount.atMost(closing.angleDegrees(), angleLimit, "°"),
                        "The faces bear on one edge.");
            } else {
                results.fine();
            }
        }
    }

    /**
     * A height on the parts closes it; at a docked front unit, spacers between the camera and what carries the unit.
     */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        JointId joint = finding.key().joint();
        List<Candidate> all = new ArrayList<>();
        List<Scoped> settle = Settle.closing(analysis, joint);
        if (!settle.isEmpty()) {
            all.add(new Candidate("set", "Set the height that closes it", settle));
        }
        analysis.rig().closings().stream()
                .map(Closing::joint)
                .filter(j -> j.id().equals(joint))
                .filter(j -> isDocked(analysis, j))
                .forEach(j -> all.addAll(docking(j, analysis)));
        return all;
    }

    /**
     * A front unit's coupler is read with a feeler: what is seated there is a tenth, on the Bench as in the calculator.
     */
    private static boolean isDocked(RigAnalysis analysis, Joint joint) {
        return analysis.standards()
                        .require(analysis.rig().port(joint.parent()).standard())
                        .family()
                == Family.DOCK;
    }

    /** The camera that stands low over the unit's rods is lifted off them; one that stands high is let down. */
    private static List<Candidate> docking(Joint joint, RigAnalysis analysis) {
        boolean unitIsChild = onRods(analysis.rig(), joint.child().placement());
        PortRef unit = unitIsChild ? joint.child() : joint.parent();
        PortRef camera = unitIsChild ? joint.parent() : joint.child();
        double low = height(analysis.rig(), unit) - height(analysis.rig(), camera);
        List<Candidate> all = new ArrayList<>();
        for (Joint carrying : analysis.rig().pathToRoot(unit.placement())) {
            all.addAll(low > 0 ? Spacers.insert(analysis, carrying, low) : Spacers.takeOut(analysis, carrying, -low));
        }
        return all;
    }

    private static double height(Rig rig, PortRef port) {
        return rig.require(port.placement()).portPose(port.port()).at().y();
    }

    private static boolean onRods(Rig rig, PlacementId placement) {
        return rig.pathToRoot(placement).stream()
                .anyMatch(j -> rig.require(j.parent().placement())
                        .type()
                        .facet(RiggingFacet.Rods.class)
                        .isPresent());
    }
}
