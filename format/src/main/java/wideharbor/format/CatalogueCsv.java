package wideharbor.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.quantity.Words;

/**
 * The catalogue as one CSV row a part. Simple parts need only the plain columns; shapes, ports, sockets, facets and
 * parts of several links are JSON in their cells, as in package files, so that nothing is lost on the way out and in.
 */
public final class CatalogueCsv {
    static final List<String> COLUMNS = List.of(
            "id",
            "revision",
            "maker",
            "name",
            "category",
            "capabilities",
            "mass_g",
            "mass_low_g",
            "mass_high_g",
            "mass_source",
            "mass_by",
            "mass_when",
            "mass_unknown",
            "com_x_mm",
            "com_y_mm",
            "com_z_mm",
            "width_mm",
            "height_mm",
            "length_mm",
            "shapes",
            "links",
            "internal_joints",
            "ports",
            "sockets",
            "facets",
            "relations");

    private static final Set<String> NEEDED = Set.of("id", "maker", "name", "category");
    private static final int TOLD_EVERY = 50;
    private static final CsvTable TABLE = new CsvTable(COLUMNS, NEEDED, 50_000);

    private final JsonMapper mapper = HarborCodec.mapper();
    private final PartCells cells = new PartCells(mapper);
    private final PartOfCells parts = new PartOfCells(mapper);

    /** What is wrong in a row, and in which column; row 1 is the heading. */
    public record RowProblem(long row, String column, String message) {}

    /** Parts that can be taken, and everything that is wrong. */
    public record Reading(List<ItemType> types, List<RowProblem> problems, int rows) {}

    public String write(List<ItemType> types) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.RFC4180)) {
            out.printRecord(COLUMNS);
            for (ItemType type : types) {
                out.printRecord(cells.of(type));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    /**
     * Reads every row, whatever is wrong with others. {@code progress} is told the rows done so far.
     *
     * @throws HarborFormatException when the text is no CSV with the columns needed
     */
    public Reading read(String text, IntConsumer progress, BooleanSupplier cancelled) {
        List<ItemType> types = new ArrayList<>();
        List<RowProblem> problems = new ArrayList<>();
        Map<TypeRef, Long> seen = new HashMap<>();
        int rows = TABLE.read(text, (record, row) -> {
            if (cancelled.getAsBoolean()) {
                return false;
            }
            row(record, row, types, problems, seen);
            if (row % TOLD_EVERY == 0) {
                progress.accept((int) row - 1);
            }
            return true;
        });
        progress.accept(rows);
        return new Reading(types, problems, rows);
    }

    private void row(
            CSVRecord record, long row, List<ItemType> types, List<RowProblem> problems, Map<TypeRef, Long> seen) {
        CsvRow written = new CsvRow(record, row, problems);
        Optional<RowProblem> uneven = CsvTable.uneven(record, row);
        if (uneven.isPresent()) {
            problems.add(uneven.get());
            return;
        }
        int before = problems.size();
        ObjectNode tree = parts.tree(written);
        if (problems.size() > before) {
            return;
        }
        try {
            PartDefaults.itemType(tree);
            ItemType type = mapper.treeToValue(tree, ItemType.class);
            Long other = seen.putIfAbsent(type.ref(), row);
            if (other != null) {
                problems.add(new RowProblem(row, "id", type.ref() + " is in row " + other + " already"));
                return;
            }
            types.add(type);
        } catch (JacksonException e) {
            String place = Places.of(e);
            problems.add(new RowProblem(
                    row, column(place), Places.reason(e) + (place.length() > 1 ? " (" + place + ")" : "")));
        } catch (IllegalArgumentException e) {
            problems.add(new RowProblem(row, "", Words.reason(e)));
        }
    }

    /** The column that a place in the row's tree came from. */
    private static String column(String place) {
        String[] parts = place.split("/");
        String head = parts.length > 1 ? parts[1] : "";
        if (head.equals("links")) {
            return place.contains("shapes") ? "shapes" : place.contains("massGrams") ? "mass_g" : "links";
        }
        String name = head.equals("ref") ? "id" : head.equals("internalJoints") ? "internal_joints" : head;
        return COLUMNS.contains(name) ? name : "";
    }
}
