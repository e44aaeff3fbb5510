package wideharbor.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.assembly.AssemblyPlan;
import wideharbor.core.balance.Mass;
import wideharbor.core.build.Placement;
import wideharbor.core.geometry.View;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.signal.CableSchedule;

/** A rig as it stands, how it is put together, and its cables. */
final class BuildPages {
    private BuildPages() {}

    static Page build(RigAnalysis analysis) {
        Rig rig = analysis.rig();
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Picture("", analysis.key(), rig.lens(), List.of(View.LEFT, View.FRONT), false));
        Tables parts = Tables.of("Parts, numbered as drawn")
                .figures("", 1)
                .words("part", 8)
                .words("piece", 2)
                .words("on", 8)
                .figures("mass", 2);
        int number = 0;
        for (Placed part : rig.attached()) {
            parts.row(
                    String.valueOf(++number),
                    part.title(),
                    part.placement().piece(),
                    rig.locatedBy(part.id())
                            .map(j -> rig.title(j.parent().placement()) + ", "
                                    + rig.port(j.parent()).title())
                            .orElse(""),
                    grams(part));
        }
        parts.onto(blocks);
        Mass carried = analysis.lifted();
        List<String> sums = new ArrayList<>();
        sums.add("Carried " + Words.kg(carried.grams())
                + (carried.unweighed().isEmpty()
                        ? ""
                        : " and what has no mass on file: " + String.join(", ", carried.unweighed()))
                + ".");
        if (rig.attached().stream().anyMatch(p -> p.placement().weighedGrams() instanceof Figure.Known)) {
            sums.add("* weighed, not as the catalogue says.");
        }
        blocks.add(new Block.Lines("", sums));
        return new Page(SheetKind.BUILD, SheetKind.BUILD.title(), Book.of(analysis), blocks);
    }

    private static String grams(Placed part) {
        Placement here = part.placement();
        if (here.weighedGrams() instanceof Figure.Known weighed) {
            return Math.round(weighed.value()) + " g *";
        }
        return Mass.ofType(part.type()) instanceof Figure.Known known
                ? Math.round(known.value()) + " g"
                : "not on file";
    }

    private static String tools(AssemblyPlan.Step s) {
        return joined(
                "\n",
                s.tools().stream()
                        .map(t -> t.key() + (t.in().isEmpty() ? ", not packed" : ""))
                        .collect(Collectors.joining(", ")),
                s.screws().stream().map(x -> x.count() + " x " + x.thread()).collect(Collectors.joining(", ")));
    }

    private static String settings(AssemblyPlan.Step s) {
        return joined(
                "\n",
                s.settings().stream()
                        .map(r -> r.what() + " " + Words.one(r.value())
                                + (r.unit().equals("°") ? "" : " ") + r.unit())
                        .collect(Collectors.joining("; ")),
                String.join("; ", s.marks()),
                s.check());
    }

    static Page steps(RigAnalysis analysis) {
        AssemblyPlan plan = AssemblyPlan.of(analysis);
        Tables steps = Tables.of("")
                .figures("", 1)
                .words("step", 9)
                .words("key, screws", 4)
                .words("how firm", 4)
                .words("set, check", 6)
                .words("", 1);
        int number = 0;
        for (AssemblyPlan.Step s : plan.steps()) {
            steps.row(
                    String.valueOf(++number),
                    joined("\n", s.title(), s.where(), s.caution()),
                    tools(s),
                    s.tight(),
                    settings(s),
                    "☐");
        }
        List<Block> blocks = new ArrayList<>();
        steps.onto(blocks);
        blocks.add(new Block.Lines(
                "",
                List.of(
                        "About " + Math.round(plan.minutes()) + " minutes for one pair of hands. Keys: "
                                + (plan.keys().isEmpty() ? "none" : String.join(", ", plan.keys())) + ".",
                        "It is taken apart in the contrary order. Where somebody can be hurt, by weight, batteries,"
                                + " mains or what hangs overhead, local rules and licensed people come first.")));
        return new Page(SheetKind.STEPS, SheetKind.STEPS.title(), Book.of(analysis), blocks);
    }

    static String joined(String between, String... words) {
        return List.of(words).stream().filter(w -> !w.isEmpty()).collect(Collectors.joining(between));
    }

    static Page cables(RigAnalysis analysis) {
        Tables cables = Tables.of("")
                .words("label", 3)
                .words("cable", 5)
                .words("from", 6)
                .words("to", 6)
                .figures("needs, has", 3)
                .words("led", 4);
        for (CableSchedule.Row c : analysis.cables()) {
            cables.row(
                    c.label(),
                    c.name(),
                    end(c.a()),
                    end(c.b()),
                    Math.round(Math.max(c.neededMm(), c.turnedMm())) + ", " + Math.round(c.lengthMm()) + " mm",
                    led(analysis.rig(), c));
        }
        List<Block> blocks = new ArrayList<>();
        cables.onto(blocks);
        return new Page(SheetKind.CABLES, SheetKind.CABLES.title(), Book.of(analysis), blocks);
    }

    private static String end(CableSchedule.End end) {
        return end.part() + ", " + end.socket() + (end.locks() ? ", locks" : "");
    }

    private static String led(Rig rig, CableSchedule.Row cable) {
        return cable.laid().along().stream().map(rig::title).collect(Collectors.joining(", "));
    }
}
