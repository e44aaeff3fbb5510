package wideharbor.core.check.power;

import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Volts that hang on what nobody has measured: told as not certain, and nothing is held for it. */
class EstimatedVoltsTest {
    private static Rigs lit(Optional<Double> ohm, Figure watts, double celsius) {
        ItemType battery = Parts.part("cell")
                .port("plug", "v-mount", Role.B, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                .facet(new PowerFacet.Battery("plug", Figure.maker(98), 1, 16.8, 14.4, 12, 150, 200, ohm))
                .make();
        return Rigs.rig()
                .with("body", Bag.body())
                .with("plate", Bag.plate())
                .with("battery", battery)
                .with("lamp", Bag.device("lamp", watts, watts))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .on("none")
                .day(celsius, 1);
    }

    /** At −20 °C four times 0.0846 Ω: of 60 W 9.9 V are left, 5.1 to 11.4 as possible, where 11 are needed. */
    @Test
    void whatOnlyAnEstimateDecidesIsACaution() {
        Finding finding = verify(new VoltageWindow())
                .given(lit(Optional.empty(), Figure.maker(60), -20))
                .finds(Severity.CAUTION, CheckState.UNDECIDED);
        assertTrue(finding.why().contains("the inner resistance of cell decides it"), finding.why());
    }

    /** 0.04 Ω on file, 0.16 in the cold: (12.05 + √(145.3 − 38.4))/2 = 11.20 V hold; 0.1, 0.4 in the cold, do not. */
    @Test
    void onFileItIsJudged() {
        verify(new VoltageWindow())
                .given(lit(Optional.of(0.04), Figure.maker(60), -20))
                .holds();
        verify(new VoltageWindow())
                .given(lit(Optional.of(0.1), Figure.maker(60), -20))
                .finds(Severity.STOP, CheckState.FOUND);
    }

    @Test
    void inTheWarmTheSameHolds() {
        verify(new VoltageWindow())
                .given(lit(Optional.empty(), Figure.maker(60), 25))
                .holds();
    }

    /** A draw that leaves it open by itself stays a stop, and the draw is to be measured. */
    @Test
    void whatTheDrawDecidesIsAStop() {
        Figure claimed = Figure.range(60, 20, 110, Figure.Source.CLAIMED);
        Finding finding = verify(new VoltageWindow())
                .given(lit(Optional.of(0.04), claimed, -20))
                .finds(Severity.STOP, CheckState.UNDECIDED);
        assertTrue(finding.why().contains("the draw of lamp decides it"), finding.why());
    }
}
