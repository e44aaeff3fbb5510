package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.stream.IntStream;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * The way of one cable: out of a socket by the plug's length, along the rig's axes to the middle of each part that it
 * is led along, and into the other socket.
 */
final class CableWay {
    /** Share of the way that is added so that nothing is taut. */
    private static final double SLACK = 0.10;

    /** Degrees between detents: what goes in larger steps is taken off to be turned. */
    private static final double MOST_STEP = 30;

    /** Degrees from one look at a turn to the next: between two the way is never longer by a thousandth of an arm. */
    private static final double LOOK_EVERY = 5;

    /** A point that goes with a part. */
    private record Fixed(Vec3 at, PlacementId part) {}

    /**
     * How long the cable must be at the worst turn of one joint, and what turns then; empty when none asks for more.
     */
    record Travel(double neededMm, String what) {}

    private final List<Fixed> points;
    private final double stubsMm;

    private CableWay(List<Fixed> points, double stubsMm) {
        this.points = points;
        this.stubsMm = stubsMm;
    }

    static CableWay of(Rig rig, CableRun cable, PowerFacet.CableEnd endA, PowerFacet.CableEnd endB, Dressing dressing) {
        List<Fixed> points = new ArrayList<>();
        points.add(socket(rig, cable.a()));
        points.add(out(rig, cable.a(), dressing.stub(endA)));
        for (PlacementId part : cable.laid().along()) {
            rig.find(part).ifPresent(p -> points.add(new Fixed(p.middle(), part)));
        }
        points.add(out(rig, cable.b(), dressing.stub(endB)));
        points.add(socket(rig, cable.b()));
        return new CableWay(points, dressing.stub(endA) + dressing.stub(endB));
    }

    private static Fixed socket(Rig rig, SocketRef ref) {
        return new Fixed(rig.require(ref.placement()).socketAt(ref.socket()), ref.placement());
    }

    /** The end of a plug with its first bend; where the way it comes out is not on file, the socket itself. */
    private static Fixed out(Rig rig, SocketRef ref, double stub) {
        Placed placed = rig.require(ref.placement());
        Fixed at = socket(rig, ref);
        return placed.type()
                .socket(ref.socket())
                .flatMap(Socket::normal)
                .map(n -> new Fixed(at.at().plus(placed.pose().turn(n).times(stub)), ref.placement()))
                .orElse(at);
    }

    /** Corner by corner: along the camera first, then in height, then across, as most are laid. */
    List<Vec3> corners() {
        List<Vec3> all = new ArrayList<>();
        all.add(points.get(0).at());
        all.add(points.get(1).at());
        for (int i = 2; i < points.size() - 1; i++) {
            Vec3 from = points.get(i - 1).at();
            Vec3 to = points.get(i).at();
            all.add(new Vec3(from.x(), from.y(), to.z()));
            all.add(new Vec3(from.x(), to.y(), to.z()));
            all.add(to);
        }
        all.add(points.get(points.size() - 1).at());
        return all;
    }

    /** As the rig stands. */
    double neededMm() {
        return length(Fixed::at);
    }

    private double length(Function<Fixed, Vec3> where) {
        double sum = stubsMm;
        for (int i = 2; i < points.size() - 1; i++) {
            Vec3 way = where.apply(points.get(i)).minus(where.apply(points.get(i - 1)));
            sum += Math.abs(way.x()) + Math.abs(way.y()) + Math.abs(way.z());
        }
        return sum * (1 + SLACK);
    }

    /** The most that any one joint between its parts asks for anywhere on its turn, either way. */
    Travel travel(List<Turn> turns) {
        Travel most = new Travel(neededMm(), "");
        for (Turn turn : turns) {
            long there =
                    points.stream().filter(p -> turn.moved().contains(p.part())).count();
            if (there == 0 || there == points.size()) {
                continue;
            }
            for (Pose by : turn.ways()) {
                double needed = length(p -> turn.moved().contains(p.part()) ? by.apply(p.at()) : p.at());
                if (needed > most.neededMm() + 0.5) {
                    most = new Travel(needed, turn.what());
                }
            }
        }
        return most;
    }

    /** A joint that people turn on the day: what goes with it, and where that goes on the way. */
    record Turn(String what, Set<PlacementId> moved, List<Pose> ways) {}

    /** Not the clamps along rods, and nothing that only fits two ways round. */
    static List<Turn> turns(Rig rig, Dressing dressing) {
        return rig.motions().stream()
                .filter(m -> m.freedom() instanceof Freedom.Rotate turn && turn.stepDegrees() < MOST_STEP)
                .map(m -> turn(rig, m, dressing.turnDegrees()))
                .toList();
    }

    /** Not only its ends: on the way a plug may stand farther off than at either. */
    private static Turn turn(Rig rig, Motion motion, double degrees) {
        double from = motion.range().nearest(motion.value() - degrees);
        double to = motion.range().nearest(motion.value() + degrees);
        int steps = Math.max(1, (int) Math.ceil((to - from) / LOOK_EVERY));
        Moved moved = new Moved(rig, motion);
        DoubleFunction<Pose> by = moved.displacements();
        List<Pose> ways = IntStream.rangeClosed(0, steps)
                .mapToObj(i -> by.apply(from + (to - from) * i / steps))
                .toList();
        return new Turn(rig.title(motion.key().placement()), moved.parts(), ways);
    }
}
