package wideharbor.core.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import wideharbor.core.catalog.InternalJoint;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.geometry.View.Point;

/** A catalogue part by itself in one view, with its ports and sockets; parts that move in themselves stand at 0. */
public record PartDrawing(View view, List<Outline> outlines, List<Mark> ports, List<Mark> sockets) {

    /** A port or socket: where it sits and a point 12 mm out along its normal (the same point when it has none). */
    public record Mark(String id, String title, Point at, Point out) {}

    public static PartDrawing of(ItemType type, View view) {
        Map<String, Pose> poses = poses(type);
        List<Outline> outlines = new ArrayList<>();
        for (Link link : type.links()) {
            for (Shape shape : link.shapes()) {
                outlines.add(Outline.of(shape, at(poses, link.id()), view));
            }
        }
        outlines.sort(java.util.Comparator.comparingDouble(Outline::depthMm));
        return new PartDrawing(
                view,
                outlines,
                type.ports().stream()
                        .map(p -> mark(p, at(poses, p.link()), view))
                        .toList(),
                type.sockets().stream()
                        .map(s -> mark(s, at(poses, type.links().get(0).id()), view))
                        .toList());
    }

    private static Pose at(Map<String, Pose> poses, String link) {
        return Objects.requireNonNull(poses.get(link));
    }

    private static Mark mark(Port port, Pose link, View view) {
        Pose pose = link.then(port.frame());
        return new Mark(
                port.id(),
                port.title(),
                view.project(pose.at()),
                view.project(pose.at().plus(pose.n().times(12))));
    }

    private static Mark mark(Socket socket, Pose link, View view) {
        var at = link.apply(socket.at());
        var out = at.plus(socket.normal().map(n -> link.turn(n).times(12)).orElse(Vec3.ZERO));
        return new Mark(socket.id(), socket.title(), view.project(at), view.project(out));
    }

    private static Map<String, Pose> poses(ItemType type) {
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put(type.links().get(0).id(), Pose.IDENTITY);
        while (poses.size() < type.links().size()) {
            for (InternalJoint joint : type.internalJoints()) {
                if (poses.containsKey(joint.parentLink())) {
                    poses.putIfAbsent(
                            joint.childLink(), at(poses, joint.parentLink()).then(joint.pose(0)));
                }
            }
        }
        return poses;
    }
}
