package wideharbor.core.check.brief;

import java.util.List;
import wideharbor.core.brief.Asks;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Say;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Convex;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;

/** The rig has room where it is worn. */
public final class RoomSize implements Check {
    private static final CheckCard CARD = new CheckCard(
            "brief.room",
            "brief",
            "Room for the rig",
            "every configuration that the brief’s room binds, per lens",
            "from rear to front, and from bottom to top, it is no longer than the room",
            "in a lift, a car or a corridor the battery meets the wall",
            "length and height of all matter along the world’s directions",
            "geometry; the brief",
            Severity.STOP,
            true);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        Asks.RoomLimit room = context.job().brief().asks().room();
        if (!room.binds(context.rig().configuration().id())) {
            return;
        }
        var world = context.rig().world();
        if (room.depthMm() > 0) {
            judge(context, results, "deep", extent(context, world.forward()), room.depthMm());
        }
        if (room.heightMm() > 0) {
            judge(context, results, "high", extent(context, world.up()), room.heightMm());
        }
    }

    /** What stands out behind goes on top. */
    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        return finding.key().subjects().contains("deep") ? BatteryUp.candidates(context) : List.of();
    }

    /** How far the rig reaches along a direction, mm. */
    public static double extent(CheckContext context, Vec3 along) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Placed placed : context.rig().attached()) {
            for (Convex piece : context.clearances().matterOf(placed.id())) {
                for (Vec3 corner : piece.corners()) {
                    low = Math.min(low, corner.dot(along));
                    high = Math.max(high, corner.dot(along));
                }
            }
        }
        return Math.max(0, high - low);
    }

    private static void judge(CheckContext context, Results results, String way, double has, double room) {
        if (has <= room) {
            results.fine();
            return;
        }
        results.found(
                List.of("room", way),
                Say.length(has - room) + " too " + (way.equals("deep") ? "long" : "high") + " for the room",
                Evidence.Amount.atMost(has, room, "mm"),
                way.equals("deep")
                        ? "A battery on top instead of behind, or a shorter lens, makes it shorter."
                        : "A lower support makes it fit.");
    }
}
