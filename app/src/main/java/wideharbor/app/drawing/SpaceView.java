package wideharbor.app.drawing;

import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.drawing.Space;
import wideharbor.core.drawing.Space.Piece;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;

/** A rig in space as numbers: flat lists of left, up, forward, left, up, forward …, mm, rounded to 0.1. */
public record SpaceView(List<SpacePart> parts) {
    record SpacePart(
            PlacementId placement,
            String title,
            String category,
            List<TurnedPiece> turned,
            List<List<Double>> convex) {}

    /** Round about the line between two ends; {@code bore} 0: none. */
    record TurnedPiece(List<Double> ends, double radius, double endRadius, double bore) {}

    public static SpaceView of(Space space) {
        return new SpaceView(space.parts().stream()
                .map(p -> new SpacePart(
                        p.placement(),
                        p.title(),
                        p.category().name(),
                        of(p, Piece.Turned.class)
                                .map(t -> new TurnedPiece(
                                        flat(List.of(t.from(), t.to())),
                                        t.radiusMm(),
                                        t.endRadiusMm(),
                                        t.boreRadiusMm()))
                                .toList(),
                        of(p, Piece.Convex.class).map(c -> flat(c.corners())).toList()))
                .toList());
    }

    private static <T extends Piece> Stream<T> of(Space.Part part, Class<T> kind) {
        return part.pieces().stream().filter(kind::isInstance).map(kind::cast);
    }

    private static List<Double> flat(List<Vec3> points) {
        return points.stream()
                .flatMap(v -> Stream.of(v.x(), v.y(), v.z()))
                .map(DrawingView::round)
                .toList();
    }
}
