package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.RodBend;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** Rods do not sink under what rides on them. */
final class RodSag implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rods.sag")
            .family("rods")
            .title("Rods stay straight")
            .subjects("rods that carry something ahead of what holds them")
            .expectation("they sink by no more than the house allows where a motor, a box or a brace rides")
            .because("a box off its centre shades a corner; a motor off its mesh slips")
            .formula("y(x) = Σ F·a²·(3x − a)/6EI + Σ M·a·(2x − a)/2EI + w·x²·(6L² − 4Lx + x²)/24EI, on the "
                    + "rod that bears more")
            .source("beam theory; wall and material by the maker")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build()
            .by(Rule.ROD_SAG);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (RodBend bend : RodBend.of(analysis)) {
            bend.worst().ifPresent(worst -> judge(bend, worst, results));
        }
    }

    private static void judge(RodBend bend, RodBend.Sunk worst, Results results) {
        RigAnalysis analysis = results.analysis();
        Mass riding = Mass.of(analysis.rig(), analysis.rig().subtree(bend.rods().id()));
        Judgement sag = Judgement.atMost(worst.mm(), analysis.rule(Rule.ROD_SAG), "mm");
        About about = About.of("sag", part(bend.rods().id()));
        if (!riding.isComplete() && !sag.isFound()) {
            results.notChecked(about, "no mass on file for " + String.join(", ", riding.unweighed()));
            return;
        }
        results.judge(
                sag,
                new Told(
                        about,
                        bend.rods().title() + " sink " + Words.two(worst.mm().value()) + " mm",
                        "At " + analysis.rig().title(worst.part())
                                + ". Shorter or thicker rods, or a second bracket further out.",
                        bend.widest()));
    }
}
