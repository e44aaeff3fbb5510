package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.whole;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.BatteryUp;
import wideharbor.core.edit.Candidate;
import wideharbor.core.quantity.Words;

/** The rig has room where it is worn. */
final class RoomSize implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.room")
            .family("brief")
            .title("Room for the rig")
            .subjects("every configuration that the brief’s room binds, per lens")
            .expectation("from rear to front, and from bottom to top, it is no longer than the room")
            .because("in a lift, a car or a corridor the battery meets the wall")
            .formula("along the world’s directions: length of what is carried and of the legs, each by "
                    + "itself; height of it all")
            .source("geometry; the brief")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Asks.RoomLimit room = analysis.job().brief().asks().room();
        if (!room.binds(analysis.rig().configuration().id())) {
            return;
        }
        var world = analysis.rig().world();
        if (room.depthMm() > 0) {
            judge(results, "deep", analysis.depth(), room.depthMm());
            if (analysis.standDepth() > 0) {
                judge(results, "stand", analysis.standDepth(), room.depthMm());
            }
        }
        if (room.heightMm() > 0) {
            judge(results, "high", analysis.extent(world.up()), room.heightMm());
        }
    }

    /** What stands out behind goes on top. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return finding.key().is("deep") ? BatteryUp.candidates(analysis) : List.of();
    }

    private static void judge(Results results, String way, double has, double room) {
        if (has <= room) {
            results.fine();
            return;
        }
        results.found(
                About.of(way, whole()),
                (way.equals("stand") ? "The legs stand " : "") + Words.length(has - room)
                        + (way.equals("high") ? " too high" : " too long") + " for the room",
                Evidence.Amount.atMost(has, room, "mm"),
                switch (way) {
                    case "deep" -> "A battery on top instead of behind, or a shorter lens, makes it shorter.";
                    case "stand" -> "Legs spread less, or turned, take less; see that it does not tip.";
                    default -> "A lower support makes it fit.";
                });
    }
}
