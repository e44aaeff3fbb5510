package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.BACK;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;

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
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.FrontSheet.LensRow;
import wideharbor.core.sheet.FrontSheet.SetUp;
import wideharbor.core.sheet.FrontSheet.Tried;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A 24 and a 50, both 120 long, before a box of two stages, 30 and 68 ahead of their rims. */
class FrontSheetTest {
    private static ItemType lens(String id, double focal) {
        return part(id).is(Category.LENS)
                .port("mount", "mount-pl", Role.B, Vec3.ZERO, BACK, Vec3.UP)
                .facet(new OpticalFacet.Lens("mount", focal, 2 / 0.93, 120, 110, 1, Optional.empty()))
                .facet(new FrontFacet.Light(Figure.maker(45), Optional.of(40.0), Figure.maker(44), Optional.empty()))
                .make();
    }

    private static FrontSheet sheet(Tried tried) {
        ItemType body = part("body")
                .port("mount", "mount-pl", Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -85, -60), DOWN, 40)
                .facet(new OpticalFacet.Camera("mount", 6, new OpticalFacet.Camera.Window(36, 20)))
                .make();
        ItemType box = part("box")
                .is(Category.MATTE_BOX)
                .clamp("rods", "rod-15-lw", Role.B, new Vec3(0, -85, 0), DOWN, 20)
                .facet(new FrontFacet.MatteBox(
                        List.of(
                                new Opening("Stage 1", OpeningKind.STAGE, 10, 130, 98, false, "4 × 5.65"),
                                new Opening("Stage 2", OpeningKind.STAGE, 48, 130, 98, false, "4 × 5.65")),
                        114,
                        Optional.empty()))
                .make();
        return FrontSheet.of(
                Rigs.rig()
                        .with("body", body)
                        .with("rods", Bag.rods(500))
                        .join("j", "body:rods", "rods:rods")
                        .set("rods:rods:0", -200)
                        .with("box", box)
                        .join("jb", "rods:rods", "box:rods")
                        .set("box:rods:0", 400)
                        .lens("24", lens("wide", 24), "body:mount", "mount")
                        .lens("50", lens("long", 50), "body:mount", "mount")
                        .on("none")
                        .analysis("24"),
                tried);
    }

    /** At the second stage the 24 stands 0.75 · 108 = 81 of 65 across; the 50 0.36 · 108 + 12.5 = 51.4. */
    @Test
    void oneStageServesBoth() {
        FrontSheet sheet = sheet(Tried.NOTHING);
        LensRow wide = sheet.lenses().get(0);
        assertEquals(0.75 * (68 + 40), wide.edges().get(1).chiefX(), 1e-9, "across from its sideways pupil");
        assertTrue(wide.edges().get(1).cut());
        assertEquals(40, wide.pupilAcrossMm());
        assertFalse(wide.isFine());
        assertTrue(sheet.lenses().get(1).isFine());
        assertEquals(
                List.of(new SetUp(2, List.of("50"), List.of("24")), new SetUp(1, List.of("24", "50"), List.of())),
                sheet.setUps());
    }

    /** 31 nearer, the rim stands 1 in the first filter: nothing is served, however clear. */
    @Test
    void whatIsTriedIsJudgedAsItWouldStand() {
        FrontSheet nearer = sheet(new Tried(Set.of(), -31));
        assertEquals(-1, nearer.lenses().get(1).boxes().get(0).room().value(), 1e-9);
        assertTrue(nearer.lenses().get(1).edges().get(1).stops().isFine());
        assertFalse(nearer.lenses().get(1).isFine());
        assertEquals(List.of(), nearer.setUps().get(0).clear());
        assertTrue(sheet(new Tried(Set.of("Stage 2"), 0)).lenses().get(0).isFine(), "left out, it cuts nothing");
        assertThrows(IllegalArgumentException.class, () -> new Tried(Set.of(), Double.NaN));
    }
}
