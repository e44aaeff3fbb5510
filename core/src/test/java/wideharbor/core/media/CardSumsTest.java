package wideharbor.core.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.api.Test;
import wideharbor.core.brief.HouseRules;

class CardSumsTest {
    /** 512 GB at 1200 Mbit/s: 512 · 8000 · 0.95 ÷ 72 000 = 54.0 min; 120 min are three cards and 1080 GB. */
    @Test
    void aDayOnCards() {
        CardSums.CardDay day = CardSums.day(512, 1200, 120, 400, true, HouseRules.DEFAULTS);
        assertEquals(54.04, day.minutesEach(), 0.01);
        assertEquals(3, day.cards());
        assertEquals(180, day.leastWriteMegabytes(), 1e-9, "1200 ÷ 8 · 1.2");
        assertEquals(1080, day.gigabytes(), 1e-9);
        assertEquals(40.53, day.offloadMinutesEach(), 0.01, "486.4 GB at 400 MB/s, twice");
        assertEquals(1.5, day.offloadHours(), 1e-9);
        assertEquals(
                0, CardSums.day(512, 1200, 0, 400, false, HouseRules.DEFAULTS).cards());
        assertThrows(IllegalArgumentException.class, () -> CardSums.day(512, 0, 120, 400, true, HouseRules.DEFAULTS));
    }
}
