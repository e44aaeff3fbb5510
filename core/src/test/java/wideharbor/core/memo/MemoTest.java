package wideharbor.core.memo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class MemoTest {
    @Test
    void anAnswerIsWorkedOutOnceAndKept() {
        Memo<String, Object> memo = new Memo<>();
        Object first = memo.get("a", k -> new Object());
        assertSame(first, memo.get("a", k -> new Object()));
    }

    /** Working one answer out may ask for another, or for the same kind: no lock is held. */
    @Test
    void whatIsWorkedOutMayAskTheSameMemo() {
        Memo<Integer, Integer> memo = new Memo<>();
        assertEquals(5, factorialLike(memo, 5));
    }

    private static int factorialLike(Memo<Integer, Integer> memo, int n) {
        return n == 0 ? 0 : 1 + memo.get(n - 1, k -> factorialLike(memo, k));
    }

    @Test
    void aLazyValueIsUnknownUntilItIsAskedFor() {
        Lazy<String> lazy = new Lazy<>();
        assertEquals(Optional.empty(), lazy.known());
        AtomicInteger times = new AtomicInteger();
        lazy.get(() -> "v" + times.incrementAndGet());
        assertEquals("v1", lazy.get(() -> "v" + times.incrementAndGet()));
        assertEquals(Optional.of("v1"), lazy.known());
    }

    @Test
    void aloneKeepsTheOrder() {
        assertEquals(List.of(2, 4, 6), Workers.ALONE.map(List.of(1, 2, 3), n -> 2 * n));
    }
}
