package wideharbor.core.balance;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What the lens mount bears: W·z_cm without support; with one at z_s, R_s = W·z_cm/z_s and R_m = W − R_s (the mount
 * taken as a pin).
 *
 * @param momentNm on the mount without any support, N·m
 * @param lengthMm of the lens ahead of the flange
 * @param support where it is braced, if it is
 */
public record LensMoment(
        PlacementId lens, Mass carried, double momentNm, double lengthMm, double limitNm, Optional<Reactions> support) {
    private static final double G = 9.80665;

    /** Forces in N; a negative mount force means that the mount lifts. */
    public record Reactions(PlacementId by, double atMm, double supportNewton, double mountNewton) {}

    /** Empty when no lens is on the body's mount. */
    public static Optional<LensMoment> of(Rig rig) {
        Placed body = rig.require(rig.content().root());
        Optional<OpticalFacet.Camera> camera = body.type().facet(OpticalFacet.Camera.class);
        if (camera.isEmpty()) {
            return Optional.empty();
        }
        return rig.carriedBy(body.id()).stream()
                .filter(j -> j.parent().port().equals(camera.get().mountPort()))
                .filter(j -> rig.find(j.child().placement()).isPresent())
                .findFirst()
                .map(j -> moment(rig, body, camera.get(), j));
    }

    private static LensMoment moment(Rig rig, Placed body, OpticalFacet.Camera camera, Joint joint) {
        Placed lens = rig.require(joint.child().placement());
        var mount = body.portPose(camera.mountPort());
        Set<PlacementId> hung = new LinkedHashSet<>(rig.subtree(lens.id()));
        Mass carried = Mass.of(rig, hung);
        double ahead = ahead(carried, mount);
        double moment = carried.grams() / 1000 * G * ahead / 1000;
        double length = lens.type()
                .facet(OpticalFacet.Lens.class)
                .map(OpticalFacet.Lens::lengthMm)
                .orElse(0.0);
        return new LensMoment(
                lens.id(), carried, moment, length, camera.mountLimitNm(), reactions(rig, lens, mount, carried));
    }

    /** How far before the mount the carried mass has its centre, mm. */
    private static double ahead(Mass carried, wideharbor.core.geometry.Pose mount) {
        return carried.centre().minus(mount.at()).dot(mount.n());
    }

    private static Optional<Reactions> reactions(
            Rig rig, Placed lens, wideharbor.core.geometry.Pose mount, Mass carried) {
        double ahead = ahead(carried, mount);
        for (var closing : rig.closings()) {
            Joint joint = closing.joint();
            boolean onLens = joint.child().placement().equals(lens.id());
            boolean fromLens = joint.parent().placement().equals(lens.id());
            if (!onLens && !fromLens) {
                continue;
            }
            Placed brace = rig.require(
                    onLens ? joint.parent().placement() : joint.child().placement());
            if (brace.type().can(Capability.BRACES_LENS)) {
                Vec3 at = brace.portPose(
                                onLens ? joint.parent().port() : joint.child().port())
                        .at();
                double z = at.minus(mount.at()).dot(mount.n());
                double weight = carried.grams() / 1000 * G;
                double byBrace = weight * ahead / z;
                return Optional.of(new Reactions(brace.id(), z, byBrace, weight - byBrace));
            }
        }
        return Optional.empty();
    }
}
