package wideharbor.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.quantity.Figure;

/** The pull list as CSV (RFC 4180): one line a type, mass in grams, blank where it is not known. */
public final class PullListCsv {
    private PullListCsv() {}

    public static String write(List<PullList.Line> lines) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "category", "item", "maker", "name", "on_rig", "in_kit", "pieces", "each_g", "line_g", "serves")
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (PullList.Line line : lines) {
                printer.printRecord(
                        line.type().category().name().toLowerCase(Locale.ROOT),
                        line.type().ref(),
                        line.type().maker(),
                        safe(line.type().name()),
                        line.onRig(),
                        line.inKit(),
                        line.pieces(),
                        grams(line.eachGrams()),
                        grams(PullList.lineGrams(line)),
                        safe(String.join("; ", line.serves())));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** A spreadsheet takes a cell that starts like a formula for one; an apostrophe keeps it text. */
    static String safe(String text) {
        return text.matches("^[=+@\\-].*") ? "'" + text : text;
    }

    private static String grams(Figure figure) {
        return figure instanceof Figure.Known k ? String.format(Locale.ROOT, "%.0f", k.value()) : "";
    }
}
