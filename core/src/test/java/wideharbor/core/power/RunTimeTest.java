package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Words;
import wideharbor.core.testkit.Bag;

class RunTimeTest {
    /** Linear between the points, held outside them. */
    @ParameterizedTest
    @CsvSource({
        "25, 1.00",
        "30, 1.00",
        "10, 0.95",
        "17.5, 0.975",
        "0, 0.88",
        "-4, 0.832",
        "-10, 0.76",
        "-20, 0.60",
        "-35, 0.60"
    })
    void temperatureFactor(double celsius, double factor) {
        assertEquals(factor, RunTime.temperatureFactor(celsius), 1e-9);
    }

    /** Worked: 150 Wh at −4 °C: 0.832 · 0.90 → 112.3 Wh; at 62 W 1 h 48.7, told as 1 h 48, never rounded up. */
    @Test
    void workedExample() {
        PowerFacet.Battery battery = new PowerFacet.Battery("p", Figure.maker(150), 1, 16.8, 14.4, 12, 150, 200);
        double wattHours = RunTime.usableWattHours(battery, -4, HouseRules.DEFAULTS);
        assertEquals(112.32, wattHours, 0.005);
        assertEquals(1.8116, RunTime.hours(wattHours, 62), 0.0005);
        assertEquals("1 h 48", Words.hours(RunTime.hours(wattHours, 62)));
    }

    @Test
    void anAgedBatteryGivesItsShare() {
        PowerFacet.Battery aged = new PowerFacet.Battery("p", Figure.maker(100), 0.8, 16.8, 14.4, 12, 150, 200);
        assertEquals(72, RunTime.usableWattHours(aged, 25, HouseRules.DEFAULTS), 1e-9);
    }

    @Test
    void noLoadLastsForEver() {
        assertTrue(Double.isInfinite(RunTime.hours(100, 0)));
    }

    /**
     * 48 W through 10 m of 0.02 Ω/m: at 12 V 4 A and 1.6 V less, at 14.4 V 3.33 A and 1.33 less, at 16.8 V 2.86 A and
     * 1.14 less.
     */
    @ParameterizedTest
    @CsvSource({"END, 10.4", "NOMINAL, 13.0667", "FULL, 15.6571"})
    void voltsAtEachCharge(Volts.Charge charge, double there) {
        FeedTree feeds = Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(48), Figure.maker(48)))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("thin", "1+ 2−", 0.02, 10_000), "plate:out-1", "lamp:in")
                .analysis()
                .feeds();
        FeedTree.Outlet outlet =
                feeds.feeding(new SocketRef(PlacementId.of("lamp"), "in")).orElseThrow();
        assertEquals(there, Volts.atDevice(feeds, outlet, charge).orElseThrow(), 1e-4);
    }

    /** 4 A through 2 · 0.5 m of 0.06 Ω/m: 0.24 V. */
    @Test
    void cableDrop() {
        PowerFacet.CableEnd end = new PowerFacet.CableEnd("c", "p", false, false);
        PowerFacet.Cable wire = new PowerFacet.Cable(end, end, wideharbor.core.catalog.Socket.Kind.POWER, 0.06, 500);
        assertEquals(0.24, Volts.drop(48, 12, wire), 1e-9);
    }
}
