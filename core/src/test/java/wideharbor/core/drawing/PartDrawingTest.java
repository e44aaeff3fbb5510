package wideharbor.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.testkit.Parts;

/** A part by itself: its shapes, and where its ports and sockets are. */
class PartDrawingTest {
    private static final ItemType ARM = Parts.part("arm")
            .link("main", 100, Vec3.ZERO)
            .link("tip", 100, new Vec3(0, 0, 50))
            .hinge("elbow", "main", "tip", new Vec3(0, 0, 80), new Freedom.Rotate("elbow", Freedom.Axis.R, -90, 90, 0))
            .port(PortBuilder.builder()
                    .id("end")
                    .title("end")
                    .standard("thread-3-8")
                    .role(Port.Role.B)
                    .link("tip")
                    .at(new Vec3(0, 0, 60))
                    .normal(Vec3.FORWARD)
                    .up(Vec3.UP)
                    .screws(java.util.List.of())
                    .freedoms(java.util.List.of())
                    .build())
            .socket(new Socket(
                    "out",
                    "out",
                    Socket.Kind.POWER,
                    Socket.Direction.OUT,
                    "D-tap",
                    "usual",
                    new Vec3(10, 0, 0),
                    Optional.of(Vec3.LEFT)))
            .socket(new Socket(
                    "in", "in", Socket.Kind.POWER, Socket.Direction.IN, "D-tap", "usual", Vec3.ZERO, Optional.empty()))
            .make();

    /** The hinge 80 ahead turns the tip's own frame into its; 60 along it is the port, 12 further its arrow. */
    @Test
    void aPortOnTheTipIsDrawnWhereTheHingeHoldsIt() {
        PartDrawing.Mark end = PartDrawing.of(ARM, View.ABOVE).ports().get(0);
        assertEquals(
                12,
                Math.hypot(
                        end.out().across() - end.at().across(),
                        end.out().upward() - end.at().upward()),
                1e-9);
        assertEquals(140, Math.hypot(end.at().across(), end.at().upward()), 1e-9);
    }

    @ParameterizedTest
    @EnumSource(View.class)
    void aSocketPointsOutAlongItsWayAndNowhereWithoutOne(View view) {
        PartDrawing drawing = PartDrawing.of(ARM, view);
        PartDrawing.Mark out = drawing.sockets().get(0);
        double seen = Math.hypot(
                out.out().across() - out.at().across(),
                out.out().upward() - out.at().upward());
        assertTrue(Math.abs(seen - 12) < 1e-9 || seen < 1e-9, view + " sees it from the side or end on: " + seen);
        assertEquals(drawing.sockets().get(1).at(), drawing.sockets().get(1).out());
    }

    /** What is nearer comes later, so that it is drawn over what is farther. */
    @ParameterizedTest
    @EnumSource(View.class)
    void whatIsNearerIsDrawnLast(View view) {
        ItemType two = Parts.part("two")
                .weighs(1, Vec3.ZERO)
                .shaped(new Shape.Box(new Vec3(-90, -90, -90), new Vec3(-50, -50, -50), Shape.Use.SOLID))
                .shaped(new Shape.Box(new Vec3(50, 50, 50), new Vec3(90, 90, 90), Shape.Use.SOLID))
                .make();
        PartDrawing drawing = PartDrawing.of(two, view);
        assertEquals(2, drawing.outlines().size());
        assertTrue(
                drawing.outlines().get(0).depthMm() <= drawing.outlines().get(1).depthMm());
    }
}
