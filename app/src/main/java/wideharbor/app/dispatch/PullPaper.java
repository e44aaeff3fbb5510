package wideharbor.app.dispatch;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wideharbor.app.web.Paper;

/**
 * The pull list on paper: a box to tick for every line, by category, with the keys and the cautions that go with it.
 */
final class PullPaper {
    private PullPaper() {}

    /** Lines of one category. */
    record Section(String title, List<DispatchController.Line> lines) {}

    /** A case, or what is in none, with its heading in words. */
    record Packed(String title, List<DispatchController.PackedView> contents) {}

    /** The view of a job's dispatch as an A4 document. */
    static byte[] pdf(Paper paper, DispatchController.Dispatch d) {
        return paper.pdf("pull-list", values(d));
    }

    static Map<String, Object> values(DispatchController.Dispatch d) {
        return Map.of(
                "d", d,
                "stage", d.stage().name().toLowerCase(Locale.ROOT),
                "sections", sections(d.lines()),
                "total", kilograms(d.totalGrams()),
                "teamLift", kilograms(d.teamLiftGrams()),
                "cases", cases(d));
    }

    private static List<Section> sections(List<DispatchController.Line> lines) {
        Map<String, List<DispatchController.Line>> byCategory = new LinkedHashMap<>();
        lines.forEach(l ->
                byCategory.computeIfAbsent(l.category(), k -> new ArrayList<>()).add(l));
        return byCategory.entrySet().stream()
                .map(e -> new Section(e.getKey().toLowerCase(Locale.ROOT).replace('_', ' '), e.getValue()))
                .toList();
    }

    private static List<Packed> cases(DispatchController.Dispatch d) {
        List<Packed> all = new ArrayList<>();
        d.cases().forEach(c -> all.add(new Packed(heading(c), c.contents())));
        if (!d.loose().isEmpty()) {
            all.add(new Packed("In no case", d.loose()));
        }
        return all;
    }

    private static String heading(DispatchController.CaseView c) {
        return c.number() + " " + c.name() + ", " + (c.unweighed() ? "at least " : "") + kilograms(c.grams())
                + (c.forTwo() ? ", lifted by two" : "") + (c.inKit() ? "" : ", to be added to the kit");
    }

    private static String kilograms(double grams) {
        return String.format(Locale.ROOT, "%.2f kg", grams / 1000);
    }
}
