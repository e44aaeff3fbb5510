package wideharbor.core.check.front;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.FrontFacet.Opening;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.check.Check;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.front.FilterFit;
import wideharbor.core.front.LensFront;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A 24 of N 2 on a window of 36 × 20, 120 long and 110 over its front, on rods 85 under the axis. */
class FrontChecksTest {
    private static final FrontFacet.Light PUPIL_45 =
            new FrontFacet.Light(Figure.maker(45), Optional.empty(), Figure.maker(44), Optional.empty());

    private static ItemType body() {
        return part("body")
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -85, -60), DOWN, 40)
                .facet(new OpticalFacet.Camera("mount", 6, new OpticalFacet.Camera.Window(36, 20)))
                .make();
    }

    private static ItemType lens(FrontFacet... more) {
        var made = part("lens")
                .is(Category.LENS)
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .facet(new OpticalFacet.Lens("mount", 24, 2 / 0.93, 120, 110, 1, Optional.empty()));
        for (FrontFacet facet : more) {
            made.facet(facet);
        }
        return made.make();
    }

    /** Stages 10 and 48 ahead of its origin, 130 × 98, and no mouth. */
    private static ItemType box(String id, double largest, double... stages) {
        List<Opening> all = new ArrayList<>();
        for (double at : stages) {
            all.add(new Opening("Stage " + (all.size() + 1), OpeningKind.STAGE, at, 130, 98, false, "4 × 5.65"));
        }
        return part(id).is(Category.MATTE_BOX)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -85, 0), DOWN, 20)
                .facet(new FrontFacet.MatteBox(all, largest, Optional.empty()))
                .make();
    }

    private static ItemType motor(double arm, double module) {
        return part("motor")
                .clamp("rods", "rod-15-lw", Role.B, Vec3.ZERO, DOWN, 20)
                .facet(new FrontFacet.Drive(module, 40, 10, arm, 0, Optional.of(0.6)))
                .make();
    }

    private static ItemType filter(String id, String format, double stops) {
        return part(id).facet(new FrontFacet.Filter(FrontFacet.FilterKind.NEUTRAL, format, stops))
                .make();
    }

    /** Two stages: the third filter has no room; 2 and 1.7 stops are 3.7, and the second stage cuts the corners. */
    @Test
    void filtersGoIntoTheNearestStageOfTheirFormat() {
        LensFront front = LensFront.of(rig(lens(PUPIL_45), box("box", 120, 30, 78), 120)
                        .analysis()
                        .rig())
                .orElseThrow();
        ItemType nd = filter("nd", "4 × 5.65", 2);
        ItemType pola = filter("pola", "4 × 5.65", 1.7);
        ItemType wide = filter("wide", "6.6 × 6.6", 3);
        FilterFit two = FilterFit.of(front, List.of(wide, nd, pola), Set.of(), 0, 1);
        assertEquals(
                List.of(new FilterFit.InStage("nd", "Stage 1"), new FilterFit.InStage("pola", "Stage 2")),
                two.placed());
        assertEquals(List.of("wide"), two.left());
        assertEquals(3.7, two.lossStops(), 1e-9);
        assertEquals(2, two.stages());
        assertFalse(two.clear());
        FilterFit one = FilterFit.of(front, List.of(nd, pola), Set.of("Stage 2"), 1, 1);
        assertEquals(List.of("pola"), one.left());
        assertEquals(3, one.lossStops(), 1e-9);
        assertTrue(one.clear());
        assertEquals(0, FilterFit.of(front, List.of(), Set.of(), 0, 2).stages());
    }

    @Test
    void aFilterThatIsPackedGoesIntoABox() {
        Rigs rigs = rig(lens(PUPIL_45), box("box", 120, 30), 120);
        verify(new FiltersFit())
                .given(rigs.inKit(filter("nd", "4 × 5.65", 2), 1))
                .holds();
        Finding found = verify(new FiltersFit())
                .given(rigs.inKit(filter("wide", "6.6 × 6.6", 2), 1))
                .finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals("wide goes into nothing here", found.title());
        verify(new FiltersFit())
                .given(rigs.inKit(
                        part("big-box")
                                .facet(new FrontFacet.MatteBox(
                                        List.of(new Opening(
                                                "Tray", OpeningKind.STAGE, 10, 160, 160, false, "6.6 × 6.6")),
                                        150,
                                        Optional.empty()))
                                .make(),
                        1))
                .holds();
    }

    private static FrontFacet.Gear focus(double torque) {
        return new FrontFacet.Gear(FrontFacet.Ring.FOCUS, 81.6, 0.8, 80, 8, 280, Figure.maker(torque));
    }

    /** The box's origin stands where it is set, ahead of the mount: the carrier begins at −200. */
    private static Rigs rig(ItemType lens, ItemType box, double at) {
        return Rigs.rig()
                .with("body", body())
                .with("rods", Bag.rods(500))
                .join("j", "body:rods", "rods:rods")
                .set("rods:rods:0", -200)
                .with("box", box)
                .join("jb", "rods:rods", "box:rods")
                .set("box:rods:0", 260 + at)
                .lens("l", lens, "body:mount", "mount")
                .on("none");
    }

    private static Rigs driven(ItemType lens, ItemType motor, double at) {
        return Rigs.rig()
                .with("body", body())
                .with("rods", Bag.rods(500))
                .join("j", "body:rods", "rods:rods")
                .set("rods:rods:0", -200)
                .with(motor.ref().id(), motor)
                .join("jm", "rods:rods", motor.ref().id() + ":rods")
                .set(motor.ref().id() + ":rods:0", 260 + at)
                .lens("l", lens, "body:mount", "mount")
                .on("none");
    }

    private static List<String> fixes(Check check, Rigs rigs, Finding finding) {
        return check.candidates(finding, rigs.analysis("l")).stream()
                .map(Candidate::title)
                .toList();
    }

    /** The window's diagonal is 41.2; a circle of 44 covers it, one of 40 does not, 39 to 43 is open. */
    @Test
    void theCircleCoversTheWindow() {
        verify(new CircleCovers())
                .given(rig(lens(PUPIL_45), box("b", 114, 10), 140))
                .holds();
        Finding black = verify(new CircleCovers())
                .given(rig(lens(circle(Figure.maker(40))), box("b", 114, 10), 140))
                .finds(Severity.STOP, 40, 41.18, Double.POSITIVE_INFINITY, "mm");
        assertTrue(black.why().contains("cropped 1.0 times"), black.why());
        verify(new CircleCovers())
                .given(rig(lens(circle(Figure.range(41, 39, 43, Figure.Source.MAKER))), box("b", 114, 10), 140))
                .finds(Severity.STOP, CheckState.UNDECIDED);
        verify(new CircleCovers())
                .given(rig(lens(circle(Figure.unknown("no paper"))), box("b", 114, 10), 140))
                .finds(Severity.CAUTION, CheckState.NOT_CHECKED);
        verify(new CircleCovers()).given(rig(lens(), box("b", 114, 10), 140)).looksAtNothing();
    }

    private static FrontFacet.Light circle(Figure circle) {
        return new FrontFacet.Light(Figure.maker(45), Optional.empty(), circle, Optional.empty());
    }

    /** Origin 20 ahead of the rim: stage 1 at 30 is clear, stage 2 at 68 cuts; a box of one stage mends it. */
    @Test
    void theSecondStageCutsTheCorners() {
        Rigs rigs = rig(lens(PUPIL_45), box("two", 114, 10, 48), 140)
                .knows(box("one", 114, 10))
                .inKit(box("one", 114, 10), 1);
        Finding cut = verify(new CornersClear()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("Stage 2 cuts the corners of lens", cut.title());
        assertTrue(
                fixes(new CornersClear(), rigs, cut).stream().anyMatch(t -> t.contains("one")), "a box of one stage");
        verify(new CornersClear())
                .given(rig(lens(PUPIL_45), box("one", 114, 10), 140))
                .holds();
    }

    /** At 40 ahead a third of the corner's light is lost: 0.66 stops of 0.3. */
    @Test
    void aShadeIsToldInStops() {
        Finding shade = verify(new CornersClear())
                .given(rig(lens(PUPIL_45), box("one", 114, 10), 150))
                .finds(Severity.CAUTION, CheckState.FOUND);
        assertEquals("Stage 1 shades the corners of lens", shade.title());
        assertEquals("stops", shade.evidence().unit());
    }

    /** The pupil anywhere between glass and flange: 30 ahead it is fine at the one and cut at the other. */
    @Test
    void anUnknownPupilDecidesNothing() {
        Finding open = verify(new CornersClear())
                .given(rig(lens(), box("one", 114, 10), 140))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
        assertTrue(open.why().contains("entrance pupil of lens decides it"), open.why());
    }

    @Test
    void aFrontStandsBehindTheFilters() {
        verify(new FrontFits())
                .given(rig(lens(PUPIL_45), box("b", 114, 10), 140))
                .holds();
        Rigs rigs = rig(lens(PUPIL_45), box("b", 114, 10), 100);
        Finding into = verify(new FrontFits()).given(rigs).finds(Severity.STOP, -10, 0, Double.POSITIVE_INFINITY, "mm");
        assertEquals("lens stands 10.0 mm into the filters of b", into.title());
        assertTrue(
                fixes(new FrontFits(), rigs, into).get(0).startsWith("Slide b 10"),
                fixes(new FrontFits(), rigs, into).toString());
        verify(new FrontFits())
                .given(rig(lens(PUPIL_45), box("b", 95, 10), 140))
                .finds(Severity.STOP, 110, Double.NEGATIVE_INFINITY, 95, "mm");
    }

    /**
     * 36.9° to the side from 45 behind the rim; a bracket of 80 on the rods, 5 under the axis, 100 ahead of the rim.
     */
    @Test
    void aBracketAheadIsInThePicture() {
        ItemType bracket = part("bracket")
                .shaped(new Shape.Box(new Vec3(-10, 0, -10), new Vec3(10, 80, 10), Shape.Use.SOLID))
                .clamp("rods", "rod-15-lw", Role.B, Vec3.ZERO, DOWN, 20)
                .make();
        Rigs rigs = driven(lens(PUPIL_45), bracket, 220);
        Finding seen = verify(new OutOfPicture()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("bracket stands in the picture with l", seen.title());
        List<String> fixes = fixes(new OutOfPicture(), rigs, seen);
        assertTrue(fixes.contains("Slide bracket 103.0 mm, to 377.0"), fixes.toString());
        verify(new OutOfPicture()).given(driven(lens(PUPIL_45), bracket, 100)).holds();
    }

    /** z 100 and 40 of module 0.8: 56 apart; the rod at (30, −85) is 90.1 away, an arm of 40 reaches 50.1 to 130.1. */
    @Test
    void aDriveMeshes() {
        verify(new GearsMesh())
                .given(driven(lens(focus(0.4)), motor(40, 0.8), 80))
                .holds();
    }

    /** An arm of 30 comes no nearer than 60.1. */
    @Test
    void aShortArmDoesNotReach() {
        verify(new GearsMesh())
                .given(driven(lens(focus(0.4)), motor(30, 0.8), 80))
                .finds(Severity.STOP, 56, 60.14, 120.14, "mm");
    }

    /** 6 beside the middle, of 8 and 10 wide teeth 3 run in each other; 4.8 are wanted. */
    @Test
    void teethRunInEachOther() {
        Rigs rigs = driven(lens(focus(0.4)), motor(40, 0.8), 86);
        Finding beside =
                verify(new GearsMesh()).given(rigs).finds(Severity.STOP, 3, 4.8, Double.POSITIVE_INFINITY, "mm");
        assertTrue(
                fixes(new GearsMesh(), rigs, beside).get(0).startsWith("Slide motor 6 mm back"),
                fixes(new GearsMesh(), rigs, beside).toString());
    }

    @Test
    void anotherModuleJams() {
        verify(new GearsMesh())
                .given(driven(lens(focus(0.4)), motor(40, 0.5), 80))
                .finds(Severity.STOP, CheckState.FOUND);
    }

    /** 0.6 · 100 ÷ 40 = 1.5 at the ring; 1.3 · 1.4 = 1.82 is wanted. */
    @Test
    void aStiffRingIsToldOf() {
        verify(new GearsMesh())
                .given(driven(lens(focus(1.4)), motor(40, 0.8), 80))
                .finds(Severity.CAUTION, 1.5, 1.82, Double.POSITIVE_INFINITY, "N·m");
    }
}
