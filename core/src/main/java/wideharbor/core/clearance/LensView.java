package wideharbor.core.clearance;

import java.util.Comparator;
import java.util.Optional;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.MountChain;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * What the lens sees from its entrance pupil. Where that is not on file it is taken, of a fisheye, anywhere from the
 * front glass to half its diameter behind it, of other lenses anywhere from the mount to the front glass. Seen from
 * both ends is seen, from one alone is open.
 *
 * @param frontMm of the front glass, ahead of the mount
 * @param rearmostMm of the pupil
 * @param foremostMm of the pupil
 * @param fromRear what a straight lens sees from its rearmost pupil, from the front glass on; {@code fromFore}: from
 *     the foremost; empty of a fisheye, whose view is not convex
 */
public record LensView(
        double frontMm,
        double rearmostMm,
        double foremostMm,
        Field field,
        Optional<Solid> fromRear,
        Optional<Solid> fromFore) {
    /** So far ahead of the front nothing of a rig stands. */
    private static final double DEEP = 4000;

    /** Drawings of parts are no more exact than this, mm. */
    private static final double SEEN = 1;

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
        return rig.fittedLens().flatMap(lens -> window.map(w -> of(rig, lens, w)));
    }

    private static LensView of(Rig rig, Placed placed, Window window) {
        double factor = MountChain.factor(rig);
        OpticalFacet.Lens lens =
                placed.type().facet(OpticalFacet.Lens.class).orElseThrow().times(factor);
        double front = placed.pose().at().z() + lens.lengthMm();
        Optional<OpticalFacet.Fisheye> fisheye = placed.type().facet(OpticalFacet.Fisheye.class);
        Field field = fisheye.<Field>map(f -> new Equidistant(lens.focalMm(), f.imageCircleMm() * factor, window))
                .orElseGet(() -> new Straight(
                        window.widthMm() * lens.squeeze() / 2 / lens.focalMm(),
                        window.heightMm() / 2 / lens.focalMm()));
        double deepest = fisheye.isPresent() ? lens.frontDiameterMm() / 2 : lens.lengthMm();
        Span behind = placed.type()
                .facet(FrontFacet.Light.class)
                .flatMap(FrontFacet.Light::pupil)
                .map(Ranged::range)
                .orElse(new Span(0, deepest));
        double rear = front - behind.to();
        double fore = front - behind.from();
        return new LensView(front, rear, fore, field, pyramid(field, front, rear), pyramid(field, front, fore));
    }

    /** Whether it draws straight lines straight. */
    public boolean isStraight() {
        return field instanceof Straight;
    }

    /**
     * How a convex solid stands to the view, ahead of the front glass: of a fisheye by its corners, since what it sees
     * is not convex.
     */
    public Sight of(Solid solid) {
        if (fromRear.isEmpty() || fromFore.isEmpty()) {
            return solid.corners().stream()
                    .map(this::of)
                    .max(Comparator.naturalOrder())
                    .orElse(Sight.OUT);
        }
        // Most of a rig is behind the glass.
        if (solid.bounds().max().z() <= frontMm + SEEN) {
            return Sight.OUT;
        }
        // From farther back more is seen: what is out there is out from everywhere.
        if (!solid.isDeeperIn(fromRear.get(), SEEN)) {
            return Sight.OUT;
        }
        return solid.isDeeperIn(fromFore.get(), SEEN) ? Sight.IN : Sight.PERHAPS;
    }

    /** What a straight lens sees from a pupil there, from the plane of its front glass on. */
    private static Optional<Solid> pyramid(Field field, double frontMm, double pupilMm) {
        if (!(field instanceof Straight straight)) {
            return Optional.empty();
        }
        double near = Math.max(1e-3, frontMm - pupilMm);
        double far = Math.max(1e-3, frontMm + DEEP - pupilMm);
        return Optional.of(Solid.frustum(
                new Vec3(near * straight.slopeX(), near * straight.slopeY(), frontMm),
                new Vec3(far * straight.slopeX(), far * straight.slopeY(), frontMm + DEEP)));
    }

    /** The lens itself, and what stands beside it, is in nobody's way unless it is seen past its front. */
    public Sight of(Vec3 p) {
        boolean fromRear = sees(p, rearmostMm);
        boolean fromFront = sees(p, foremostMm);
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
