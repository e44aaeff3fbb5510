package wideharbor.core.drawing;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Link;
import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** A rig in space: every piece of matter where it stands, rig frame, mm. Round pieces stay round. */
public record Space(List<Part> parts) {
    /** A part with its pieces. */
    public record Part(PlacementId placement, String title, Category category, List<Piece> pieces) {}

    /** A piece of matter. */
    public sealed interface Piece {
        /** Round about a line, from one radius to another, with a bore through it; 0 is none. */
        record Turned(Vec3 from, Vec3 to, double radiusMm, double endRadiusMm, double boreRadiusMm) implements Piece {}

        /** Convex, by its corners. */
        record Convex(List<Vec3> corners) implements Piece {}
    }

    public Space {
        parts = List.copyOf(parts);
    }

    public static Space of(Rig rig) {
        return new Space(rig.attached().stream().map(Space::part).toList());
    }

    private static Part part(Placed placed) {
        List<Piece> pieces = new ArrayList<>();
        for (Link link : placed.type().links()) {
            for (Shape shape : link.shapes()) {
                if (!shape.keepClear()) {
                    pieces.add(piece(shape, placed.pose(link.id())));
                }
            }
        }
        return new Part(placed.id(), placed.title(), placed.type().category(), pieces);
    }

    private static Piece piece(Shape shape, Pose pose) {
        if (shape instanceof Shape.Cylinder c) {
            return new Piece.Turned(pose.apply(c.from()), pose.apply(c.to()), c.radiusMm(), c.radiusMm(), 0);
        }
        if (shape instanceof Shape.Cone c) {
            return new Piece.Turned(pose.apply(c.from()), pose.apply(c.to()), c.radiusMm(), c.endRadiusMm(), 0);
        }
        if (shape instanceof Shape.Ring r) {
            return new Piece.Turned(
                    pose.apply(r.from()), pose.apply(r.to()), r.radiusMm(), r.radiusMm(), r.boreRadiusMm());
        }
        return new Piece.Convex(Outline.corners(shape).stream().map(pose::apply).toList());
    }
}
