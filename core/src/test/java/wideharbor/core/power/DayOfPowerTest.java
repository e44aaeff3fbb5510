package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.power.DayOfPower.Chargers;
import wideharbor.core.power.DayOfPower.Plate;
import wideharbor.core.power.DayOfPower.Swap;

class DayOfPowerTest {
    private static DayBlock block(State state, double hours) {
        return new DayBlock("block", state, hours, 25, false, List.of());
    }

    private static DayBlock meal(double hours) {
        return new DayBlock("meal", State.OFF, hours, 25, true, List.of());
    }

    private static Plate plate(double watts, double idle, int batteries) {
        return new Plate(watts, idle, Collections.nCopies(batteries, 100.0), false);
    }

    /** 100 Wh · 0.90 / 45 W = 2 h; three hours on take two batteries, the second half used. */
    @Test
    void anEmptyBatteryIsChangedWhereItIsEmpty() {
        DayOfPower day = DayOfPower.of(plate(45, 20, 2), List.of(block(State.ON, 3)), 0.9, Chargers.NONE);
        assertEquals(List.of(new Swap(2, true)), day.swaps());
        assertEquals(0, day.darkHours(), 1e-9);
        assertEquals(0.5, day.line().get(day.line().size() - 1).share(), 1e-9);
        assertEquals(135, day.drawnWattHours(), 1e-9);
        assertEquals(150, day.takenWattHours(), 1e-9);
        assertEquals(2, day.toRecharge());
    }

    @Test
    void withNothingLeftTheRestOfTheBlockIsDark() {
        DayOfPower day =
                DayOfPower.of(plate(45, 20, 1), List.of(block(State.ON, 3), block(State.ON, 1)), 0.9, Chargers.NONE);
        assertEquals(2, day.darkHours(), 1e-9);
        assertEquals(2, DayOfPower.needed(plate(45, 20, 1), List.of(block(State.ON, 3), block(State.ON, 1)), 0.9));
    }

    /** 150 Wh at −4 °C: factor 0.832, usable 0.90: 112.3 Wh, at 62 W an hour and 49 minutes. */
    @Test
    void coldShortensIt() {
        Plate cold = new Plate(62, 30, List.of(150.0), false);
        DayOfPower day = DayOfPower.of(
                cold, List.of(new DayBlock("deck", State.ON, 4, -4, false, List.of())), 0.9, Chargers.NONE);
        assertEquals(4 - 112.32 / 62, day.darkHours(), 1e-3);
    }

    @Test
    void standbyDrawsLessAndOffNothing() {
        DayOfPower day = DayOfPower.of(
                plate(45, 15, 1),
                List.of(block(State.STANDBY, 2), block(State.OFF, 5), block(State.ON, 1)),
                0.9,
                Chargers.NONE);
        assertEquals(2 * 15 + 45, day.drawnWattHours(), 1e-9);
        assertEquals(1 - 75 / 90.0, day.line().get(day.line().size() - 1).share(), 1e-9);
    }

    @Test
    void aPlateForChangesWhileOnInterruptsNothing() {
        Plate hot = new Plate(45, 15, List.of(100.0, 100.0), true);
        assertTrue(!DayOfPower.of(hot, List.of(block(State.ON, 3)), 0.9, Chargers.NONE)
                .swaps()
                .get(0)
                .interrupting());
    }

    /**
     * Two batteries, three hours on, a meal of an hour on one bay of 60 W: 58.2 of the 90 Wh that were drawn from the
     * first are put back, 64.7 %. The second has 50 left, an hour; then the first 58.2 / 45 = 1.293 h: 2.293 of the 3
     * hours after the meal. Then 90 Wh are missing in each: 70 / 58.2 + 20 / 29.1 = 1.89 h.
     */
    @Test
    void whatWasChargedAtTheMealGoesOnAgain() {
        DayOfPower day = DayOfPower.of(
                plate(45, 15, 2), List.of(block(State.ON, 3), meal(1), block(State.ON, 3)), 0.9, new Chargers(1, 60));
        assertEquals(3 - 1 - 58.2 / 45, day.darkHours(), 1e-9);
        assertEquals(List.of(2.0, 5.0), day.swaps().stream().map(Swap::hour).toList());
        assertEquals(2, day.toRecharge());
        assertEquals(2 * (70 / 58.2 + 20 / 29.1), day.rechargeHours(), 1e-9, "one bay, one after the other");
    }

