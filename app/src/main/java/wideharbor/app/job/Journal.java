package wideharbor.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.build.Scoped;
import wideharbor.core.id.BuildId;
import wideharbor.format.HarborCodec;

/** Every edit of a build, in order, with the edit that takes it back. Undo is linear and itself an entry. */
@Service
public class Journal {
    private static final int MOST_SHOWN = 100;
    private static final int PAGE = 40;

    /** What an entry did. */
    public enum Kind {
        EDIT,
        UNDO,
        REDO
    }

    /** An entry without its commands. */
    public record Step(int seq, Kind kind, int ofSeq, String who, String summary) {}

    /** An entry as people read it. */
    public record Entry(
            int seq, Kind kind, String who, Instant when, String summary, int beforeRevision, int afterRevision) {
        /** The same under a person's name. */
        public Entry by(String name) {
            return new Entry(seq, kind, name, when, summary, beforeRevision, afterRevision);
        }
    }

    /** What undo and redo would act on now. */
    public record Ends(Optional<Step> undo, Optional<Step> redo, int last) {}

    private final Rows.Entries entries;
    private final HarborCodec codec;
    private final Clock clock;

    Journal(Rows.Entries entries, HarborCodec codec, Clock clock) {
        this.entries = entries;
        this.codec = codec;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Entry> latest(String job, BuildId build) {
        return entries.latest(job, build.toString(), Limit.of(MOST_SHOWN)).stream()
                .map(e -> new Entry(e.key.seq(), e.kind, e.who, e.doneAt, e.summary, e.beforeRevision, e.afterRevision))
                .toList();
    }

    @Transactional(readOnly = true)
    public Ends ends(String job, BuildId build) {
        EndsReader reader = new EndsReader();
        int last = 0;
        int before = Integer.MAX_VALUE;
        while (!reader.isDone()) {
            List<Step> page = entries.steps(job, build.toString(), before, Limit.of(PAGE));
            last = last == 0 && !page.isEmpty() ? page.get(0).seq() : last;
            page.forEach(reader::read);
            if (page.size() < PAGE) {
                break;
            }
            before = page.get(PAGE - 1).seq();
        }
        return new Ends(step(job, build, reader.undo()), step(job, build, reader.redo()), last);
    }

    private Optional<Step> step(String job, BuildId build, int seq) {
        return seq == 0 ? Optional.empty() : entries.step(job, build.toString(), seq);
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void append(StoredJob before, BuildId build, Deed deed, Edit edit) {
        String job = before.job().id();
        int beforeRevision = before.buildRevision(build);
        int seq = ends(job, build).last() + 1;
        JournalRow row = new JournalRow(new JournalRow.Key(job, build.toString(), seq));
        row.kind = deed.kind();
        row.ofSeq = deed.ofSeq();
        row.who = deed.who();
        row.doneAt = clock.instant().truncatedTo(ChronoUnit.MICROS);
        row.summary = deed.summary().length() > 200 ? deed.summary().substring(0, 200) : deed.summary();
        row.commands = codec.writeCommands(edit.commands());
        row.inverse = codec.writeCommands(edit.inverse());
        row.beforeRevision = beforeRevision;
        row.afterRevision = beforeRevision + 1;
        entries.save(row);
    }

    /** Who did what, in words; {@code ofSeq}: the entry that is taken back or done again, 0 for an edit. */
    public record Deed(Kind kind, int ofSeq, String who, String summary) {
        public static Deed edit(String who, String summary) {
            return new Deed(Kind.EDIT, 0, who, summary);
        }
    }

    /** What was done and what takes it back. */
    public record Edit(List<Scoped> commands, List<Scoped> inverse) {}

    @Transactional(readOnly = true)
    public Edit edit(String job, BuildId build, int seq) {
        JournalRow row =
                entries.findById(new JournalRow.Key(job, build.toString(), seq)).orElseThrow();
        return new Edit(codec.readCommands(row.commands), codec.readCommands(row.inverse));
    }
}
