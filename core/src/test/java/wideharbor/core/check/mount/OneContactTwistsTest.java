package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.RIGHT;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Pins.Kind;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
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

    /**
     * A body of 3 kg hangs by one screw in its side, its mass 150 behind; a lens of 2 kg, 250 ahead, holds it up but
     * for (2 · 0.25 − 3 · 0.15) · 9.80665 = 0.49 N·m. While the lens is changed it is 3 · 0.15 · 9.80665 = 4.41.
     */
    @Test
    void whileTheLensIsOffItIsJudgedToo() {
        var body = part("body")
                .weighs(3000, new Vec3(0, 0, -150))
                .face("mount", Role.B, new Vec3(0, 0, 50), Vec3.FORWARD, Vec3.UP, 0, Port.Pins.NONE)
                .face("side", Role.B, Vec3.ZERO, Vec3.LEFT, Vec3.UP, 0, Port.Pins.NONE);
        var lens = part("lens")
                .weighs(2000, new Vec3(0, 0, 200))
                .face("foot", Role.A, Vec3.ZERO, Vec3.FORWARD.negated(), Vec3.UP, 2, Port.Pins.NONE);
        var bracket = part("bracket")
                .weighs(1, Vec3.ZERO)
                .face("side", Role.A, Vec3.ZERO, Vec3.LEFT.negated(), Vec3.UP, 1, Port.Pins.NONE)
                .port("datum", "datum", Role.EITHER, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 30_000, 8));
        Rigs rigs = Rigs.rig()
                .with("body", body.make())
                .with("bracket", bracket.make())
                .join("j", "body:side", "bracket:side")
                .lens("50", lens.make(), "body:mount", "foot")
                .on("bracket");
        Finding finding = verify(new OneContactTwists())
                .given(rigs)
                .finds(Severity.STOP, 4.41, Double.NEGATIVE_INFINITY, 0.02, "N·m");
        assertTrue(finding.title().endsWith("4.41 N·m while the lens is off"), finding.title());
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

    /**
     * A bar of 15 along the axis; what is on it lies 100 to its side: 1 kg turns it with 0.98 N·m, 1.2 kg with 1.18.
     */
    private static Rigs onBar(Figure grams, Capability... can) {
        Parts clamped = part("clamped")
                .weighs(grams, new Vec3(100, 0, 0))
                .clamp("rods", "rod-15-single", Role.B, Vec3.ZERO, DOWN, 20);
        for (Capability one : can) {
            clamped = clamped.can(one);
        }
        return Rigs.rig()
                .with(
                        "body",
                        part("body")
                                .weighs(3000, Vec3.ZERO)
                                .carrier("bar", "rod-15-single", Role.A, Vec3.ZERO, Vec3.UP, -100, 100)
                                .make())
                .with("clamped", clamped.make())
                .join("j", "body:bar", "clamped:rods")
                .on("none");
    }

    @Test
    void aClampHoldsRoundABarByFriction() {
        verify(new OneContactTwists()).given(onBar(Figure.maker(1000))).holds();
        Finding turns = verify(new OneContactTwists())
                .given(onBar(Figure.maker(1200)))
                .finds(Severity.CAUTION, 1.177, Double.NEGATIVE_INFINITY, 1.0, "N·m");
        assertTrue(turns.title().contains("about its bar"), turns.title());
    }

    @Test
    void aDriveStandsInItsMesh() {
        verify(new OneContactTwists())
                .given(onBar(Figure.maker(1200), Capability.DRIVES_LENS))
                .holds();
    }

    @Test
    void aRangeAcrossTheLimitIsNotCertain() {
        Finding open = verify(new OneContactTwists())
                .given(onBar(Figure.range(1000, 900, 1100, Figure.Source.CLAIMED)))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
        assertTrue(open.why().contains("the mass of clamped decides it"), open.why());
        verify(new OneContactTwists())
                .given(onBar(Figure.unknown("never weighed")))
                .finds(Severity.STOP, CheckState.NOT_CHECKED);
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
