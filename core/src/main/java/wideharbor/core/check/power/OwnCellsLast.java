package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** What runs on cells of its own is on nobody's battery plan: it runs out when nobody looks. */
final class OwnCellsLast implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.own-cells")
            .family("power")
            .title("Own cells last the day")
            .subjects("every part on cells of its own, against the hours for which it is on")
            .expectation("one set of cells lasts them")
            .because("it is on nobody's battery plan and runs out when nobody looks")
            .formula("Σ hours of the blocks in which it is on, against the hours of a set")
            .source("hours by the makers")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed placed : analysis.rig().attached()) {
            for (SignalFacet.OwnCells cells : placed.type().facets(SignalFacet.OwnCells.class)) {
                double on = DayPlates.hoursOn(analysis, placed.id());
                if (cells.hours() >= on - 1e-9) {
                    results.fine();
                    continue;
                }
                int changes = (int) Math.ceil(on / cells.hours() - 1e-9) - 1;
                results.found(
                        About.of("cells", part(placed.id())),
                        placed.title() + " runs out after " + Words.hours(cells.hours()),
                        Evidence.Amount.atLeast(cells.hours(), on, "h"),
                        "It takes " + changes + (changes == 1 ? " change" : " changes")
                                + " in this day: say who makes them, and pack the cells.");
            }
        }
    }
}
