package wideharbor.core.check.rods;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Verify.verify;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class RodsMatchTest {
    @Test
    void holdsOnOneStandard() {
        verify(new RodsMatch()).given(Bag.onRods(300)).holds();
    }

    /** 19 mm rods in a clamp for 15. */
    @Test
    void findsAnotherDiameter() {
        var finding = verify(new RodsMatch())
                .given(clamped(Bag.rods("thick", "rod-19-studio", 19, 300)))
                .finds(Severity.STOP, CheckState.FOUND);
        assertEquals("Rod of 19 mm in a clamp for 15 mm.", finding.why());
    }

    /** 15 mm studio rods stand 100 apart, the bracket is made for 60. */
    @Test
    void findsAnotherSpacing() {
        var finding = verify(new RodsMatch())
                .given(clamped(Bag.rods("wide", "rod-15-studio", 15, 300)))
                .finds(Severity.STOP, CheckState.FOUND);
        assertEquals("Rods 100 mm apart in a bracket for 60 mm.", finding.why());
    }

    /** Off by more than 0.1 does not clamp; 14.9 still does. */
    @ParameterizedTest
    @CsvSource({"14.8, false", "14.89, false", "14.9, true", "15.0, true", "15.1, true", "15.2, false"})
    void judgesAnOddDiameter(double diameter, boolean clamps) {
        var check = verify(new RodsMatch()).given(clamped(odd(diameter)));
        if (clamps) {
            check.holds();
        } else {
            check.finds(Severity.STOP, CheckState.FOUND);
        }
    }

    @Test
    void looksAtNothingWithoutRods() {
        verify(new RodsMatch()).looksAtNothing();
    }

    @Test
    void rodsThatFitMendIt() {
        verify(new RodsMatch())
                .given(clamped(Bag.rods("wide", "rod-15-studio", 15, 300)).knows(Bag.rods(300)))
                .isMendedBy("rods");
    }

    private static ItemType odd(double diameter) {
        Port like = Parts.plain("rods", "rod-15-lw", Port.Role.A, Vec3.ZERO, Vec3.UP, Vec3.FORWARD);
        return Parts.part("odd")
                .port(PortBuilder.builder(like)
                        .occupancy(new Port.Occupancy.Interval(0, 300, 0))
                        .size(new Port.Size(Optional.of(diameter), Optional.empty()))
                        .build())
                .make();
    }

    private static Rigs clamped(ItemType rods) {
        return Rigs.rig()
                .with("body", Bag.body())
                .with("bridge", Bag.bridge())
                .with("rods", rods)
                .join("a", "body:base", "bridge:top")
                .join("b", "bridge:rods", "rods:rods")
                .set("rods:rods:0", -60)
                .on("none");
    }
}
