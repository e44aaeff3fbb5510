package wideharbor.core.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.build.EditRefused;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Pins;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.edit.ConfigurationEdits;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.LensId;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Roll lifts the camera's left side, tilt lowers the lens; where something physical carries, it says how it stands. */
class LeaningTest {
    private static Rigs onPad() {
        ItemType pad = part("pad")
                .face("top", Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD, 2, Pins.NONE)
                .port("datum", "datum", Role.EITHER, new Vec3(0, -20, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 20_000, 30, SupportFacet.Support.Way.SHOULDER))
                .make();
        return onPad(pad);
    }

    private static Rigs onPad(ItemType pad) {
        ItemType body = part("body")
                .weighs(4000, new Vec3(0, 120, 0))
                .face("base", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD, 0, Pins.NONE)
                .make();
        return Rigs.rig()
                .with("body", body)
                .with("pad", pad)
                .join("j", "body:base", "pad:top")
                .on("pad");
    }

    private static RigAnalysis leaned(Rigs rigs, double roll, double tilt) {
        RigAnalysis now = rigs.analysis();
        var job = now.job()
                .with(now.job()
                        .gear()
                        .apply(Rigs.BUILD, ConfigurationEdits.lean(now, roll, tilt), now.catalogue())
                        .after());
        return RigAnalysis.of(job, job.gear().build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE);
    }

    private static void assertNear(Vec3 expected, Vec3 actual) {
        assertTrue(expected.minus(actual).length() < 1e-9, () -> expected + " expected, but was " + actual);
    }

    /** The left side risen by a quarter turn looks up. */
    @Test
    void rollLiftsTheLeftSide() {
        for (Rigs rigs :
                new Rigs[] {onPad(), Rigs.rig().with("body", Bag.body()).on("none")}) {
            World world = leaned(rigs, 90, 0).rig().world();
            assertNear(Vec3.LEFT, world.up());
            assertEquals("left", world.bodyFaceUp());
            assertNear(Vec3.FORWARD, world.forward());
        }
    }

    /** The lens lowered by 30° looks half a metre down on a metre. */
    @Test
    void tiltLowersTheLens() {
        World world = leaned(onPad(), 0, 30).rig().world();
        assertEquals(-0.5, Vec3.FORWARD.dot(world.up()), 1e-9);
        assertEquals(Math.cos(Math.toRadians(30)), Vec3.FORWARD.dot(world.forward()), 1e-9);
        assertNear(Vec3.LEFT, world.left());
    }

    /** 4 kg at 140 over the pad go 140·sin 30° = 70 ahead of it when the lens is lowered by 30°. */
    @Test
    void theHandsFeelIt() {
        assertEquals(0, Posture.of(onPad().analysis()).orElseThrow().aheadMm(), 1e-9);
        assertEquals(70, Posture.of(leaned(onPad(), 0, 30)).orElseThrow().aheadMm(), 1e-9);
    }

    /**
     * The pad slides along the body, 4 kg of 5 on the body's side. Lowered by 30° the 4 kg at 140 over the pad stand 70
     * ahead, all of it 56; a slide that goes down by as much takes 70 / cos 30° = 80.8 along it, camera back.
     */
    @Test
    void aSlideGoesAlongTheRigNotAlongTheFloor() {
        ItemType pad = part("pad")
                .weighs(1000, new Vec3(0, -20, 0))
                .moving(
                        "top",
                        "thread-3-8",
                        Role.A,
                        Vec3.ZERO,
                        Vec3.UP,
                        Vec3.FORWARD,
                        new Freedom.Slide("slide", Freedom.Axis.U, -120, 120, 0))
                .port("datum", "datum", Role.EITHER, new Vec3(0, -20, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 20_000, 30, SupportFacet.Support.Way.SHOULDER))
                .make();
        Rigs rigs = onPad(pad);
        SlideBalance balance = leaned(rigs, 0, 30).balance().orElseThrow();
        assertEquals(56, balance.middleMm(), 1e-9);
        SlideBalance.Slide slide = balance.slide().orElseThrow();
        assertEquals(-70 / Math.cos(Math.toRadians(30)), slide.cameraShiftMm(), 1e-9);
        SlideBalance mended = leaned(rigs.set("pad:top:0", slide.balancedValue()), 0, 30)
                .balance()
                .orElseThrow();
        assertEquals(0, mended.middleMm(), 1e-9);
    }

    @Test
    void aHeadSaysHowItStands() {
        assertTrue(onPad().resolve().leansFreely());
        assertFalse(Bag.onHead().resolve().leansFreely());
        assertEquals(
                "How this rig stands is up to head; only on a shoulder or in the hands it leans as it is held.",
                assertThrows(EditRefused.class, () -> leaned(Bag.onHead(), 0, 10))
                        .getMessage());
    }
}
