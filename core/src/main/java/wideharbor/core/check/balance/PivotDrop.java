package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.DropTime;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Statics;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** On a stabiliser's free pivot the rig stays upright by hanging a little below it, and stands level over it. */
final class PivotDrop implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.pivot")
            .family("balance")
            .title("Hangs a little below the pivot")
            .subjects("what a stabiliser’s post carries, per lens")
            .expectation("the centre of mass is below the pivot by what the post is made for, and neither ahead nor "
                    + "aside of it")
            .because("above the pivot it topples; too far below it swings like a bell at every step")
            .formula("drop = y_pivot − y_cm; tilt = atan(Δz / drop); from level T = 1.85 · √(I / (M·g·drop))")
            .source("statics; the maker’s range")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Posture.of(analysis, SupportFacet.Support.Way.PIVOT)
                .ifPresent(posture -> posture.support()
                        .type()
                        .facet(SupportFacet.Pivot.class)
                        .ifPresent(pivot -> {
                            if (Weighed.is(posture, results)) {
                                judge(analysis, posture, pivot, results);
                            }
                        }));
    }

    private static void judge(RigAnalysis analysis, Posture posture, SupportFacet.Pivot pivot, Results results) {
        Judgement drop = Judgement.within(posture.up().times(-1), pivot.leastDropMm(), pivot.mostDropMm(), "mm");
        boolean little = drop.value() < (pivot.leastDropMm() + pivot.mostDropMm()) / 2;
        if (!drop.isFine()) {
            results.judge(
                    drop,
                    new Told(
                            About.of("drop", part(posture.support().id())),
                            (little ? "Topples: " : "Swings: ") + Words.mm(drop.value()) + " below the pivot"
                                    + analysis.withLens(),
                            little
                                    ? "Weight at the foot of the post, or a longer post, brings it down."
                                    : "A shorter post, or less weight at its foot, brings it up." + drops(analysis),
                            posture.widestUp()));
            return;
        }
        double tolerance = posture.facet().balanceToleranceMm();
        double off = Math.abs(posture.aheadMm());
        results.judge(
                Severity.CAUTION,
                Judgement.within(posture.ahead(), -tolerance, tolerance, "mm"),
                new Told(
                        About.of("level", part(posture.support().id())),
                        "Leans " + Words.one(Statics.hangTilt(off, drop.value())) + "° nose "
                                + (posture.aheadMm() > 0 ? "down" : "up") + analysis.withLens(),
                        "The centre of mass is " + Words.mm(off) + (posture.aheadMm() > 0 ? " ahead of" : " behind")
                                + " the pivot." + drops(analysis),
                        posture.widestAhead()));
    }

    private static String drops(RigAnalysis analysis) {
        return DropTime.of(analysis)
                .map(d ->
                        " From level it drops in about " + Words.one(d.seconds().value()) + " s.")
                .orElse("");
    }

    /** The slide that brings the centre of mass over the post. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return finding.key().is("level") ? Slides.balancing(analysis) : List.of();
    }
}
