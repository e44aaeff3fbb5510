package wideharbor.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

/** A clock that is put back for one thread while it tells of the past. */
class HouseClockTest {
    private static final Instant NOW = Instant.parse("2026-12-01T10:00:00Z");
    private final HouseClock clock = new HouseClock(Clock.fixed(NOW, ZoneOffset.UTC));

    @Test
    void onlyTheThreadThatAsksSeesThePast() {
        AtomicReference<Instant> then = new AtomicReference<>();
        AtomicReference<Instant> elsewhere = new AtomicReference<>();
        clock.ago(Duration.ofDays(35), () -> {
            then.set(clock.withZone(ZoneId.of("Europe/Oslo")).instant());
            elsewhere.set(CompletableFuture.supplyAsync(clock::instant).join());
        });
        assertEquals(Instant.parse("2026-10-27T10:00:00Z"), then.get());
        assertEquals(NOW, elsewhere.get());
        assertEquals(NOW, clock.instant());
    }

    @Test
    void itIsNowAgainWhateverHappened() {
        assertThrows(
                IllegalStateException.class,
                () -> clock.ago(Duration.ofDays(1), () -> {
                    throw new IllegalStateException("no");
                }));
        assertEquals(NOW, clock.instant());
        clock.ago(Duration.ofDays(2), () -> {
            clock.ago(Duration.ofDays(1), () -> assertEquals(NOW.minus(Duration.ofDays(1)), clock.instant()));
            assertEquals(NOW.minus(Duration.ofDays(2)), clock.instant());
        });
    }
}
