package wideharbor.core.memo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;

class WeakMemoTest {
    private static final class Answer {
        final int to;
        final byte[] size;

        Answer(int to, int bytes) {
            this.to = to;
            this.size = new byte[bytes];
        }
    }

    @Test
    void oneAnswerWhileItIsUsed() {
        WeakMemo<Integer, Answer> memo = new WeakMemo<>();
        Answer first = memo.get(1, k -> new Answer(k, 10));
        assertSame(first, memo.get(1, k -> new Answer(-k, 10)));
        assertEquals(1, first.to);
    }

    /** Thousands that nobody uses do not stay. */
    @Test
    void whatNobodyUsesGoes() {
        WeakMemo<Integer, Answer> memo = new WeakMemo<>();
        for (int i = 0; i < 4_000; i++) {
            memo.get(i, k -> new Answer(k, 500_000));
        }
        System.gc();
        assertEquals(1, memo.get(-1, k -> new Answer(k, 1)).size.length);
        assertTrue(memo.size() < 4_000, memo.size() + " are kept");
    }
}
