package wideharbor.core.catalog;

import java.util.Optional;

/**
 * Parts that are taken for each other in a hurry: cables with one plug and other wiring, rods of nearly one diameter.
 */
public final class Mistakable {
    private static final double NEARLY = 1.0;
    private static final double SAME = 0.1;

    private Mistakable() {}

    /** How the two can be mistaken for each other; empty when they cannot. */
    public static Optional<String> how(ItemType a, ItemType b) {
        Optional<PowerFacet.Cable> ca = a.facet(PowerFacet.Cable.class);
        Optional<PowerFacet.Cable> cb = b.facet(PowerFacet.Cable.class);
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
        Optional<RiggingFacet.Rods> ra = a.facet(RiggingFacet.Rods.class);
        Optional<RiggingFacet.Rods> rb = b.facet(RiggingFacet.Rods.class);
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
