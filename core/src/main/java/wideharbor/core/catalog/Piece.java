package wideharbor.core.catalog;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Solid;

/** A piece of a part, matter or room kept for something, in its link's frame. */
public record Piece(String link, Shape.Use use, Solid solid) {

    static List<Piece> of(ItemType type) {
        List<Piece> pieces = new ArrayList<>();
        for (Link link : type.links()) {
            for (Shape shape : link.shapes()) {
                pieces.add(new Piece(link.id(), shape.use(), Solid.of(shape)));
            }
        }
        return List.copyOf(pieces);
    }
}
