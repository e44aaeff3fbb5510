package wideharbor.core.check.mount;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;

/** False friends in one package: cables with the same plugs and other wiring, rods that are nearly of one size. */
public final class LookAlikes implements Check {
    private static final double NEARLY = 1.0;
    private static final double SAME = 0.1;

    private static final CheckCard CARD = new CheckCard(
            "parts.look-alikes",
            "mount",
            "False friends are told apart",
            "cables and rods of the package, on the rig and in the kit",
            "no two of them look the same and differ in wiring or diameter",
            "the wrong twin is plugged in the dark, and a rod of 14.8 mm looks like 15",
            "",
            "pin-outs and sizes on file",
            Severity.NOTE,
            false);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        List<ItemType> all = inPackage(context);
        for (List<ItemType> alike : byLook(all)) {
            for (int i = 0; i < alike.size(); i++) {
                for (int k = i + 1; k < alike.size(); k++) {
                    pair(alike.get(i), alike.get(k), results);
                }
            }
        }
    }

    private static void pair(ItemType a, ItemType b, Results results) {
        Optional<String> how = alike(a, b);
        if (how.isEmpty()) {
            results.fine();
            return;
        }
        results.found(
                List.copyOf(new TreeSet<>(List.of(a.ref().id(), b.ref().id()))),
                a.name() + " and " + b.name() + " look alike",
                new Evidence.Statement("both in the package", "told apart by label or colour"),
                how.get());
    }

    /** Cables by their plugs, and all rods: only these are ever taken for each other. */
    private static Collection<List<ItemType>> byLook(List<ItemType> all) {
        Map<String, List<ItemType>> groups = new LinkedHashMap<>();
        for (ItemType type : all) {
            String look = type.facet(Facet.Cable.class)
                    .map(c -> c.a().connector() + "|" + c.b().connector())
                    .orElse("rods");
            groups.computeIfAbsent(look, k -> new ArrayList<>()).add(type);
        }
        return groups.values();
    }

    /** Cables and rods only, each type once: the number of pairs stays small. */
    private static List<ItemType> inPackage(CheckContext context) {
        Set<ItemType> all = new LinkedHashSet<>();
        context.rig()
                .content()
                .cables()
                .forEach(c -> all.add(context.catalogue().require(c.type())));
        context.rig().attached().stream()
                .map(p -> p.type())
                .filter(t -> t.facet(Facet.Rods.class).isPresent())
                .forEach(all::add);
        context.kit().counts().keySet().stream()
                .map(context.catalogue()::require)
                .filter(t -> t.facet(Facet.Cable.class).isPresent()
                        || t.facet(Facet.Rods.class).isPresent())
                .forEach(all::add);
        return List.copyOf(all);
    }

    /** How the two can be mistaken for each other; empty when they cannot. */
    public static Optional<String> alike(ItemType a, ItemType b) {
        Optional<Facet.Cable> ca = a.facet(Facet.Cable.class);
        Optional<Facet.Cable> cb = b.facet(Facet.Cable.class);
        if (ca.isPresent() && cb.isPresent()) {
            boolean plugs = ca.get().a().connector().equals(cb.get().a().connector())
                    && ca.get().b().connector().equals(cb.get().b().connector());
            boolean wires = ca.get().a().pinOut().equals(cb.get().a().pinOut())
                    && ca.get().b().pinOut().equals(cb.get().b().pinOut());
            return plugs && !wires
                    ? Optional.of("Same plugs, other wiring: " + ca.get().b().pinOut() + " and "
                            + cb.get().b().pinOut() + ".")
                    : Optional.empty();
        }
        Optional<Facet.Rods> ra = a.facet(Facet.Rods.class);
        Optional<Facet.Rods> rb = b.facet(Facet.Rods.class);
        if (ra.isPresent() && rb.isPresent()) {
            double off = Math.abs(ra.get().diameterMm() - rb.get().diameterMm());
            return off > SAME && off < NEARLY
                    ? Optional.of("Nearly one diameter: " + ra.get().diameterMm() + " and "
                            + rb.get().diameterMm() + " mm.")
                    : Optional.empty();
        }
        return Optional.empty();
    }
}
