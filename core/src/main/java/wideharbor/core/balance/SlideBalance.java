package wideharbor.core.balance;

import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * The slide that brings the centre of mass over the support.
 *
 * <p>s = −(z_cm − z_support)·M / M_mov, positive = camera forward on the support. M is everything on the body's side of
 * the support's datum, M_mov what of it lies on the body's side of the sliding joint.
 *
 * @param forward along the camera, level
 * @param offMm how far the centre of mass lies ahead of the datum, with its range; negative is behind
 * @param toleranceMm how far off the support still counts as balanced
 * @param slide the slide that can mend it, if the support has one below the body
 */
public record SlideBalance(
        Mass carried, Vec3 forward, double supportMm, Span offMm, double toleranceMm, Optional<Slide> slide) {
    /** The cosine of how steeply what leans may slide: past it a slide lifts more than it shifts. */
    private static final double MOSTLY = 0.7;

    /**
     * A slide between body and support.
     *
     * @param movesGrams mass on its body side
     * @param ahead unit direction in which it takes the camera forward; of a rig that leans it goes up or down, too
     * @param cameraShiftMm how far forward the camera must go from here, along the slide
     * @param cameraRangeMm how far it can go, back (negative) and forward
     * @param sense 1 when the camera goes forward as the setting grows, −1 when it goes back
     * @param forgivesMm how far from where it balances the camera may be left
     */
    public record Slide(
            Motion motion,
            double movesGrams,
            Vec3 ahead,
            double cameraShiftMm,
            Span cameraRangeMm,
            int sense,
            double forgivesMm) {

        /** The setting that balances, whether or not it can be set. */
        public double balancedValue() {
            return motion.value() + sense * cameraShiftMm;
        }

        /** As near to that as it can be set. */
        public double settableValue() {
            return motion.settable(balancedValue());
        }

        public boolean inReach() {
            return cameraRangeMm.holds(cameraShiftMm, 0.05) && !isBetweenDetents();
        }

        /** Whether it would balance at a place where it cannot be set, with no detent near enough on either side. */
        public boolean isBetweenDetents() {
            return motion.freedom().step() > 0
                    && cameraRangeMm.holds(cameraShiftMm, 0.05)
                    && Math.abs(settableValue() - balancedValue()) > forgivesMm;
        }
    }

    /** By how much the centre of mass goes ahead, level, for a millimetre of a slide's setting. */
    public double perMm(Slide slide) {
        return slide.sense()
                * slide.movesGrams()
                / carried.grams()
                * slide.ahead().dot(forward);
    }

    /** How far the centre of mass stands ahead, by the masses as they are on file. */
    public double middleMm() {
        return carried.centre().dot(forward) - supportMm;
    }

    /** How far off it may be told to stand, to be forgiven whatever the masses are; below 0 when nothing is. */
    public double surelyMm() {
        return toleranceMm - Math.max(offMm.to() - middleMm(), middleMm() - offMm.from());
    }

    /** The part to weigh first where balance is not certain. */
    public String widest() {
        double centre = carried.centre().dot(forward);
        return carried.widest(at -> at.dot(forward) - centre);
    }

    /** Whether it stands over the datum; not known while something carried is not weighed. */
    public Judgement judgement() {
        Judgement judged = Judgement.within(middleMm(), offMm, -toleranceMm, toleranceMm, 0, "mm");
        return carried.isComplete() ? judged : judged.unknown();
    }

    /** Whether a slide within its travel mends it. */
    public boolean isReachable() {
        return slide.isPresent() && slide.get().inReach();
    }

    /** Empty when no support says where it carries. */
    public static Optional<SlideBalance> of(Rig rig) {
        if (!rig.isSupported()) {
            return Optional.empty();
        }
        Mass carried = Mass.carried(rig);
        double support = rig.world().datum().dot(rig.world().forward());
        Span off = carried.centreAlong(rig.world().forward()).shifted(-support);
        double middle = carried.centre().dot(rig.world().forward()) - support;
        Placed placed = rig.require(rig.configuration().support());
        double tolerance =
                placed.type().facet(SupportFacet.Support.class).orElseThrow().balanceToleranceMm();
        return Optional.of(new SlideBalance(
                carried, rig.world().forward(), support, off, tolerance, findSlide(rig, carried, middle, tolerance)));
    }

    /** The first slide along the camera's direction on the way from the support up to the body. */
    private static Optional<Slide> findSlide(Rig rig, Mass carried, double off, double tolerance) {
        for (Joint joint : rig.pathToRoot(rig.configuration().support())) {
            for (Motion motion : rig.motions()) {
                if (motion.isOf(joint.id()) && goesAlong(rig, motion)) {
                    return Optional.of(slide(rig, new Off(off, tolerance, carried.grams()), joint, motion));
                }
            }
        }
        return Optional.empty();
    }

    /** Whether a joint slides along the camera: level, or as much as a rig leans that is held. */
    public static boolean goesAlong(Rig rig, Motion motion) {
        return motion.joint().isPresent()
                && motion.freedom() instanceof Freedom.Slide
                && Math.abs(new Moved(rig, motion).direction().dot(rig.world().forward())) > MOSTLY;
    }

    /** How far the centre of what is carried is off, how far it may be, mm, and what is carried, g. */
    private record Off(double mm, double toleranceMm, double grams) {}

    private static Slide slide(Rig rig, Off off, Joint joint, Motion motion) {
        Set<PlacementId> bodySide = new java.util.LinkedHashSet<>(rig.carried());
        bodySide.removeAll(rig.subtree(joint.child().placement()));
        double moves = Mass.of(rig, bodySide).grams();
        Vec3 direction = new Moved(rig, motion).direction();
        double along = direction.dot(rig.world().forward());
        double each = moves > 0 ? off.grams() / moves / Math.abs(along) : 0;
        // The child hangs on the support's side: when it goes forward by the setting, the camera goes back.
        int sense = along > 0 ? -1 : 1;
        Span travel = motion.range().shifted(-motion.value());
        Span camera = sense < 0 ? new Span(-travel.to(), -travel.from()) : travel;
        Vec3 ahead = along > 0 ? direction : direction.negated();
        return new Slide(motion, moves, ahead, -off.mm() * each, camera, sense, off.toleranceMm() * each);
    }
}
