package wideharbor.core.clearance;

import java.util.Optional;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What the lens sees from its entrance pupil. Where that lies is not on file: of a fisheye it is taken anywhere from
 * the front glass to half its diameter behind it, of other lenses anywhere from the mount to the front glass. Seen from
 * both ends is seen, from one alone is open.
 *
 * @param frontMm of the front glass, ahead of the mount
 * @param rearmostMm of the pupil
 */
public record LensView(double frontMm, double rearmostMm, Field field) {

    /** How a point stands to the view. */
    public enum Sight {
        OUT,
        PERHAPS,
        IN
    }

    /** Which directions are drawn inside the recorded window. */
    sealed interface Field {
        boolean sees(Vec3 direction);
    }

    /** A pyramid. Slopes are half the window over the focal length, squeeze included. */
    private record Straight(double slopeX, double slopeY) implements Field {
        @Override
        public boolean sees(Vec3 d) {
            return Math.abs(d.x()) < d.z() * slopeX && Math.abs(d.y()) < d.z() * slopeY;
        }
    }

    /** r = f · θ from the axis, within the window and the image circle: 180° and more are a half space and more. */
    private record Equidistant(double focalMm, double circleMm, Window window) implements Field {
        @Override
        public boolean sees(Vec3 d) {
            double aside = Math.hypot(d.x(), d.y());
            double r = focalMm * Math.atan2(aside, d.z());
            double x = aside == 0 ? 0 : r * d.x() / aside;
            double y = aside == 0 ? 0 : r * d.y() / aside;
            return r < circleMm / 2 && Math.abs(x) < window.widthMm() / 2 && Math.abs(y) < window.heightMm() / 2;
        }
    }

    /** Empty when there is no lens on the body, or the window is not on file. */
    public static Optional<LensView> of(Rig rig) {
        Optional<Window> window = rig.require(rig.content().root())
                .type()
                .facet(OpticalFacet.Camera.class)
                .flatMap(OpticalFacet.Camera::window);
        return rig.attached().stream()
                .filter(p -> p.type().facet(OpticalFacet.Lens.class).isPresent())
                .findFirst()
                .flatMap(lens -> window.map(w -> of(lens, w)));
    }

    private static LensView of(Placed placed, Window window) {
        OpticalFacet.Lens lens = placed.type().facet(OpticalFacet.Lens.class).orElseThrow();
        return placed.type()
                .facet(OpticalFacet.Fisheye.class)
                .map(f -> new LensView(
                        lens.lengthMm(),
                        lens.lengthMm() - lens.frontDiameterMm() / 2,
                        new Equidistant(lens.focalMm(), f.imageCircleMm(), window)))
                .orElseGet(() -> new LensView(
                        lens.lengthMm(),
                        0,
                        new Straight(
                                window.widthMm() * lens.squeeze() / 2 / lens.focalMm(),
                                window.heightMm() / 2 / lens.focalMm())));
    }

    /** The lens itself, and what stands beside it, is in nobody's way unless it is seen past its front. */
    public Sight of(Vec3 p) {
        boolean fromRear = sees(p, rearmostMm);
        boolean fromFront = sees(p, frontMm);
        if (fromRear && fromFront) {
            return Sight.IN;
        }
        return fromRear || fromFront ? Sight.PERHAPS : Sight.OUT;
    }

    private boolean sees(Vec3 p, double pupilZ) {
        boolean beside = field instanceof Straight && p.z() <= frontMm;
        return !beside && field.sees(p.plus(new Vec3(0, 0, -pupilZ)));
    }
}
