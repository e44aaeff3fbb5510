package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;
import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.id.LensId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** What was taped lies beyond the lens’s close focus. */
final class CloseFocus implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.close-focus")
            .family("brief")
            .title("Taped distances are in focus")
            .subjects("every taped distance, per lens")
            .expectation("the distance is no shorter than the lens’s close focus")
            .because("a lens that cannot focus there is found out at the rehearsal")
            .formula("distance from the sensor plane")
            .source("tape entries of the brief; close focus by the maker")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        LensId lens = analysis.rig().lens();
        List<Asks.Tape> tapes = analysis.job().brief().asks().tapes().stream()
                .filter(t -> t.lens().isNone() || t.lens().equals(lens))
                .toList();
        if (tapes.isEmpty() || lens.isNone()) {
            return;
        }
        Optional<Placed> fitted = analysis.rig().fittedLens();
        if (fitted.isEmpty()) {
            return;
        }
        Optional<Double> closest =
                fitted.get().type().facet(OpticalFacet.Lens.class).orElseThrow().closeFocusMm();
        if (closest.isEmpty()) {
            results.notChecked(
                    About.of("close-focus", part(fitted.get().id())),
                    "no close focus on file for " + fitted.get().title());
            return;
        }
        double close = closest.get();
        for (Asks.Tape tape : tapes) {
            if (tape.distanceMm() >= close) {
                results.fine();
            } else {
                results.found(
                        About.of("tape", part(fitted.get().id()), named(tape.what())),
                        tape.what() + " is nearer than " + fitted.get().title() + " focuses",
                        Evidence.Amount.atLeast(tape.distanceMm(), close, "mm"),
                        "Move back by " + Words.length(close - tape.distanceMm())
                                + ", take another lens, or a close-up glass.");
            }
        }
    }
}
