package wideharbor.core.analysis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import wideharbor.core.build.Holds;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.RunTime;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A battery of 100 Wh by its label, of which 82 ± 2 came out. */
class MeasuredCellsTest {
    private static Rigs lamp() {
        return Bag.powered()
                .with("lamp", Bag.device("lamp", Figure.maker(40), Figure.maker(40)))
                .join("j", "body:side", "lamp:foot")
                .cable("k", Bag.cable("wire", "1+ 2−", 0, 300), "plate:out-1", "lamp:in")
                .day(25, 1);
    }

    private static Rigs measured(double wattHours) {
        return lamp().holds("battery", new Holds(wattHours, 2, "Jonna", ""));
    }

    private static PowerFacet.Battery battery(Rigs rigs) {
        return rigs.analysis()
                .rig()
                .require(PlacementId.of("battery"))
                .type()
                .facet(PowerFacet.Battery.class)
                .orElseThrow();
    }

    /** 82 · 0.90 at 25 °C, from 80 to 84; its label stays 100, as the carrier of an aeroplane reads it. */
    @Test
    void whatCameOutIsWhatItHolds() {
        Rigs rigs = measured(82);
        PowerFacet.Battery battery = battery(rigs);
        assertEquals(100, battery.capacity().orElseThrow().value(), 1e-9);
        assertEquals(0.82, battery.health(), 1e-9);
        Ranged usable = RunTime.usable(battery, 25, rigs.analysis().rules());
        assertEquals(73.8, usable.value(), 1e-9);
        assertEquals(72, usable.range().from(), 1e-9);
        assertEquals(75.6, usable.range().to(), 1e-9);
    }

    /** The day follows: 100 · 0.90 / 40 = 2.25 h by the label, 1.845 h as measured. */
    @Test
    void theDayLastsAsLongAsThat() {
        double label = ChargeForDay.of(lamp().analysis()).lasts().value();
        double held = ChargeForDay.of(measured(82).analysis()).lasts().value();
        assertEquals(0.82, held / label, 0.003);
    }

    /** More than its label is no more than its label: a new battery is not planned with. */
    @Test
    void noMoreThanItsLabelCounts() {
        assertEquals(1, battery(measured(104)).health(), 1e-9);
        assertEquals(100, battery(measured(104)).capacity().orElseThrow().value(), 1e-9);
    }

    /** Nothing measured is the catalogue itself; the same measured is made once. */
    @Test
    void theCatalogueIsMadeOnceForTheSame() {
        Rigs rigs = measured(82);
        var job = rigs.job();
        var first = JobAnalysis.of(job).job().catalogue();
        assertSame(first, JobAnalysis.of(job).job().catalogue());
        assertSame(first, JobAnalysis.of(JobAnalysis.of(job).job()).job().catalogue());
        var plain = lamp().job();
        assertSame(plain.catalogue(), JobAnalysis.of(plain).job().catalogue());
        assertTrue(first != job.catalogue());
    }
}
