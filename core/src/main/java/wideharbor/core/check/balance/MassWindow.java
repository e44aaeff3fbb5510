package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.catalog.Facet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;
import wideharbor.core.quantity.Words;

/** The carried mass lies in the brief's window and the support's payload, with each lens. */
final class MassWindow implements Check {
    private static final CheckCard CARD = new CheckCard(
            "balance.mass-window",
            "balance",
            "Mass within the brief's window",
            "what the support carries, per lens",
            "the carried mass lies between the brief's floor and ceiling and within the support's payload",
            "below the floor the picture is nervous, above the ceiling the day is too long for who carries it",
            "M = sum of the masses on the body's side of the support",
            "brief; payload by the support's maker",
            Severity.CAUTION,
            true);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Mass carried = analysis.carried();
        String support = analysis.rig().configuration().support();
        if (!carried.isComplete()) {
            results.notChecked(
                    About.of("weighed", part(support)),
                    "no mass on file for " + String.join(", ", carried.unweighed()));
            return;
        }
        payload(analysis, results, carried, support);
        double floor = analysis.job().brief().massFloorGrams();
        double ceiling = analysis.job().brief().massCeilingGrams();
        if (floor > 0 || ceiling > 0) {
            judge(
                    results,
                    About.of("brief", part(support)),
                    Severity.CAUTION,
                    carried,
                    new Span(floor, ceiling > 0 ? ceiling : 1e9),
                    "The brief's window for the carried mass.");
        }
    }

    private static void payload(RigAnalysis analysis, Results results, Mass carried, String support) {
        analysis.rig()
                .find(support)
                .flatMap(p -> p.type().facet(Facet.Support.class))
                .ifPresent(f -> judge(
                        results,
                        About.of("payload", part(support)),
                        Severity.STOP,
                        carried,
                        new Span(f.minPayloadGrams(), f.maxPayloadGrams()),
                        "Outside its payload the head springs back or drops."));
    }

    private static void judge(Results results, About about, Severity severity, Mass carried, Span window, String why) {
        Span range = carried.range();
        Evidence evidence = Evidence.Amount.between(carried.grams(), window.from(), window.to(), "g")
                .ranging(range, Figure.Source.MAKER);
        if (window.encloses(range, 0.5)) {
            results.fine();
        } else if (window.holds(carried.grams(), 0)) {
            results.undecided(
                    about,
                    "Carried mass " + Words.kg(carried.grams()) + " may pass the window",
                    evidence,
                    why + " The masses on file are not exact enough to tell.");
        } else {
            boolean heavy = carried.grams() > window.to();
            double by = heavy ? carried.grams() - window.to() : window.from() - carried.grams();
            results.found(
                    severity,
                    about,
                    Words.kg(by) + (heavy ? " over the " : " under the ") + about.aspect() + "'s limit",
                    evidence,
                    why);
        }
    }
}
