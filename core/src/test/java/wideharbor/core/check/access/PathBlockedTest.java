package wideharbor.core.check.access;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** A part that slides on from an end needs one end free, as far as the carrier goes and 40 mm beyond. */
class PathBlockedTest {
    private static Shape box(double x0, double y0, double z0, double x1, double y1, double z1) {
        return new Shape.Box(new Vec3(x0, y0, z0), new Vec3(x1, y1, z1), Shape.Use.SOLID);
    }

    /**
     * A dovetail 200 long from z 0, a block of 40 clamped in the middle of it, and a wall across at each end, so far
     * from the carrier's ends. The walls are the body's own: they are there first.
     */
    private static Rigs between(double wallAhead, double wallBehind, double wide) {
        Parts body = Parts.part("body")
                .face("far", Port.Role.B, new Vec3(0, -300, 0), Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .shaped(box(wide, -10, 200 + wallAhead, wide + 60, 60, 210 + wallAhead))
                .shaped(box(wide, -10, -10 - wallBehind, wide + 60, 60, -wallBehind));
        ItemType rail = Parts.part("rail")
                .face("foot", Port.Role.A, new Vec3(0, -300, 0), Parts.DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .carrier("rail", "dovetail-wide", Port.Role.A, Vec3.ZERO, Vec3.UP, 0, 200)
                .shaped(box(-20, -10, 0, 20, 0, 200))
                .make();
        ItemType block = Parts.part("block")
                .clamp("clamp", "dovetail-wide", Port.Role.B, Vec3.ZERO, Parts.DOWN, 40)
                .shaped(box(-20, 0, -20, 20, 40, 20))
                .make();
        return Rigs.rig()
                .with("body", body.make())
                .with("rail", rail)
                .with("block", block)
                .join("r", "body:far", "rail:foot")
                .join("j", "rail:rail", "block:clamp")
                .set("block:clamp:0", 100)
                .on("none");
    }

    /**
     * The middle of the block goes 100 to the end and 40 beyond, its face 20 further: 60 less the shave of 3 are swept
     * beyond the carrier.
     */
    @ParameterizedTest
    @CsvSource({
        "50, 50, -30, true",
        "55, 55, -30, true",
        "58, 50, -30, false",
        "50, 58, -30, false",
        "50, 50, 18, false"
    })
    void oneFreeEndIsEnough(double ahead, double behind, double aside, boolean blocked) {
        if (blocked) {
            Finding finding = verify(new PathBlocked())
                    .given(between(ahead, behind, aside))
                    .finds(Severity.STOP, CheckState.FOUND);
            assertEquals("block cannot be put on: body is in its way", finding.title());
        } else {
            verify(new PathBlocked()).given(between(ahead, behind, aside)).holds();
        }
    }

    /** What hangs on the part comes with it or after it, and what the rig stands on was there before. */
    @Test
    void whatCarriesTheRigIsNotPutOnToIt() {
        Rigs rigs = between(50, 50, -30).on("block");
        assertEquals(List.of(), verify(new PathBlocked()).given(rigs).report().findings());
    }
}
