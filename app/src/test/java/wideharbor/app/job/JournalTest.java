package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wideharbor.app.job.Journal.Kind;
import wideharbor.app.job.Journal.Step;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Proposer;
import wideharbor.core.check.Report;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

class JournalTest {
    private static Step step(int seq, Kind kind, int of) {
        return new Step(seq, kind, of, "tech", "step " + seq);
    }

    @Test
    void undoTakesTheLastThatStands() {
        Journal.Ends ends = Journal.walk(List.of(
                step(1, Kind.EDIT, 0), step(2, Kind.EDIT, 0), step(3, Kind.UNDO, 2)));
        assertEquals(1, ends.undo().orElseThrow().seq());
        assertEquals(2, ends.redo().orElseThrow().seq());
        assertEquals(3, ends.last());
    }

    @Test
    void aNewEditEndsRedo() {
        Journal.Ends ends = Journal.walk(List.of(
                step(1, Kind.EDIT, 0), step(2, Kind.UNDO, 1), step(3, Kind.EDIT, 0)));
        assertEquals(3, ends.undo().orElseThrow().seq());
        assertTrue(ends.redo().isEmpty());
    }

    @Test
    void redoMakesTheSameEditUndoableAgain() {
        Journal.Ends ends = Journal.walk(List.of(
                step(1, Kind.EDIT, 0), step(2, Kind.UNDO, 1), step(3, Kind.REDO, 1)));
        assertEquals(1, ends.undo().orElseThrow().seq());
        assertTrue(ends.redo().isEmpty());
    }

    @Test
    void anEmptyJournalHasNeither() {
        assertEquals(0, Journal.walk(List.of()).last());
        assertTrue(Journal.walk(List.of()).undo().isEmpty());
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
        when(proposer.propose(job, report)).thenReturn(Map.of());
        Checked checked = new Checked(engine, proposer);
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
