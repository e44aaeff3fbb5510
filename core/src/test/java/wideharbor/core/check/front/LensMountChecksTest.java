package wideharbor.core.check.front;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.OpticalFacet.Autofocus;
import wideharbor.core.catalog.OpticalFacet.LensAdapter;
import wideharbor.core.catalog.OpticalFacet.MountSpeech;
import wideharbor.core.catalog.OpticalFacet.MountTalk;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.front.LensFront;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.MountChain;
import wideharbor.core.standard.Standard.Lock;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A body with a bayonet of 26.00, an adapter to PL of 52.00, a lens of 35 mm. */
class LensMountChecksTest {
    private static ItemType body(String mount, Facet... more) {
        var made = part("body")
                .port("mount", mount, Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -85, -60), DOWN, 40)
                .facet(new OpticalFacet.Camera("mount", 6, new OpticalFacet.Camera.Window(36, 20)));
        for (Facet facet : more) {
            made.facet(facet);
        }
        return made.make();
    }

    private static ItemType lens(String mount, Facet... more) {
        var made = part("lens")
                .is(Category.LENS)
                .port("mount", mount, Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .port("ring", "lens-ring", Role.A, new Vec3(0, 0, 54), Vec3.UP, Vec3.FORWARD)
                .facet(new OpticalFacet.Lens("mount", 35, 2, 120, 110, 1, Optional.empty()));
        for (Facet facet : more) {
            made.facet(facet);
        }
        return made.make();
    }

    private static LensAdapter sides(double opticalMm, Lock lensLock) {
        return new LensAdapter(
                "body", "lens", opticalMm, Lock.BAYONET_LOCKED, lensLock, 1, 0, MountSpeech.NONE, Autofocus.LOST);
    }

    private static ItemType adapter(Facet... facets) {
        var made = part("adapter")
                .is(Category.ADAPTER)
                .port("body", "mount-fenn", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .port("lens", "mount-pl", Role.A, new Vec3(0, 0, 26), Vec3.FORWARD, Vec3.UP);
        for (Facet facet : facets) {
            made.facet(facet);
        }
        return made.make();
    }

    private static Rigs rig(ItemType body, ItemType adapter, ItemType lens) {
        return Rigs.rig()
                .with("body", body)
                .with("adapter", adapter)
                .join("ja", "body:mount", "adapter:body")
                .lens("l", lens, "adapter:lens", "mount")
                .on("none");
    }

    private static Rigs through(Facet... facets) {
        return rig(body("mount-fenn"), adapter(facets), lens("mount-pl"));
    }

    /** 26.00 + 26.00 is PL's 52.00; 0.02 are allowed either way. */
    @Test
    void theSumIsTheLensesOwn() {
        verify(new FlangeMeets()).given(through(sides(26.00, Lock.RING_LOCKED))).holds();
        verify(new FlangeMeets()).given(through(sides(26.02, Lock.RING_LOCKED))).holds();
        verify(new FlangeMeets()).given(through(sides(25.98, Lock.RING_LOCKED))).holds();
        verify(new FlangeMeets())
                .given(Rigs.rig()
                        .with("body", body("mount-pl"))
                        .lens("l", lens("mount-pl"), "body:mount", "mount")
                        .on("none"))
                .holds();
    }

    /** 0.05 too long: 35² ÷ 0.05 = 24.5 m and no farther. */
    @Test
    void tooLongIsShortOfInfinity() {
        Finding found = verify(new FlangeMeets())
                .given(through(sides(26.05, Lock.RING_LOCKED)))
                .finds(Severity.STOP, 52.05, 51.98, 52.02, "mm");
        assertTrue(found.title().contains("0.05 mm short of infinity"), found.title());
        assertTrue(found.why().contains("24.5 m"), found.why());
        assertEquals(24.5, MountChain.farthestMetres(35, 0.05), 1e-9);
    }

    @Test
    void tooShortIsBeyondInfinity() {
        Finding found = verify(new FlangeMeets())
                .given(through(sides(25.9, Lock.RING_LOCKED)))
                .finds(Severity.STOP, 51.9, 51.98, 52.02, "mm");
        assertTrue(found.title().contains("0.10 mm beyond infinity"), found.title());
    }

    @Test
    void anUnknownAdapterIsNotFine() {
        Finding open = verify(new FlangeMeets()).given(through()).finds(Severity.STOP, CheckState.NOT_CHECKED);
        assertTrue(open.title().contains("optical length of adapter"), open.title());
    }

    /** A reducer of 0.71: the lens acts as one of 24.85 and T 1.42, and its circle of 60 as one of 42.6. */
    @Test
    void glassBetweenMakesItAnotherLens() {
        LensAdapter reducer = new LensAdapter(
                "body", "lens", 26, Lock.RING_LOCKED, Lock.RING_LOCKED, 0.71, 0.2, MountSpeech.DATA, Autofocus.LOST);
        FrontFacet.Light light =
                new FrontFacet.Light(Figure.maker(45), Optional.empty(), Figure.maker(60), Optional.empty());
        Rigs rigs = rig(body("mount-fenn"), adapter(reducer), lens("mount-pl", light));
        LensFront front = LensFront.of(rigs.analysis("l").rig()).orElseThrow();
        assertEquals(24.85, front.optics().focalMm(), 1e-9);
        assertEquals(1.42, front.optics().tStop(), 1e-9);
        assertEquals(42.6, front.coverage().orElseThrow().value(), 1e-9);
        assertEquals(71.84, front.acrossDegrees().orElseThrow(), 0.01);
        assertEquals(0.2, MountChain.of(rigs.analysis("l").rig()).orElseThrow().lossStops(), 1e-9);
    }

    private static FrontFacet.Gear focus() {
        return new FrontFacet.Gear(FrontFacet.Ring.FOCUS, 81.6, 0.8, 54, 8, 280, Figure.maker(0.2));
    }

    private static ItemType motor(double torqueNm) {
        return part("motor")
                .clamp("rods", "rod-15-lw", Role.B, Vec3.ZERO, DOWN, 20)
                .facet(new FrontFacet.Drive(0.8, 40, 10, 40, 0, Optional.of(torqueNm)))
                .make();
    }

    private static Rigs driven(Lock lensLock, double torqueNm, ItemType lens, Command... more) {
        return Rigs.rig()
                .with("body", body("mount-fenn"))
                .with(
                        "adapter",
                        adapter(new LensAdapter(
                                "body",
                                "lens",
                                26,
                                Lock.RING_LOCKED,
                                lensLock,
                                1,
                                0,
                                MountSpeech.NONE,
                                Autofocus.LOST)))
                .join("ja", "body:mount", "adapter:body")
                .with("rods", Bag.rods(500))
                .join("j", "body:rods", "rods:rods")
                .set("rods:rods:0", -200)
                .with("motor", motor(torqueNm))
                .join("jm", "rods:rods", "motor:rods")
                .set("motor:rods:0", 260 + 80)
                .knows(gearRing())
                .lens("l", lens, "adapter:lens", "mount", more)
                .on("none");
    }

    /** 0.3 · 100 ÷ 40 = 0.75 at the ring: over 0.5 for a sprung bayonet, under 1.5 for one with a catch. */
    @Test
    void aSprungMountGives() {
        Finding found = verify(new MountHolds())
                .given(driven(Lock.BAYONET, 0.3, lens("mount-pl", focus())))
                .finds(Severity.STOP, 0.75, Double.NEGATIVE_INFINITY, 0.5, "N·m");
        assertTrue(found.why().contains("sprung bayonet"), found.why());
        verify(new MountHolds())
                .given(driven(Lock.BAYONET_LOCKED, 0.3, lens("mount-pl", focus())))
                .holds();
        verify(new MountHolds())
                .given(driven(Lock.RING_LOCKED, 3, lens("mount-pl", focus())))
                .holds();
        verify(new MountHolds())
                .given(driven(Lock.BAYONET_LOCKED, 0.7, lens("mount-pl", focus())))
                .finds(Severity.CAUTION, 1.75, Double.NEGATIVE_INFINITY, 1.5, "N·m");
    }

    @Test
    void whatNobodyDrivesIsNotLookedAt() {
        verify(new MountHolds()).given(through(sides(26, Lock.BAYONET))).looksAtNothing();
    }

    private static FrontFacet.SmoothRing smooth() {
        return new FrontFacet.SmoothRing(FrontFacet.Ring.FOCUS, "ring", 82);
    }

    private static ItemType gearRing() {
        return part("gear")
                .port("barrel", "lens-ring", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .facet(new FrontFacet.Gear(FrontFacet.Ring.FOCUS, 81.6, 0.8, 0, 8, 280, Figure.maker(0.2)))
                .make();
    }

    @Test
    void aSmoothRingIsToldAndTheRingMendsIt() {
        verify(new GearsMesh())
                .given(driven(Lock.RING_LOCKED, 0.6, lens("mount-pl", smooth())))
                .finds(Severity.STOP, CheckState.FOUND);
        verify(new GearsMesh())
                .given(driven(
                        Lock.RING_LOCKED,
                        0.6,
                        lens("mount-pl", smooth()),
                        new Command.Place(PlacementId.of("gear"), gearRing().ref(), ""),
                        new Command.Join(
                                Joint.locating(new JointId("jg"), Rigs.port("lens-l:ring"), Rigs.port("gear:barrel")))))
                .holds();
    }

    private static Rigs held(MountSpeech lens, MountSpeech passes, Autofocus left) {
        LensAdapter through =
                new LensAdapter("body", "lens", 26, Lock.RING_LOCKED, Lock.RING_LOCKED, 1, 0, passes, left);
        return rig(
                        body("mount-fenn", new MountTalk(MountSpeech.DRIVE)),
                        adapter(through),
                        lens("mount-pl", new MountTalk(lens)))
                .shooting(ShootBuilder.builder(Shoot.UNASKED)
                        .focus(Shoot.Focus.CAMERA)
                        .build());
    }

    @Test
    void theCameraReachesTheLens() {
        verify(new LensAnswers())
                .given(held(MountSpeech.DRIVE, MountSpeech.DRIVE, Autofocus.KEPT))
                .holds();
        Finding mute = verify(new LensAnswers())
                .given(held(MountSpeech.DRIVE, MountSpeech.DATA, Autofocus.KEPT))
                .finds(Severity.STOP, CheckState.FOUND);
        assertTrue(mute.why().startsWith("adapter"), mute.why());
        verify(new LensAnswers())
                .given(held(MountSpeech.DATA, MountSpeech.DRIVE, Autofocus.KEPT))
                .finds(Severity.STOP, CheckState.FOUND);
        verify(new LensAnswers())
                .given(held(MountSpeech.DRIVE, MountSpeech.DRIVE, Autofocus.DEGRADED))
                .finds(Severity.CAUTION, CheckState.FOUND);
    }

    @Test
    void contactsNobodyKnowsOfAreNotFine() {
        Rigs rigs = rig(body("mount-fenn"), adapter(sides(26, Lock.RING_LOCKED)), lens("mount-pl"))
                .shooting(ShootBuilder.builder(Shoot.UNASKED)
                        .focus(Shoot.Focus.CAMERA)
                        .build());
        // The adapter is known to pass nothing; that decides, whatever the others say.
        verify(new LensAnswers()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        verify(new LensAnswers())
                .given(rig(body("mount-fenn"), adapter(), lens("mount-pl"))
                        .shooting(ShootBuilder.builder(Shoot.UNASKED)
                                .focus(Shoot.Focus.CAMERA)
                                .build()))
                .finds(Severity.STOP, CheckState.NOT_CHECKED);
    }
}
