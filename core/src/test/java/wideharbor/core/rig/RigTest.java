package wideharbor.core.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RodAxis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class RigTest {
    @Test
    void theLensMountIsTheOrigin() {
        Rig rig = Bag.onHead().resolve();
        assertEquals(
                0, rig.require(PlacementId.of("body")).portPose("mount").at().length(), 1e-9);
    }

    /** Base at −66, plate 11, bridge 24, dovetail 10: the head's top stands at −111, its tilt axis at −161. */
    @Test
    void posesFollowTheLocatingTree() {
        Rig rig = Bag.onHead().resolve();
        assertEquals(-111, rig.require(PlacementId.of("head")).pose().at().y(), 1e-9);
        assertEquals(-161, rig.world().datum().y(), 1e-9);
        rig.attached().forEach(p -> assertEquals(1, p.pose().determinant(), 1e-9));
    }

    /** The setting moves what hangs on the joint: the dovetail goes forward, and the head with it. */
    @Test
    void aSlideMovesWhatHangsOnIt() {
        Rig still = Bag.onHead().resolve();
        Rig slid = Bag.onHead().set("dovetail:rail:0", 30).resolve();
        assertEquals(
                30,
                slid.require(PlacementId.of("head")).pose().at().z()
                        - still.require(PlacementId.of("head")).pose().at().z(),
                1e-9);
        assertEquals(
                0,
                slid.require(PlacementId.of("bridge")).pose().at().z()
                        - still.require(PlacementId.of("bridge")).pose().at().z(),
                1e-9);
    }

    /** The load on a joint is what lies on the side away from the support. */
    @Test
    void loadFollowsTheSupportNotTheRoot() {
        Rig rig = Bag.onHead().resolve();
        assertEquals(
                Ids.parts("body", "quick", "bridge"),
                rig.loadOn(rig.content().joint(new JointId("j-dovetail")).orElseThrow()));
        assertEquals(
                Ids.parts("body"),
                rig.loadOn(rig.content().joint(new JointId("j-quick")).orElseThrow()));
        assertEquals(Ids.parts("body", "quick", "bridge", "dovetail"), rig.carried());
    }

    /** Two links of 500 g; the arm's lies 100 beyond the hinge. Folded up by 90° its mass stands over the hinge. */
    @Test
    void aHingedPartIsTwoLinks() {
        assertEquals(100, hinged(0).z(), 1e-9);
        assertEquals(100, hinged(-90).y(), 1e-9);
        assertEquals(0, hinged(-90).z(), 1e-9);
    }

    private static Vec3 hinged(double degrees) {
        ItemType arm = part("arm")
                .link("main", 500, Vec3.ZERO)
                .link("wing", 500, new Vec3(0, 0, 100))
                .hinge("fold", "main", "wing", Vec3.ZERO, new Freedom.Rotate("fold", Freedom.Axis.R, -90, 90, 0))
                .port("foot", "side-tie", Role.EITHER, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .make();
        ItemType body = part("body")
                .port("top", "side-tie", Role.EITHER, Vec3.ZERO, Vec3.UP, Vec3.FORWARD)
                .make();
        Rig rig = Rigs.rig()
                .with("body", body)
                .with("arm", arm)
                .join("j", "body:top", "arm:foot")
                .set("arm:fold:0", degrees)
                .on("none")
                .resolve();
        Mass mass = Mass.of(rig, Ids.parts("arm"));
        assertEquals(1000, mass.grams(), 1e-9);
        return rig.require(PlacementId.of("arm")).poses().get("wing").apply(new Vec3(0, 0, 100));
    }

    /**
     * Portrait: the body stands on its own right side, so that its left face looks up. Rods and axis still measure 83,
     * for that is told in the rig's frame, and balance is told in the world's.
     */
    @Test
    void portraitRenamesTheFacesAndKeepsTheAxisFormulas() {
        ItemType body = part("body")
                .weighs(3000, new Vec3(0, 0, -90))
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .face(
                        "base",
                        Role.B,
                        new Vec3(0, -66, -80),
                        DOWN,
                        Vec3.FORWARD,
                        0,
                        wideharbor.core.catalog.Port.Pins.NONE)
                .port("right", "flat-base", Role.A, new Vec3(-60, 0, -80), Parts.RIGHT, Vec3.FORWARD)
                .facet(new OpticalFacet.Camera("mount", 6))
                .make();
        Rigs rigs = Rigs.rig()
                .with("body", body)
                .with("quick", Bag.quick(11))
                .with("bridge", Bag.bridge())
                .with("rods", Bag.rods(300))
                .with("box", Bag.box())
                .with("head", Bag.head())
                .join("a", "body:base", "quick:top")
                .join("b", "quick:bottom", "bridge:top")
                .join("c", "bridge:rods", "rods:rods")
                .join("d", "rods:rods", "box:rods")
                .join("e", "body:right", "head:top")
                .set("rods:rods:0", -50)
                .set("box:rods:0", 200)
                .on("head");
        Rig rig = rigs.resolve();
        assertEquals("left", rig.world().bodyFaceUp());
        assertEquals(1, rig.world().up().dot(Vec3.LEFT), 1e-9);
        assertEquals(1, rig.world().forward().dot(Vec3.FORWARD), 1e-9);
        assertEquals(83, RodAxis.of(rig.require(PlacementId.of("rods")), "rods").heightMm(), 1e-9);
        SlideBalance balance = SlideBalance.of(rig).orElseThrow();
        assertTrue(balance.slide().isEmpty(), "nothing slides between the body's side and the head");
        assertEquals(balance.carried().centre().z() + 80, balance.offMm().from(), 1e-9);
    }

    @Test
    void theTopFaceLooksUpOnSticks() {
        assertEquals("top", Bag.onHead().resolve().world().bodyFaceUp());
    }

    @Test
    void withoutASupportTheConfigurationSaysHowTheWorldLeans() {
        Rig rig = Bag.onRods(300).resolve();
        assertFalse(rig.isSupported());
        assertEquals(1, rig.world().up().dot(Vec3.UP), 1e-9);
    }

    /** A pad that carried the rods: when it goes, rods and motor go with it, by name. */
    @Test
    void takingThePadOffTakesItsRodsAlong() {
        var job = Bag.onRods(300).job();
        var after = job.gear()
                .apply(
                        Rigs.BUILD,
                        java.util.List.of(wideharbor.core.build.Scoped.base(
                                new wideharbor.core.build.Command.Remove(PlacementId.of("bridge")))),
                        job.catalogue())
                .after();
        Rig rig = Rig.resolve(after.build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE, job.catalogue());
        assertEquals(2, rig.detached().size());
        assertEquals(PlacementId.of("bridge"), rig.detached().get(0).since());
        assertEquals(
                2,
                CheckEngine.standard().check(job.with(after)).of("parts.held").size());
    }

    @Test
    void anUnknownMassIsNeverZero() {
        Rig rig = Bag.onHead()
                .with(
                        "odd",
                        part("odd")
                                .weighs(Figure.unknown("no scale"), Vec3.ZERO)
                                .face(
                                        "foot",
                                        Role.A,
                                        Vec3.ZERO,
                                        DOWN,
                                        Vec3.FORWARD,
                                        2,
                                        wideharbor.core.catalog.Port.Pins.NONE)
                                .make())
                .join("j", "body:top", "odd:foot")
                .resolve();
        Mass mass = Mass.of(rig, rig.carried());
        assertEquals(5200, mass.grams(), 1e-9);
        assertEquals(java.util.List.of("odd"), mass.unweighed());
    }

    /** Stack: what stands over the body, beside it, under it, each from the top down. */
    @Test
    void theStackRunsFromTheTopToTheGround() {
        var rows = Stack.of(Bag.onHead().resolve());
        assertEquals(PlacementId.of("head"), rows.get(rows.size() - 1).placed().id());
        assertEquals(Stack.Level.BELOW, rows.get(rows.size() - 1).level());
    }

    @Test
    void poseOfAChainIsTheProductOfItsJoints() {
        Rig rig = Bag.onHead().set("dovetail:rail:0", 12.5).resolve();
        Pose product = rig.require(PlacementId.of("bridge"))
                .portPose("bottom")
                .then(Pose.FLIP)
                .then(Pose.translation(new Vec3(0, 12.5, 0)))
                .then(rig.require(PlacementId.of("dovetail"))
                        .port("rail")
                        .frame()
                        .inverse());
        assertEquals(
                0,
                product.at()
                        .minus(rig.require(PlacementId.of("dovetail")).pose().at())
                        .length(),
                1e-9);
    }
}
