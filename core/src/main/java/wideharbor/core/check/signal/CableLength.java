package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.cable;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.CableRun;
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
import wideharbor.core.edit.Wiring;
import wideharbor.core.id.CableId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;
import wideharbor.core.quantity.Words;
import wideharbor.core.signal.CableSchedule;

/** Every cable reaches. */
final class CableLength implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("cables.length")
            .family("signal")
            .title("Cables reach")
            .subjects("every cable of the rig")
            .expectation("its length is at least the way between its sockets, by the parts it is led along, with the "
                    + "plugs' own length and a tenth to spare; also when a joint on the way is turned")
            .because("a taut cable pulls its socket, and is the first thing to fail")
            .formula("Σ (|Δx| + |Δy| + |Δz|) from point to point + plugs, × 1.1; turns by house rule, one joint "
                    + "at a time")
            .source("sockets on file; plugs by house rule")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.LAID_WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (CableSchedule.Row row : analysis.cables()) {
            if (row.isTautWhenTurned()) {
                results.found(
                        Severity.NOTE,
                        About.of("turned", cable(row.id())),
                        row.name() + " is taut when " + row.turned() + " is turned",
                        Evidence.Amount.atLeast(row.lengthMm(), row.turnedMm(), "mm")
                                .ranging(Span.of(row.lengthMm()), Figure.Source.ASSUMED),
                        "Turned by " + Words.one(analysis.rule(Rule.CABLE_TURN))
                                + "° or as far as it goes, the way is about " + Words.length(row.turnedMm()) + ".");
                continue;
            }
            if (!row.isTooShort()) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("length", cable(row.id())),
                    row.name() + " does not reach from " + row.a().part() + " to "
                            + row.b().part(),
                    Evidence.Amount.atLeast(row.lengthMm(), row.neededMm(), "mm")
                            .ranging(Span.of(row.lengthMm()), Figure.Source.ASSUMED),
                    "The way is about " + Words.length(row.neededMm()) + ", estimated along the rig's axes.");
        }
    }

    /** A longer one of the same ends, from the kit first. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        CableId id = finding.key().cable();
        CableRun cable = analysis.rig().content().cable(id).orElseThrow();
        PowerFacet.Cable now = wire(analysis.catalogue().require(cable.type()));
        double needed = ((Evidence.Amount) finding.evidence()).neededFrom();
        List<Candidate> all = new ArrayList<>();
        Parts.byNearness(analysis).stream()
                .filter(t -> t.facet(PowerFacet.Cable.class)
                        .filter(w -> w.lengthMm() >= needed && plugs(w).equals(plugs(now)))
                        .isPresent())
                .sorted(Comparator.comparing((ItemType t) -> analysis.kit().count(t.ref()) > 0 ? 0 : 1)
                        .thenComparingDouble(t -> wire(t).lengthMm()))
                .limit(4)
                .forEach(t -> all.add(Wiring.exchange(analysis, cable, t)));
        return all;
    }

    private static PowerFacet.Cable wire(ItemType type) {
        return type.facet(PowerFacet.Cable.class).orElseThrow();
    }

    private static List<String> plugs(PowerFacet.Cable wire) {
        return List.of(
                wire.a().connector(),
                wire.a().pinOut(),
                wire.b().connector(),
                wire.b().pinOut());
    }
}
