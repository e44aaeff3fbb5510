package wideharbor.core.check.power;

import static wideharbor.core.job.Subject.type;
import static wideharbor.core.job.Subject.whole;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;

/** Every battery and charger that is packed serves a plate or a bay of the job, and one standard serves all plates. */
final class PackedForPlates implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("power.packed")
            .family("power")
            .title("Batteries and chargers are for the plates there are")
            .subjects("batteries and chargers of the kit, against the plates and bays of all builds")
            .expectation("each is of the standard of a plate or an inner bay; all plates are of one standard")
            .because("what fits nothing is carried for nothing, and two standards halve the spares of each")
            .source("plates and batteries on file")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    /** Told once for the job, with the first configuration of its first build: the kit is everybody's. */
    @Override
    public void run(RigAnalysis analysis, Results results) {
        Set<String> plates = standards(analysis, true);
        if (!analysis.isFirstOfJob() || plates.isEmpty()) {
            return;
        }
        Set<String> all = new LinkedHashSet<>(plates);
        all.addAll(standards(analysis, false));
        for (Map.Entry<TypeRef, Integer> packed : analysis.kit().counts().entrySet()) {
            ItemType type = analysis.catalogue().require(packed.getKey());
            standard(type).ifPresent(s -> judge(type, s, all, results));
        }
        if (plates.size() > 1) {
            results.found(
                    Severity.NOTE,
                    About.of("standards", whole()),
                    "Batteries of " + plates.size() + " standards in one job",
                    Evidence.Amount.atMost(plates.size(), 1, "standards"),
                    titles(analysis, plates) + ": a spare of one serves no plate of the other.");
        }
    }

    private static void judge(ItemType type, String standard, Set<String> all, Results results) {
        RigAnalysis analysis = results.analysis();
        if (all.contains(standard)) {
            results.fine();
            return;
        }
        int count = analysis.kit().count(type.ref());
        results.found(
                About.of("packed", type(type.ref())),
                type.name() + " fits no plate of the job",
                new Evidence.Statement(
                        count + " for " + analysis.standards().require(standard).title(),
                        "for " + titles(analysis, all)),
                "It is packed and carried for nothing, or a plate for it is missing.");
    }

    private static String titles(RigAnalysis analysis, Set<String> standards) {
        return String.join(
                ", ",
                standards.stream()
                        .map(s -> analysis.standards().require(s).title())
                        .toList());
    }

    /** Standards of the job's battery plates, of all builds and whatever is worn; or of the bays inside parts. */
    private static Set<String> standards(RigAnalysis analysis, boolean plates) {
        Set<String> all = new LinkedHashSet<>();
        for (Build build : analysis.job().gear().builds()) {
            for (TypeRef ref : used(build)) {
                ItemType type = analysis.catalogue().require(ref);
                if (plates) {
                    type.facet(PowerFacet.Battery.class)
                            .filter(b -> isLarge(analysis, type))
                            .ifPresent(b -> all.add(DayPlates.standard(type)));
                } else {
                    type.facet(PowerFacet.InnerBay.class)
                            .flatMap(bay -> type.port(bay.port()))
                            .ifPresent(p -> all.add(p.standard()));
                }
            }
        }
        return all;
    }

    /** A battery that is in no inner bay of the job: those are small ones of their own standard. */
    private static boolean isLarge(RigAnalysis analysis, ItemType battery) {
        return analysis.job().gear().builds().stream()
                .flatMap(b -> used(b).stream())
                .map(analysis.catalogue()::require)
                .flatMap(t -> t.facet(PowerFacet.InnerBay.class).flatMap(bay -> t.port(bay.port())).stream())
                .noneMatch(p -> p.standard().equals(DayPlates.standard(battery)));
    }

    private static List<TypeRef> used(Build build) {
        List<TypeRef> all = new ArrayList<>();
        build.base().placements().forEach(p -> all.add(p.type()));
        build.configurations().forEach(c -> placed(c.overlay(), all));
        build.lenses().forEach(l -> placed(l.overlay(), all));
        return all;
    }

    private static void placed(List<Command> overlay, List<TypeRef> all) {
        for (Command command : overlay) {
            if (command instanceof Command.Place place) {
                all.add(place.type());
            } else if (command instanceof Command.Retype retype) {
                all.add(retype.type());
            }
        }
    }

    private static Optional<String> standard(ItemType type) {
        return type.facet(PowerFacet.Charger.class)
                .map(PowerFacet.Charger::standard)
                .or(() -> type.facet(PowerFacet.Battery.class).map(b -> DayPlates.standard(type)));
    }

    /** Left at home. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return analysis.kit().counts().entrySet().stream()
                .filter(e -> e.getKey().equals(finding.key().type()))
                .map(e -> new Candidate(
                        "leave",
                        "Leave " + e.getValue() + " × "
                                + analysis.catalogue().require(e.getKey()).name() + " at home",
                        List.of(Scoped.kit(new Command.AddKit(e.getKey(), -e.getValue())))))
                .toList();
    }
}
