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
import wideharbor.core.quantity.Ranged;
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
     * 48 W through 0.4 Ω, both ways of 10 m of 0.02 Ω/m: from 12 V (12 + √(144 − 76.8))/2 = 10.10, and there 4.75 A,
     * not 4; from 14.4 V 12.91, from 16.8 V 15.57.
     */
    @ParameterizedTest
    @CsvSource({"END, 10.0988", "NOMINAL, 12.9132", "FULL, 15.5666"})
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

    /**
     * 90 to 110 Wh at 40 to 60 W: 100 / 50 = 2 h, at least 90 / 60 = 1.5, at most 110 / 40 = 2.75; at nothing, no end.
     */
    @Test
    void hoursOfWhatIsNotExactlyKnown() {
        Ranged hours = RunTime.hours(Ranged.of(100, 90, 110), Ranged.of(50, 40, 60), 999);
        assertEquals(2, hours.value(), 1e-9);
        assertEquals(1.5, hours.range().from(), 1e-9);
        assertEquals(2.75, hours.range().to(), 1e-9);
        assertEquals(
                999,
                RunTime.hours(Ranged.of(100), Ranged.of(10, 0, 20), 999).range().to(),
                1e-9);
    }

    /** 60 W from 12.6 V: through 0.35 Ω 10.62 V are left; through 0.70 Ω 4·60·0.70 is over 12.6²: nothing holds. */
    @Test
    void aLoadOfConstantPowerHoldsOrCollapses() {
        assertEquals(10.62, Volts.through(12.6, 60, 0.35), 0.005);
        assertEquals(0, Volts.through(12.6, 60, 0.70));
        assertEquals(12.6, Volts.through(12.6, 0, 1e6), 1e-9);
        assertEquals(0, Volts.through(0, 60, 0.1));
        // The power that arrives is the power that is asked for: 10.62 V · (12.6 − 10.62)/0.35 A.
        double there = Volts.through(12.6, 60, 0.35);
        assertEquals(60, there * (12.6 - there) / 0.35, 1e-9);
    }

    /**
     * At 12 V a lamp that runs on 12 W and peaks at 72: at peak the end of the charge leaves it 8.24 V, under its 10.
     */
    @Test
    void atPeakThereIsLess() {
        FeedTree feeds = Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(12), Figure.range(72, 60, 85, Figure.Source.CLAIMED)))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("thin", "1+ 2−", 0.02, 10_000), "plate:out-1", "lamp:in")
                .analysis()
                .feeds();
        FeedTree.Outlet outlet =
                feeds.feeding(new SocketRef(PlacementId.of("lamp"), "in")).orElseThrow();
        var least = Volts.least(feeds, outlet).orElseThrow();
        assertEquals((12 + Math.sqrt(144 - 4 * 72 * 0.4)) / 2, least.value(), 1e-6);
        assertEquals((12 + Math.sqrt(144 - 4 * 60 * 0.4)) / 2, least.range().to(), 1e-6);
        assertEquals((12 + Math.sqrt(144 - 4 * 85 * 0.4)) / 2, least.range().from(), 1e-6);
    }
}
