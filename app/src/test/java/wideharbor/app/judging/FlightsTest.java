package wideharbor.app.judging;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import wideharbor.app.web.Refusal;

class FlightsTest {
    @Test
    void whoWaitsTooLongForAnothersAnswerIsToldToComeBack() throws Exception {
        Flights<String, String> flights = new Flights<>(10, Duration.ofMillis(20));
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        ExecutorService other = Executors.newSingleThreadExecutor();
        try {
            Future<String> slow = other.submit(() -> flights.get("a", () -> {
                begun.countDown();
                awaitQuietly(go);
                return "done";
            }));
            begun.await();
            Refusal busy = assertThrows(Refusal.class, () -> flights.get("a", () -> "mine"));
            assertEquals(HttpStatus.SERVICE_UNAVAILABLE, busy.status());
            assertEquals(Optional.empty(), flights.known("a"));
            go.countDown();
            assertEquals("done", slow.get());
            assertEquals(Optional.of("done"), flights.known("a"));
        } finally {
            other.shutdownNow();
        }
    }

    @Test
    void aFailedAnswerIsAskedForAgain() {
        Flights<String, String> flights = new Flights<>(10);
        assertThrows(
                IllegalStateException.class,
                () -> flights.get("a", () -> {
                    throw new IllegalStateException("once");
                }));
        assertEquals("now", flights.get("a", () -> "now"));
    }

    private static void awaitQuietly(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
