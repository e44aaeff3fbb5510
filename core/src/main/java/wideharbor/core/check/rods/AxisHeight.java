package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.RodFit;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
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
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.Words;

/** The optical axis stands over the rods at the height their standard says, along their mid-line. */
final class AxisHeight implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rods.axis-height")
            .family("rods")
            .title("Axis height over the rods")
            .subjects("every pair of rods that carries something which must sit on the axis")
            .expectation(
                    "the axis stands at the standard's height over the plane of the rod centres, along their mid-line, "
                            + "parallel")
            .because("matte box and lens support are made for one height; off it they sit beside the lens")
            .formula("height = distance from the axis to the plane of the rod centres")
            .source("mounting standards table; confirm with the maker's drawing")
            .severity(Severity.STOP)
            .build()
            .by(Rule.ROD_HEIGHT_TOLERANCE);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        RodFit.of(analysis).forEach(fit -> judge(fit, results));
    }

    private static void judge(RodFit fit, Results results) {
        Subject rods = part(fit.rods().id());
        if (fit.height().isFound()) {
            double off = fit.height().value() - fit.neededMm();
            results.found(
                    About.of("height", rods),
                    "Axis " + Words.mm(Math.abs(off)) + (off < 0 ? " low" : " high") + " over the rods",
                    Evidence.Amount.of(fit.height()),
                    "Matte box and lens support will sit off centre on "
                            + fit.standard().title() + ".");
        } else if (fit.sideways().isFound()) {
            results.found(
                    About.of("sideways", rods),
                    "Axis " + Words.mm(Math.abs(fit.sideways().value())) + " beside the rods' mid-line",
                    Evidence.Amount.of(fit.sideways()),
                    "What rides on the rods sits beside the lens.");
        } else if (fit.angle().isFound()) {
            results.found(
                    About.of("angle", rods),
                    "Rods " + Words.one(fit.angle().value()) + "° off the axis",
                    Evidence.Amount.of(fit.angle()),
                    "What slides along the rods leaves the axis.");
        } else {
            results.fine();
        }
    }

    /** Low: spacers between body and rods. High: take out a spacer that is there; never shims. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        PlacementId rods = finding.key().part();
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
