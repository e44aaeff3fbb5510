package wideharbor.format;

import java.util.List;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckEngine;

/** Writes docs/checks.md from what the checks say of themselves. */
final class ChecksDocument {
    private ChecksDocument() {}

    static String text() {
        StringBuilder text = new StringBuilder("# The checks\n\n");
        text.append("Made from the code by `ChecksDocumentTest`; the screens show the same words. Each "
                        + "check ends *fine*, *found*, ")
                .append("*undecided* (the range of what is known straddles the limit) or *not checked* (data is "
                        + "missing).\n");
        List<CheckCard> cards =
                CheckEngine.standard().checks().stream().map(Check::card).toList();
        for (CheckCard card : cards) {
            text.append("\n## ").append(card.title()).append("\n\n");
            line(text, "id", "`" + card.id() + "`");
            line(text, "looks at", card.subjects());
            line(text, "expects that", card.expectation());
            line(text, "because", card.because());
            line(text, "formula", card.formula());
            line(text, "source", card.source());
            line(
                    text,
                    "weight",
                    card.severity().name().toLowerCase(java.util.Locale.ROOT) + (card.perLens() ? ", per lens" : ""));
        }
        return text.toString();
    }

    private static void line(StringBuilder text, String name, String value) {
        if (!value.isEmpty()) {
            text.append("- ").append(name).append(": ").append(value).append('\n');
        }
    }
}
