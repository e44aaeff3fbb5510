package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.View;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;
import wideharbor.core.sheet.Meters;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class PartEditsTest {
    private static Rig after(RigAnalysis analysis, List<Scoped> edit) {
        Build build = analysis.job()
                .gear()
                .apply(Rigs.BUILD, edit, analysis.catalogue())
                .after()
                .build(Rigs.BUILD);
        return Rig.resolve(build, Rigs.STUDIO, analysis.rig().lens(), analysis.catalogue());
    }

    @Test
    void removingWithDependantsLeavesNothingLoose() {
        RigAnalysis analysis = Bag.onRods(300).analysis();
        Rig rig = after(analysis, PartEdits.remove(analysis, PlacementId.of("bridge"), true));
        assertEquals(0, rig.detached().size());
        assertEquals(2, rig.attached().size());
    }

    @Test
    void puttingBackRestoresTheVeryPart() {
        RigAnalysis analysis = Bag.onRods(300).analysis();
        Build without = analysis.job()
                .gear()
                .apply(Rigs.BUILD, PartEdits.remove(analysis, PlacementId.of("box"), false), analysis.catalogue())
                .after()
                .build(Rigs.BUILD);
        assertTrue(without.base().isRemoved(PlacementId.of("box")));
        assertEquals(200, without.base().value(SettingKey.parse("box:rods:0")), "its setting is kept");
    }

    @Test
    void theBodyStays() {
        RigAnalysis analysis = Bag.onRods(300).analysis();
        assertThrows(EditRefused.class, () -> PartEdits.remove(analysis, PlacementId.of("body"), true));
    }

    /** A clamp of 20 goes as near to the middle of the rods as there is room. */
    @Test
    void addingToACarrierFindsRoom() {
        RigAnalysis analysis = Bag.onRods(300).analysis();
        Rig rig = after(
                analysis, PartEdits.add(analysis, new PortRef(PlacementId.of("rods"), "rods"), Bag.box(), "rods"));
        double at = rig.content().value(SettingKey.parse("box-2:rods:0"));
        assertEquals(150, at, 1e-9, "the middle of 0 to 300 is free: bracket holds 0–100, the first box 190–210");
    }

    @Test
    void addingToATakenPortIsRefused() {
        RigAnalysis analysis = Bag.onRods(300).analysis();
        EditRefused refused = assertThrows(
                EditRefused.class,
                () -> PartEdits.add(analysis, new PortRef(PlacementId.of("body"), "base"), Bag.quick(11), "top"));
        assertTrue(refused.getMessage().contains("is taken"), refused.getMessage());
    }

    @Test
    void addingWhatDoesNotMateSaysWhy() {
        RigAnalysis analysis = Bag.onRods(300).analysis();
        EditRefused refused = assertThrows(
                EditRefused.class,
                () -> PartEdits.add(analysis, new PortRef(PlacementId.of("body"), "top"), Bag.head(), "top"));
        assertTrue(refused.getMessage().contains("does not go"), refused.getMessage());
    }

    @Test
    void fitOffersOnlyWhatMatesAndTheKitFirst() {
        RigAnalysis analysis =
                Bag.onRods(300).knows(Bag.head()).inKit(Bag.lensSupport(), 1).analysis();
        List<Fit.Offer> offers = Fit.offers(analysis, new PortRef(PlacementId.of("rods"), "rods"));
        // The bridge plate would need 100 free in one stretch; bracket and box leave 90 and 90.
        assertEquals(
                List.of("support", "box"),
                offers.stream().map(o -> o.type().name()).toList());
        assertEquals(1, offers.get(0).inKit());
    }

    @Test
    void freePortsLeaveOutTakenOnesAndTheDatum() {
        List<String> free = Fit.freePorts(Bag.onHead().analysis()).stream()
                .map(p -> p.ref().toString())
                .toList();
        assertTrue(free.contains("body:top"), free.toString());
        assertTrue(!free.contains("body:base") && !free.contains("head:tilt"), free.toString());
    }

    @Test
    void aDrawingCarriesTheRodHeightAndThePlumbLine() {
        Drawing rods = Drawing.of(Bag.onRods(300).analysis(), View.RIGHT);
        assertEquals(83, rods.rodHeights().get(0).hasMm(), 1e-9);
        assertEquals(false, rods.rodHeights().get(0).met());
        Drawing head = Drawing.of(Bag.onHead().analysis(), View.RIGHT);
        Drawing.Plumb plumb = head.plumb().orElseThrow();
        assertEquals(-85.77, plumb.centre().across(), 0.005);
        assertEquals(-161, plumb.foot().upward(), 1e-9);
        assertEquals(7.14, head.slideBar().orElseThrow().shiftMm(), 0.005);
    }

    @Test
    void metersTellHoursMassAndOutputs() {
        Meters meters = Meters.of(Bag.powered().day(25, 3).analysis());
        assertEquals(2, meters.outputs().free());
        assertEquals(999, meters.charge().orElseThrow().fittedHours(), "nothing draws");
        assertEquals(5200, Meters.of(Bag.onHead().analysis()).mass().carried(), 1e-9);
    }
}
