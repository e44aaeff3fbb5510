package wideharbor.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wideharbor.core.dispatch.CasePlan;

/** The packing list as CSV (RFC 4180): one line a type in a case; case 0 is what goes in none. */
public final class PackingListCsv {
    private PackingListCsv() {}

    public static String write(CasePlan plan) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader("case", "case_name", "item", "name", "pieces")
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            int number = 0;
            for (CasePlan.PackedCase c : plan.cases()) {
                lines(printer, ++number, c.type().name(), c.contents());
            }
            lines(printer, 0, "", plan.loose());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static void lines(CSVPrinter printer, int number, String name, List<CasePlan.Packed> contents)
            throws IOException {
        for (CasePlan.Packed p : contents) {
            printer.printRecord(
                    number,
                    PullListCsv.safe(name),
                    p.type().ref(),
                    PullListCsv.safe(p.type().name()),
                    p.pieces());
        }
    }
}