    /** 90 Wh missing in each of two batteries of 100: two bays of 60 W take 1 h 53, one takes 3 h 47. */
    @Test
    void theNightTakesSoManyBays() {
        DayOfPower day = DayOfPower.of(plate(45, 15, 2), List.of(block(State.ON, 4)), 0.9, Chargers.NONE);
        assertEquals(
                List.of(90.0, 90.0),
                day.missing().stream().map(DayOfPower.Missing::wattHours).toList());
        assertEquals(2, day.baysFor(2, 60).orElseThrow());
        assertEquals(1, day.baysFor(4, 60).orElseThrow());
        assertTrue(day.baysFor(1, 60).isEmpty(), "one battery alone takes 1 h 53");
        assertEquals(
                0,
                DayOfPower.of(plate(45, 15, 2), List.of(block(State.OFF, 4)), 0.9, Chargers.NONE)
                        .baysFor(1, 60)
                        .orElseThrow());
    }

    /** Never more bays for a longer night or faster bays. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261126})
    void aLongerNightTakesNoMoreBays(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 50; i++) {
            Plate plate = plate(20 + random.nextInt(60), 10, 1 + random.nextInt(6));
            DayOfPower day = DayOfPower.of(plate, anyDay(random), 0.9, Chargers.NONE);
            double hours = 2 + random.nextInt(10);
            int bays = day.baysFor(hours, 60).orElseThrow();
            assertTrue(day.baysFor(hours + 1, 60).orElseThrow() <= bays, "seed " + seed + ", day " + i);
            assertTrue(day.baysFor(hours, 90).orElseThrow() <= bays, "seed " + seed + ", day " + i);
            assertTrue(bays <= day.toRecharge(), "a bay for each is enough");
        }
    }

    /**
     * Two batteries, three hours on, a meal on one bay of 60 W, three hours on: the first two hours, then an hour in
     * the bay to 64.7 %, the second for one hour before the meal and one after it, then the first again until it is
     * empty.
     */
    @Test
    void everyBatteryHasItsTurns() {
        DayOfPower day = DayOfPower.of(
                plate(45, 15, 2), List.of(block(State.ON, 3), meal(1), block(State.ON, 3)), 0.9, new Chargers(1, 60));
        assertEquals(5, day.turns().size(), day.turns().toString());
        assertTurn(1, false, 0, 2, 1, 0, day.turns().get(0));
        assertTurn(2, false, 2, 3, 1, 0.5, day.turns().get(1));
        assertTurn(1, true, 3, 4, 0, 58.2 / 90, day.turns().get(2));
        assertTurn(2, false, 4, 5, 0.5, 0, day.turns().get(3));
        assertTurn(1, false, 5, 5 + 58.2 / 45, 58.2 / 90, 0, day.turns().get(4));
    }

    /**
     * Empty after two hours, the first gets 58.2 of 90 Wh at the first meal; at the second, with nothing empty, it gets
     * the other 31.8, the last 20 of them at half the watts, before the fitted one takes its turn.
     */
    @Test
    void aPartlyChargedSpareIsToppedUpAtTheNextMeal() {
        DayOfPower day = DayOfPower.of(
                plate(45, 15, 2),
                List.of(block(State.ON, 2.5), meal(1), block(State.ON, 0.5), meal(1)),
                0.9,
                new Chargers(1, 60));
        List<DayOfPower.Turn> first =
                day.turns().stream().filter(t -> t.battery() == 1).toList();
        double full = 11.8 / 58.2 + 20 / 29.1;
        assertTurn(1, true, 2.5, 3.5, 0, 58.2 / 90, first.get(1));
        assertTurn(1, true, 4, 4 + full, 58.2 / 90, 1, first.get(2));
        assertEquals(1, day.toRecharge(), "the fitted one, for the rest of the hour in the bay");
        assertEquals(45 - (1 - full) * 58.2, day.missing().get(0).wattHours(), 1e-9);
    }

    /** None below 0 °C or above 45, half below 10: at −1 the meal puts nothing back, at 5 half of 58.2. */
    @Test
    void cellsAreNotChargedInTheColdOrTheHeat() {
        assertEquals(2, darkAfterMealAt(-1), 1e-9);
        assertEquals(2, darkAfterMealAt(46), 1e-9);
        assertEquals(2 - 29.1 / 45, darkAfterMealAt(5), 1e-9);
        assertEquals(2 - 58.2 / 45, darkAfterMealAt(25), 1e-9);
    }

    private static double darkAfterMealAt(double celsius) {
        DayBlock meal = new DayBlock("meal", State.OFF, 1, celsius, true, List.of());
        return DayOfPower.of(
                        plate(45, 15, 2),
                        List.of(block(State.ON, 3), meal, block(State.ON, 3)),
                        0.9,
                        new Chargers(1, 60))
                .darkHours();
    }

