package wideharbor.core.check.people;

import static wideharbor.core.job.Subject.part;
import static wideharbor.core.job.Subject.whole;

import java.util.List;
import java.util.Locale;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Profile;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.people.Holds;
import wideharbor.core.quantity.Words;

/** On the shoulder there are the grips that the operator asks for, and an arm reaches them. */
final class GripsAsked implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("people.grips")
            .family("people")
            .title("Grips where the operator wants them")
            .subjects("the grips of a shouldered rig")
            .expectation("there is one on each side the operator asks for, within an arm’s comfortable reach")
            .because("a grip that is reached for tires the arm that carries")
            .formula("reach = |grip − shoulder|")
            .source("the brief; limit by the house")
            .severity(Severity.CAUTION)
            .build();
    private static final double MIDDLE = 40;
    private static final double AHEAD = 60;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (Posture.of(analysis, SupportFacet.Support.Way.SHOULDER).isEmpty()) {
            return;
        }
        Brief.Crew crew = analysis.job().brief().crew();
        List<Holds.Grip> ahead = Holds.grips(analysis.rig()).stream()
                .filter(g -> g.aheadMm() > AHEAD)
                .toList();
        for (Holds.Grip grip : ahead) {
            double most = analysis.rule(Rule.ARM_REACH);
            if (grip.reachMm() <= most) {
                results.fine();
            } else {
                results.found(
                        About.of("reach", part(grip.placement())),
                        grip.title() + " is " + Words.length(grip.reachMm()) + " from the shoulder",
                        Evidence.Amount.atMost(grip.reachMm(), most, "mm"),
                        "A bent arm carries all day, a stretched one does not.");
            }
        }
        Profile.Grips asked = crew.profile().grips();
        boolean pair = ahead.stream().anyMatch(g -> Math.abs(g.leftMm()) <= MIDDLE);
        if (asked != Profile.Grips.RIGHT && asked != Profile.Grips.ANY) {
            side(results, "left", pair || ahead.stream().anyMatch(g -> g.leftMm() > MIDDLE));
        }
        if (asked != Profile.Grips.LEFT && asked != Profile.Grips.ANY) {
            side(results, "right", pair || ahead.stream().anyMatch(g -> g.leftMm() < -MIDDLE));
        }
    }

    private static void side(Results results, String side, boolean there) {
        if (there) {
            results.fine();
            return;
        }
        Brief.Crew crew = results.analysis().job().brief().crew();
        String reason = crew.profile().reason();
        results.found(
                About.of(side, whole()),
                "No grip on the " + side,
                new Evidence.Statement("none", crew.profile().grips().name().toLowerCase(Locale.ROOT)),
                crew.operator() + " asks for it." + (reason.isBlank() ? "" : " " + reason));
    }
}
