package wideharbor.format;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import wideharbor.format.CatalogueCsv.RowProblem;

/** One row's cells by column; what cannot be read is noted and reading goes on. */
final class CsvRow {
    private final CSVRecord record;
    private final long row;
    private final List<RowProblem> problems;
    private final Set<String> told = new LinkedHashSet<>();

    CsvRow(CSVRecord record, long row, List<RowProblem> problems) {
        this.record = record;
        this.row = row;
        this.problems = problems;
    }

    long row() {
        return row;
    }

    /** Whether something of it could not be read. */
    boolean isWrong() {
        return !told.isEmpty();
    }

    String text(String column) {
        return record.isMapped(column) && record.isSet(column) ? record.get(column) : "";
    }

    double number(String column, double otherwise) {
        String text = text(column);
        if (text.isEmpty()) {
            return otherwise;
        }
        try {
            double value = Double.parseDouble(text);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Told below, with the column.
        }
        problem(column, "'" + text + "' is not a number");
        return otherwise;
    }

    JsonNode json(String column, JsonMapper mapper) {
        String text = text(column);
        if (text.isEmpty()) {
            return mapper.createArrayNode();
        }
        try {
            JsonNode tree = mapper.readTree(text);
            if (tree.isArray()) {
                return tree;
            }
            problem(column, "must be a JSON list");
        } catch (JacksonException e) {
            problem(column, "not valid JSON: " + Places.plain(e.getOriginalMessage()));
        }
        return mapper.createArrayNode();
    }

    /** One of a set of words, however it is cased and spaced. */
    String word(String column, String text, List<String> known) {
        String word = text.toUpperCase(Locale.ROOT).replace(' ', '_');
        if (!known.contains(word)) {
            problem(column, "'" + text + "' is not known; known are " + String.join(", ", known));
            return known.get(0);
        }
        return word;
    }

    void problem(String column, String message) {
        if (told.add(column)) {
            problems.add(new RowProblem(row, column, message));
        }
    }
}
