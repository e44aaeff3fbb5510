package wideharbor.app.job;

import wideharbor.app.job.Journal.Kind;
import wideharbor.app.job.Journal.Step;

/**
 * Finds what undo and redo would act on from the latest entries backwards, so that a long journal is not read through.
 * Entries that cancel each other out (an edit and its undo, an undo and its redo) are counted off.
 */
final class EndsReader {
    private int toSkipForUndo;
    private int toSkipForRedo;
    private boolean undoKnown;
    private boolean redoKnown;
    private int undo;
    private int redo;

    /** Entries come latest first. */
    void read(Step step) {
        if (!undoKnown) {
            readForUndo(step);
        }
        if (!redoKnown) {
            readForRedo(step);
        }
    }

    private void readForUndo(Step step) {
        if (step.kind() == Kind.UNDO) {
            toSkipForUndo++;
        } else if (toSkipForUndo > 0) {
            toSkipForUndo--;
        } else {
            undoKnown = true;
            undo = edited(step);
        }
    }

    private void readForRedo(Step step) {
        if (step.kind() == Kind.EDIT) {
            // A new edit ends redo: what was undone before it stays undone.
            redoKnown = true;
        } else if (step.kind() == Kind.REDO) {
            toSkipForRedo++;
        } else if (toSkipForRedo > 0) {
            toSkipForRedo--;
        } else {
            redoKnown = true;
            redo = edited(step);
        }
    }

    private static int edited(Step step) {
        return step.kind() == Kind.EDIT ? step.seq() : step.ofSeq();
    }

    boolean isDone() {
        return undoKnown && redoKnown;
    }

    /** The edit that undo would take back; 0 when there is none. */
    int undo() {
        return undo;
    }

    /** The edit that redo would make again; 0 when there is none. */
    int redo() {
        return redo;
    }
}
