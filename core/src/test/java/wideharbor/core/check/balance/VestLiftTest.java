package wideharbor.core.check.balance;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.DOWN;
import static wideharbor.core.testkit.Parts.part;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Rigs;

/** A rig on the sprung arm of a vest. */
class VestLiftTest {
    private Rigs hung(Figure grams, Optional<Double> uneven) {
        ItemType arm = part("arm")
                .face("foot", Role.A, Vec3.ZERO, DOWN, Vec3.FORWARD, 2, Port.Pins.NONE)
                .port("datum", "datum", Role.EITHER, new Vec3(0, 40, 0), Vec3.UP, Vec3.FORWARD)
                .facet(new SupportFacet.Support("datum", 0, 30_000, 15, Way.HANGS))
                .facet(new SupportFacet.SpringArm(6000, 12_000, 700, uneven))
                .make();
        return Rigs.rig()
                .with(
                        "body",
                        part("body")
                                .weighs(grams, Vec3.ZERO)
                                .face("top", Role.B, new Vec3(0, 100, 0), Vec3.UP, Vec3.FORWARD, 2, Port.Pins.NONE)
                                .make())
                .with("s", arm)
                .join("j", "body:top", "s:foot")
                .on("s");
    }

    /** 9 kg · 9.80665 · 0.1 = 8.83 N, within 15. */
    @Test
    void itLiftsWhatItsSpringCanBeSetTo() {
        verify(new VestLift()).given(hung(Figure.maker(9000), Optional.of(0.1))).holds();
        verify(new VestLift()).given(hung(Figure.maker(6000), Optional.of(0.1))).holds();
        verify(new VestLift())
                .given(hung(Figure.maker(12_000), Optional.of(0.1)))
                .holds();
    }

    @Test
    void tooHeavySinksAndTooLightSprings() {
        assertEquals(
                "arm sinks under 12.10 kg",
                verify(new VestLift())
                        .given(hung(Figure.maker(12_100), Optional.of(0.1)))
                        .finds(Severity.CAUTION, 12.1, 6, 12, "kg")
                        .title());
        assertEquals(
                "arm springs up under 5.90 kg",
                verify(new VestLift())
                        .given(hung(Figure.maker(5900), Optional.of(0.1)))
                        .finds(Severity.CAUTION, 5.9, 6, 12, "kg")
                        .title());
    }

    /** 10 kg · 9.80665 · 0.2 = 19.6 N at the ends. */
    @Test
    void unevenItIsHeldByHandAtTheEnds() {
        verify(new VestLift())
                .given(hung(Figure.maker(10_000), Optional.of(0.2)))
                .finds(Severity.CAUTION, 19.61, Double.NEGATIVE_INFINITY, 15, "N");
    }

    /** Not on file a tenth counts, 5 to 15 in a hundred: of 11 kg 10.8 N, but up to 16.2. */
    @Test
    void whatIsEstimatedMayBeMore() {
        var finding = verify(new VestLift())
                .given(hung(Figure.maker(11_000), Optional.empty()))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
        assertTrue(finding.why().contains("estimate"), finding.why());
        verify(new VestLift()).given(hung(Figure.maker(9000), Optional.empty())).holds();
    }

    @Test
    void nothingOnFileIsNotChecked() {
        verify(new VestLift())
                .given(hung(Figure.unknown("not weighed"), Optional.of(0.1)))
                .finds(Severity.CAUTION, CheckState.NOT_CHECKED);
    }
}
