package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.named;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Wiring;
import wideharbor.core.signal.Box;
import wideharbor.core.signal.Luts;
import wideharbor.core.signal.Monitoring;
import wideharbor.core.signal.Seat;

/**
 * With the body on its side, the picture of who looks from elsewhere is turned once; on the rig it turns with the rig.
 */
final class PictureUpright implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.turn")
            .family("signal")
            .title("The picture stands upright")
            .subjects("the picture of every viewer whom one reaches")
            .expectation(
                    "displays away from a body that lies on its side get a picture turned by a quarter, all others one "
                            + "that is not")
            .because("a village of people with their heads on one side frames badly, and a picture turned twice "
                    + "is worse")
            .formula("quarter turns along the way, against how body and display stand to each other")
            .source("switches as set in this build")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Monitoring monitoring = analysis.monitoring();
        boolean rolled = analysis.rig().world().isRolled();
        for (Seat seat : monitoring.seats()) {
            if (!seat.isReached()) {
                continue;
            }
            int turns = Luts.along(
                            seat.route().orElseThrow(),
                            monitoring.graph(),
                            analysis.rig().content())
                    .quarterTurns();
            boolean wants = rolled && !seat.display().map(Box::onRig).orElse(true);
            if (wants == (turns % 2 == 1)) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("viewer", named(seat.viewer().who())),
                    seat.viewer().who() + " sees the picture on its side",
                    new Evidence.Statement(turns + " quarter turns on the way", wants ? "one" : "none"),
                    wants
                            ? "The body lies on its side; the display does not."
                            : "Display and body stand alike; the turn on the way is one too many.");
        }
    }

    /** The turn put on, or taken off, where the picture begins. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Monitoring monitoring = analysis.monitoring();
        boolean rolled = analysis.rig().world().isRolled();
        List<Candidate> all = new ArrayList<>();
        monitoring.seats().stream()
                .filter(s -> s.viewer().who().equals(finding.key().name()) && s.isReached())
                .forEach(s -> {
                    SocketRef from = s.route().orElseThrow().from();
                    boolean wants = rolled && !s.display().map(Box::onRig).orElse(true);
                    all.add(new Candidate(
                            "turn",
                            (wants ? "Turned by a quarter at " : "Not turned at ")
                                    + analysis.rig().title(from.placement()) + ", "
                                    + Wiring.socket(analysis, from).title(),
                            List.of(new Scoped(
                                    analysis.scopeOf(Switches.turn(from)),
                                    new Command.Set(Switches.turn(from), wants ? 1 : 0, false)))));
                });
        return all;
    }
}
