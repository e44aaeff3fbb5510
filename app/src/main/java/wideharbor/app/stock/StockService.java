package wideharbor.app.stock;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.job.JobStore;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Named;
import wideharbor.app.web.Refusal;
import wideharbor.core.dispatch.Move;
import wideharbor.core.dispatch.Packed;
import wideharbor.core.quantity.Words;
import wideharbor.core.stock.Piece;
import wideharbor.format.PiecesCsv;

/** Looks pieces up and changes them. */
@Service
class StockService {
    private static final int PAGE = 50;

    private final PieceRows rows;
    private final Pieces pieces;
    private final Moves moves;
    private final Weighings weighings;
    private final JobStore store;
    private final CatalogueStore catalogue;
    private final Accounts accounts;

    StockService(
            PieceRows rows,
            Pieces pieces,
            Moves moves,
            Weighings weighings,
            JobStore store,
            CatalogueStore catalogue,
            Accounts accounts) {
        this.rows = rows;
        this.pieces = pieces;
        this.moves = moves;
        this.weighings = weighings;
        this.store = store;
        this.catalogue = catalogue;
        this.accounts = accounts;
    }

    private Map<String, String> names() {
        return catalogue.catalogue().names();
    }

    @Transactional(readOnly = true)
    StockController.PiecePage search(String text, Optional<Piece.Condition> condition, int page) {
        Map<String, String> names = names();
        String wanted = text.toLowerCase(Locale.ROOT);
        List<String> types = names.entrySet().stream()
                .filter(e -> !wanted.isEmpty()
                        && (e.getKey().contains(wanted)
                                || e.getValue().toLowerCase(Locale.ROOT).contains(wanted)))
                .map(Map.Entry::getKey)
                .toList();
        String plain = text.replaceAll("[%_\\\\]", "");
        Page<PieceRow> found = rows.search(plain, types, condition, PageRequest.of(page, PAGE, Sort.by("code")));
        Map<String, Named> out =
                moves.outWith(found.stream().map(r -> r.piece().code()).toList());
        return new StockController.PiecePage(
                found.stream().map(r -> line(r, names, out)).toList(), found.getTotalElements(), page, PAGE);
    }

    /** So many of a type are offered; who has more scans one. */
    private static final int MOST_READY = 200;

    @Transactional(readOnly = true)
    List<StockController.PieceLine> ready(String type) {
        List<PieceRow> may = rows.ofType(type).stream()
                .filter(r -> r.piece().whyNotGo().isEmpty())
                .toList();
        Map<String, Named> out =
                moves.outWith(may.stream().map(r -> r.piece().code()).toList());
        Map<String, String> names = names();
        return may.stream()
                .filter(r -> !out.containsKey(r.piece().code()))
                .limit(MOST_READY)
                .map(r -> line(r, names, out))
                .toList();
    }

    private static StockController.PieceLine line(PieceRow row, Map<String, String> names, Map<String, Named> out) {
        Piece p = row.piece();
        Optional<Named> with = Optional.ofNullable(out.get(p.code()));
        return new StockController.PieceLine(
                p.code(),
                p.type(),
                names.getOrDefault(p.type(), p.type()),
                p.serial(),
                p.owner(),
                p.from(),
                p.condition(),
                p.home(),
                p.grams(),
                p.note(),
                with.map(Named::title).orElse(""),
                with.map(Named::id).orElse(""),
                row.version());
    }

    @Transactional(readOnly = true)
    StockController.PieceCard card(String written) {
        String code = Piece.codeOf(written);
        PieceRow row = rows.findById(code)
                .orElseThrow(() -> Refusal.notFound("There is no piece '" + code + "' in this house."));
        List<MoveRow> been = moves.lastOf(code);
        Map<String, String> titles =
                store.titles(been.stream().map(MoveRow::job).distinct().toList());
        return new StockController.PieceCard(
                line(row, names(), moves.outWith(List.of(code))),
                been.stream().map(m -> event(m, titles)).toList());
    }

    private StockController.PieceEvent event(MoveRow row, Map<String, String> titles) {
        Move move = row.move();
        String what = move.kind() == Move.Kind.INTO_CASE ? "into case " + move.box() : Packed.word(move.kind());
        return new StockController.PieceEvent(
                row.job(),
                titles.getOrDefault(row.job(), row.job()),
                what,
                accounts.displayName(move.who()),
                move.at(),
                move.remark(),
                move.cost());
    }

    @Transactional
    StockController.PieceCard change(String written, StockController.PieceEdit edit, String who) {
        Piece next = piece(Piece.codeOf(written), edit);
        if (catalogue.catalogue().current().stream().noneMatch(t -> t.ref().id().equals(edit.type()))) {
            throw new Refusal(HttpStatus.BAD_REQUEST, "'" + edit.type() + "' is no type of this house's catalogue.");
        }
        Optional<PieceRow> known = rows.findById(next.code());
        long version = known.map(PieceRow::version).orElse(-1L);
        if (known.isPresent() ? version != edit.seen() : edit.seen() > 0) {
            throw Refusal.conflict("The piece " + next.code() + " was changed meanwhile. Nothing was overwritten.");
        }
        Optional<Piece> before = known.map(PieceRow::piece);
        known.ifPresentOrElse(row -> row.set(next), () -> rows.save(new PieceRow(next)));
        rows.flush();
        weighings.told(weighed(before, next), who);
        return card(next.code());
    }

    /** What is known of a piece now and was not before. */
    private static Map<String, Double> weighed(Optional<Piece> before, Piece next) {
        return next.grams()
                .filter(g -> !before.flatMap(Piece::grams).equals(Optional.of(g)))
                .map(g -> Map.of(next.code(), g))
                .orElse(Map.of());
    }

    private static Piece piece(String code, StockController.PieceEdit edit) {
        try {
            return new Piece(
                    code,
                    edit.type(),
                    edit.serial().strip(),
                    edit.owner(),
                    edit.from().strip(),
                    edit.condition(),
                    edit.home().strip(),
                    Optional.of(edit.grams()).filter(g -> g > 0),
                    edit.note().strip());
        } catch (IllegalArgumentException e) {
            throw new Refusal(HttpStatus.BAD_REQUEST, Words.reason(e) + ".");
        }
    }

    @Transactional(readOnly = true)
    String csv() {
        return PiecesCsv.write(
                rows.findAll(Sort.by("code")).stream().map(PieceRow::piece).toList());
    }

    @Transactional
    StockController.PiecesRead read(String text, boolean keep, String who) {
        Map<String, String> names = names();
        PiecesCsv.Reading reading = PiecesCsv.read(text, names::containsKey);
        Map<String, Piece> known =
                pieces.of(reading.pieces().stream().map(Piece::code).toList());
        int fresh = (int) reading.pieces().stream()
                .filter(p -> !known.containsKey(p.code()))
                .count();
        int changed = (int) reading.pieces().stream()
                .filter(p -> known.containsKey(p.code()) && !known.get(p.code()).equals(p))
                .count();
        boolean stores = keep && reading.problems().isEmpty();
        if (stores) {
            pieces.store(reading.pieces());
            Map<String, Double> weighed = new HashMap<>();
            reading.pieces().forEach(p -> weighed.putAll(weighed(Optional.ofNullable(known.get(p.code())), p)));
            weighings.told(weighed, who);
        }
        return new StockController.PiecesRead(
                reading.rows(),
                fresh,
                changed,
                reading.problems().stream().limit(200).toList(),
                stores);
    }
}
