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
            .expectation("displays away from a body that lies on its side or its head get a picture turned as "
                    + "much, all others "
                    + "one that is not")
            .because("a village of people with their heads on one side frames badly, and a picture turned twice "
                    + "is worse")
            .formula("quarter turns to the right along the way: left side up 1, bottom 2, right side up 3")
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
        for (Seat seat : monitoring.seats()) {
            if (!seat.isReached()) {
                continue;
            }
            int turns = Luts.along(
                            seat.route().orElseThrow(),
                            monitoring.graph(),
                            analysis.rig().content())
                    .quarterTurns();
            int wants = wanted(analysis, seat);
            int off = Math.floorMod(turns - wants, 4);
            if (off == 0) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("viewer", named(seat.viewer().who())),
                    seat.viewer().who() + " sees the picture " + (off == 2 ? "upside down" : "on its side"),
                    new Evidence.Statement(quarters(turns) + " on the way", quarters(wants)),
                    wants != 0
                            ? "The body does not stand upright; the display does."
                            : "Display and body stand alike; what is turned on the way is too much.");
        }
    }

    /** Quarters to the right that bring the picture of a body that lies on its side, or its head, upright. */
    private static int wanted(RigAnalysis analysis, Seat seat) {
        if (seat.display().map(Box::onRig).orElse(true)) {
            return 0;
        }
        return switch (analysis.rig().world().bodyFaceUp()) {
            case "left" -> 1;
            case "bottom" -> 2;
            case "right" -> 3;
            default -> 0;
        };
    }

    private static String quarters(int turns) {
        return switch (Math.floorMod(turns, 4)) {
            case 0 -> "no turn";
            case 1 -> "a quarter to the right";
            case 2 -> "half a turn";
            default -> "a quarter to the left";
        };
    }

    /** The turn put on, or taken off, where the picture begins. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Monitoring monitoring = analysis.monitoring();
        List<Candidate> all = new ArrayList<>();
        monitoring.seats().stream()
                .filter(s -> s.viewer().who().equals(finding.key().name()) && s.isReached())
                .forEach(s -> {
                    SocketRef from = s.route().orElseThrow().from();
                    int wants = wanted(analysis, s);
                    all.add(new Candidate(
                            "turn",
                            (wants == 0 ? "Not turned at " : "Turned by " + quarters(wants) + " at ")
                                    + analysis.rig().title(from.placement()) + ", "
                                    + Wiring.socket(analysis, from).title(),
                            List.of(new Scoped(
                                    analysis.scopeOf(Switches.turn(from)),
                                    new Command.Set(Switches.turn(from), wants, false)))));
                });
        return all;
    }
}
