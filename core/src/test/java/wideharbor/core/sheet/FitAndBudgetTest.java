package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.edit.Fit;
import wideharbor.core.edit.PartEdits;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class FitAndBudgetTest {
    private static final PortRef TOP = new PortRef(PlacementId.of("body"), "top");

    private static ItemType lamp() {
        return part("lamp")
                .weighs(500, new Vec3(0, 20, 0))
                .port("foot", "cold-shoe", Role.B, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .make();
    }

    private static ItemType shoeBlock() {
        return part("shoe-block")
                .can(Capability.ADAPTS)
                .weighs(30, Vec3.ZERO)
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("shoe", "cold-shoe", Role.A, new Vec3(0, 8, 0), Vec3.UP, Vec3.FORWARD)
                .make();
    }

    private static ItemType handle() {
        return part("handle")
                .weighs(400, new Vec3(0, 30, 0))
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .make();
    }

    private static Rigs rigs() {
        return Bag.onHead().knows(lamp()).knows(shoeBlock()).inKit(handle(), 1);
    }

    @Test
    void directPartsComeBeforeThoseThroughAdapters() {
        List<Fit.Offer> offers = Fit.offers(rigs().analysis(), TOP);
        assertEquals("handle", offers.get(0).type().name());
        assertTrue(offers.get(0).chain().isEmpty());
        Fit.Offer lamp = offers.stream()
                .filter(o -> o.type().name().equals("lamp"))
                .findFirst()
                .orElseThrow();
        assertEquals("shoe-block", lamp.chain().orElseThrow().title());
    }

    /** 500 g and a block of 30 g more on the head. */
    @Test
    void anEffectIsWhatAddingReallyDoes() {
        RigAnalysis analysis = rigs().analysis();
        List<Fit.Offer> offers = Fit.offers(analysis, TOP);
        CheckEngine engine = CheckEngine.standard();
        Effects.Tried lamp = Effects.of(engine, analysis, TOP, offers).stream()
                .filter(t -> t.offer().type().name().equals("lamp"))
                .findFirst()
                .orElseThrow();
        assertEquals(530, lamp.effect().massGrams(), 1e-9);
        assertEquals(
                2, lamp.effect().raised().trialFits(), lamp.effect().raised().toString());
        GearPackage after = analysis.job()
                .gear()
                .apply(Rigs.BUILD, PartEdits.add(analysis, TOP, lamp.offer()), analysis.catalogue())
                .after();
        RigAnalysis then =
                RigAnalysis.of(analysis.job().with(after), after.build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE);
        assertEquals(
                lamp.effect().massGrams(),
                then.carried().grams() - analysis.carried().grams(),
                1e-9);
        assertEquals(
                lamp.effect().shiftMm().orElseThrow(),
                then.balance().orElseThrow().offMm().from()
                        - analysis.balance().orElseThrow().offMm().from(),
                1e-9);
    }

    @Test
    void aPartThatNothingJoinsIsRefusedInWords() {
        ItemType odd = part("odd")
                .port("foot", "gimbal-plate", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD)
                .make();
        RigAnalysis analysis = rigs().knows(odd).analysis();
        assertTrue(assertThrows(EditRefused.class, () -> PartEdits.addThrough(analysis, TOP, odd, "foot"))
                .getMessage()
                .contains("no chain of up to 3 adapters"));
    }

    @Test
    void aTrialFitIsRecordedAndUndone() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("handle", handle())
                .join("j", "body:top", "handle:foot", Joint.Confidence.PLAUSIBLE)
                .on("none");
        RigAnalysis analysis = rigs.analysis();
        GearPackage.Applied applied = analysis.job()
                .gear()
                .apply(Rigs.BUILD, PartEdits.tried(analysis, PlacementId.of("handle")), analysis.catalogue());
        assertEquals(
                Joint.Confidence.TRIED_BY_US,
                applied.after()
                        .build(BuildId.of("a"))
                        .base()
                        .joint(new JointId("j"))
                        .orElseThrow()
                        .confidence());
        GearPackage back = applied.after()
                .apply(Rigs.BUILD, applied.inverse(), analysis.catalogue())
                .after();
        assertEquals(analysis.job().gear(), back);
    }

    /** Body's top hole is used by the handle, its side face is free until a plate stands before it. */
    @Test
    void mountingPointsAreUsedFreeOrCovered() {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("handle", handle())
                .join("j", "body:top", "handle:foot")
                .on("none");
        assertEquals(
                MountBudget.State.USED,
                place(rigs, MountBudget.Face.TOP, "body:top").state());
        assertEquals(
                MountBudget.State.FREE,
                place(rigs, MountBudget.Face.LEFT, "body:side").state());
        ItemType wall = part("wall")
                .shaped(new Shape.Box(new Vec3(66, -100, -40), new Vec3(72, 20, 40), Shape.Use.SOLID))
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .make();
        Rigs covered = Rigs.rig()
                .with("body", Bag.body())
                .with("wall", wall)
                .join("j", "body:top", "wall:foot")
                .on("none");
        MountBudget.Place side = place(covered, MountBudget.Face.LEFT, "body:side");
        assertEquals(MountBudget.State.WASTED, side.state());
        assertEquals("wall", side.by());
    }

    private static MountBudget.Place place(Rigs rigs, MountBudget.Face face, String ref) {
        return MountBudget.of(rigs.analysis()).get(face).stream()
                .filter(p -> p.ref().toString().equals(ref))
                .findFirst()
                .orElseThrow();
    }

    /** A slide's track: which parts move, and that moving by it is what the full answer gives. */
    @Test
    void aDragAlongATrackIsWhatTheFullAnswerGives() {
        Rigs before = Bag.onRods(300);
        Drawing drawing = Drawing.of(before.analysis(), View.RIGHT);
        Drawing.Track track = drawing.tracks().stream()
                .filter(t -> t.placement().equals(PlacementId.of("rods")))
                .findFirst()
                .orElseThrow();
        assertTrue(track.moves().contains(PlacementId.of("box")), "what is clamped on the rods goes along");
        double by = 7;
        Drawing after = Drawing.of(before.set("rods:rods:0", track.value() + by).analysis(), View.RIGHT);
        assertEquals(
                at(drawing, "box:rods").across() + track.perMm().across() * by,
                at(after, "box:rods").across(),
                1e-9);
        assertEquals(
                at(drawing, "box:rods").upward() + track.perMm().upward() * by,
                at(after, "box:rods").upward(),
                1e-9);
    }

    private static View.Point at(Drawing drawing, String port) {
        return drawing.ports().stream()
                .filter(p -> p.ref().equals(port))
                .findFirst()
                .orElseThrow()
                .at();
    }
}
