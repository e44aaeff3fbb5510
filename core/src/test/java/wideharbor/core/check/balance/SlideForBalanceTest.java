package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.LensId;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class SlideForBalanceTest {
    /**
     * Body 3000 at −90, quick 400, bridge 800 and dovetail 1000 all at −80: M 5200, z_cm = −(270000 + 176000)/5200 =
     * −85.77. The head's datum is under the dovetail's middle at −80, so the rig is 5.77 tail-heavy; 5 is allowed. The
     * dovetail stays: s = 5.77 · 5200 / 4200 = +7.14, camera forward.
     */
    @Test
    void findsTheOffsetAndTheSlideThatMendsIt() {
        Finding finding = verify(new SlideForBalance()).given(Bag.onHead()).finds(Severity.CAUTION, -5.77, -5, 5, "mm");
        assertEquals("5.8 mm tail-heavy", finding.title());
        SlideBalance.Slide slide =
                SlideBalance.of(Bag.onHead().resolve()).orElseThrow().slide().orElseThrow();
        assertEquals(7.14, slide.cameraShiftMm(), 0.005);
        assertEquals(-7.14, slide.balancedValue(), 0.005);
        assertEquals(4200, slide.movesGrams(), 1e-9);
    }

    @Test
    void theComputedSlideGivesZeroMoment() {
        double balanced = SlideBalance.of(Bag.onHead().resolve())
                .orElseThrow()
                .slide()
                .orElseThrow()
                .balancedValue();
        SlideBalance after = SlideBalance.of(
                        Bag.onHead().set("dovetail:rail:0", balanced).resolve())
                .orElseThrow();
        assertEquals(0, after.offMm().from(), 1e-9);
    }

    @Test
    void slidingMendsIt() {
        var fix = verify(new SlideForBalance()).given(Bag.onHead()).isMendedBy("slide");
        assertEquals("Slide camera 7.0 mm forward", fix.title());
    }

    @Test
    void holdsWhenItStandsOverTheSupport() {
        verify(new SlideForBalance())
                .given(Bag.onHead().set("dovetail:rail:0", -7))
                .holds();
    }

    /** 20 kg at +200 want the camera far back: 5.8 → 211.6 off, the slide ends after 100. */
    @Test
    void isAStopWhereTheSlideDoesNotReach() {
        Finding finding = verify(new SlideForBalance())
                .given(Bag.onHead().lens("long", Bag.lens("long", 20_000, 300, 400), "body:mount", "mount"))
                .finds(Severity.STOP, CheckState.FOUND);
        assertTrue(finding.why().contains("has 100.0 mm left that way"), finding.why());
    }

    @Test
    void anUnknownMassLeavesItUncheckedAndNamesThePart() {
        ItemType unweighed = Parts.part("odd")
                .weighs(Figure.unknown("never weighed"), Vec3.ZERO)
                .face(
                        "foot",
                        wideharbor.core.catalog.Port.Role.A,
                        Vec3.ZERO,
                        Parts.DOWN,
                        Vec3.FORWARD,
                        2,
                        wideharbor.core.catalog.Port.Pins.NONE)
                .make();
        Finding finding = verify(new SlideForBalance())
                .given(Bag.onHead().with("odd", unweighed).join("j-odd", "body:top", "odd:foot"))
                .finds(Severity.STOP, CheckState.NOT_CHECKED);
        assertTrue(finding.title().contains("odd"), finding.title());
    }

    /** 350 g at +30, but perhaps 50 or 900: 1.5 off ± 550·108.5/5550 = 10.8, open on both sides of the limit of 5. */
    @Test
    void aRangeAcrossTheLimitIsUndecided() {
        ItemType vague = Parts.part("vague")
                .weighs(Figure.range(350, 50, 900, Figure.Source.CLAIMED), new Vec3(0, 0, 30))
                .port("mount", "mount-pl", wideharbor.core.catalog.Port.Role.B, Vec3.ZERO, Parts.BACK, Vec3.UP)
                .make();
        verify(new SlideForBalance())
                .given(Bag.onHead().lens("vague", vague, "body:mount", "mount").set("dovetail:rail:0", 0))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
    }

    @Test
    void isNotCheckedWithoutTheSupport() {
        verify(new SlideForBalance()).given(Bag.onRods(300)).finds(Severity.STOP, CheckState.NOT_CHECKED);
    }

    /** With two lenses of one weight one setting serves both, in the base; the other offer is for this lens alone. */
    @Test
    void offersOneSettingForTheSetWhereThereIsOne() {
        Rigs rigs = Bag.onHead()
                .lens("a", Bag.lens("a", 1500, 60, 120), "body:mount", "mount")
                .lens("b", Bag.lens("b", 1500, 62, 124), "body:mount", "mount");
        var fixes = verify(new SlideForBalance()).given(rigs).fixes();
        assertTrue(fixes.get(0).title().endsWith("one setting for every lens"), fixes.toString());
        assertEquals(new Scope.Base(), fixes.get(0).commands().get(0).scope());
        assertEquals(
                new Scope.InLens(LensId.of("a")), fixes.get(1).commands().get(0).scope());
        assertTrue(fixes.get(0).commands().get(0).command() instanceof Command.Set);
    }
}
