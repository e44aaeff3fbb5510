package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class MassChecksTest {
    /** Carried are body 3000, quick 400, bridge 800, dovetail 1000: 5200; the head's own 6000 do not count. */
    @Test
    void countsWhatTheSupportCarries() {
        verify(new MassWindow()).given(Bag.onHead().window(5200, 5200)).holds();
    }

    @Test
    void findsTooLight() {
        Finding finding = verify(new MassWindow())
                .given(Bag.onHead().window(6000, 9000))
                .finds(Severity.CAUTION, 5200, 6000, 9000, "g");
        assertEquals("0.80 kg under the brief's limit", finding.title());
    }

    @Test
    void findsTooHeavyForTheHead() {
        Finding finding = verify(new MassWindow())
                .given(Bag.onHead().lens("anvil", Bag.lens("anvil", 15_000, 10, 50), "body:mount", "mount"))
                .finds(Severity.STOP, 20_200, 2000, 20_000, "g");
        assertEquals("0.20 kg over the payload's limit", finding.title());
    }

    @Test
    void aRangeAcrossTheLimitIsUndecided() {
        verify(new MassWindow())
                .given(Bag.onHead()
                        .with("vague", mass(Figure.range(600, 500, 900, Figure.Source.CLAIMED)))
                        .join("j", "body:top", "vague:foot")
                        .window(5000, 6000))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
    }

    @Test
    void anUnknownMassIsNamed() {
        Rigs rigs = Bag.onHead().with("odd", mass(Figure.unknown("no scale"))).join("j", "body:top", "odd:foot");
        assertEquals(
                "Not checked: no mass on file for odd",
                verify(new MassWindow())
                        .given(rigs)
                        .finds(Severity.CAUTION, CheckState.NOT_CHECKED)
                        .title());
        assertEquals(
                "odd has no mass on file",
                verify(new MassKnown())
                        .given(rigs)
                        .finds(Severity.CAUTION, CheckState.FOUND)
                        .title());
    }

    @Test
    void weighingThePieceClosesIt() {
        Job job = Bag.onHead()
                .with("odd", mass(Figure.unknown("no scale")))
                .join("j", "body:top", "odd:foot")
                .job();
        Job weighed = job.with(job.gear()
                .apply(
                        Rigs.BUILD,
                        List.of(Scoped.base(
                                new Command.Weigh(PlacementId.of("odd"), Figure.measured(250, "tech", "2026-11-24")))),
                        job.catalogue())
                .after());
        assertEquals(
                0,
                new CheckEngine(List.of(new MassKnown()))
                        .check(weighed)
                        .findings()
                        .size());
    }

    @Test
    void massKnownHoldsWhereAllIsOnFile() {
        verify(new MassKnown()).given(Bag.onHead()).holds();
    }

    private static ItemType mass(Figure grams) {
        String id = grams instanceof Figure.Unknown ? "odd" : "vague";
        return Parts.part(id)
                .weighs(grams, Vec3.ZERO)
                .face("foot", Port.Role.A, Vec3.ZERO, Parts.DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .make();
    }

    /** Of 3000 g on file 5 % are 150: 3150 g is let pass, 3210 g is not. */
    @Test
    void aPieceThatWeighsOtherwiseThanItsTypeIsFound() {
        verify(new MassAsWeighed()).given(weighed(3150)).holds();
        Finding heavier =
                verify(new MassAsWeighed()).given(weighed(3210)).finds(Severity.CAUTION, 3210, 2850, 3150, "g");
        assertEquals("body weighs 3210 g instead of 3000", heavier.title());
        verify(new MassAsWeighed()).given(weighed(2800)).finds(Severity.CAUTION, 2800, 2850, 3150, "g");
    }

    private static Rigs weighed(double grams) {
        return Bag.onHead().weighed("body", Figure.measured(grams, "B-1", ""));
    }
}
