package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static wideharbor.core.testkit.Parts.part;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.Shoot;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.sheet.PowerSheet.Change;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class PowerSheetTest {
    /** 45 W behind 0.5 m of cable; battery 100 Wh, 12 to 16.8 V; 1 W on standby. */
    private static Rigs rigs() {
        return rigs(0);
    }

    private static Rigs rigs(double ohmPerMetre) {
        return Bag.powered()
                .with("device", Bag.device("device", Figure.maker(45), Figure.maker(60)))
                .join("j-device", "body:side", "device:foot")
                .cable("k", Bag.cable("cable", "1+ 2−", ohmPerMetre, 500), "plate:out-1", "device:in")
                .day(25, 4);
    }

    private static ItemType charger(int bays) {
        return part("charger")
                .is(Category.POWER)
                .weighs(2000, Vec3.ZERO)
                .facet(new PowerFacet.Charger("v-mount", bays, 60))
                .make();
    }

    /**
     * 45 W through 0.1 Ω from 12 V: (12 + √(144 − 18))/2 = 11.61 V, 3.88 A at the outlet, in the cable and at the
     * device; at its peak of 60 W 11.48 V.
     */
    @Test
    void theTreeTellsVoltsAmperesAndWattsAtEveryStep() {
        List<PowerSheet.FeedRow> tree =
                PowerSheet.of(rigs(0.1).analysis(), Change.NONE).tree();
        assertEquals(
                List.of("battery-100", "out-1", "device", "out-2"),
                tree.stream().map(PowerSheet.FeedRow::title).toList());
        assertEquals(
                List.of(0, 1, 2, 1),
                tree.stream().map(PowerSheet.FeedRow::depth).toList());
        assertEquals(45 / 11.6125, tree.get(1).amps(), 1e-3);
        assertEquals(11.4772, tree.get(2).volts().orElseThrow().from(), 1e-4);
        assertEquals(tree.get(1).amps(), tree.get(2).amps(), 1e-9);
        assertEquals(45, tree.get(2).runningWatts(), 1e-9, "what arrives");
        assertEquals(
                45 + 0.1 * Math.pow(45 / 11.6125, 2),
                tree.get(1).runningWatts(),
                1e-2,
                "and what the cable heats with");
        assertTrue(tree.get(3).free());
        assertTrue(tree.stream().allMatch(r -> r.state() == CheckState.FINE));
    }

    /** 100 Wh · 0.9 / 45 W = 2 h: four hours take two; one is at hand, so two hours are dark. */
    @Test
    void whileNobodyWroteTheDayItIsTheHoursOnEndToEnd() {
        PowerSheet sheet = PowerSheet.of(rigs().analysis(), Change.NONE);
        assertEquals(4, sheet.day().get(0).hours(), 1e-9);
        PowerSheet.PlateDay plate = sheet.plates().get(0);
        assertEquals(2, plate.needed());
        assertEquals(1, plate.atHand());
        assertEquals(2, plate.now().orElseThrow().darkHours(), 1e-9);
        assertEquals(Optional.empty(), plate.then());
        assertEquals(1, plate.idleWatts(), 1e-9);
    }

    @Test
    void oneMoreBatteryALargerOneOrABayIsTriedBesideIt() {
        ItemType large = Bag.battery("battery-200", Figure.maker(200));
        Rigs rigs = rigs().knows(large);
        assertEquals(0, then(rigs, new Change(Optional.empty(), 1, 0)), 1e-9);
        assertEquals(0, then(rigs, new Change(Optional.of(large), 0, 0)), 1e-9);
        assertEquals(2, then(rigs, new Change(Optional.empty(), 0, 1)), 1e-9, "no block has mains");
        assertEquals(
                List.of(large),
                PowerSheet.of(rigs.analysis(), Change.NONE).plates().get(0).others());
    }

    private static double then(Rigs rigs, Change change) {
        return PowerSheet.of(rigs.analysis(), change)
                .plates()
                .get(0)
                .then()
                .orElseThrow()
                .darkHours();
    }

    @Test
    void blocksAndChargersOfTheKitCount() {
        Shoot day = ShootBuilder.builder()
                .day(List.of(
                        new DayBlock("morning", DayBlock.State.ON, 3, 25, false, List.of()),
                        new DayBlock("meal", DayBlock.State.OFF, 2, 25, true, List.of()),
                        new DayBlock("evening", DayBlock.State.ON, 2, 25, false, List.of())))
                .build();
        Rigs rigs = rigs().inKit(Bag.battery("battery-100", Figure.maker(100)), 1)
                .inKit(charger(2), 1)
                .shooting(day);
        PowerSheet.PlateDay plate =
                PowerSheet.of(rigs.analysis(), Change.NONE).plates().get(0);
        assertEquals(2, plate.bays());
        assertEquals(2, plate.atHand());
        assertEquals(3, plate.needed(), "250 Wh of their own without the meal");
        assertEquals(0, plate.now().orElseThrow().darkHours(), 1e-9, "the first is full again after the meal");
    }

    @Test
    void anUnknownDrawIsNamedInsteadOfADay() {
        Rigs rigs = Bag.powered()
                .with("device", Bag.device("device", new Figure.Unknown("no plate"), Figure.maker(60)))
                .join("j-device", "body:side", "device:foot")
                .cable("k", Bag.cable("cable", "1+ 2−", 0.1, 500), "plate:out-1", "device:in");
        PowerSheet.PlateDay plate =
                PowerSheet.of(rigs.analysis(), Change.NONE).plates().get(0);
        assertEquals(List.of("device"), plate.unknown());
        assertTrue(plate.now().isEmpty());
    }
}
