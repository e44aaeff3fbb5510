package wideharbor.core.check.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Verify.verify;

import org.junit.jupiter.api.Test;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** An overloaded output, and where its cable may go instead. */
class OutputMovesTest {
    private static final ItemType WIRE = Bag.cable("wire", "1+ 2−", 0, 300);

    /** A weak output of 20 W and 2 A, a strong one of 80 W and 8 A, one of another plug. */
    private static ItemType plate() {
        return Parts.part("plate")
                .weighs(300, Vec3.ZERO)
                .face("foot", Port.Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP, 2, Port.Pins.NONE)
                .port("battery", "v-mount", Port.Role.A, new Vec3(0, 0, -20), Parts.BACK, Vec3.UP)
                .socket("weak", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .socket("strong", Socket.Direction.OUT, "circular 2-pin", "1+ 2−")
                .socket("tap", Socket.Direction.OUT, "D-tap", "centre −")
                .facet(new PowerFacet.PowerOutput("weak", 0, 1, 20, 30, 2))
                .facet(new PowerFacet.PowerOutput("strong", 0, 1, 80, 90, 8))
                .facet(new PowerFacet.PowerOutput("tap", 0, 1, 200, 300, 20))
                .make();
    }

    private static Rigs lamp(double watts, double peak, String from, boolean turned) {
        Rigs rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("plate", plate())
                .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                .with("lamp", Bag.device("lamp", Figure.maker(watts), Figure.maker(peak)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .join("j-lamp", "body:side", "lamp:foot")
                .day(25, 0.5)
                .on("none");
        return turned
                ? rigs.cable("k", WIRE, "lamp:in", "plate:" + from)
                : rigs.cable("k", WIRE, "plate:" + from, "lamp:in");
    }

    @Test
    void itMovesToTheStrongOutputWithTheSameSocket() {
        assertEquals(
                "Move it to strong of plate",
                verify(new OutputLoad())
                        .given(lamp(45, 45, "weak", false))
                        .isMendedBy("output")
                        .title());
    }

    /** Whichever end of the cable is in the output. */
    @Test
    void whicheverWayTheCableRuns() {
        verify(new OutputLoad()).given(lamp(45, 45, "weak", true)).isMendedBy("output");
    }

    /** 23 W at 12 V are 1.92 A of 2; at 25 W and 30 of peak the watts are over. */
    @Test
    void amperesAreJudgedAtTheEndOfTheCharge() {
        verify(new OutputLoad()).given(lamp(20, 30, "weak", false)).holds();
        verify(new OutputLoad())
                .given(lamp(25, 30, "weak", false))
                .finds(Severity.STOP, 25, Double.NEGATIVE_INFINITY, 20, "W");
    }

    /** 85 W from 80: the only other output has another plug, and the weak one gives less. */
    @Test
    void whatIsWeakerOrHasAnotherPlugIsNoRemedy() {
        Rigs rigs = lamp(85, 88, "strong", false);
        verify(new OutputLoad()).given(rigs).finds(Severity.STOP, 85, Double.NEGATIVE_INFINITY, 80, "W");
        assertTrue(verify(new OutputLoad()).given(rigs).fixes().isEmpty());
    }
}
