package wideharbor.core.analysis;

import java.util.Optional;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.Worn;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.rig.Placed;

/**
 * What the support carries, against its payload and against the brief's window.
 *
 * @param mass all that turns with the rig, links of the support among it
 * @param lifted what of it comes off with the rig: what a scale shows and what a window is about
 * @param payload of what is put on the support; empty when no support says what it carries
 * @param brief empty when the brief asks for nothing
 */
public record CarriedMass(Mass mass, Mass lifted, Optional<Judgement> payload, Optional<Judgement> brief) {
    private static final double ROUNDING_GRAMS = 0.5;

    public static CarriedMass of(RigAnalysis analysis) {
        Mass carried = analysis.carried();
        Optional<Placed> support =
                analysis.rig().find(analysis.rig().configuration().support());
        Optional<SupportFacet.Support> facet = support.flatMap(p -> p.type().facet(SupportFacet.Support.class));
        Mass put = support.map(p -> carried.without(p.id())).orElse(carried);
        Mass lifted = analysis.lifted();
        return new CarriedMass(
                carried,
                lifted,
                facet.map(f -> judged(put, f.minPayloadGrams(), f.maxPayloadGrams())),
                window(analysis)
                        .map(w -> judged(
                                lifted,
                                w.floorGrams(),
                                w.ceilingGrams() > 0 ? w.ceilingGrams() : Double.POSITIVE_INFINITY)));
    }

    private record Window(double floorGrams, double ceilingGrams) {}

    /** The configuration's own window before the job's. */
    private static Optional<Window> window(RigAnalysis analysis) {
        Brief brief = analysis.job().brief();
        Optional<Worn.Demand> own =
                brief.asks().worn(analysis.rig().configuration().id()).filter(Worn.Demand::hasWindow);
        Window window = own.map(d -> new Window(d.floorGrams(), d.ceilingGrams()))
                .orElse(new Window(brief.massFloorGrams(), brief.massCeilingGrams()));
        return Optional.of(window).filter(w -> w.floorGrams() > 0 || w.ceilingGrams() > 0);
    }

    private static Judgement judged(Mass carried, double from, double to) {
        Judgement judged = Judgement.within(carried.grams(), carried.range(), from, to, ROUNDING_GRAMS, "g");
        return carried.isComplete() ? judged : judged.unknown();
    }

    /** How it stands against the payload; fine where nobody says one. */
    public CheckState payloadState() {
        return payload.map(Judgement::state).orElse(CheckState.FINE);
    }

    /** How it stands against the brief; fine where that asks for nothing. */
    public CheckState briefState() {
        return brief.map(Judgement::state).orElse(CheckState.FINE);
    }
}
