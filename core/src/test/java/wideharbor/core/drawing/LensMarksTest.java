package wideharbor.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.geometry.View.Point;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class LensMarksTest {
    private static Drawing.Seen seen(View from) {
        ItemType body = Parts.part("body")
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(new OpticalFacet.Camera("mount", 6, new OpticalFacet.Camera.Window(36, 20)))
                .make();
        ItemType lens = Parts.part("lens")
                .is(Category.LENS)
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, Parts.BACK, Vec3.UP)
                .facet(new OpticalFacet.Lens("mount", 24, 2, 120, 110, 1, Optional.empty()))
                .facet(new FrontFacet.Light(Figure.maker(40), Optional.empty(), Figure.maker(44), Optional.empty()))
                .make();
        return Drawing.of(
                        Rigs.rig()
                                .with("body", body)
                                .lens("l", lens, "body:mount", "mount")
                                .on("none")
                                .analysis("l"),
                        from)
                .seen()
                .orElseThrow();
    }

    private static double widest(List<Point> border, ToDoubleFunction<Point> along) {
        return border.stream()
                .mapToDouble(p -> Math.abs(along.applyAsDouble(p)))
                .max()
                .orElse(0);
    }

    /** 440 ahead of the pupil 20/48 of it up: 183.3; from above 0.75 of it to each side: 330. */
    @Test
    void theViewIsDrawnFromThePupil() {
        Drawing.Seen side = seen(View.RIGHT);
        assertTrue(side.pupilKnown());
        assertEquals(440 * 20 / 48.0, widest(side.border(), Point::upward), 1e-6);
        assertEquals(330, widest(seen(View.ABOVE).border(), Point::across), 1e-6);
    }
}
