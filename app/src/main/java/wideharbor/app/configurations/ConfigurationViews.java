package wideharbor.app.configurations;

import java.util.List;
import java.util.Locale;
import wideharbor.core.build.Build;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.changeover.Twin;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.Comparison;

/** What the endpoints about configurations answer with. */
public final class ConfigurationViews {
    private ConfigurationViews() {}

    record Compared(
            Side one,
            Side other,
            List<String> onlyOne,
            List<String> onlyOther,
            List<Comparison.Differs> differs,
            List<String> raisedInOther,
            List<String> clearedInOther) {
        static Compared of(Comparison c) {
            return new Compared(
                    Side.of(c.one()),
                    Side.of(c.other()),
                    c.onlyOne(),
                    c.onlyOther(),
                    c.differs(),
                    c.raisedInOther(),
                    c.clearedInOther());
        }
    }

    /** {@code offMm} has one figure, or none without a support that says where it carries. */
    record Side(
            String id,
            String title,
            String support,
            int parts,
            double grams,
            List<String> unweighed,
            List<Double> offMm,
            double deepMm,
            double highMm,
            int stops,
            int cautions) {
        static Side of(Comparison.Side s) {
            return new Side(
                    s.id(),
                    s.title(),
                    s.support(),
                    s.parts(),
                    s.grams(),
                    s.unweighed(),
                    s.offMm().stream().toList(),
                    s.deepMm(),
                    s.highMm(),
                    s.stops(),
                    s.cautions());
        }
    }

    /** Nothing in it when no support says where it carries. */
    record Balance(List<LensBalance> lenses, List<SlideView> slides, List<SwapView> swaps) {
        static Balance of(BalanceSheet sheet) {
            return new Balance(
                    sheet.lenses().stream()
                            .map(l -> new LensBalance(
                                    l.lens(),
                                    l.title(),
                                    l.offMm(),
                                    l.range().from(),
                                    l.range().to(),
                                    l.toleranceMm(),
                                    l.carriedGrams()))
                            .toList(),
                    sheet.slides().stream()
                            .map(s -> new SlideView(
                                    s.key().toString(),
                                    s.part(),
                                    s.title(),
                                    s.value(),
                                    s.range().from(),
                                    s.range().to(),
                                    s.perMm(),
                                    s.serves()
                                            .map(x -> List.of(x.from(), x.to()))
                                            .orElse(List.of())))
                            .toList(),
                    sheet.swaps().stream()
                            .map(s -> new SwapView(s.part(), s.other().name(), s.addsGrams(), s.offMm()))
                            .toList());
        }
    }

    record LensBalance(
            String lens, String title, double offMm, double low, double high, double toleranceMm, double grams) {}

    /** {@code perMm} for each lens; {@code serves} from and to, or nothing when no setting serves every lens. */
    record SlideView(
            String key,
            String part,
            String title,
            double value,
            double from,
            double to,
            List<Double> perMm,
            List<Double> serves) {}

    record SwapView(String part, String other, double addsGrams, List<Double> offMm) {}

    record Named(String id, String title) {}

    record Changeovers(List<Named> configurations, List<Way> ways) {
        static Changeovers of(ChangeoverMatrix matrix, Build build, Catalogue catalogue) {
            return new Changeovers(
                    build.configurations().stream()
                            .map(c -> new Named(c.id(), c.title()))
                            .toList(),
                    matrix.cells().stream().map(c -> Way.of(c, catalogue)).toList());
        }
    }

    /** A way with what the brief asks of it: minutes, 0 when it asks for nothing. */
    record Way(
            String from,
            String to,
            double minutes,
            double toolMinutes,
            boolean toolFree,
            double askedMinutes,
            boolean askedToolFree,
            boolean met,
            List<String> keys,
            List<StepView> steps,
            List<String> leftBehind,
            List<String> recheck,
            TwinView twin) {
        static Way of(ChangeoverMatrix.Cell cell, Catalogue catalogue) {
            Changeover way = cell.way();
            return new Way(
                    way.from(),
                    way.to(),
                    way.minutes(),
                    way.minutes()
                            - way.steps().stream()
                                    .mapToDouble(Changeover.Step::minutes)
                                    .sum(),
                    way.isToolFree(),
                    cell.demand().map(d -> d.minutes()).orElse(0.0),
                    cell.demand().map(d -> d.toolFree()).orElse(false),
                    cell.met(),
                    way.keys(),
                    way.steps().stream().map(StepView::of).toList(),
                    way.leftBehind(),
                    way.recheck(),
                    TwinView.of(cell.twin(), catalogue));
        }
    }

    /** A second body left ready: what is doubled, how much of it is in the kit, and the minutes it saves. */
    record TwinView(
            List<TwinPart> parts,
            int pieces,
            int inKit,
            double extraGrams,
            double handOverMinutes,
            double savedMinutes,
            boolean worthIt) {
        static TwinView of(Twin t, Catalogue catalogue) {
            return new TwinView(
                    t.types().stream()
                            .map(r -> new TwinPart(
                                    catalogue.require(r).name(),
                                    t.doubled().get(r),
                                    t.inKit().getOrDefault(r, 0)))
                            .toList(),
                    t.pieces(),
                    t.inKit().values().stream().mapToInt(Integer::intValue).sum(),
                    t.extraGrams(),
                    t.handOverMinutes(),
                    t.savedMinutes(),
                    t.worthIt());
        }
    }

    record TwinPart(String title, int pieces, int inKit) {}

    record StepView(String act, String part, String where, List<String> along, List<String> keys, double minutes) {
        static StepView of(Changeover.Step step) {
            return new StepView(
                    step.act().name().toLowerCase(Locale.ROOT),
                    step.part(),
                    step.where(),
                    step.along(),
                    step.keys(),
                    step.minutes());
        }
    }
}
