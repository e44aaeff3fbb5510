package wideharbor.app.packing;

import java.util.List;
import java.util.Map;
import wideharbor.app.web.CodePicture;
import wideharbor.app.web.Paper;
import wideharbor.core.quantity.Words;

/** Labels for cases: number and code, what it weighs, what is in it or is to come. */
final class CaseLabels {
    private CaseLabels() {}

    /** {@code code} is a picture as a data address. */
    record Label(String code, int number, String name, String mass, boolean forTwo, List<String> lines) {}

    static byte[] pdf(Paper paper, PackingViews.PackSheet sheet, String loadsOut) {
        return paper.pdf(
                "case-labels",
                Map.of(
                        "title",
                        sheet.title(),
                        "out",
                        loadsOut,
                        "boxes",
                        sheet.boxes().stream().map(CaseLabels::label).toList()));
    }

    private static Label label(PackingViews.PackBox box) {
        boolean packed = !box.contents().isEmpty();
        return new Label(
                CodePicture.address("CASE-" + box.number()),
                box.number(),
                box.name(),
                packed ? (box.unweighed() > 0 ? "at least " : "") + Words.kg(box.grams()) : "not packed yet",
                box.forTwo(),
                (packed ? box.contents() : box.plan())
                        .stream().map(CaseLabels::line).toList());
    }

    private static String line(PackingViews.PackContent content) {
        String codes = content.codes().isEmpty() ? "" : ": " + String.join(", ", content.codes());
        return content.pieces() + " x " + content.title() + codes;
    }
}
