package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.RodAxis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Spacers;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** The optical axis stands over the rods at the height their standard says, along their mid-line. */
final class AxisHeight implements Check {
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

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed rods : analysis.rig().attached()) {
            rods.type().facet(Facet.Rods.class).ifPresent(facet -> judge(analysis, rods, facet, results));
        }
    }

    private static void judge(RigAnalysis analysis, Placed rods, Facet.Rods facet, Results results) {
        Rig rig = analysis.rig();
        boolean ridden = rig.carriedBy(rods.id()).stream()
                .flatMap(j -> rig.find(j.child().placement()).stream())
                .anyMatch(p -> p.type().can(Capability.RIDES_ON_AXIS));
        Standard standard = analysis.standards().require(rods.port(facet.port()).standard());
        if (!ridden || !(standard.facts() instanceof Standard.Facts.Rods need)) {
            return;
        }
        RodAxis over = RodAxis.of(rods, facet.port());
        double tolerance = Math.min(need.toleranceMm(), analysis.rule(Rule.ROD_HEIGHT_TOLERANCE));
        double off = over.heightMm() - need.axisHeightMm();
        if (Math.abs(off) > tolerance + 1e-6) {
            results.found(
                    About.of("height", part(rods.id())),
                    "Axis " + Words.mm(Math.abs(off)) + (off < 0 ? " low" : " high") + " over the rods",
                    Evidence.Amount.between(
                            over.heightMm(), need.axisHeightMm() - tolerance, need.axisHeightMm() + tolerance, "mm"),
                    "Matte box and lens support will sit off centre on " + standard.title() + ".");
        } else if (Math.abs(over.lateralMm()) > tolerance) {
            results.found(
                    About.of("sideways", part(rods.id())),
                    "Axis " + Words.mm(Math.abs(over.lateralMm())) + " beside the rods' mid-line",
                    Evidence.Amount.between(over.lateralMm(), -tolerance, tolerance, "mm"),
                    "What rides on the rods sits beside the lens.");
        } else if (over.angleDegrees() > PARALLEL_DEGREES) {
            results.found(
                    About.of("angle", part(rods.id())),
                    "Rods " + Words.one(over.angleDegrees()) + "° off the axis",
                    Evidence.Amount.atMost(over.angleDegrees(), PARALLEL_DEGREES, "°"),
                    "What slides along the rods leaves the axis.");
        } else {
            results.fine();
        }
    }

    /** Low: spacers between body and rods. High: take out a spacer that is there; never shims. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        String rods = finding.key().part();
        if (!finding.key().is("height") || !(finding.evidence() instanceof Evidence.Amount amount)) {
            return List.of();
        }
        double middle = (amount.neededFrom() + amount.neededTo()) / 2;
        double missing = middle - amount.measured();
        List<Candidate> all = new ArrayList<>();
        for (Joint joint : analysis.rig().pathToRoot(rods)) {
            all.addAll(
                    missing > 0
                            ? Spacers.insert(analysis, joint, missing)
                            : Spacers.takeOut(analysis, joint, -missing));
        }
        return all;
    }
}
