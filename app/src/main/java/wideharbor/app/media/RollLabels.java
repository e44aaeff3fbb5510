package wideharbor.app.media;

import java.util.List;
import java.util.Map;
import wideharbor.app.web.CodePicture;
import wideharbor.app.web.Paper;

/** Labels for the rolls to come, four to a row, to be taped to the card that goes in. */
final class RollLabels {
    private static final int PER_ROW = 4;

    private RollLabels() {}

    record Label(String label, String body, String mode) {}

    static byte[] pdf(Paper paper, String title, List<Label> labels) {
        return paper.pdf(
                "roll-labels", Map.of("title", title, "rows", CodePicture.rows(labels, PER_ROW), "perRow", PER_ROW));
    }
}
