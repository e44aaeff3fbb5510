package wideharbor.core.balance;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.Closing;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What the lens mount bears. Without a brace the moment |(c − p) × m·g| of all that hangs on it. With braces at z_i
 * ahead of the flange that give alike, the mount taken as a pin: R_i = W·z·z_i / Σ z_j², and the mount bears W − Σ R_i.
 *
 * @param chain the first part on the mount: the lens itself, or what it is adapted by
 * @param lens the lens
 * @param moment on the mount without any brace, N·m
 * @param lengthMm from the mount's flange to the front of the lens
 * @param braces what braces it, each ahead of the flange and closed
 * @param mountNewton what the mount bears of the weight beside the braces; negative when it is lifted
 */
public record LensMoment(
        PlacementId chain,
        PlacementId lens,
        Mass carried,
        Ranged moment,
        double lengthMm,
        double limitNm,
        List<Brace> braces,
        Ranged mountNewton) {

    /** What a brace bears at its port, N, so far ahead of the flange. */
    public record Brace(PortRef port, double atMm, Ranged newton) {
        public PlacementId by() {
            return port.placement();
        }
    }

    /** Empty when no lens is on the body's mount. */
    public static Optional<LensMoment> of(Rig rig, double closureMm) {
        Placed body = rig.require(rig.content().root());
        Optional<OpticalFacet.Camera> camera = body.type().facet(OpticalFacet.Camera.class);
        if (camera.isEmpty()) {
            return Optional.empty();
        }
        return rig.carriedBy(body.id()).stream()
                .filter(j -> j.parent().port().equals(camera.get().mountPort()))
                .filter(j -> rig.find(j.child().placement()).isPresent())
                .findFirst()
                .map(j -> moment(rig, body.portPose(camera.get().mountPort()), camera.get(), j, closureMm));
    }

    private static LensMoment moment(Rig rig, Pose mount, OpticalFacet.Camera camera, Joint joint, double closureMm) {
        PlacementId first = joint.child().placement();
        Set<PlacementId> hung = new LinkedHashSet<>(rig.subtree(first));
        Mass carried = Mass.of(rig, hung);
        Placed lens = hung.stream()
                .map(rig::require)
                .filter(p -> p.type().facet(OpticalFacet.Lens.class).isPresent())
                .findFirst()
                .orElse(rig.require(first));
        List<Closed> closed = closed(rig, mount, hung, closureMm);
        double squares = closed.stream().mapToDouble(c -> c.atMm() * c.atMm()).sum();
        // W·z is a sum over the masses; so is what each brace bears of it, and what is left to the mount.
        List<Brace> braces = closed.stream()
                .map(c -> new Brace(
                        c.port(),
                        c.atMm(),
                        carried.sum(at -> ahead(at, mount) * c.atMm() / squares).map(LensMoment::newton)))
                .toList();
        double share = closed.stream().mapToDouble(Closed::atMm).sum() / (closed.isEmpty() ? 1 : squares);
        return new LensMoment(
                first,
                lens.id(),
                carried,
                carried.moment(mount.at(), rig.world().up().times(-1)).map(Statics::newtonMetres),
                length(lens, mount),
                camera.mountLimitNm(),
                braces,
                carried.sum(at -> 1 - ahead(at, mount) * share).map(LensMoment::newton));
    }

    private static double newton(double grams) {
        return grams / 1000 * Statics.G;
    }

    private static double ahead(Vec3 at, Pose mount) {
        return at.minus(mount.at()).dot(mount.n());
    }

    private static double length(Placed lens, Pose mount) {
        return lens.type()
                .facet(OpticalFacet.Lens.class)
                .map(f -> f.lengthMm()
                        + Math.max(0, ahead(lens.portPose(f.mountPort()).at(), mount)))
                .orElse(0.0);
    }

    private record Closed(PortRef port, double atMm) {}

    /**
     * Braces on any part of what hangs on the mount, if they touch it and stand ahead of the flange. Where along the
     * barrel they do is what decides what they bear; whether the maker wants them there is another question.
     */
    private static List<Closed> closed(Rig rig, Pose mount, Set<PlacementId> hung, double closureMm) {
        List<Closed> all = new ArrayList<>();
        for (Closing closing : rig.closings()) {
            Joint joint = closing.joint();
            boolean onLens = hung.contains(joint.child().placement());
            PortRef own = onLens ? joint.parent() : joint.child();
            boolean between = onLens != hung.contains(joint.parent().placement());
            if (!between || Math.abs(closing.gapMm()) > closureMm) {
                continue;
            }
            Placed brace = rig.require(own.placement());
            double at = ahead(brace.portPose(own.port()).at(), mount);
            if (brace.type().can(Capability.BRACES_LENS) && at > 0) {
                all.add(new Closed(own, at));
            }
        }
        return all;
    }

    public boolean isBraced() {
        return !braces.isEmpty();
    }
}
