package wideharbor.app.dispatch;

import java.util.List;
import java.util.Locale;
import org.springframework.web.util.HtmlUtils;
import wideharbor.app.web.Paper;

/** The pull list on paper: a box to tick for every line, by category, with the keys and the cautions that go with it. */
final class PullPaper {
    private static final String STYLE =
            """
            @page { size: A4; margin: 16mm 14mm 18mm; @bottom-right { content: counter(page) ' of ' counter(pages); font: 8pt paper; }
                    @bottom-left { content: '%s'; font: 8pt paper; } }
            body { font-family: paper; font-size: 9.5pt; color: #14262e; }
            h1 { font-size: 17pt; font-weight: normal; margin: 0 0 2pt; }
            h2 { font-size: 11pt; font-weight: normal; margin: 12pt 0 2pt; border-bottom: 0.8pt solid #14262e; }
            table { width: 100%%; border-collapse: collapse; table-layout: fixed; -fs-table-paginate: paginate; }
            .kind td { padding-top: 10pt; font-size: 11pt; border-bottom: 0.8pt solid #14262e; }
            td, th { font-weight: normal; text-align: left; padding: 3pt 6pt 3pt 0; border-bottom: 0.4pt solid #b9c0bf; vertical-align: top; }
            th { color: #4c5b60; font-size: 8.5pt; }
            tr { page-break-inside: avoid; }
            .n { text-align: right; white-space: nowrap; }
            .box { width: 12pt; } .box div { width: 9pt; height: 9pt; border: 0.8pt solid #14262e; }
            .soft { color: #4c5b60; }
            """;

    private PullPaper() {}

    /** The view of a job's dispatch as an A4 document. */
    static byte[] pdf(DispatchController.Dispatch d) {
        return Paper.pdf(html(d));
    }

    static String html(DispatchController.Dispatch d) {
        StringBuilder page = new StringBuilder("<html><head><style>");
        page.append(STYLE.formatted(d.title().replace("'", "’").replace("\\", "") + ", revision " + d.revision()));
        page.append("</style></head><body><h1>").append(text(d.title())).append(", pull list</h1>");
        page.append("<p class='soft'>revision ").append(d.revision()).append(", ").append(text(d.stage().name().toLowerCase(Locale.ROOT)));
        page.append(": ").append(text(d.verdict())).append("</p>");
        page.append("<table><thead><tr><th class='box'></th><th style='width:38%'>Item</th><th>Maker</th>");
        page.append("<th class='n'>on the rig</th><th class='n'>in the kit</th><th class='n'>pieces</th>");
        page.append("<th class='n'>each</th></tr></thead>");
        String category = "";
        for (DispatchController.Line line : d.lines()) {
            if (!line.category().equals(category)) {
                category = line.category();
                page.append("<tr class='kind'><td colspan='7'>");
                page.append(text(category.toLowerCase(Locale.ROOT).replace('_', ' '))).append("</td></tr>");
            }
            line(page, line);
        }
        page.append("</table>");
        page.append("<p>In all ").append(kilograms(d.totalGrams()));
        page.append(d.unweighed() > 0 ? " and " + d.unweighed() + " pieces without a mass on file" : "").append(".</p>");
        screws(page, d.screws());
        cases(page, d);
        page.append("<h2>Before it leaves</h2><p>");
        if (d.teamLift()) {
            page.append("Over ").append(kilograms(d.teamLiftGrams())).append(": lift in two or split the load. ");
        }
        page.append("Lithium batteries: terminals covered, spares in the cabin by the carrier’s rules. Local codes and the");
        page.append(" makers’ papers decide.</p></body></html>");
        return page.toString();
    }

    private static void line(StringBuilder page, DispatchController.Line line) {
        page.append("<tr><td class='box'><div></div></td><td>").append(text(line.name())).append("</td><td class='soft'>");
        page.append(text(line.maker())).append("</td>");
        for (int count : new int[] {line.onRig(), line.inKit(), line.pieces()}) {
            page.append("<td class='n'>").append(count).append("</td>");
        }
        page.append("<td class='n'>").append(line.massKnown() ? Math.round(line.eachGrams()) + " g" : "not weighed");
        page.append("</td></tr>");
    }

    private static void screws(StringBuilder page, List<DispatchController.Screws> screws) {
        if (screws.isEmpty()) {
            return;
        }
        page.append("<h2>Screws and keys</h2><table>");
        for (DispatchController.Screws s : screws) {
            page.append("<tr><td class='n'>").append(s.count()).append("</td><td>").append(text(s.thread()));
            page.append(s.captive() ? "" : ", loose").append("</td><td>").append(text(String.join(" or ", s.keys())));
            page.append("</td><td>").append(s.held().isEmpty() ? "no key packed" : text(String.join("; ", s.held())));
            page.append("</td></tr>");
        }
        page.append("</table>");
    }

    private static void cases(StringBuilder page, DispatchController.Dispatch d) {
        page.append("<h2>By case</h2><table>");
        for (DispatchController.CaseView c : d.cases()) {
            page.append("<tr class='kind'><td colspan='3'>").append(c.number()).append(" ").append(text(c.name()));
            page.append(", ").append(c.unweighed() ? "at least " : "").append(kilograms(c.grams()));
            page.append(c.forTwo() ? ", lifted by two" : "").append(c.inKit() ? "" : ", to be added to the kit");
            page.append("</td></tr>");
            c.contents().forEach(p -> packed(page, p));
        }
        if (!d.loose().isEmpty()) {
            page.append("<tr class='kind'><td colspan='3'>In no case</td></tr>");
            d.loose().forEach(p -> packed(page, p));
        }
        page.append("</table>");
    }

    private static void packed(StringBuilder page, DispatchController.PackedView p) {
        page.append("<tr><td class='box'><div></div></td><td class='n' style='width:8%'>").append(p.pieces());
        page.append("</td><td>").append(text(p.name())).append("</td></tr>");
    }

    private static String kilograms(double grams) {
        return String.format(Locale.ROOT, "%.2f kg", grams / 1000);
    }

    private static String text(String raw) {
        return HtmlUtils.htmlEscape(raw, "UTF-8");
    }
}
