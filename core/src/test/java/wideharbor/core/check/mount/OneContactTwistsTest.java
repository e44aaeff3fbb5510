package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Pins.Kind;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class OneContactTwistsTest {
    /** 1 kg, 100 mm behind a level screw to the side: 1 · 9.80665 · 0.1 = 0.98 N·m about it. */
    @Test
    void gravityTurnsALevelScrew() {
        Finding finding = verify(new OneContactTwists())
                .given(onSide(1, Port.Pins.NONE))
                .finds(Severity.STOP, 0.98, Double.NEGATIVE_INFINITY, 0.02, "N·m");
        assertTrue(finding.title().contains("0.98 N·m"), finding.title());
    }

    @Test
    void twoScrewsHold() {
        verify(new OneContactTwists()).given(onSide(2, Port.Pins.NONE)).holds();
    }

    /** Pins on the part alone are no help: the body's side face has no holes, so retractable ones only rest on it. */
    @Test
    void pinsOnOneFaceDoNotHold() {
        verify(new OneContactTwists())
                .given(onSide(1, Parts.pins(Kind.RETRACTABLE)))
                .finds(Severity.STOP, CheckState.FOUND);
    }

    /** An upright screw is not turned by gravity, but by a knock. */
    @Test
    void anUprightScrewIsACaution() {
        verify(new OneContactTwists()).given(onTop(1, Port.Pins.NONE)).finds(Severity.CAUTION, CheckState.FOUND);
    }

    @Test
    void pinsOnBothFacesHold() {
        verify(new OneContactTwists()).given(onTop(1, Parts.pins(Kind.FIXED))).holds();
    }

    /** A plate that ties the far end of it back to the body is the second contact. */
    @Test
    void aClosingJointIsTheSecondContact() {
        ItemType body = part("body")
                .face("side", Role.B, new Vec3(60, 0, 0), Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE)
                .port("tie", "side-tie", Role.EITHER, new Vec3(60, 40, -50), Vec3.LEFT, Vec3.UP)
                .make();
        ItemType arm = part("arm")
                .weighs(1000, new Vec3(0, 0, -100))
                .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, 1, Port.Pins.NONE)
                .port("tie", "side-tie", Role.EITHER, new Vec3(0, 40, -50), RIGHT, Vec3.UP)
                .make();
        Rigs tied = Rigs.rig()
                .with("body", body)
                .with("arm", arm)
                .join("j", "body:side", "arm:foot")
                .close("tie", "body:tie", "arm:tie")
                .on("none");
        verify(new OneContactTwists()).given(tied).holds();
        assertEquals(0, tied.resolve().closings().get(0).gapMm(), 1e-9);
    }

    @Test
    void looksAtNothingWithoutJoints() {
        verify(new OneContactTwists()).looksAtNothing();
    }

    private static Rigs onSide(int screws, Port.Pins pins) {
        ItemType arm = part("arm")
                .weighs(1000, new Vec3(0, 0, -100))
                .face("foot", Role.A, Vec3.ZERO, RIGHT, Vec3.UP, screws, pins)
                .make();
        return Rigs.rig()
                .with("body", Bag.body())
                .with("arm", arm)
                .join("j", "body:side", "arm:foot")
                .on("none");
    }

    private static Rigs onTop(int screws, Port.Pins pins) {
        ItemType handle = part("handle")
                .weighs(1000, new Vec3(0, 50, -100))
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, screws, pins)
                .make();
        return Rigs.rig()
                .with("body", Bag.body())
                .with("handle", handle)
                .join("j", "body:top", "handle:foot")
                .on("none");
    }
}
