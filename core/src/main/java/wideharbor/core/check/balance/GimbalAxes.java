package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Words;

/** On a gimbal the centre of mass can be brought to the middle of all three axes. */
final class GimbalAxes implements Check {
    private static final CheckCard CARD = new CheckCard(
            "balance.gimbal",
            "balance",
            "Gimbal finds its middle",
            "what a gimbal carries, per lens",
            "sideways and in height its travel reaches the centre of mass",
            "motors that work against a weight run hot and hum, and give up in the take",
            "|x_cm − x_pivot|, |y_cm − y_pivot| against the travel",
            "geometry; travel by the maker",
            Severity.STOP,
            true);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Posture.of(analysis, SupportFacet.Support.Way.GIMBAL).ifPresent(posture -> {
            Optional<SupportFacet.Gimbal> gimbal = posture.support().type().facet(SupportFacet.Gimbal.class);
            if (Weighed.is(posture, results) && gimbal.isPresent()) {
                axis(
                        posture,
                        results,
                        "side",
                        Math.abs(posture.leftMm()),
                        gimbal.get().sideMm(),
                        posture.leftMm() > 0 ? "left" : "right",
                        analysis.withLens());
                axis(
                        posture,
                        results,
                        "height",
                        Math.abs(posture.upMm()),
                        gimbal.get().heightMm(),
                        posture.upMm() > 0 ? "above" : "below",
                        analysis.withLens());
            }
        });
    }

    private static void axis(
            Posture posture, Results results, String axis, double off, double travel, String where, String withLens) {
        if (off <= travel + posture.facet().balanceToleranceMm()) {
            results.fine();
            return;
        }
        results.found(
                About.of(axis, part(posture.support().id())),
                "Centre of mass " + Words.mm(off) + " " + where + " of the pivot" + withLens,
                Evidence.Amount.atMost(off, travel, "mm"),
                axis.equals("side")
                        ? "An offset plate, or a part on the other side, brings it within the arms' travel."
                        : "Another plate, or weight moved up or down, brings it within the travel.");
    }
}
