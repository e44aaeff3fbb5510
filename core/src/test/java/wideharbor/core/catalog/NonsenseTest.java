package wideharbor.core.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.power.Volts;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Figures that nothing has are told where they lead. */
class NonsenseTest {
    /** What no battery has is not taken for a capacity: the day is not told by it, and the battery is named. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 1e9})
    void aCapacityThatNoBatteryHasIsNotOnFile(double wattHours) {
        var rigs = Rigs.rig()
                .with("body", Bag.body())
                .with("plate", Bag.plate())
                .with("battery", Bag.battery("odd", Figure.maker(wattHours)))
                .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(30)))
                .join("j-plate", "body:base", "plate:foot")
                .join("j-battery", "plate:battery", "battery:plug")
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("short", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .on("none");
        assertEquals(
                List.of("Not checked: no draw or capacity on file for odd"),
                CheckEngine.standard().check(rigs.job()).of("power.runtime").stream()
                        .map(Finding::title)
                        .toList());
    }

    /** Nothing is lost in 0 Ω; through 1e6 Ω nothing arrives, and a check says so. */
    @Test
    void cablesOfNoAndOfMuchResistance() {
        assertEquals(12, Volts.through(12, 60, 0), 1e-9);
        assertEquals(0, Volts.through(12, 60, 1e6));
        var report = CheckEngine.standard()
                .check(Bag.powered()
                        .with("lamp", Bag.device("lamp", Figure.maker(20), Figure.maker(30)))
                        .join("j", "body:side", "lamp:foot")
                        .cable("k", Bag.cable("worn", "1+ 2−", 10, 10_000), "plate:out-1", "lamp:in")
                        .job());
        assertEquals(
                List.of("lamp gets nothing that holds at the end of the charge"),
                report.of("power.volts").stream().map(Finding::title).toList());
    }
}
