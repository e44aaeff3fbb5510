package wideharbor.core.catalog;

import java.util.List;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;

/** One rigid body of a part: its mass in grams, centre of mass and shapes, all in the link's own frame. */
public record Link(String id, Figure massGrams, Vec3 centreOfMass, List<Shape> shapes) {
    public Link {
        Require.id("Link id", id);
        Figure.notNegative("Mass in grams of link " + id, massGrams);
        shapes = List.copyOf(shapes);
    }
}
