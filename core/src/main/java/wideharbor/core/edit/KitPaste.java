package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Synonyms;

/** A list of gear as it is pasted from a spreadsheet or a message: a part and how many in each row, in any order. */
public final class KitPaste {
    /** More rows than any kit list; a longer paste is something else. */
    public static final int MOST_ROWS = 500;

    private static final int MOST_NAMED = 4;
    private static final int MOST_PIECES = 10_000;

    private KitPaste() {}

    /**
     * One row that is not empty.
     *
     * @param row counted from 1 in what was pasted
     * @param type what it means; empty where that is not plain
     * @param problem why not, in words; empty where it is
     */
    public record Line(int row, String text, Optional<ItemType> type, int count, String problem) {}

    /**
     * Reads a paste. A row's count is its first cell that is a whole number, "4 x" and "4×" among them; one where it
     * has none. The rest names the part: its reference, its name, or words that only one part has.
     *
     * @throws IllegalArgumentException when it has too many rows
     */
    public static List<Line> read(String text, Catalogue catalogue) {
        List<String> rows = text.lines().toList();
        if (rows.stream().filter(r -> !r.isBlank()).count() > MOST_ROWS) {
            throw new IllegalArgumentException("A pasted list may have " + MOST_ROWS + " rows, but this one has "
                    + rows.stream().filter(r -> !r.isBlank()).count());
        }
        List<ItemType> parts = catalogue.current();
        List<Line> all = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            if (!rows.get(i).isBlank()) {
                all.add(line(i + 1, rows.get(i).strip(), parts));
            }
        }
        return all;
    }

    private static Line line(int row, String text, List<ItemType> parts) {
        List<String> cells = new ArrayList<>(Arrays.stream(text.replaceAll("^(\\d{1,6})\\s*[x×]?\\s+", "$1\t")
                        .replaceAll("\\s*[x×]\\s*(\\d{1,6})$", "\t$1")
                        .split("\\t|;|,\\s"))
                .map(c -> c.strip().replaceAll("^\"|\"$", ""))
                .filter(c -> !c.isEmpty())
                .toList());
        Optional<String> number =
                cells.stream().filter(c -> c.matches("\\d{1,6}")).findFirst();
        number.ifPresent(cells::remove);
        int count = number.map(Integer::parseInt).orElse(1);
        String named = String.join(" ", cells);
        if (named.isEmpty()) {
            return new Line(row, text, Optional.empty(), count, "names no part");
        }
        if (count > MOST_PIECES) {
            return new Line(row, text, Optional.empty(), count, "more than " + MOST_PIECES + " pieces");
        }
        return matched(row, text, count, cells.get(0), named, parts);
    }

    private static Line matched(int row, String text, int count, String first, String named, List<ItemType> parts) {
        Optional<ItemType> exact =
                parts.stream().filter(t -> is(t, first) || is(t, named)).findFirst();
        if (exact.isPresent()) {
            return new Line(row, text, exact, count, "");
        }
        List<ItemType> like = parts.stream().filter(t -> hasAll(t, named)).toList();
        if (like.size() == 1) {
            return new Line(row, text, Optional.of(like.get(0)), count, "");
        }
        String problem = like.isEmpty()
                ? "no part on file has these words"
                : like.size() + " parts have these words: "
                        + like.stream().limit(MOST_NAMED).map(ItemType::name).collect(Collectors.joining(", "))
                        + (like.size() > MOST_NAMED ? " and more" : "");
        return new Line(row, text, Optional.empty(), count, problem);
    }

    private static boolean is(ItemType type, String said) {
        return said.equalsIgnoreCase(type.name())
                || said.equalsIgnoreCase(type.ref().toString())
                || said.equalsIgnoreCase(type.ref().id())
                || said.equalsIgnoreCase(type.maker() + " " + type.name());
    }

    private static boolean hasAll(ItemType type, String named) {
        String in = (type.name() + " " + type.maker()).toLowerCase(Locale.ROOT);
        return Arrays.stream(named.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}./-]+"))
                .filter(w -> !w.isEmpty())
                .allMatch(w -> Synonyms.of(w).stream().anyMatch(in::contains));
    }
}
