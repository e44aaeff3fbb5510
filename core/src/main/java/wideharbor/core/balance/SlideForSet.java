package wideharbor.core.balance;

import java.util.List;
import java.util.Optional;
import wideharbor.core.quantity.Span;

/** The settings of a slide at which the rig is balanced with every lens of the set. */
public final class SlideForSet {
    private static final double NOTHING = 1e-6;

    private SlideForSet() {}

    /**
     * The rig with one lens, from the setting that it has with that lens.
     *
     * @param offMm how far the centre of mass stands ahead of the support there
     * @param roomMm how far it may: the tolerance less how far the range reaches from there
     * @param perMm by how much it goes ahead when the setting grows by a millimetre
     */
    public record WithLens(double setting, double offMm, double roomMm, double perMm) {}

    /**
     * What the settings of all lenses have in common: setting + (±room − off) / perMm, within the slide's travel. Empty
     * when none serves all, or when the slide moves nothing with some lens.
     */
    public static Optional<Span> of(Span travel, List<WithLens> lenses) {
        double low = travel.from();
        double high = travel.to();
        for (WithLens lens : lenses) {
            if (Math.abs(lens.perMm()) < NOTHING || lens.roomMm() < 0) {
                return Optional.empty();
            }
            double a = lens.setting() + (-lens.roomMm() - lens.offMm()) / lens.perMm();
            double b = lens.setting() + (lens.roomMm() - lens.offMm()) / lens.perMm();
            low = Math.max(low, Math.min(a, b));
            high = Math.min(high, Math.max(a, b));
        }
        return low <= high ? Optional.of(new Span(low, high)) : Optional.empty();
    }
}
