package wideharbor.format;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import wideharbor.core.quantity.Words;

/** A CSV table with a heading, read row by row. */
record CsvTable(List<String> columns, Collection<String> needed, int mostRows) {
    /** Takes a row; the heading is row 1. Says whether reading goes on. */
    interface Rows {
        boolean take(CSVRecord record, long row);
    }

    /**
     * Reads every row and says how many there were.
     *
     * @throws HarborFormatException when the text is no CSV with the columns needed, or is too long
     */
    int read(String text, Rows each) {
        int rows = 0;
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            requireColumns(parser.getHeaderNames());
            for (CSVRecord record : parser) {
                if (++rows > mostRows) {
                    throw new HarborFormatException("file", "has more than " + mostRows + " rows");
                }
                if (!each.take(record, rows + 1L)) {
                    break;
                }
            }
        } catch (IOException | UncheckedIOException e) {
            // The parser knows of two faults, both of quotes; its words are a programmer's.
            throw new HarborFormatException(
                    "line " + (rows + 2),
                    "is not a line of a CSV table: a quote is opened here and not closed, or something "
                            + "follows the closing "
                            + "one. A quote inside of a text is written twice");
        } catch (IllegalArgumentException e) {
            throw new HarborFormatException("line " + (rows + 2), Words.reason(e));
        }
        return rows;
    }

    /** A row with more or fewer cells than the heading; empty where they agree. */
    static Optional<CatalogueCsv.RowProblem> uneven(CSVRecord record, long row) {
        return record.isConsistent()
                ? Optional.empty()
                : Optional.of(new CatalogueCsv.RowProblem(
                        row,
                        "",
                        "has " + record.size() + " cells where the heading has "
                                + record.getParser().getHeaderNames().size()));
    }

    private void requireColumns(List<String> header) {
        for (String name : header) {
            if (!columns.contains(name)) {
                throw new HarborFormatException(
                        "heading", "column '" + name + "' is not known; known are " + String.join(", ", columns));
            }
        }
        for (String name : needed) {
            if (!header.contains(name)) {
                throw new HarborFormatException("heading", "column '" + name + "' is missing");
            }
        }
    }
}
