package wideharbor.core.check.access;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Nudges;
import wideharbor.core.quantity.Words;

/** No two parts are in the same place. */
final class Interference implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("access.interference")
            .family("access")
            .title("Parts do not run into each other")
            .subjects("every pair of parts")
            .expectation("matter of two parts overlaps by no more than the tolerance, or only where they are joined")
            .because("what does not fit on the bench is bent or left off")
            .formula("depth = the shortest shift that parts the two")
            .source("geometry; shapes as the catalogue draws them")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        List<Clearances.Clash> clashes = analysis.clearances().clashes();
        int pairs = analysis.rig().attached().size() - 1;
        for (int i = 0; i < pairs; i++) {
            results.fine();
        }
        for (Clearances.Clash clash : clashes) {
            results.found(
                    About.of("clash", part(clash.a()), part(clash.b())),
                    analysis.rig().title(clash.a()) + " runs " + Words.mm(clash.depthMm()) + " into "
                            + analysis.rig().title(clash.b()),
                    Evidence.Amount.atMost(clash.depthMm(), analysis.rule(Rule.INTERFERENCE), "mm"),
                    "Both are in the same place as the build stands.");
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        double depth = ((Evidence.Amount) finding.evidence()).measured();
        return Nudges.apart(analysis, finding.key().parts(), depth);
    }
}