    private static void assertTurn(
            int battery, boolean charging, double from, double to, double before, double after, DayOfPower.Turn turn) {
        assertEquals(battery, turn.battery());
        assertEquals(charging, turn.charging());
        assertEquals(from, turn.fromHour(), 1e-9);
        assertEquals(to, turn.toHour(), 1e-9);
        assertEquals(before, turn.fromShare(), 1e-9);
        assertEquals(after, turn.toShare(), 1e-9);
    }

    /**
     * No battery is in two places, none gains on the rig or loses in a bay, and never are more in bays than there are.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261126})
    void turnsOfABatteryDoNotOverlap(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 50; i++) {
            int bays = random.nextInt(4);
            DayOfPower day = DayOfPower.of(
                    plate(20 + random.nextInt(80), 10, 1 + random.nextInt(6)),
                    anyDay(random),
                    0.9,
                    bays == 0 ? Chargers.NONE : new Chargers(bays, 60));
            String where = "seed " + seed + ", day " + i;
            for (DayOfPower.Turn a : day.turns()) {
                assertTrue(a.charging() ? a.toShare() >= a.fromShare() : a.toShare() <= a.fromShare(), where);
                long beside = day.turns().stream()
                        .filter(b -> b != a && b.fromHour() < a.toHour() - 1e-9 && b.toHour() > a.fromHour() + 1e-9)
                        .filter(b -> b.battery() == a.battery() || !a.charging() && !b.charging())
                        .count();
                assertEquals(0, beside, where + ": " + a);
                long inBays = day.turns().stream()
                        .filter(b ->
                                b.charging() && b.fromHour() <= a.fromHour() + 1e-9 && b.toHour() > a.fromHour() + 1e-9)
                        .count();
                assertTrue(inBays <= bays, where);
            }
        }
    }

    @Test
    void withoutABayNothingIsFullAgain() {
        assertEquals(
                Double.POSITIVE_INFINITY,
                DayOfPower.of(plate(45, 15, 1), List.of(block(State.ON, 1)), 0.9, Chargers.NONE)
                        .rechargeHours());
        assertEquals(
                0,
                DayOfPower.of(plate(45, 15, 1), List.of(block(State.OFF, 1)), 0.9, Chargers.NONE)
                        .rechargeHours());
    }

    private static List<DayBlock> anyDay(Random random) {
        List<DayBlock> day = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            State state = State.values()[random.nextInt(3)];
            day.add(new DayBlock(
                    "b" + i,
                    state,
                    0.25 + random.nextInt(8) / 4.0,
                    random.nextInt(40) - 12,
                    random.nextBoolean(),
                    List.of()));
        }
        return day;
    }

    /**
     * What was taken is what is missing when nothing was charged; what was drawn is that times temperature and usable
     * share, so never more than it; and hours on are lit or dark.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261125})
    void energyIsConserved(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 50; i++) {
            List<DayBlock> day = anyDay(random);
            Plate plate = plate(20 + random.nextInt(60), 5 + random.nextInt(15), 1 + random.nextInt(5));
            DayOfPower of = DayOfPower.of(plate, day, 0.9, Chargers.NONE);
            String where = "seed " + seed + ", day " + i;
            double left = of.line().get(of.line().size() - 1).share() * 100;
            double gone = of.swaps().size() * 100 + (100 - left);
            assertEquals(gone, of.takenWattHours(), 1e-6, where);
            assertTrue(of.drawnWattHours() <= of.takenWattHours() * 0.9 + 1e-6, where);
        }
    }

    /** A larger battery of the same family is never dark for longer; nor is one more battery, nor one more bay. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261125})
    void moreNeverLastsShorter(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 50; i++) {
            List<DayBlock> day = anyDay(random);
            double watts = 30 + random.nextInt(60);
            int pieces = 1 + random.nextInt(4);
            Chargers bays = new Chargers(random.nextInt(3), 60);
            String where = "seed " + seed + ", day " + i;
            double now = dark(watts, Collections.nCopies(pieces, 100.0), day, Chargers.NONE);
            assertTrue(dark(watts, Collections.nCopies(pieces, 150.0), day, Chargers.NONE) <= now + 1e-9, where);
            assertTrue(dark(watts, Collections.nCopies(pieces + 1, 100.0), day, Chargers.NONE) <= now + 1e-9, where);
            assertTrue(dark(watts, Collections.nCopies(pieces, 100.0), day, bays) <= now + 1e-9, where);
        }
    }

    private static double dark(double watts, List<Double> cells, List<DayBlock> day, Chargers chargers) {
        return DayOfPower.of(new Plate(watts, 10, cells, false), day, 0.9, chargers)
                .darkHours();
    }
}
