package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.named;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.VillagePower;
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

/** Screens and receivers away from the rig have something to run on. */
final class VillageFed implements Check {
    private static final int MOST = 4;

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.village")
            .family("power")
            .title("Screens away from the rig have power")
            .subjects("every screen and receiver of those who look by radio")
            .expectation("cells or a battery of its own, or a plate or supply of the kit with a cable that fits")
            .because("a receiver without a battery is found out when the director sits down")
            .source("the kit; sockets and plates on file")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (VillagePower.Fed fed : VillagePower.of(analysis).all()) {
            if (fed.by().isPresent()) {
                results.fine();
                continue;
            }
            results.found(
                    About.of(
                            fed.isDisplay() ? "display" : "receiver",
                            named(fed.viewer().who())),
                    fed.box().title() + " has no power",
                    new Evidence.Statement(
                            "nothing in the kit that feeds it", "a battery, plate or supply, and a cable"),
                    "It stands away from the rig, where nothing of the rig feeds it.");
        }
    }

    /** A supply with what it runs on and a cable to each box of that viewer, packed. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<ItemType> open = VillagePower.of(analysis).all().stream()
                .filter(f -> f.by().isEmpty()
                        && f.viewer().who().equals(finding.key().name()))
                .map(f -> f.box().type())
                .toList();
        List<Candidate> all = new ArrayList<>();
        for (ItemType supply : Parts.byNearness(analysis)) {
            if (all.size() < MOST && supply.facets(PowerFacet.PowerInput.class).isEmpty()) {
                pack(analysis, supply, open).ifPresent(all::add);
            }
        }
        return all;
    }

    private static Optional<Candidate> pack(RigAnalysis analysis, ItemType supply, List<ItemType> open) {
        List<PowerFacet.PowerOutput> outlets = supply.facets(PowerFacet.PowerOutput.class);
        List<ItemType> pieces = new ArrayList<>(List.of(supply));
        if (outlets.size() < open.size()) {
            return Optional.empty();
        }
        for (ItemType box : open) {
            Optional<ItemType> cable = cable(analysis, supply, box);
            if (cable.isEmpty()) {
                return Optional.empty();
            }
            pieces.add(cable.get());
        }
        Parts.byNearness(analysis).stream()
                .filter(battery -> VillagePower.runs(battery, supply, analysis.standards()))
                .findFirst()
                .ifPresent(pieces::add);
        Map<ItemType, Integer> counts = new LinkedHashMap<>();
        pieces.forEach(t -> counts.merge(t, 1, Integer::sum));
        return Optional.of(new Candidate(
                "pack",
                "Pack "
                        + counts.entrySet().stream()
                                .map(e -> (e.getValue() > 1 ? e.getValue() + " × " : "")
                                        + e.getKey().name())
                                .collect(Collectors.joining("; ")),
                counts.entrySet().stream()
                        .map(e -> Scoped.kit(new Command.AddKit(e.getKey().ref(), e.getValue())))
                        .toList()));
    }

    /** The shortest from any outlet of the supply. */
    private static Optional<ItemType> cable(RigAnalysis analysis, ItemType supply, ItemType box) {
        return Parts.byNearness(analysis).stream()
                .filter(c -> supply.facets(PowerFacet.PowerOutput.class).stream()
                        .anyMatch(o ->
                                VillagePower.joins(c, supply.socket(o.socket()).orElseThrow(), box)))
                .min(Comparator.comparingDouble(
                        c -> c.facet(PowerFacet.Cable.class).orElseThrow().lengthMm()));
    }
}
