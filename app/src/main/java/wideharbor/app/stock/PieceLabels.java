package wideharbor.app.stock;

import java.util.List;
import java.util.Map;
import wideharbor.app.web.CodePicture;
import wideharbor.app.web.Paper;

/** Labels for pieces, four to a row: the code as a scanner reads it, and in words. */
final class PieceLabels {
    private static final int PER_ROW = 4;

    private PieceLabels() {}

    /** {@code code} is a picture as a data address. */
    record Label(String code, String label, String name, String serial) {}

    static byte[] pdf(Paper paper, List<StockController.PieceLine> pieces) {
        List<Label> labels = pieces.stream()
                .map(p -> new Label(CodePicture.address(p.code()), p.code(), p.name(), p.serial()))
                .toList();
        return paper.pdf("piece-labels", Map.of("rows", CodePicture.rows(labels, PER_ROW), "perRow", PER_ROW));
    }
}
