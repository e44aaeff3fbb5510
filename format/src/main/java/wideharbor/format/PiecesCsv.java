package wideharbor.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wideharbor.core.quantity.Words;
import wideharbor.core.stock.Piece;
import wideharbor.format.CatalogueCsv.RowProblem;

/** The pieces of a house as one CSV row each. */
public final class PiecesCsv {
    private static final List<String> COLUMNS =
            List.of("code", "type", "serial", "owner", "from", "condition", "home", "mass_g", "note");
    private static final List<String> NEEDED = List.of("code", "type");
    private static final List<String> OWNERS =
            Stream.of(Piece.Owner.values()).map(Enum::name).toList();
    private static final List<String> CONDITIONS =
            Stream.of(Piece.Condition.values()).map(Enum::name).toList();
    private static final CsvTable TABLE = new CsvTable(COLUMNS, NEEDED, 20_000);

    private PiecesCsv() {}

    /** Pieces that can be taken, and everything that is wrong. */
    public record Reading(List<Piece> pieces, List<RowProblem> problems, int rows) {}

    public static String write(List<Piece> pieces) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.RFC4180)) {
            out.printRecord(COLUMNS);
            for (Piece p : pieces) {
                out.printRecord(
                        p.code(),
                        p.type(),
                        PullListCsv.safe(p.serial()),
                        p.owner().name(),
                        PullListCsv.safe(p.from()),
                        p.condition().name(),
                        PullListCsv.safe(p.home()),
                        p.grams().map(Object::toString).orElse(""),
                        PullListCsv.safe(p.note()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * Reads every row, whatever is wrong with others.
     *
     * @param isType whether the house has a type of this id
     * @throws HarborFormatException when the text is no CSV with the columns needed
     */
    public static Reading read(String text, Predicate<String> isType) {
        List<Piece> pieces = new ArrayList<>();
        List<RowProblem> problems = new ArrayList<>();
        Map<String, Long> seen = new HashMap<>();
        int rows = TABLE.read(text, (record, row) -> {
            CsvTable.uneven(record, row)
                    .ifPresentOrElse(
                            problems::add,
                            () -> take(new CsvRow(record, row, problems), isType, seen)
                                    .ifPresent(pieces::add));
            return true;
        });
        return new Reading(pieces, problems, rows);
    }

    /** Nothing where something of it is wrong. */
    private static Optional<Piece> take(CsvRow cells, Predicate<String> isType, Map<String, Long> seen) {
        Optional<Piece> piece = piece(cells, isType);
        Long first = seen.putIfAbsent(Piece.codeOf(cells.text("code")), cells.row());
        if (first != null) {
            cells.problem("code", "is that of row " + first);
        }
        return piece.filter(p -> !cells.isWrong());
    }

    private static Optional<Piece> piece(CsvRow cells, Predicate<String> isType) {
        String type = cells.text("type");
        if (!isType.test(type)) {
            cells.problem("type", "'" + type + "' is no type of this house's catalogue");
        }
        Optional<Double> grams =
                cells.text("mass_g").isEmpty() ? Optional.empty() : Optional.of(cells.number("mass_g", 0));
        try {
            return Optional.of(new Piece(
                    Piece.codeOf(cells.text("code")),
                    type,
                    cells.text("serial"),
                    Piece.Owner.valueOf(cells.word("owner", or(cells.text("owner"), "HOUSE"), OWNERS)),
                    cells.text("from"),
                    Piece.Condition.valueOf(cells.word("condition", or(cells.text("condition"), "READY"), CONDITIONS)),
                    cells.text("home"),
                    grams,
                    cells.text("note")));
        } catch (IllegalArgumentException e) {
            cells.problem("code", Words.reason(e));
            return Optional.empty();
        }
    }

    private static String or(String text, String otherwise) {
        return text.isEmpty() ? otherwise : text;
    }
}
