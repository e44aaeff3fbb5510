package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.type;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.analysis.PackedBatteries;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.power.CabinRule;
import wideharbor.core.quantity.Figure;

/** A job that flies takes no battery that may not, and no more than the people who fly may carry. */
final class Flight implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.flight")
            .family("power")
            .title("The batteries may fly")
            .subjects("every kind of battery in the package, when the brief says that people fly with them")
            .expectation("none over 160 Wh; of those over 100 Wh two for each person who flies")
            .because("they are taken away at the gate, and the day begins without them")
            .source("the usual rule for cabins, 2026-11; carrier and local law decide")
            .severity(Severity.STOP)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    /** Told once for the job, with the first configuration of its first build. */
    @Override
    public void run(RigAnalysis analysis, Results results) {
        int flyers = analysis.job().brief().asks().shoot().flyers();
        if (flyers == 0 || !analysis.isFirstOfJob()) {
            return;
        }
        PackedBatteries.of(analysis).forEach((type, count) -> {
            Optional<Figure.Known> capacity =
                    type.facet(PowerFacet.Battery.class).orElseThrow().capacity();
            if (capacity.isPresent()) {
                judge(type, CabinRule.of(capacity.get().value(), analysis.rules()), count, results);
            } else {
                results.notChecked(About.of("flight", type(type.ref())), "no watt-hours on file for " + type.name());
            }
        });
    }

    private static void judge(ItemType type, CabinRule rule, int count, Results results) {
        int flyers = results.analysis().job().brief().asks().shoot().flyers();
        if (count <= rule.mostFor(flyers, results.analysis().rules())) {
            results.fine();
            return;
        }
        results.found(
                rule == CabinRule.NOT_AS_BAGGAGE ? Severity.STOP : Severity.CAUTION,
                About.of("flight", type(type.ref())),
                rule == CabinRule.NOT_AS_BAGGAGE
                        ? type.name() + " may not fly as baggage"
                        : count + " × " + type.name() + " with " + flyers + (flyers == 1 ? " person" : " people"),
                Evidence.Amount.atMost(
                        count, rule.mostFor(flyers, results.analysis().rules()), "pieces"),
                "Usually " + rule.inWords(results.analysis().rules()) + ". The carrier and local law decide.");
    }

    /** Spares of this kind left at home as far as it takes, smaller ones of the same plate packed instead. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        ItemType type = analysis.catalogue().require(finding.key().type());
        double excess =
                ((Evidence.Amount) finding.evidence()).measured() - ((Evidence.Amount) finding.evidence()).neededTo();
        int spares = (int) Math.min(analysis.kit().count(type.ref()), Math.ceil(excess));
        if (spares == 0) {
            return List.of();
        }
        List<Candidate> all = new ArrayList<>();
        for (ItemType other : Parts.byNearness(analysis)) {
            boolean smaller = other.facet(PowerFacet.Battery.class).isPresent()
                    && DayPlates.standard(other).equals(DayPlates.standard(type))
                    && DayPlates.capacity(other)
                            .filter(w -> CabinRule.of(w, analysis.rules()) == CabinRule.FREE)
                            .isPresent();
            if (smaller) {
                int pieces = (int) Math.ceil(spares
                        * DayPlates.capacity(type).orElse(0.0)
                        / DayPlates.capacity(other).orElseThrow());
                all.add(new Candidate(
                        "smaller",
                        pieces + " × " + other.name() + " in place of " + spares + " × " + type.name(),
                        List.of(
                                Scoped.kit(new Command.AddKit(type.ref(), -spares)),
                                Scoped.kit(new Command.AddKit(other.ref(), pieces)))));
            }
        }
        return all;
    }
}
