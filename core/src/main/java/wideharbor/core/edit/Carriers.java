package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Worn;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.standard.Standard;

/** What may carry a rig that nothing carries yet: heads under it, pads, hooks over it, with the plates between. */
final class Carriers {
    /** Nearly along: a face that looks so much up or down is one to stand on or to hang by. */
    private static final double NEARLY = 0.7;

    private Carriers() {}

    private record Way(PortRef on, ItemType type, String own, AdapterFinder.Chain chain) {
        int pieces() {
            return chain.links().size();
        }
    }

    /** The fewest pieces first; where the brief says how it is worn, only what bears so. */
    static List<ByHand.Offer> offers(RigAnalysis analysis) {
        Optional<Worn> worn = analysis.job()
                .brief()
                .asks()
                .worn(analysis.rig().configuration().id())
                .map(Worn.Demand::worn);
        Reaches reaches = new Reaches(analysis);
        List<Way> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            type.facet(SupportFacet.Support.class)
                    .filter(s -> worn.map(w -> w.isCarriedBy(s.way())).orElse(true))
                    .flatMap(s -> best(analysis, type, s, reaches))
                    .ifPresent(all::add);
        }
        all.sort(Comparator.comparingInt(Way::pieces));
        return all.stream().map(w -> offer(analysis, w)).toList();
    }

    private static ByHand.Offer offer(RigAnalysis analysis, Way way) {
        int held = analysis.kit().count(way.type().ref());
        String through = way.pieces() == 0 ? "" : "through " + way.chain().title() + ", ";
        return new ByHand.Offer(
                way.type().name(),
                through + "on " + analysis.rig().title(way.on().placement()) + ", "
                        + analysis.rig().port(way.on()).title() + ", "
                        + (held > 0 ? held + " in the kit" : "not in the kit"),
                List.of(),
                new PartRequest.Add(way.on(), way.type().ref(), way.own()));
    }

    private static Optional<Way> best(
            RigAnalysis analysis, ItemType type, SupportFacet.Support support, Reaches reaches) {
        boolean above = support.way() == SupportFacet.Support.Way.HANGS;
        Vec3 datum = type.port(support.datumPort()).orElseThrow().normal();
        Optional<Way> best = Optional.empty();
        for (Placed placed : analysis.rig().attached()) {
            for (Port port : placed.type().ports()) {
                PortRef on = new PortRef(placed.id(), port.id());
                double up = placed.portPose(port.id())
                        .n()
                        .dot(analysis.rig().world().up());
                if (port.standard().equals(Standard.DATUM)
                        || !analysis.rig().isFree(on)
                        || (above ? up < NEARLY : up > -NEARLY)) {
                    continue;
                }
                for (Port own : type.ports()) {
                    double along = own.normal().dot(datum);
                    if (own.standard().equals(Standard.DATUM) || (above ? along > -NEARLY : along < NEARLY)) {
                        continue;
                    }
                    Optional<Way> here = reaches.chain(on, own).map(c -> new Way(on, type, own.id(), c));
                    if (here.isPresent()
                            && (best.isEmpty()
                                    || here.get().pieces() < best.get().pieces())) {
                        best = here;
                    }
                }
            }
        }
        return best;
    }
}
