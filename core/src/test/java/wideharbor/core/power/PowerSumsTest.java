package wideharbor.core.power;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.brief.HouseRules;

class PowerSumsTest {
    /** 150 Wh at −4 °C: factor 0.832, 112.3 Wh; at 62 W 1 h 49; six hours take four. */
    @Test
    void aColdBatteryLasts() {
        PowerSums.Lasting l = PowerSums.lasting(150, 1, -4, 0.9, 62, 6, 0);
        assertEquals(0.832, l.factor(), 1e-9);
        assertEquals(112.32, l.usableWattHours(), 1e-9);
        assertEquals(1 + 49 / 60.0, l.hoursEach(), 0.01);
        assertEquals(4, l.batteries());
        assertEquals(0, l.impliedWatts());
    }

    /** Who claims four hours of 98 Wh claims a draw of 98 · 0.9 / 4 = 22 W. */
    @Test
    void aClaimedRunTimeImpliesADraw() {
        PowerSums.Lasting claim = PowerSums.lasting(98, 1, 20, 0.9, 45, 4, 4);
        assertEquals(22.05, claim.impliedWatts(), 1e-9);
        assertFalse(claim.credible(), "45 W are on the nameplates");
        assertTrue(PowerSums.lasting(98, 1, 20, 0.9, 27, 4, 4).credible(), "four fifths of 27 W are 21.6");
    }

    /** 18 + 9 + 4 W at 12 V are 2.58 A: under 50 W and 5 A, over 30 W. */
    @Test
    void anOutputIsTheSumOfItsDevices() {
        assertTrue(PowerSums.output(List.of(18.0, 9.0, 4.0), 12, 50, 5).isMet());
        assertEquals(
                31 / 12.0, PowerSums.output(List.of(18.0, 9.0, 4.0), 12, 50, 5).amps(), 1e-9);
        assertFalse(PowerSums.output(List.of(18.0, 9.0, 4.0), 12, 30, 5).isMet());
        assertFalse(PowerSums.output(List.of(18.0, 9.0, 4.0), 12, 50, 2.5).isMet());
    }

    /**
     * 3 m of 0.5 mm² are 0.035 Ω/m, 0.21 Ω both ways: 60 W from 12 V get (12 + √(144 − 50.4))/2 = 10.84 V; 0.75 mm²
     * leaves 11.25.
     */
    @Test
    void aLongThinCableLeavesTooLittle() {
        List<PowerSums.Wire> all = PowerSums.cable(60, 12, 11, 3000);
        PowerSums.Wire half =
                all.stream().filter(w -> w.sectionMm2() == 0.5).findFirst().orElseThrow();
        assertEquals(10.8374, half.voltsThere(), 1e-4);
        assertFalse(half.met());
        assertEquals(
                0.75,
                all.stream()
                        .filter(PowerSums.Wire::met)
                        .findFirst()
                        .orElseThrow()
                        .sectionMm2());
    }

    @ParameterizedTest
    @CsvSource({"98, FREE", "100, FREE", "100.1, APPROVAL", "150, APPROVAL", "160, APPROVAL", "160.5, NOT_AS_BAGGAGE"})
    void theCabinGoesByWattHours(double wattHours, CabinRule rule) {
        assertEquals(rule, CabinRule.of(wattHours, HouseRules.DEFAULTS));
    }

    @Test
    void sparesThatNeedApprovalTakePeople() {
        assertEquals(3, CabinRule.APPROVAL.peopleFor(5, HouseRules.DEFAULTS));
        assertEquals(1, CabinRule.FREE.peopleFor(12, HouseRules.DEFAULTS));
        assertEquals(0, CabinRule.NOT_AS_BAGGAGE.peopleFor(1, HouseRules.DEFAULTS));
    }

    /** A carrier that lets 120 Wh fly unasked, and three spares a person over that. */
    @Test
    void theHouseMaySayWhatItsCarriersAllow() {
        HouseRules carriers = HouseRules.DEFAULTS
                .with(HouseRules.Rule.CABIN_FREE, OptionalDouble.of(120))
                .with(HouseRules.Rule.CABIN_SPARES, OptionalDouble.of(3));
        assertEquals(CabinRule.FREE, CabinRule.of(120, carriers));
        assertEquals(CabinRule.APPROVAL, CabinRule.of(121, carriers));
        assertEquals(2, CabinRule.APPROVAL.peopleFor(5, carriers));
        assertEquals(6, CabinRule.APPROVAL.mostFor(2, carriers));
        HouseRules again = carriers.with(HouseRules.Rule.CABIN_FREE, OptionalDouble.empty());
        assertEquals(CabinRule.APPROVAL, CabinRule.of(120, again));
        HouseRules none = carriers.with(HouseRules.Rule.CABIN_SPARES, OptionalDouble.of(0));
        assertEquals(0, CabinRule.APPROVAL.peopleFor(1, none));
    }

    @Test
    void nonsenseNamesTheLimit() {
        assertTrue(assertThrows(IllegalArgumentException.class, () -> PowerSums.lasting(0, 1, 20, 0.9, 10, 1, 0))
                .getMessage()
                .contains("Capacity"));
        assertThrows(IllegalArgumentException.class, () -> PowerSums.cable(60, 12, 11, 5));
        assertThrows(IllegalArgumentException.class, () -> PowerSums.output(List.of(-1.0), 12, 50, 5));
    }

    /**
     * 60 W at 12.6 V through 0.70 Ω: the amperes rise as the volts fall, and nothing holds. It used to say 9.27 V, met.
     */
    @Test
    void aCableThroughWhichTheFeedCollapsesIsNotMet() {
        PowerSums.Wire thin = PowerSums.cable(60, 12.6, 9, 2800).get(0);
        assertEquals(0.70, 2 * 2.8 * thin.ohmPerMetre(), 1e-9);
        assertEquals(0, thin.voltsThere());
        assertFalse(thin.met());
    }

    /** Larger never lasts shorter, colder never longer, thicker never leaves less. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void moreIsNeverLess(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            double wh = 20 + random.nextDouble() * 300;
            double celsius = -30 + random.nextDouble() * 60;
            double watts = 5 + random.nextDouble() * 200;
            double hours = PowerSums.lasting(wh, 0.9, celsius, 0.9, watts, 8, 0).hoursEach();
            assertTrue(
                    PowerSums.lasting(wh * 1.2, 0.9, celsius, 0.9, watts, 8, 0).hoursEach() >= hours);
            assertTrue(PowerSums.lasting(wh, 0.9, celsius - 5, 0.9, watts, 8, 0).hoursEach() <= hours + 1e-12);
            List<PowerSums.Wire> wires = PowerSums.cable(watts, 12, 11, 100 + random.nextDouble() * 9000);
            for (int k = 1; k < wires.size(); k++) {
                double thicker = wires.get(k).voltsThere();
                assertTrue(thicker == 0 || thicker > wires.get(k - 1).voltsThere());
            }
        }
    }
}
