package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.app.job.Journal.Kind;
import wideharbor.app.job.Journal.Step;

class JournalTest {
    private static Step step(int seq, Kind kind, int of) {
        return new Step(seq, kind, of, "tech", "step " + seq);
    }

    private static EndsReader read(List<Step> oldestFirst) {
        EndsReader reader = new EndsReader();
        for (int i = oldestFirst.size() - 1; i >= 0 && !reader.isDone(); i--) {
            reader.read(oldestFirst.get(i));
        }
        return reader;
    }

    @Test
    void undoTakesTheLastThatStands() {
        EndsReader ends = read(List.of(step(1, Kind.EDIT, 0), step(2, Kind.EDIT, 0), step(3, Kind.UNDO, 2)));
        assertEquals(1, ends.undo());
        assertEquals(2, ends.redo());
    }

    @Test
    void aNewEditEndsRedo() {
        EndsReader ends = read(List.of(step(1, Kind.EDIT, 0), step(2, Kind.UNDO, 1), step(3, Kind.EDIT, 0)));
        assertEquals(3, ends.undo());
        assertEquals(0, ends.redo());
    }

    @Test
    void redoMakesTheSameEditUndoableAgain() {
        EndsReader ends = read(List.of(step(1, Kind.EDIT, 0), step(2, Kind.UNDO, 1), step(3, Kind.REDO, 1)));
        assertEquals(1, ends.undo());
        assertEquals(0, ends.redo());
    }

    @Test
    void anEmptyJournalHasNeither() {
        assertEquals(0, read(List.of()).undo());
        assertEquals(0, read(List.of()).redo());
    }

    /** Read backwards it comes to what two stacks, replayed from the first entry on, come to. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 1977, 20261125})
    void backwardsIsAsGoodAsReplayed(long seed) {
        Random random = new Random(seed);
        List<Step> journal = new ArrayList<>();
        Deque<Integer> done = new ArrayDeque<>();
        Deque<Integer> undone = new ArrayDeque<>();
        for (int seq = 1; seq <= 300; seq++) {
            int dice = random.nextInt(3);
            if (dice == 1 && !done.isEmpty()) {
                undone.push(done.pop());
                journal.add(step(seq, Kind.UNDO, undone.peek()));
            } else if (dice == 2 && !undone.isEmpty()) {
                done.push(undone.pop());
                journal.add(step(seq, Kind.REDO, done.peek()));
            } else {
                done.push(seq);
                undone.clear();
                journal.add(step(seq, Kind.EDIT, 0));
            }
            EndsReader ends = read(journal);
            assertEquals(done.isEmpty() ? 0 : done.peek(), ends.undo(), "seed " + seed + ", entry " + seq);
            assertEquals(undone.isEmpty() ? 0 : undone.peek(), ends.redo(), "seed " + seed + ", entry " + seq);
        }
    }
}
