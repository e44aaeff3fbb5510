package wideharbor.core.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.RodHeight;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.rig.Placed;
import wideharbor.core.standard.Standard;

/**
 * How the optical axis stands over a pair of rods that carries something which must sit on it.
 *
 * @param height over the plane of the rod centres, against the standard and the house's tolerance
 * @param sideways off the rods' mid-line
 * @param angle between rods and axis
 */
public record RodFit(
        Placed rods,
        RiggingFacet.Rods facet,
        Standard standard,
        Judgement height,
        Judgement sideways,
        Judgement angle) {
    private static final double PARALLEL_DEGREES = 0.5;
    private static final double ROUNDING = 1e-6;

    /** Every such pair of a rig, in the order of the rig. */
    public static List<RodFit> of(RigAnalysis analysis) {
        List<RodFit> all = new ArrayList<>();
        for (Placed rods : analysis.rig().attached()) {
            rods.type()
                    .facet(RiggingFacet.Rods.class)
                    .filter(f -> isRidden(analysis, rods))
                    .flatMap(f -> of(analysis, rods, f))
                    .ifPresent(all::add);
        }
        return all;
    }

    private static boolean isRidden(RigAnalysis analysis, Placed rods) {
        return analysis.rig().carriedBy(rods.id()).stream()
                .flatMap(j -> analysis.rig().find(j.child().placement()).stream())
                .anyMatch(p -> p.type().can(Capability.RIDES_ON_AXIS));
    }

    private static Optional<RodFit> of(RigAnalysis analysis, Placed rods, RiggingFacet.Rods facet) {
        Standard standard = analysis.standards().require(rods.port(facet.port()).standard());
        if (!(standard.facts() instanceof Standard.Facts.Rods need)) {
            return Optional.empty();
        }
        RodAxis axis = RodAxis.of(rods, facet.port());
        double tolerance = need.toleranceIn(analysis.rule(Rule.ROD_HEIGHT_TOLERANCE));
        return Optional.of(new RodFit(
                rods,
                facet,
                standard,
                RodHeight.judged(axis.heightMm(), need.axisHeightMm(), tolerance),
                Judgement.within(axis.lateralMm(), -tolerance, tolerance, ROUNDING, "mm"),
                Judgement.atMost(axis.angleDegrees(), PARALLEL_DEGREES, ROUNDING, "°")));
    }

    /** What the standard asks for, mm. */
    public double neededMm() {
        return (height.from() + height.to()) / 2;
    }

    public double toleranceMm() {
        return (height.to() - height.from()) / 2;
    }

    /** How the pair stands in all. */
    public CheckState state() {
        return Judgement.worse(height.state(), Judgement.worse(sideways.state(), angle.state()));
    }
}
