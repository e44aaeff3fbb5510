package wideharbor.core.check.people;

import static wideharbor.core.job.Subject.part;

import java.util.Locale;
import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief.Crew;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.rig.Placed;

/** The button that starts and stops is on the side of the hand that does. */
final class RunHand implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("people.run-hand")
            .family("people")
            .title("The run button is at the hand that runs")
            .subjects("run buttons of a rig that is carried by its operator")
            .expectation("on the side of the hand that starts and stops, or in the middle")
            .because("the other hand holds the rig, and lets go of it to press")
            .formula("the button's place to camera left or right")
            .source("the brief")
            .severity(Severity.NOTE)
            .build();
    private static final double MIDDLE = 40;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Optional<Posture> worn =
                Posture.of(analysis).filter(p -> isCarriedByHand(p.facet().way()));
        if (worn.isEmpty()) {
            return;
        }
        Crew crew = analysis.job().brief().crew();
        for (SocketRef button : analysis.signals().outputs(Carried.TRIGGER)) {
            Placed part = analysis.rig().require(button.placement());
            double left = part.pose().at().dot(analysis.rig().world().left());
            boolean there = crew.profile().hand() == Crew.Side.LEFT ? left >= -MIDDLE : left <= MIDDLE;
            if (there) {
                results.fine();
                continue;
            }
            String hand = crew.profile().hand().name().toLowerCase(Locale.ROOT);
            results.found(
                    About.of("hand", part(part.id())),
                    part.title() + " is not at the " + hand + " hand",
                    new Evidence.Statement(left > 0 ? "on the camera's left" : "on the camera's right", hand),
                    crew.operator() + " starts and stops with the " + hand + " hand.");
        }
    }

    private static boolean isCarriedByHand(SupportFacet.Support.Way way) {
        return switch (way) {
            case SHOULDER, HANGS, PIVOT -> true;
            case STANDS, TILTS, GIMBAL -> false;
        };
    }
}
