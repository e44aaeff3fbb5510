package wideharbor.core.catalog;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.geometry.Convex;
import wideharbor.core.geometry.Shape;

/** A convex piece of a part, matter or room kept for something, in its link's frame. */
public record Piece(String link, Shape.Use use, Convex convex) {

    static List<Piece> of(ItemType type) {
        List<Piece> pieces = new ArrayList<>();
        for (Link link : type.links()) {
            for (Shape shape : link.shapes()) {
                for (Convex convex : Convex.of(shape)) {
                    pieces.add(new Piece(link.id(), shape.use(), convex));
                }
            }
        }
        return List.copyOf(pieces);
    }
}
