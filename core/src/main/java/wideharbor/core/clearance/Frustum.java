package wideharbor.core.clearance;

import java.util.Optional;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What the lens sees: a pyramid from the entrance pupil. Where the pupil lies is not on file, so it is taken anywhere
 * from the mount to the front glass: seen from both is seen, from one alone is open.
 *
 * @param slopeX half the recorded window over the focal length, squeeze included; {@code slopeY} the same in height
 */
public record Frustum(double frontMm, double slopeX, double slopeY) {

    /** How a point stands to the view. */
    public enum Sight {
        OUT,
        PERHAPS,
        IN
    }

    /** Empty when there is no lens on the body, or the window is not on file. */
    public static Optional<Frustum> of(Rig rig) {
        Optional<OpticalFacet.Camera.Window> window = rig.require(rig.content().root())
                .type()
                .facet(OpticalFacet.Camera.class)
                .flatMap(OpticalFacet.Camera::window);
        if (window.isEmpty()) {
            return Optional.empty();
        }
        for (Placed placed : rig.attached()) {
            Optional<OpticalFacet.Lens> lens = placed.type().facet(OpticalFacet.Lens.class);
            if (lens.isPresent()) {
                return Optional.of(new Frustum(
                        lens.get().lengthMm(),
                        window.get().widthMm()
                                * lens.get().squeeze()
                                / 2
                                / lens.get().focalMm(),
                        window.get().heightMm() / 2 / lens.get().focalMm()));
            }
        }
        return Optional.empty();
    }

    public Sight of(Vec3 p) {
        if (p.z() <= frontMm) {
            return Sight.OUT;
        }
        boolean fromMount = sees(p, 0);
        boolean fromFront = sees(p, frontMm);
        if (fromMount && fromFront) {
            return Sight.IN;
        }
        return fromMount ? Sight.PERHAPS : Sight.OUT;
    }

    private boolean sees(Vec3 p, double pupilZ) {
        double ahead = p.z() - pupilZ;
        return Math.abs(p.x()) < ahead * slopeX && Math.abs(p.y()) < ahead * slopeY;
    }
}
