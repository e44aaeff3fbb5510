package wideharbor.core.check.mount;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mistakable;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.job.Subject;

/** False friends in one package: cables with the same plugs and other wiring, rods that are nearly of one size. */
final class LookAlikes implements Check {

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("parts.look-alikes")
            .family("mount")
            .title("False friends are told apart")
            .subjects("cables and rods of the package, on the rig and in the kit")
            .expectation("no two of them look the same and differ in wiring or diameter")
            .because("the wrong twin is plugged in the dark, and a rod of 14.8 mm looks like 15")
            .source("pin-outs and sizes on file")
            .severity(Severity.NOTE)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        List<ItemType> all = inPackage(analysis);
        for (List<ItemType> alike : byLook(all)) {
            for (int i = 0; i < alike.size(); i++) {
                for (int k = i + 1; k < alike.size(); k++) {
                    pair(alike.get(i), alike.get(k), results);
                }
            }
        }
    }

    private static About alike(ItemType a, ItemType b) {
        return new About(
                "alike",
                Stream.of(a.ref(), b.ref())
                        .sorted(Comparator.comparing(TypeRef::id))
                        .map(Subject::type)
                        .toList());
    }

    private static void pair(ItemType a, ItemType b, Results results) {
        Optional<String> how = Mistakable.how(a, b);
        if (how.isEmpty()) {
            results.fine();
            return;
        }
        results.found(
                alike(a, b),
                a.name() + " and " + b.name() + " look alike",
                new Evidence.Statement("both in the package", "told apart by label or colour"),
                how.get());
    }

    /** Cables by their plugs, and all rods: only these are ever taken for each other. */
    private static Collection<List<ItemType>> byLook(List<ItemType> all) {
        Map<String, List<ItemType>> groups = new LinkedHashMap<>();
        for (ItemType type : all) {
            String look = type.facet(PowerFacet.Cable.class)
                    .map(c -> c.a().connector() + "|" + c.b().connector())
                    .orElse("rods");
            groups.computeIfAbsent(look, k -> new ArrayList<>()).add(type);
        }
        return groups.values();
    }

    /** Cables and rods only, each type once: the number of pairs stays small. */
    private static List<ItemType> inPackage(RigAnalysis analysis) {
        Set<ItemType> all = new LinkedHashSet<>();
        analysis.rig()
                .content()
                .cables()
                .forEach(c -> all.add(analysis.catalogue().require(c.type())));
        analysis.rig().attached().stream()
                .map(p -> p.type())
                .filter(t -> t.facet(RiggingFacet.Rods.class).isPresent())
                .forEach(all::add);
        analysis.kit().counts().keySet().stream()
                .map(analysis.catalogue()::require)
                .filter(t -> t.facet(PowerFacet.Cable.class).isPresent()
                        || t.facet(RiggingFacet.Rods.class).isPresent())
                .forEach(all::add);
        return List.copyOf(all);
    }
}
