package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.Say;
import wideharbor.core.quantity.Figure;

class RuntimeTest {
    /** Linear between the points, held outside them. */
    @ParameterizedTest
    @CsvSource({"25, 1.00", "30, 1.00", "10, 0.95", "17.5, 0.975", "0, 0.88", "-4, 0.832", "-10, 0.76", "-20, 0.60", "-35, 0.60"})
    void temperatureFactor(double celsius, double factor) {
        assertEquals(factor, Runtime.temperatureFactor(celsius), 1e-9);
    }

    /** Worked: 150 Wh at −4 °C: 0.832 · 0.90 → 112.3 Wh; at 62 W 1 h 48.7, told as 1 h 48, never rounded up. */
    @Test
    void workedExample() {
        Facet.Battery battery = new Facet.Battery("p", Figure.maker(150), 1, 16.8, 14.4, 12, 150, 200);
        double wattHours = Runtime.usableWattHours(battery, -4, HouseRules.DEFAULTS);
        assertEquals(112.32, wattHours, 0.005);
        assertEquals(1.8116, Runtime.hours(wattHours, 62), 0.0005);
        assertEquals("1 h 48", Say.hours(Runtime.hours(wattHours, 62)));
    }

    @Test
    void anAgedBatteryGivesItsShare() {
        Facet.Battery aged = new Facet.Battery("p", Figure.maker(100), 0.8, 16.8, 14.4, 12, 150, 200);
        assertEquals(72, Runtime.usableWattHours(aged, 25, HouseRules.DEFAULTS), 1e-9);
    }

    @Test
    void noLoadLastsForEver() {
        assertTrue(Double.isInfinite(Runtime.hours(100, 0)));
    }

    /** 4 A through 2 · 0.5 m of 0.06 Ω/m: 0.24 V. */
    @Test
    void cableDrop() {
        Facet.CableEnd end = new Facet.CableEnd("c", "p", false, false);
        Facet.Cable wire = new Facet.Cable(end, end, wideharbor.core.catalog.Socket.Kind.POWER, 0.06, 500);
        assertEquals(0.24, Volts.drop(48, 12, wire), 1e-9);
    }
}
