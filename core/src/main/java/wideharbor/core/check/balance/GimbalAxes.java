package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.Locale;
import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;

/** On a gimbal the centre of mass can be brought to the middle of all three axes. */
final class GimbalAxes implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.gimbal")
            .family("balance")
            .title("Gimbal finds its middle")
            .subjects("what a gimbal carries, per lens")
            .expectation("sideways and in height its travel reaches the centre of mass")
            .because("motors that work against a weight run hot and hum, and give up in the take")
            .formula("|x_cm − x_pivot|, |y_cm − y_pivot| against the travel")
            .source("geometry; travel by the maker")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Posture.of(analysis, SupportFacet.Support.Way.GIMBAL).ifPresent(posture -> {
            Optional<SupportFacet.Gimbal> gimbal = posture.support().type().facet(SupportFacet.Gimbal.class);
            if (Weighed.is(posture, results) && gimbal.isPresent()) {
                axis(results, posture, Axis.SIDE, gimbal.get().sideMm());
                axis(results, posture, Axis.HEIGHT, gimbal.get().heightMm());
            }
        });
    }

    /** What a gimbal lets one set. */
    private enum Axis {
        SIDE("An offset plate, or a part on the other side, brings it within the arms' travel."),
        HEIGHT("Another plate, or weight moved up or down, brings it within the travel.");

        private final String mend;

        Axis(String mend) {
            this.mend = mend;
        }
    }

    private static void axis(Results results, Posture posture, Axis axis, double travel) {
        double off = axis == Axis.SIDE ? posture.leftMm() : posture.upMm();
        double most = travel + posture.facet().balanceToleranceMm();
        String where = axis == Axis.SIDE ? off > 0 ? "left" : "right" : off > 0 ? "above" : "below";
        results.judge(
                Judgement.within(axis == Axis.SIDE ? posture.left() : posture.up(), -most, most, "mm"),
                new Told(
                        About.of(
                                axis.name().toLowerCase(Locale.ROOT),
                                part(posture.support().id())),
                        "Centre of mass " + Words.mm(Math.abs(off)) + " " + where + " of the pivot"
                                + results.analysis().withLens(),
                        axis.mend,
                        axis == Axis.SIDE ? posture.widestLeft() : posture.widestUp()));
    }
}
