package wideharbor.app.book;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Signatures;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.app.stock.Moves;
import wideharbor.app.stock.Pieces;
import wideharbor.app.web.CodePicture;
import wideharbor.app.web.Paper;
import wideharbor.core.book.Book;
import wideharbor.core.book.Card;
import wideharbor.core.book.Role;
import wideharbor.core.book.SheetKind;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Packed;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.stock.Piece;

/** Papers of a running job. */
@Service
class BookService {
    private final JobStore store;
    private final Reports reports;
    private final Signatures signatures;
    private final Accounts accounts;
    private final Moves moves;
    private final Pieces pieces;
    private final Paper paper;
    private final Clock clock;

    BookService(
            JobStore store,
            Reports reports,
            Signatures signatures,
            Accounts accounts,
            Moves moves,
            Pieces pieces,
            Paper paper,
            Clock clock) {
        this.store = store;
        this.reports = reports;
        this.signatures = signatures;
        this.accounts = accounts;
        this.moves = moves;
        this.pieces = pieces;
        this.paper = paper;
        this.clock = clock;
    }

    /** @param wanted in the book's order; all where none is named */
    @Transactional(readOnly = true)
    byte[] book(String id, Set<SheetKind> wanted, PaperSize size) {
        StoredJob stored = store.load(id);
        Judged judged = reports.of(stored);
        List<Piece> going = going(stored);
        Book book = wanted.isEmpty() ? Book.of(judged, going) : Book.of(judged, going, wanted);
        BookPaper pages = new BookPaper(judged);
        return paper.pdf(
                "book",
                Map.of("size", size.css(), "foot", foot(stored, judged), "pages", pages.pages(book.pages())),
                pages.pictures());
    }

    /** @param at address of the page that its code opens */
    @Transactional(readOnly = true)
    byte[] card(String id, Role role, PaperSize size, String at) {
        StoredJob stored = store.load(id);
        Judged judged = reports.of(stored);
        BookPaper pages = new BookPaper(judged);
        Card card = Card.of(judged, role);
        return paper.pdf(
                "card",
                Map.of(
                        "size",
                        size.css(),
                        "type",
                        type(card.rows()) + "pt",
                        "foot",
                        foot(stored, judged),
                        "role",
                        role.title(),
                        "job",
                        judged.job().title(),
                        "code",
                        CodePicture.address(at),
                        "blocks",
                        pages.blocks(card.blocks())),
                pages.pictures());
    }

    /** As large as one page lets it be. */
    private static double type(int rows) {
        return rows <= 14 ? 13 : rows <= 24 ? 10 : 8;
    }

    /** Pieces that lie in the job's cases, and those that its rigs are said to be built with. */
    private List<Piece> going(StoredJob stored) {
        Set<String> codes = new LinkedHashSet<>();
        Packed.of(PullList.of(stored.job()), moves.of(stored.job().id()))
                .lines()
                .forEach(l -> {
                    codes.addAll(l.codes());
                    codes.addAll(l.awaited());
                });
        return List.copyOf(pieces.of(codes).values());
    }

    /** Which sheets and cards of a job have something to tell. */
    @Transactional(readOnly = true)
    BookController.Papers papers(String id) {
        StoredJob stored = store.load(id);
        Judged judged = reports.of(stored);
        Set<SheetKind> there = Book.of(judged, going(stored)).pages().stream()
                .map(p -> p.sheet())
                .collect(Collectors.toSet());
        return new BookController.Papers(
                List.of(SheetKind.values()).stream()
                        .map(k -> new BookController.SheetLine(k, k.title(), there.contains(k)))
                        .toList(),
                List.of(Role.values()).stream()
                        .map(r -> new BookController.CardLine(
                                r, r.title(), !Card.of(judged, r).blocks().isEmpty()))
                        .toList());
    }

    /** Which state of the job a page is of, and who answers for it. */
    private String foot(StoredJob stored, Judged judged) {
        List<String> names = signatures.of(stored).stream()
                .map(s -> accounts.displayName(s.who()))
                .toList();
        return judged.job().title() + ", revision " + stored.revision() + ", " + Gate.word(stored.stage()) + ", "
                + (names.isEmpty() ? "not signed" : "signed by " + String.join(" and ", names)) + ". "
                + judged.verdict().inWords() + ". " + LocalDate.now(clock);
    }
}
