package wideharbor.core.front;

import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Require;
import wideharbor.core.rig.MountChain;

/** What one would work out on paper about a lens, without a rig. */
public final class LensSums {
    private LensSums() {}

    /**
     * What a lens sees, and what an opening before it takes of the corners.
     *
     * @param diagonalMm of the window: the least image circle
     * @param roomMm between the light of the worst corner and the edge; negative where it stands in it
     * @param stops that the worst corner is darker
     * @param cut whether its middle is lost
     * @param state whether that is what the house allows
     */
    public record Corners(
            double acrossDegrees,
            double uprightDegrees,
            double diagonalMm,
            double roomMm,
            double stops,
            boolean cut,
            CheckState state) {}

    /**
     * An opening before a lens.
     *
     * @param aheadMm of the lens's rim
     * @param round its width is its diameter
     */
    public record Before(double aheadMm, double widthMm, double heightMm, boolean round) {
        public Before {
            Require.within("Opening ahead of the rim", aheadMm, -300, 2000, "mm");
            Require.within("Width of the opening", widthMm, 5, 2000, "mm");
            Require.within("Height of the opening", heightMm, 5, 2000, "mm");
        }
    }

    /**
     * @param pupilMm behind the rim
     * @param mostStops that the house lets a corner lose
     */
    public static Corners corners(
            double focalMm,
            double tStop,
            double squeeze,
            Window window,
            double pupilMm,
            Before opening,
            double mostStops) {
        Require.within("T-stop", tStop, 0.7, 64, "");
        Require.within("Recorded width", window.widthMm(), 1, 100, "mm");
        Require.within("Recorded height", window.heightMm(), 1, 100, "mm");
        Require.within("Pupil behind the rim", pupilMm, 0, 1000, "mm");
        // Length and front do not matter to the light.
        OpticalFacet.Lens lens = new OpticalFacet.Lens("mount", focalMm, tStop, 100, 100, squeeze, Optional.empty());
        Pencil pencil = Pencil.of(lens, window, pupilMm, pupilMm);
        double high = opening.round() ? opening.widthMm() : opening.heightMm();
        Edge edge = new Edge(
                PlacementId.of("opening"),
                "opening",
                OpeningKind.STAGE,
                opening.aheadMm(),
                0,
                0,
                opening.widthMm() / 2,
                high / 2,
                opening.round());
        Shade shade = pencil.at(edge);
        return new Corners(
                2 * Math.toDegrees(Math.atan(pencil.tanX())),
                2 * Math.toDegrees(Math.atan(pencil.tanY())),
                Math.hypot(window.widthMm(), window.heightMm()),
                shade.roomMm(),
                shade.stops(),
                shade.cut(),
                Judgement.atMost(shade.stops(), mostStops, 1e-6, "stops").state());
    }

    /**
     * A drive on a rod and a ring of a lens.
     *
     * @param apartMm between the middles of the gears
     * @param rodMm from the axis of the lens to the middle of the rod
     * @param nearestMm that the arm brings the gear to the axis
     * @param farthestMm that it takes it
     * @param swings of the arm from straight up, to camera left positive, degrees; none where it does not reach
     * @param turns of the drive's gear for a whole turn of the ring
     */
    public record Gears(
            double apartMm, double rodMm, double nearestMm, double farthestMm, List<Double> swings, double turns) {}

    /** The rod's middle: so far to the side of the axis, and under it. */
    public static Gears gears(double ringMm, double moduleMm, int teeth, double armMm, double asideMm, double underMm) {
        Require.within("Ring over its teeth", ringMm, 10, 400, "mm");
        Require.within("Module", moduleMm, 0.1, 4, "mm");
        Require.within("Teeth of the drive", teeth, 6, 400, "");
        Require.within("Arm", armMm, 0, 400, "mm");
        Require.within("Rod aside", asideMm, -400, 400, "mm");
        Require.within("Rod under the axis", underMm, -400, 400, "mm");
        double ring = ringMm / moduleMm - 2;
        double apart = moduleMm * (ring + teeth) / 2;
        double rod = Math.hypot(asideMm, underMm);
        return new Gears(
                apart,
                rod,
                Math.abs(rod - armMm),
                rod + armMm,
                Mesh.swings(asideMm, -underMm, armMm, apart),
                ring / teeth);
    }

    /**
     * A lens on adapters.
     *
     * @param sumMm from the last face to the sensor
     * @param errorMm over what the lens wants; positive: short of infinity
     * @param farthestMetres that is sharp at the most, where the sum is too long beyond the house's tolerance
     * @param state whether the house lets it pass
     */
    public record Flange(double sumMm, double errorMm, Optional<Double> farthestMetres, CheckState state) {}

    /**
     * @param adaptersMm optical lengths of all adapters together
     * @param toleranceMm of the house
     */
    public static Flange flange(double bodyMm, double adaptersMm, double lensMm, double focalMm, double toleranceMm) {
        Require.within("Flange distance of the body", bodyMm, 5, 150, "mm");
        Require.within("Adapters", adaptersMm, 0, 300, "mm");
        Require.within("Flange distance of the lens", lensMm, 5, 150, "mm");
        Require.within("Focal length", focalMm, 1, 5000, "mm");
        double sum = bodyMm + adaptersMm;
        double error = sum - lensMm;
        Judgement judged = Judgement.within(sum, lensMm - toleranceMm, lensMm + toleranceMm, 1e-9, "mm");
        return new Flange(
                sum,
                error,
                judged.isFine() || error < 0
                        ? Optional.empty()
                        : Optional.of(MountChain.farthestMetres(focalMm, error)),
                judged.state());
    }
}
