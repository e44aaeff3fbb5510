package wideharbor.app.notes;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.job.JobStore;
import wideharbor.app.live.Happened;
import wideharbor.app.security.Accounts;
import wideharbor.app.stock.Incidents;
import wideharbor.app.web.Refusal;
import wideharbor.core.note.About;
import wideharbor.core.note.Note;
import wideharbor.core.quantity.Words;
import wideharbor.core.standard.Standard;

/** Writes notes, settles them, and finds those that a job or a search asks for. */
@Service
public class NoteService {
    private static final int PAGE = 50;
    /** So many are told with one job. */
    private static final int MOST = 200;

    private final NoteRows rows;
    private final Incidents incidents;
    private final JobStore jobs;
    private final CatalogueStore catalogue;
    private final Accounts accounts;
    private final Happened happened;
    private final Clock clock;

    NoteService(
            NoteRows rows,
            Incidents incidents,
            JobStore jobs,
            CatalogueStore catalogue,
            Accounts accounts,
            Happened happened,
            Clock clock) {
        this.rows = rows;
        this.incidents = incidents;
        this.jobs = jobs;
        this.catalogue = catalogue;
        this.accounts = accounts;
        this.happened = happened;
        this.clock = clock;
    }

    private Map<String, String> names() {
        return catalogue.catalogue().names();
    }

    /** What is open of anything in a job, the last first, and what went wrong with its types. */
    @Transactional(readOnly = true)
    NoteController.JobNotes ofJob(String id) {
        Set<About> about = About.in(jobs.load(id).job());
        List<Note> open = rows.open(about.stream().map(About::id).toList(), Limit.of(MOST)).stream()
                .map(NoteRow::note)
                .filter(n -> about.contains(n.about()))
                .toList();
        List<String> types = about.stream()
                .filter(a -> a.of() == About.Of.TYPE)
                .map(About::id)
                .toList();
        return new NoteController.JobNotes(views(open), incidents.ofTypes(types, id));
    }

    @Transactional(readOnly = true)
    NoteController.NotePage search(String text, boolean settledToo, int page) {
        String wanted = text.toLowerCase(Locale.ROOT);
        List<String> types = names().entrySet().stream()
                .filter(e -> !wanted.isEmpty()
                        && e.getValue().toLowerCase(Locale.ROOT).contains(wanted))
                .map(Map.Entry::getKey)
                .toList();
        Page<NoteRow> found = rows.search(
                text.replaceAll("[%_\\\\]", ""),
                types,
                settledToo,
                PageRequest.of(page, PAGE, Sort.by(Sort.Direction.DESC, "at")));
        return new NoteController.NotePage(
                views(found.stream().map(NoteRow::note).toList()), found.getTotalElements(), page, PAGE);
    }

    private List<NoteController.NoteView> views(List<Note> notes) {
        Map<String, String> names = names();
        Set<String> named =
                notes.stream().flatMap(n -> Stream.of(n.job(), n.about().id())).collect(Collectors.toSet());
        Map<String, String> titles = jobs.titles(named);
        return notes.stream().map(n -> view(n, names, titles)).toList();
    }

    private NoteController.NoteView view(Note n, Map<String, String> names, Map<String, String> titles) {
        String id = n.about().id();
        String title = switch (n.about().of()) {
            case TYPE -> names.getOrDefault(id, id);
            case JOB -> titles.getOrDefault(id, id);
            case STANDARD ->
                catalogue.catalogue().standards().find(id).map(Standard::title).orElse(id);
            case PIECE -> id;
        };
        return new NoteController.NoteView(
                n.id(),
                n.kind(),
                n.about().toString(),
                title,
                n.words(),
                n.job(),
                titles.getOrDefault(n.job(), n.job()),
                accounts.displayName(n.who()),
                n.at(),
                n.settled());
    }

    /** One that is known already is passed over. */
    @Transactional
    public void write(NoteController.NewNote fresh, String who) {
        if (rows.existsById(fresh.id())) {
            return;
        }
        try {
            Note note = new Note(
                    fresh.id(),
                    fresh.kind(),
                    About.parse(fresh.about()),
                    fresh.words().strip(),
                    fresh.job(),
                    who,
                    clock.instant().truncatedTo(ChronoUnit.MICROS),
                    "");
            requireThere(note);
            rows.save(new NoteRow(note));
            if (!note.job().isEmpty()) {
                happened.toJob(note.job());
            }
        } catch (IllegalArgumentException e) {
            throw new Refusal(HttpStatus.BAD_REQUEST, Words.reason(e) + ".");
        }
    }

    private void requireThere(Note note) {
        if (!note.job().isEmpty() && !jobs.exists(note.job())) {
            throw Refusal.notFound("There is no job '" + note.job() + "'.");
        }
        String id = note.about().id();
        boolean there = switch (note.about().of()) {
            case TYPE -> names().containsKey(id);
            case STANDARD -> catalogue.catalogue().standards().find(id).isPresent();
            case PIECE -> incidents.isPiece(id);
            case JOB -> jobs.exists(id);
        };
        if (!there) {
            throw Refusal.notFound("There is nothing '" + note.about() + "' in this house.");
        }
    }

    Incidents.IncidentPage incidents(int page) {
        return incidents.page(page);
    }

    @Transactional
    void settle(String id, String why, String who) {
        NoteRow row = rows.findById(id).orElseThrow(() -> Refusal.notFound("There is no such note."));
        if (!row.note().isOpen()) {
            throw Refusal.conflict("It is settled already, by " + accounts.displayName(row.settledBy()) + ": "
                    + row.note().settled());
        }
        row.settle(why.strip(), who, clock.instant().truncatedTo(ChronoUnit.MICROS));
        if (!row.note().job().isEmpty()) {
            happened.toJob(row.note().job());
        }
    }
}
