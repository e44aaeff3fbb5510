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

    /**
     * A slide between body and support.
     *
     * @param movesGrams mass on its body side
     * @param cameraShiftMm how far forward the camera must go from here
     * @param cameraRangeMm how far it can go, back (negative) and forward
     * @param cameraAtMm where the camera stands now, in the same sense as the range's absolute reading
     */
    public record Slide(
            Motion motion, double movesGrams, double cameraShiftMm, Span cameraRangeMm, double cameraAtMm, int sense) {

        /** The setting that balances. */
        public double balancedValue() {
            return motion.value() + sense * cameraShiftMm;
        }

        public boolean inReach() {
            return cameraRangeMm.holds(cameraShiftMm, 0.05);
        }
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
                carried, rig.world().forward(), support, off, tolerance, findSlide(rig, carried, middle)));
    }

    /** The first slide along the camera's direction on the way from the support up to the body. */
    private static Optional<Slide> findSlide(Rig rig, Mass carried, double off) {
        for (Joint joint : rig.pathToRoot(rig.configuration().support())) {
            for (Motion motion : rig.motions()) {
                boolean slides = motion.isOf(joint.id()) && motion.freedom() instanceof Freedom.Slide;
                if (slides
                        && Math.abs(new Moved(rig, motion)
                                        .direction()
                                        .dot(rig.world().forward()))
                                > 0.99) {
                    return Optional.of(slide(rig, off * carried.grams(), joint, motion));
                }
            }
        }
        return Optional.empty();
    }

    /** @param offBy how far the centre is off times what is carried, mm·g */
    private static Slide slide(Rig rig, double offBy, Joint joint, Motion motion) {
        Set<PlacementId> bodySide = new java.util.LinkedHashSet<>(rig.carried());
        bodySide.removeAll(rig.subtree(joint.child().placement()));
        double moves = Mass.of(rig, bodySide).grams();
        double shift = moves > 0 ? -offBy / moves : 0;
        // The child hangs on the support's side: when it goes forward by the setting, the camera goes back.
        int sense = new Moved(rig, motion).direction().dot(rig.world().forward()) > 0 ? -1 : 1;
        Span travel = motion.range().shifted(-motion.value());
        Span camera = sense < 0 ? new Span(-travel.to(), -travel.from()) : travel;
        return new Slide(motion, moves, shift, camera, sense * motion.value(), sense);
    }
}
