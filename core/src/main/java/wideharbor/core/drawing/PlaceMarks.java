package wideharbor.core.drawing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Port;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.drawing.Drawing.ClashMark;
import wideharbor.core.drawing.Drawing.PortMark;
import wideharbor.core.drawing.Drawing.Room;
import wideharbor.core.drawing.Drawing.Track;
import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** Where things are, go and stand in each other's way: ports, slides, rooms, clashes. */
final class PlaceMarks {
    private PlaceMarks() {}

    static List<PortMark> ports(RigAnalysis analysis, Sheet view) {
        Set<PortRef> used = new HashSet<>();
        analysis.rig().liveJoints().forEach(j -> {
            used.add(j.parent());
            used.add(j.child());
        });
        List<PortMark> all = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            for (Port port : placed.type().ports()) {
                if (!port.standard().equals(Standard.DATUM)) {
                    Pose pose = placed.portPose(port.id());
                    PortRef ref = new PortRef(placed.id(), port.id());
                    all.add(new PortMark(
                            ref.toString(),
                            port.title(),
                            analysis.standards().require(port.standard()).title(),
                            view.project(pose.at()),
                            view.project(pose.at().plus(pose.n().times(12))),
                            used.contains(ref)));
                }
            }
        }
        return all;
    }

    static List<Track> tracks(Rig rig, Sheet view) {
        List<Track> all = new ArrayList<>();
        for (Motion motion : rig.motions()) {
            if (motion.freedom() instanceof Freedom.Slide && motion.joint().isPresent()) {
                Joint joint = motion.joint().flatMap(rig.content()::joint).orElseThrow();
                all.add(new Track(
                        motion.key().toString(),
                        motion.key().placement(),
                        List.copyOf(rig.subtree(joint.child().placement())),
                        view.project(new Moved(rig, motion).direction()),
                        motion.range().from(),
                        motion.range().to(),
                        motion.value(),
                        motion.freedom().step()));
            }
        }
        return all;
    }

    static List<Room> rooms(RigAnalysis analysis, Sheet view) {
        List<Room> all = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            for (Link link : placed.type().links()) {
                for (Shape shape : link.shapes()) {
                    if (shape.keepClear()) {
                        List<PlacementId> in = analysis.clearances().intrusions().stream()
                                .filter(i -> i.keeper().equals(placed.id())
                                        && i.use() == shape.use()
                                        && i.depthMm() > analysis.rule(HouseRules.Rule.ROOM_INTRUSION))
                                .map(Clearances.Intrusion::intruder)
                                .toList();
                        Outline outline = view.outline(shape, placed.pose(link.id()));
                        all.add(new Room(placed.id(), shape.use(), outline, in));
                    }
                }
            }
        }
        return all;
    }

    static List<ClashMark> clashes(RigAnalysis analysis, Sheet view) {
        return analysis.clearances().clashes().stream()
                .map(c -> new ClashMark(
                        c.a(),
                        c.b(),
                        c.depthMm(),
                        view.outline(new Shape.Box(c.where().min(), c.where().max(), Shape.Use.SOLID), Pose.IDENTITY)
                                .border()))
                .toList();
    }
}
