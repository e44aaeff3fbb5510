package wideharbor.core.rig;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Span;

/** The build in physical order: top of the rig first, ground last, told apart above, beside and below the body. */
public final class Stack {
    private Stack() {}

    /** Where a part stands beside the body. */
    public enum Level {
        ABOVE,
        BODY,
        BELOW
    }

    /** A part with the heights that it takes up. */
    public record Row(Placed placed, Level level, Span heightMm) {}

    public static List<Row> of(Rig rig) {
        Placed body = rig.require(rig.content().root());
        Span bodyHeight = height(body, rig.world().up());
        List<Row> rows = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            Span height = height(placed, rig.world().up());
            rows.add(new Row(placed, level(rig, placed, height, bodyHeight), height));
        }
        rows.sort(Comparator.comparing(Row::level)
                .thenComparing(r -> -(r.heightMm().from() + r.heightMm().to()) / 2));
        return List.copyOf(rows);
    }

    private static Level level(Rig rig, Placed placed, Span own, Span body) {
        if (placed.id().equals(rig.content().root())) {
            return Level.BODY;
        }
        double middle = (own.from() + own.to()) / 2;
        if (middle > body.to()) {
            return Level.ABOVE;
        }
        return middle < body.from() ? Level.BELOW : Level.BODY;
    }

    private static Span height(Placed placed, Vec3 up) {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (var link : placed.type().links()) {
            for (Shape shape : link.shapes()) {
                if (shape.keepClear()) {
                    continue;
                }
                for (Vec3 corner : Outline.corners(shape)) {
                    double y = placed.pose(link.id()).apply(corner).dot(up);
                    low = Math.min(low, y);
                    high = Math.max(high, y);
                }
            }
        }
        double at = placed.pose().at().dot(up);
        return low <= high ? new Span(low, high) : new Span(at, at);
    }
}
