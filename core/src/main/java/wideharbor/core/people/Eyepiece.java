package wideharbor.core.people;

import java.util.Optional;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;

/** Where the eye comes to on a finder. */
public final class Eyepiece {
    private Eyepiece() {}

    /** The middle of the room that an eyepiece keeps for the eye, rig frame. */
    public static Optional<Vec3> of(Placed part) {
        for (var link : part.type().links()) {
            for (Shape shape : link.shapes()) {
                if (shape.use() == Shape.Use.EYE) {
                    Vec3 middle = Solid.of(shape).bounds().middle();
                    return Optional.of(part.pose(link.id()).apply(middle));
                }
            }
        }
        return Optional.empty();
    }
}
