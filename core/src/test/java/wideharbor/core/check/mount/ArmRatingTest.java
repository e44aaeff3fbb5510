package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class ArmRatingTest {
    private static final RiggingFacet.Arm RATED = new RiggingFacet.Arm(
            "base", "tip", List.of(new RiggingFacet.Bears(0, 2.0), new RiggingFacet.Bears(90, 4.0)));

    /** 1 kg at 200 mm: level 1.96 N·m, raised by 60° half of it. Rated 2.0 level and 4.0 upright. */
    private static Rigs arm(Vec3 tip) {
        return carrying(part("arm")
                .can(Capability.ADAPTS)
                .face("base", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 1, Port.Pins.NONE)
                .face("tip", Role.A, tip, Vec3.UP, Vec3.FORWARD, 1, Port.Pins.NONE)
                .facet(RATED)
                .make());
    }

    private static Rigs carrying(ItemType arm) {
        ItemType body = part("body")
                .face("hole", Role.B, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        ItemType load = part("monitor")
                .weighs(1000, Vec3.ZERO)
                .face("foot", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD, 0, Port.Pins.NONE)
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("arm", arm)
                .with("monitor", load)
                .join("j", "body:hole", "arm:base")
                .join("k", "arm:tip", "monitor:foot")
                .on("none");
    }

    @Test
    void nearItsRatingItDrifts() {
        verify(new ArmRating())
                .given(arm(new Vec3(200, 0, 0)))
                .finds(Severity.CAUTION, 1.961, Double.NEGATIVE_INFINITY, 1.6, "N·m");
    }

    @Test
    void raisedItHolds() {
        verify(new ArmRating()).given(arm(new Vec3(100, 173.2, 0))).holds();
    }

    @Test
    void overItsRatingItSinks() {
        verify(new ArmRating())
                .given(arm(new Vec3(260, 0, 0)))
                .finds(Severity.STOP, 2.550, Double.NEGATIVE_INFINITY, 2.0, "N·m");
    }

    /**
     * The arm lies along x; its foot of 50 g ends at the hinge, 22 from the base. Its bar of 200 g has its middle 80
     * beyond the hinge, the kilogram hangs 180 beyond it: (0.2 · 80 + 1 · 180) · g = 1.92 N·m. From the base, foot and
     * all, it would be 2.19, over its rating of 2.
     */
    private static Rigs hinged(Freedom.Axis axis) {
        ItemType arm = part("arm")
                .can(Capability.ADAPTS)
                .link("foot", 50, new Vec3(11, 0, 0))
                .link("bar", 200, new Vec3(80, 0, 0))
                .hinge("swing", "foot", "bar", new Vec3(22, 0, 0), new Freedom.Rotate("lean", axis, -90, 90, 0))
                .port(onLink("base", "foot", Vec3.ZERO, DOWN))
                .port(onLink("tip", "bar", new Vec3(180, 0, 0), Vec3.UP))
                .facet(RATED)
                .make();
        return carrying(arm);
    }

    private static Port onLink(String id, String link, Vec3 at, Vec3 normal) {
        Port plain = Parts.plain(id, "thread-1-4", Role.A, at, normal, Vec3.FORWARD);
        return PortBuilder.builder(plain).link(link).build();
    }

    @Test
    void itIsTheHingeThatSlips() {
        // The hinge's frame has its normal forward and up up: R is to the left, N forward.
        Finding drifts = verify(new ArmRating())
                .given(hinged(Freedom.Axis.N))
                .finds(Severity.CAUTION, 1.922, Double.NEGATIVE_INFINITY, 1.6, "N·m");
        assertTrue(drifts.title().contains("at its lean"), drifts.title());
    }

    /** About an axis along the arm gravity turns nothing. */
    @Test
    void aHingeAlongTheArmBearsNothing() {
        verify(new ArmRating()).given(hinged(Freedom.Axis.R)).holds();
    }

    @Test
    void theRatingIsTakenLinearlyBetweenAngles() {
        RiggingFacet.Arm curve = new RiggingFacet.Arm(
                "a",
                "b",
                List.of(new RiggingFacet.Bears(-90, 6), new RiggingFacet.Bears(0, 2), new RiggingFacet.Bears(60, 5)));
        assertEquals(6, curve.momentAt(-90), 1e-9);
        assertEquals(4, curve.momentAt(-45), 1e-9);
        assertEquals(3.5, curve.momentAt(30), 1e-9);
        assertEquals(5, curve.momentAt(80), 1e-9);
    }
}
