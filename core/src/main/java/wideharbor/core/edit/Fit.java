package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** Free ports, and the parts that mate with one, directly or through adapters. */
public final class Fit {
    private Fit() {}

    /** A port that still takes something. */
    public record FreePort(PortRef ref, String part, String title, String standard) {}

    /**
     * A part that mates, by which of its ports, with how many of it in the kit.
     *
     * @param chain adapters that go between; empty when it mates as it is
     */
    public record Offer(
            ItemType type,
            String port,
            String portTitle,
            Figure massGrams,
            int inKit,
            Optional<AdapterFinder.Chain> chain) {
        int pieces() {
            return chain.map(c -> c.links().size()).orElse(0);
        }
    }

    public static List<FreePort> freePorts(RigAnalysis analysis) {
        List<FreePort> free = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            for (Port port : placed.type().ports()) {
                PortRef ref = new PortRef(placed.id(), port.id());
                if (!port.standard().equals(Standard.DATUM) && analysis.rig().isFree(ref)) {
                    free.add(new FreePort(
                            ref,
                            placed.title(),
                            port.title(),
                            analysis.standards().require(port.standard()).title()));
                }
            }
        }
        return free;
    }

    /**
     * Parts for a port, the likeliest first: those that mate as they are before those that need adapters, what is in
     * the kit before what is in stock, then by name. Two searches serve all candidates: one over the adapters from this
     * port, and one look at each candidate's ports.
     */
    public static List<Offer> offers(RigAnalysis analysis, PortRef on) {
        Port parent = analysis.rig().port(on);
        AdapterFinder.Reach reach = analysis.catalogue().adapters().from(parent);
        List<Offer> offers = new ArrayList<>();
        for (ItemType type : analysis.catalogue().current()) {
            if (isHung(type)) {
                offer(analysis, on, type, reach).ifPresent(offers::add);
            }
        }
        offers.sort(Comparator.comparingInt(Offer::pieces)
                .thenComparing(o -> o.inKit() > 0 ? 0 : 1)
                .thenComparing(o -> o.type().name()));
        return offers;
    }

    /** Bodies carry, they are not hung; cases, tools and cables have their own lists. */
    private static boolean isHung(ItemType type) {
        return type.category() != Category.BODY && type.category() != Category.TOOL && type.category() != Category.CASE;
    }

    private static Optional<Offer> offer(RigAnalysis analysis, PortRef on, ItemType type, AdapterFinder.Reach reach) {
        Port parent = analysis.rig().port(on);
        for (Port port : type.ports()) {
            if (Mating.mates(parent, port, analysis.standards()) && roomFor(analysis.rig(), on, parent, port)) {
                return Optional.of(made(analysis, type, port, Optional.empty()));
            }
        }
        Optional<Offer> best = Optional.empty();
        for (Port port : type.ports()) {
            Optional<AdapterFinder.Chain> chain = reach.to(port)
                    .filter(c -> c.links().stream().noneMatch(l -> l.type().equals(type)))
                    .filter(c -> roomFor(
                            analysis.rig(),
                            on,
                            parent,
                            c.links().get(0).type().port(c.links().get(0).in()).orElseThrow()));
            if (chain.isPresent()
                    && (best.isEmpty()
                            || chain.get().links().size() < best.get().pieces())) {
                best = Optional.of(made(analysis, type, port, chain));
            }
        }
        return best;
    }

    private static Offer made(RigAnalysis analysis, ItemType type, Port port, Optional<AdapterFinder.Chain> chain) {
        return new Offer(
                type, port.id(), port.title(), Mass.ofType(type), analysis.kit().count(type.ref()), chain);
    }

    private static boolean roomFor(Rig rig, PortRef on, Port parent, Port child) {
        return !(parent.occupancy() instanceof Port.Occupancy.Interval)
                || room(rig, on, parent, child.engagementMm()).isPresent();
    }

    /** The free spot nearest a carrier's middle where a clamp of this length fits. */
    static Optional<Double> room(Rig rig, PortRef on, Port carrier, double clampMm) {
        Span usable = ((Port.Occupancy.Interval) carrier.occupancy()).usable();
        List<Span> held = new ArrayList<>();
        for (var joint : rig.liveJoints()) {
            rig.held(joint).filter(h -> h.carrier().equals(on)).ifPresent(h -> held.add(h.span()));
        }
        List<Double> spots = new ArrayList<>(List.of((usable.from() + usable.to()) / 2));
        held.forEach(h -> {
            spots.add(h.from() - clampMm / 2);
            spots.add(h.to() + clampMm / 2);
        });
        double middle = spots.get(0);
        return spots.stream()
                .filter(s -> usable.encloses(new Span(s - clampMm / 2, s + clampMm / 2), 0.01))
                .filter(s -> held.stream().noneMatch(h -> h.overlaps(new Span(s - clampMm / 2, s + clampMm / 2), 0.01)))
                .min(Comparator.comparingDouble(s -> Math.abs(s - middle)));
    }
}
