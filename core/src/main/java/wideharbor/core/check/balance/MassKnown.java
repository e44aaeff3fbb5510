package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Placed;

/** Every part has a mass on file; one without never counts as nothing. */
final class MassKnown implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("mass.known")
            .family("balance")
            .title("Every part has a mass")
            .subjects("every part on the rig")
            .expectation("a mass is on file, or the piece was weighed")
            .because("sums that need it stay open; case and lift figures come out light")
            .source("catalogue or bench scale")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed placed : analysis.rig().attached()) {
            if (Mass.ofPlacement(placed.placement(), placed.type()) instanceof Figure.Unknown unknown) {
                results.found(
                        About.of("mass", part(placed.id())),
                        placed.title() + " has no mass on file",
                        new Evidence.Statement(unknown.reason(), "a weighed mass"),
                        "Totals that include it are told without it; weigh the piece to close them.");
            } else {
                results.fine();
            }
        }
    }
}
