package wideharbor.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.Capability;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.FrontSheet;
import wideharbor.core.sheet.LensOrder;

/** The set of lenses, what moves with each, and where the rig balances. */
final class LensPages {
    private LensPages() {}

    static Page lenses(RigAnalysis analysis) {
        FrontSheet sheet = FrontSheet.of(analysis, FrontSheet.Tried.NOTHING);
        List<Block> blocks = new ArrayList<>();
        set(analysis, sheet).onto(blocks);
        order(sheet.order(), blocks);
        return new Page(SheetKind.LENSES, SheetKind.LENSES.title(), Book.of(analysis), blocks);
    }

    static Tables set(RigAnalysis analysis, FrontSheet sheet) {
        Tables table = Tables.of("The set")
                .words("lens", 5)
                .figures("front", 3)
                .figures("close focus", 3)
                .figures("sees across", 2)
                .figures("stages clear", 2)
                .words("drives", 8)
                .words("corners", 2);
        for (FrontSheet.LensRow l : sheet.lenses()) {
            table.row(
                    l.title(),
                    Words.one(l.optics().frontDiameterMm()) + " mm",
                    l.optics().closeFocusMm().map(Words::length).orElse("not on file"),
                    l.acrossDegrees().map(d -> Words.one(d) + "°").orElse("not on file"),
                    l.edges().isEmpty() ? "no box" : String.valueOf(l.mostStages()),
                    String.join("\n", drives(analysis.withLens(l.lens()), l)),
                    corners(l));
        }
        return table;
    }

    /** What turns which ring, and where each drive stands with this lens. */
    static List<String> drives(RigAnalysis with, FrontSheet.LensRow lens) {
        return lens.drives().stream()
                .map(t -> t.title() + " on " + t.ring().name().toLowerCase(Locale.ROOT) + fits(t.state())
                        + stands(with.rig(), t.title()))
                .toList();
    }

    private static String stands(Rig rig, String drive) {
        StringBuilder all = new StringBuilder();
        for (Placed part : rig.attached()) {
            if (part.type().can(Capability.DRIVES_LENS) && part.title().equals(drive)) {
                rig.motions().stream()
                        .filter(m -> m.key().placement().equals(part.id()))
                        .forEach(m -> all.append(", ")
                                .append(m.freedom().title())
                                .append(' ')
                                .append(Words.one(m.value()))
                                .append(' ')
                                .append(m.freedom().unit()));
            }
        }
        return all.toString();
    }

    private static String fits(CheckState state) {
        return switch (state) {
            case FINE -> "";
            case FOUND -> ", does not fit";
            default -> ", not certain";
        };
    }

    private static String corners(FrontSheet.LensRow lens) {
        boolean cut = lens.edges().stream().anyMatch(e -> !e.out() && e.cut());
        return lens.edges().isEmpty() ? "" : cut ? "cut" : lens.isFine() ? "clear" : "look";
    }

    static void order(LensOrder order, List<Block> blocks) {
        Tables changes = Tables.of("Changes of lens, in the order that takes least")
                .figures("", 1)
                .words("from", 4)
                .words("to", 4)
                .figures("about", 2)
                .words("what moves", 12);
        int number = 0;
        for (LensOrder.Change c : order.changes()) {
            changes.row(
                    String.valueOf(++number),
                    c.fromTitle(),
                    c.toTitle(),
                    Words.one(c.minutes()) + " min",
                    String.join("; ", c.steps()));
        }
        changes.onto(blocks);
    }

    static Page balance(RigAnalysis analysis) {
        List<Block> blocks = new ArrayList<>();
        BalanceSheet.of(analysis).ifPresent(sheet -> {
            Tables lenses = Tables.of("With each lens")
                    .words("lens", 5)
                    .figures("carried", 2)
                    .figures("ahead of the support", 3)
                    .figures("forgiven", 2)
                    .words("mark", 3);
            sheet.lenses()
                    .forEach(l -> lenses.row(
                            l.title(),
                            Words.kg(l.carriedGrams()),
                            Words.one(l.offMm()) + " mm",
                            Words.one(l.toleranceMm()) + " mm",
                            ""));
            lenses.onto(blocks);
            Tables slides = Tables.of("Slides")
                    .words("slide", 7)
                    .figures("stands at", 2)
                    .figures("goes from, to", 3)
                    .words("serves the whole set at", 4)
                    .words("mark", 3);
            sheet.slides()
                    .forEach(s -> slides.row(
                            s.part() + ", " + s.title(),
                            Words.one(s.value()) + " mm",
                            Words.one(s.range().from()) + ", "
                                    + Words.one(s.range().to()) + " mm",
                            s.serves()
                                    .map(r -> Words.one(r.from()) + " to " + Words.one(r.to()) + " mm")
                                    .orElse("none"),
                            ""));
            slides.onto(blocks);
        });
        return new Page(SheetKind.BALANCE, SheetKind.BALANCE.title(), Book.of(analysis), blocks);
    }
}
