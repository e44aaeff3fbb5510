package wideharbor.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.drawing.Space.Piece;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.testkit.Rigs;

/** Pieces stand where their part stands; what is round stays round, and room is no matter. */
class SpaceTest {
    private static ItemType body() {
        return part("body")
                .is(Category.BODY)
                .shaped(new Shape.Box(new Vec3(-5, -6, -20), new Vec3(5, 6, 0), Shape.Use.SOLID))
                .shaped(new Shape.Box(new Vec3(5, -6, -20), new Vec3(40, 6, 0), Shape.Use.CARD_DOOR))
                .port("mount", "mount-pl", Role.A, new Vec3(0, 2, 10), Vec3.FORWARD, Vec3.UP)
                .facet(new OpticalFacet.Camera("mount", 6))
                .make();
    }

    private static ItemType lens() {
        return part("lens")
                .is(Category.LENS)
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .shaped(new Shape.Ring(Vec3.ZERO, new Vec3(0, 0, 50), 40, 30, Shape.Use.SOLID))
                .shaped(new Shape.Cone(new Vec3(0, 0, 50), new Vec3(0, 0, 80), 40, 55, Shape.Use.SOLID))
                .make();
    }

    @Test
    void everyPieceStandsWhereItsPartDoes() {
        Space space = Space.of(Rigs.rig()
                .with("body", body())
                .with("lens", lens())
                .join("j", "body:mount", "lens:mount")
                .on("none")
                .resolve());
        assertEquals(2, space.parts().size());
        assertEquals(1, space.parts().get(0).pieces().size(), "room for the card door is no matter");
        assertEquals(
                8,
                ((Piece.Convex) space.parts().get(0).pieces().get(0)).corners().size());
        List<Piece> pieces = space.parts().get(1).pieces();
        // The mount is the rig's origin: the body stands 2 lower and 10 back.
        assertEquals(new Piece.Turned(Vec3.ZERO, new Vec3(0, 0, 50), 40, 40, 30), pieces.get(0));
        assertEquals(new Piece.Turned(new Vec3(0, 0, 50), new Vec3(0, 0, 80), 40, 55, 0), pieces.get(1));
        assertEquals(
                -30,
                ((Piece.Convex) space.parts().get(0).pieces().get(0))
                        .corners().stream().mapToDouble(Vec3::z).min().orElseThrow(),
                1e-9);
    }
}
