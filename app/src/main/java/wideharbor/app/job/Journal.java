package wideharbor.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
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
    private static final int MOST_DECIDED = 200;

    /** What an entry did. */
    public enum Kind {
        EDIT,
        UNDO,
        REDO
    }

    /** An entry without its commands. */
    public record Step(int seq, Kind kind, int ofSeq, String who, String summary) {}

    /**
     * An entry as people read it.
     *
     * @param reason why and who decided it; empty when nobody said
     * @param name what the state after it is called; empty while nobody named it
     */
    public record Entry(
            int seq,
            Kind kind,
            String who,
            Instant when,
            String summary,
            String reason,
            String name,
            String namedBy,
            int beforeRevision,
            int afterRevision) {
        private static Entry of(JournalRow e) {
            return new Entry(
                    e.key.seq(),
                    e.kind,
                    e.who,
                    e.doneAt,
                    e.summary,
                    e.reason,
                    e.name,
                    e.namedBy,
                    e.beforeRevision,
                    e.afterRevision);
        }

        /** The same under people's names. */
        public Entry by(UnaryOperator<String> nameOf) {
            return new Entry(
                    seq,
                    kind,
                    nameOf.apply(who),
                    when,
                    summary,
                    reason,
                    name,
                    namedBy.isEmpty() ? "" : nameOf.apply(namedBy),
                    beforeRevision,
                    afterRevision);
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
                .map(Entry::of)
                .toList();
    }

    /** Entries of every body of a job that carry a reason or a name, the latest first; 200 at the most. */
    @Transactional(readOnly = true)
    public Map<Entry, BuildId> decided(String job) {
        Map<Entry, BuildId> all = new LinkedHashMap<>();
        entries.decided(job, Limit.of(MOST_DECIDED)).forEach(e -> all.put(Entry.of(e), BuildId.of(e.key.buildId())));
        return all;
    }

    @Transactional(readOnly = true)
    public Optional<Entry> entry(String job, BuildId build, int seq) {
        return entries.findById(new JournalRow.Key(job, build.toString(), seq)).map(Entry::of);
    }

    /** What takes back everything after an entry, the latest first; {@code most} edits at the most, or nothing. */
    @Transactional(readOnly = true)
    public Optional<List<List<Scoped>>> takingBack(String job, BuildId build, int after, int most) {
        List<String> inverses = entries.inverses(job, build.toString(), after, Limit.of(most + 1));
        return inverses.size() > most
                ? Optional.empty()
                : Optional.of(inverses.stream().map(codec::readCommands).toList());
    }

    /** Names the state after an entry; an empty name takes it away again. Returns whether there is such an entry. */
    @Transactional
    public boolean name(String job, BuildId build, int seq, String name, String who) {
        Optional<JournalRow> row = entries.findById(new JournalRow.Key(job, build.toString(), seq));
        row.ifPresent(r -> {
            r.name = name;
            r.namedBy = name.isEmpty() ? "" : who;
        });
        return row.isPresent();
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
        row.reason = deed.reason();
        row.commands = codec.writeCommands(edit.commands());
        row.inverse = codec.writeCommands(edit.inverse());
        row.beforeRevision = beforeRevision;
        row.afterRevision = beforeRevision + 1;
        entries.save(row);
    }

    /**
     * Who did what, in words, and why if they said; {@code ofSeq}: the entry that is taken back or done again, 0 for an
     * edit.
     */
    public record Deed(Kind kind, int ofSeq, String who, String summary, String reason) {
        public static Deed edit(String who, String summary) {
            return edit(who, summary, "");
        }

        public static Deed edit(String who, String summary, String reason) {
            return new Deed(Kind.EDIT, 0, who, summary, reason);
        }

        static Deed again(Kind kind, Step step, String who, String word) {
            return new Deed(kind, step.seq(), who, word + ": " + step.summary(), "");
        }

        public static Deed undo(Step step, String who) {
            return again(Kind.UNDO, step, who, "Undo");
        }

        public static Deed redo(Step step, String who) {
            return again(Kind.REDO, step, who, "Redo");
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
