package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.app.job.Journal.Kind;
import wideharbor.app.job.Journal.Step;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Proposer;
import wideharbor.core.check.Report;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Workers;
import wideharbor.format.HarborCodec;

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

    /** The checks run once for a state of a job, however often it is looked at. */
    @Test
    void derivedDataIsComputedOncePerState() throws Exception {
        CheckEngine engine = mock(CheckEngine.class);
        Proposer proposer = mock(Proposer.class);
        Job job = new HarborCodec()
                .read(java.nio.file.Files.readAllBytes(java.nio.file.Path.of("..", "demo", "kiln.harbor.json")));
        Report report = new Report(List.of(), Map.of());
        when(engine.check(job)).thenReturn(report);
        Checked checked = new Checked(engine, proposer, Workers.ALONE);
        when(proposer.propose(job, report)).thenReturn(Map.of());
        Loaded first = new Loaded(job, Gate.Stage.DRAFT, 1, 1, Map.of("a", 1));
        verify(engine, never()).check(job);
        checked.of(first);
        checked.of(first);
        verify(engine, times(1)).check(job);
        checked.of(new Loaded(job, Gate.Stage.DRAFT, 1, 2, Map.of("a", 1)));
        verify(engine, times(2)).check(job);
        checked.compute(first);
        verify(engine, times(3)).check(job);
    }
}
