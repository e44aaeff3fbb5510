package wideharbor.core.book;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Words;
import wideharbor.core.stock.Piece;

/** What crosses a border and comes back: every piece told apart, with lines for what only the house's papers say. */
final class CustomsPage {
    private CustomsPage() {}

    /** @param pieces of the house that are known to go with the job */
    static Page of(Job job, Collection<Piece> pieces) {
        Map<String, List<Piece>> byType =
                pieces.stream().collect(Collectors.groupingBy(Piece::type, LinkedHashMap::new, Collectors.toList()));
        Tables table = Tables.of("")
                .figures("", 1)
                .words("goods", 8)
                .words("maker", 4)
                .words("serial or mark", 8)
                .figures("pieces", 2)
                .figures("mass", 3)
                .words("value", 3)
                .words("made in", 3);
        int number = 0;
        int untold = 0;
        List<PullList.Line> lines = PullList.of(job);
        for (PullList.Line line : lines) {
            List<Piece> known = byType.getOrDefault(line.type().ref().id(), List.of());
            if (known.size() < line.pieces()) {
                untold += line.pieces() - known.size();
            }
            table.row(
                    String.valueOf(++number),
                    line.type().name(),
                    line.type().maker(),
                    known.stream().limit(line.pieces()).map(CustomsPage::mark).collect(Collectors.joining(", ")),
                    String.valueOf(line.pieces()),
                    PullList.lineGrams(line) instanceof Figure.Known k ? Words.kg(k.value()) : "not on file",
                    "",
                    "");
        }
        List<Block> blocks = new ArrayList<>();
        table.onto(blocks);
        if (!table.isEmpty()) {
            sums(job, lines, untold, blocks);
        }
        return new Page(SheetKind.CUSTOMS, SheetKind.CUSTOMS.title(), job.title(), blocks);
    }

    /** @param untold pieces without a mark here */
    private static void sums(Job job, List<PullList.Line> lines, int untold, List<Block> blocks) {
        PullList.Load load = PullList.load(job, lines);
        List<String> sums = new ArrayList<>();
        sums.add(lines.size() + " lines, "
                + lines.stream().mapToInt(PullList.Line::pieces).sum() + " pieces, "
                + (load.unweighed() > 0 ? "at least " : "") + Words.kg(load.grams()) + ".");
        if (untold > 0) {
            sums.add(untold + " pieces have no mark here: they are counted only, or are in no case yet.");
        }
        sums.add("Values and where things were made stand in the house's papers; the customs office says what it"
                + " wants to see.");
        blocks.add(new Block.Lines("", sums));
        blocks.add(new Block.Fields(
                "",
                List.of(new Block.Field("leaves by", ""), new Block.Field("comes back by", "")),
                List.of("for the house", "for the office")));
    }

    private static String mark(Piece piece) {
        return piece.serial().isEmpty() ? piece.code() : piece.serial();
    }
}
