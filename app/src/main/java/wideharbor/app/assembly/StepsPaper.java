package wideharbor.app.assembly;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import wideharbor.app.assembly.AssemblyViews.AssemblySheet;
import wideharbor.app.assembly.AssemblyViews.AssemblyStep;
import wideharbor.app.assembly.AssemblyViews.StepSetting;
import wideharbor.app.photos.PhotoService;

/** The steps on paper, with a box to tick for each. */
final class StepsPaper {
    private StepsPaper() {}

    /**
     * What stands at the head of the paper.
     *
     * @param worn how the rig is worn, and with which lens
     */
    record Head(String job, String body, String worn, int revision, String verdict, String printed) {}

    /** A step in the words of the paper. */
    record Line(
            boolean done,
            String title,
            String where,
            String caution,
            String keys,
            String screws,
            String tight,
            String settings,
            String check,
            List<PhotoService.Pictured> photos) {
        static Line of(AssemblyStep s, List<PhotoService.Pictured> all) {
            return new Line(
                    s.isDone(),
                    s.title(),
                    s.where(),
                    s.caution(),
                    s.tools().stream()
                            .map(t -> t.key() + (t.in().isEmpty() ? ", not packed" : ""))
                            .collect(Collectors.joining("; ")),
                    s.screws().stream()
                            .map(w -> w.count() + " × " + w.thread() + (w.captive() ? "" : ", loose"))
                            .collect(Collectors.joining("; ")),
                    s.tight(),
                    s.settings().stream().map(Line::setting).collect(Collectors.joining("; ")),
                    s.check(),
                    all.stream().filter(p -> p.of().equals(s.key())).toList());
        }

        private static String setting(StepSetting r) {
            String value = String.format(Locale.ROOT, "%.1f", r.value());
            return r.what() + " to " + value + (r.unit().equals("°") ? "°" : " " + r.unit()) + ".";
        }
    }

    static Map<String, Object> values(Head head, AssemblySheet sheet, List<PhotoService.Pictured> photos) {
        List<Line> lines = sheet.steps().stream().map(s -> Line.of(s, photos)).toList();
        return Map.of(
                "title",
                head.job() + ", " + head.body() + ": assembly",
                "worn",
                "worn as " + head.worn() + "; revision " + head.revision() + ": " + head.verdict(),
                "needs",
                String.format(
                        Locale.ROOT,
                        "%d steps, about %.0f minutes for one pair of hands; keys: %s.",
                        lines.size(),
                        sheet.minutes(),
                        sheet.keys().isEmpty() ? "none" : String.join(", ", sheet.keys())),
                "foot",
                head.job() + ", revision " + head.revision() + ", " + head.verdict() + ", printed " + head.printed(),
                "steps",
                lines);
    }
}
