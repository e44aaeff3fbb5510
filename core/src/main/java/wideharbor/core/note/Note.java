package wideharbor.core.note;

import java.time.Instant;
import wideharbor.core.quantity.Require;

/**
 * Something that somebody knows of a thing; shown wherever the thing is used until it is settled.
 *
 * @param id made where the note is written: one that is sent twice is one
 * @param words what is known, or what to do otherwise the next time
 * @param job in which it was learnt; empty where that was none
 * @param settled why it need not be shown any more; empty while it is
 */
public record Note(
        String id, Kind kind, About about, String words, String job, String who, Instant at, String settled) {
    public static final int LONGEST = 1000;
    public static final int LONGEST_REASON = 300;

    /** What a note is for. */
    public enum Kind {
        /** How a thing is handled. */
        KNOWN,
        /** What to do otherwise the next time. */
        NEXT_TIME
    }

    public Note {
        Require.text("Note", words, LONGEST);
        Require.atMost("Why it is settled", settled, LONGEST_REASON);
    }

    public boolean isOpen() {
        return settled.isEmpty();
    }
}
