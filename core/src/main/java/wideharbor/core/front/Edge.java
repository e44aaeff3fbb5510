package wideharbor.core.front;

import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.id.PlacementId;

/**
 * An edge that light must pass, by where it stands before a lens.
 *
 * @param part whose edge it is
 * @param aheadMm of the lens's front rim; behind it where it is negative
 * @param asideMm of the optical axis, to camera left, the middle of the opening
 * @param upMm over the optical axis, the middle of the opening
 * @param halfWidthMm from the middle to the edge; of a round one the radius, as the height is
 */
public record Edge(
        PlacementId part,
        String title,
        OpeningKind kind,
        double aheadMm,
        double asideMm,
        double upMm,
        double halfWidthMm,
        double halfHeightMm,
        boolean round) {

    /** The same so much farther ahead. */
    public Edge moved(double mm) {
        return new Edge(part, title, kind, aheadMm + mm, asideMm, upMm, halfWidthMm, halfHeightMm, round);
    }
}
