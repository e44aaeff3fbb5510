package wideharbor.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.dispatch.FastenerList;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Words;
import wideharbor.core.tool.ToolList;

/** What is pulled, packed and turned with which key. */
final class KitPages {
    private KitPages() {}

    static Page tools(Judged judged) {
        Tables table = Tables.of("")
                .words("thread", 3)
                .figures("count", 1)
                .words("captive", 2)
                .words("key", 3)
                .words("key is in", 5)
                .words("where", 9);
        for (ToolList.Fastener f : FastenerList.of(judged.analyses())) {
            table.row(
                    f.thread(),
                    String.valueOf(f.count()),
                    f.captive() ? "captive" : "loose: pack spares",
                    String.join(" or ", f.keys()),
                    f.held().isEmpty()
                            ? "not packed"
                            : f.held().entrySet().stream()
                                    .map(e -> e.getKey() + " in " + e.getValue())
                                    .collect(Collectors.joining("; ")),
                    String.join(", ", f.where()));
        }
        List<Block> blocks = new ArrayList<>();
        table.onto(blocks);
        if (!table.isEmpty()) {
            blocks.add(new Block.Lines(
                    "", List.of("A screw that is turned tighter does not stand for a second contact.")));
        }
        return new Page(SheetKind.TOOLS, SheetKind.TOOLS.title(), judged.job().title(), blocks);
    }

    static Page pull(Job job) {
        List<PullList.Line> lines = PullList.of(job);
        Tables pull = lines(lines);
        List<Block> blocks = new ArrayList<>();
        pull.onto(blocks);
        PullList.Load load = PullList.load(job, lines);
        if (!pull.isEmpty()) {
            blocks.add(new Block.Lines(
                    "",
                    List.of("Together " + Words.kg(load.grams())
                            + (load.unweighed() > 0
                                    ? " and " + load.unweighed() + " pieces without a mass on file"
                                    : "")
                            + (load.forTwo() ? "; one of them is lifted by two people." : "."))));
        }
        cases(job).onto(blocks);
        return new Page(SheetKind.PULL, SheetKind.PULL.title(), job.title(), blocks);
    }

    private static Tables lines(List<PullList.Line> lines) {
        Tables pull = Tables.of("")
                .figures("pieces", 1)
                .words("part", 6)
                .words("maker", 3)
                .words("serves", 8)
                .figures("mass", 2)
                .words("out", 1)
                .words("back", 1);
        for (PullList.Line line : lines) {
            pull.row(
                    String.valueOf(line.pieces()),
                    line.type().name(),
                    line.type().maker(),
                    String.join(", ", line.serves()),
                    PullList.lineGrams(line) instanceof Figure.Known k ? Words.kg(k.value()) : "not on file",
                    "☐",
                    "☐");
        }
        return pull;
    }

    private static Tables cases(Job job) {
        Tables cases = Tables.of("Cases, as planned")
                .figures("", 1)
                .words("case", 4)
                .words("in it", 12)
                .figures("mass", 2);
        int number = 0;
        for (CasePlan.PackedCase c : CasePlan.of(job).cases()) {
            cases.row(
                    String.valueOf(++number),
                    c.type().name() + (c.inKit() ? "" : ", not in the kit"),
                    c.contents().stream()
                            .map(p -> p.pieces() > 1
                                    ? p.pieces() + " x " + p.type().name()
                                    : p.type().name())
                            .collect(Collectors.joining(", ")),
                    (c.unweighed() ? "at least " : "") + Words.kg(c.grams()) + (c.forTwo() ? ", two lift" : ""));
        }
        return cases;
    }
}
