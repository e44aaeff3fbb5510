package wideharbor.core.memo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class HelpersTest {
    private static final List<Integer> TEN = IntStream.range(0, 10).boxed().toList();

    @Test
    void answersComeInTheOrderOfTheItems() {
        try (Helpers helpers = new Helpers(2)) {
            assertEquals(TEN.stream().map(n -> n * n).toList(), helpers.map(TEN, n -> n * n));
        }
    }

    /** More callers than helpers, each asking for help within help: all get on. */
    @Test
    void piecesMayAskForHelpThemselves() throws Exception {
        ExecutorService callers = Executors.newFixedThreadPool(8);
        try (Helpers helpers = new Helpers(1)) {
            List<Future<List<Integer>>> all = TEN.stream()
                    .map(i -> callers.submit(() -> helpers.map(
                            TEN,
                            n -> helpers.map(TEN, m -> n * m).stream()
                                    .mapToInt(Integer::intValue)
                                    .sum())))
                    .toList();
            for (Future<List<Integer>> one : all) {
                assertEquals(TEN.stream().map(n -> 45 * n).toList(), one.get());
            }
        } finally {
            callers.shutdownNow();
        }
    }

    @Test
    void aFailureIsTheCallers() {
        try (Helpers helpers = new Helpers(2)) {
            assertEquals(
                    "no 3",
                    assertThrows(
                                    IllegalArgumentException.class,
                                    () -> helpers.map(TEN, n -> {
                                        if (n == 3) {
                                            throw new IllegalArgumentException("no 3");
                                        }
                                        return n;
                                    }))
                            .getMessage());
        }
    }
}
