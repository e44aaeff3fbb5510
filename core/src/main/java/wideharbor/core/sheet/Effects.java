package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Raised;
import wideharbor.core.check.Report;
import wideharbor.core.edit.Fit;
import wideharbor.core.edit.PartEdits;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Words;

/** What adding a part would do with the lens in the slot, worked out on a copy before anyone chooses it. */
public final class Effects {
    private Effects() {}

    /**
     * The change an offer makes.
     *
     * @param massGrams what the support carries more
     * @param shiftMm how far the centre of mass moves forward on the support; empty without a support
     * @param cleared titles of findings that go
     * @param raised findings that come
     * @param stops stops that come less stops that go
     * @param refused why it cannot be added, or empty
     */
    public record Effect(
            double massGrams,
            Optional<Double> shiftMm,
            List<String> cleared,
            Raised raised,
            int stops,
            String refused) {}

    /** An offer with its effect. */
    public record Tried(Fit.Offer offer, Effect effect) {}

    /**
     * Tries each offer, the most useful first: fewest stops added, then most findings cleared, then fewest raised, then
     * in the order given.
     */
    public static List<Tried> of(CheckEngine engine, RigAnalysis analysis, PortRef on, List<Fit.Offer> offers) {
        Report before = engine.check(analysis);
        List<Tried> tried = new ArrayList<>();
        for (Fit.Offer offer : offers) {
            tried.add(new Tried(offer, effect(engine, analysis, () -> PartEdits.add(analysis, on, offer), before)));
        }
        tried.sort(Comparator.comparingInt((Tried t) -> t.effect().refused().isEmpty() ? 0 : 1)
                .thenComparingInt(t -> t.effect().stops())
                .thenComparingInt(t -> -t.effect().cleared().size())
                .thenComparingInt(t -> t.effect().raised().titles().size()));
        return tried;
    }

    private static Effect effect(CheckEngine engine, RigAnalysis analysis, Supplier<List<Scoped>> add, Report before) {
        try {
            List<Scoped> edit = add.get();
            Job changed = analysis.job()
                    .with(analysis.job()
                            .gear()
                            .apply(analysis.build().id(), edit, analysis.catalogue())
                            .after());
            RigAnalysis then = analysis.trying(changed);
            Report.Change change = engine.check(then).since(before);
            Optional<Double> shift =
                    analysis.balance().flatMap(b -> then.balance().map(a -> middle(a) - middle(b)));
            int stops = stops(change.raised()) - stops(change.cleared());
            return new Effect(
                    then.carried().grams() - analysis.carried().grams(),
                    shift,
                    titles(change.cleared()),
                    Raised.of(change.raised()),
                    stops,
                    "");
        } catch (EditRefused refused) {
            return new Effect(0, Optional.empty(), List.of(), new Raised(List.of(), 0), 0, Words.reason(refused));
        }
    }

    private static double middle(SlideBalance balance) {
        return balance.middleMm();
    }

    private static int stops(List<Finding> findings) {
        return (int) findings.stream().filter(Finding::holds).count();
    }

    private static List<String> titles(List<Finding> findings) {
        return findings.stream().map(Finding::title).distinct().toList();
    }
}
