package wideharbor.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.check.Judged;
import wideharbor.core.id.ConfigurationId;

/** From one way of being worn to another. */
final class ChangePages {
    private ChangePages() {}

    /** Those that the brief asks for; where it asks for none, all. */
    static List<Changeover> ways(Judged judged, Build build) {
        List<RigAnalysis> worn = build.configurations().stream()
                .map(c -> judged.analyses()
                        .rig(build.id(), c.id(), build.lensIds().get(0)))
                .toList();
        List<ChangeoverMatrix.Cell> all =
                ChangeoverMatrix.of(judged.job(), worn).cells();
        List<ChangeoverMatrix.Cell> asked =
                all.stream().filter(c -> c.demand().isPresent()).toList();
        return (asked.isEmpty() ? all : asked)
                .stream().map(ChangeoverMatrix.Cell::way).toList();
    }

    static Page changes(Judged judged, Build build) {
        List<Block> blocks = new ArrayList<>();
        ways(judged, build).forEach(way -> steps(build, way, blocks));
        return new Page(SheetKind.CHANGES, SheetKind.CHANGES.title(), build.title(), blocks);
    }

    private static void steps(Build build, Changeover way, List<Block> blocks) {
        String title = title(build, way.from()) + " to " + title(build, way.to()) + ", about "
                + Math.round(way.minutes()) + " minutes"
                + (way.isToolFree() ? ", without tools" : ", with " + String.join(", ", way.keys()));
        Tables steps = Tables.of(title)
                .figures("", 1)
                .words("", 2)
                .words("what", 6)
                .words("where", 6)
                .words("key", 3)
                .words("done", 1);
        int number = 0;
        for (Changeover.Step s : way.steps()) {
            steps.row(
                    String.valueOf(++number),
                    s.act().name().toLowerCase(Locale.ROOT),
                    (s.along().isEmpty() ? s.part() : s.part() + ", with " + String.join(", ", s.along()))
                            + (s.why().isEmpty() ? "" : ". " + s.why()),
                    s.where(),
                    String.join(", ", s.keys()),
                    "☐");
        }
        steps.onto(blocks);
        List<String> after = new ArrayList<>();
        if (!way.leftBehind().isEmpty()) {
            after.add("Left aside: " + String.join(", ", way.leftBehind()) + ".");
        }
        if (!way.recheck().isEmpty()) {
            after.add("Look again at " + String.join("; ", way.recheck()) + ".");
        }
        if (!after.isEmpty() && !steps.isEmpty()) {
            blocks.add(new Block.Lines("", after));
        }
    }

    static String title(Build build, ConfigurationId worn) {
        return build.configuration(worn).map(Configuration::title).orElse(worn.toString());
    }
}
