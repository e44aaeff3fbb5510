package wideharbor.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.OpticalFacet.Autofocus;
import wideharbor.core.catalog.OpticalFacet.LensAdapter;
import wideharbor.core.catalog.OpticalFacet.MountSpeech;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;

/**
 * What is between a body and its lens. The lens focuses to infinity where the flange distance of its own mount is that
 * of the body's and the optical lengths of all adapters together.
 *
 * @param between the adapters, the one on the body first
 * @param joints the mounts, the body's first; one more than there are adapters
 */
public record MountChain(Placed body, Placed lens, List<Placed> between, List<Joint> joints) {

    private static final int DEEPEST = 8;

    /**
     * One mount of the chain.
     *
     * @param title of the two that meet there
     * @param lock the weaker of how the two sides say they hold; empty where neither says
     */
    public record Face(Joint joint, String title, Optional<Standard.Lock> lock) {}

    public MountChain {
        between = List.copyOf(between);
        joints = List.copyOf(joints);
    }

    /** Empty where no lens hangs on the body's mount. */
    public static Optional<MountChain> of(Rig rig) {
        Placed body = rig.require(rig.content().root());
        Optional<OpticalFacet.Camera> camera = body.type().facet(OpticalFacet.Camera.class);
        return rig.fittedLens().filter(lens -> camera.isPresent()).flatMap(lens -> of(rig, body, lens));
    }

    private static Optional<MountChain> of(Rig rig, Placed body, Placed lens) {
        List<Placed> between = new ArrayList<>();
        List<Joint> joints = new ArrayList<>();
        Placed at = lens;
        for (int i = 0; i < DEEPEST; i++) {
            Optional<Joint> joint = rig.locatedBy(at.id());
            if (joint.isEmpty()) {
                return Optional.empty();
            }
            joints.add(0, joint.get());
            at = rig.require(joint.get().parent().placement());
            if (at.id().equals(body.id())) {
                return Optional.of(new MountChain(body, lens, between, joints));
            }
            between.add(0, at);
        }
        return Optional.empty();
    }

    /** The mounts of the chain, the body's first. */
    public List<Face> faces(Rig rig, Standards standards) {
        return joints.stream().map(j -> face(rig, standards, j)).toList();
    }

    private static Face face(Rig rig, Standards standards, Joint joint) {
        Placed parent = rig.require(joint.parent().placement());
        Placed child = rig.require(joint.child().placement());
        Optional<Standard.Lock> by = adapter(child)
                .filter(a -> a.bodyPort().equals(joint.child().port()))
                .map(LensAdapter::bodyLock)
                .or(() -> adapter(parent)
                        .filter(a -> a.lensPort().equals(joint.parent().port()))
                        .map(LensAdapter::lensLock))
                .or(() -> mount(standards, rig.port(joint.parent()).standard()).map(Standard.Facts.LensMount::lock));
        return new Face(joint, child.title() + " on " + parent.title(), by);
    }

    private static Optional<LensAdapter> adapter(Placed part) {
        return part.type().facet(LensAdapter.class);
    }

    private static Optional<Standard.Facts.LensMount> mount(Standards standards, String id) {
        return standards
                .find(id)
                .map(Standard::facts)
                .filter(Standard.Facts.LensMount.class::isInstance)
                .map(Standard.Facts.LensMount.class::cast);
    }

    /** What is between whose optical length is not on file. */
    public List<Placed> unknown() {
        return between.stream().filter(p -> adapter(p).isEmpty()).toList();
    }

    /**
     * The sum of what is between lens and sensor, against the lens's own flange distance.
     *
     * @param sum of the body's flange distance and the optical lengths
     * @param errorMm over what the lens wants; positive: it does not reach infinity
     */
    public record Flange(Judgement sum, double errorMm) {}

    /** Empty where a mount has no flange distance on file, or what is between no optical length. */
    public Optional<Flange> flange(Rig rig, Standards standards, double toleranceMm) {
        if (!unknown().isEmpty()) {
            return Optional.empty();
        }
        Optional<Standard.Facts.LensMount> bodys =
                mount(standards, rig.port(joints.get(0).parent()).standard());
        Optional<Standard.Facts.LensMount> lenss =
                mount(standards, rig.port(joints.get(joints.size() - 1).child()).standard());
        return bodys.flatMap(b -> lenss.map(l -> {
            double sum = sum(b.flangeMm());
            return new Flange(
                    Judgement.within(sum, l.flangeMm() - toleranceMm, l.flangeMm() + toleranceMm, 1e-9, "mm"),
                    sum - l.flangeMm());
        }));
    }

    private double sum(double bodyMm) {
        return bodyMm
                + between.stream()
                        .flatMap(p -> adapter(p).stream())
                        .mapToDouble(LensAdapter::opticalMm)
                        .sum();
    }

    /**
     * How far away a lens that stands too far from the sensor is sharp at the most: f² ÷ e, m.
     *
     * @param errorMm too far, over 0
     */
    public static double farthestMetres(double focalMm, double errorMm) {
        return focalMm * focalMm / errorMm / 1000;
    }

    /** The mount that holds least; empty where one does not say how it holds. */
    public Optional<Face> weakest(Rig rig, Standards standards) {
        Face weakest = null;
        for (Face face : faces(rig, standards)) {
            if (face.lock().isEmpty()) {
                return Optional.empty();
            }
            if (weakest == null || face.lock().get().compareTo(weakest.lock().orElseThrow()) > 0) {
                weakest = face;
            }
        }
        return Optional.ofNullable(weakest);
    }

    /** What the glass between body and lens makes of focal length, stop and circle; 1 without a lens. */
    public static double factor(Rig rig) {
        return of(rig).map(MountChain::factor).orElse(1.0);
    }

    /** What glass between makes of the focal length, the stop and the image circle. */
    public double factor() {
        return between.stream()
                .flatMap(p -> adapter(p).stream())
                .mapToDouble(LensAdapter::factor)
                .reduce(1, (a, b) -> a * b);
    }

    /** Light lost between, stops, beyond what the factor makes of the stop. */
    public double lossStops() {
        return between.stream()
                .flatMap(p -> adapter(p).stream())
                .mapToDouble(LensAdapter::lossStops)
                .sum();
    }

    /** Where less goes over the contacts than is wanted, from the body on. */
    public sealed interface Silence {
        Placed part();

        /** It passes or speaks less. */
        record Loses(Placed part) implements Silence {}

        /** It passes all of it, but autofocus behind it is said to be worse. */
        record Worse(Placed part) implements Silence {}

        /** What it says over its contacts is not on file. */
        record Unsaid(Placed part) implements Silence {}
    }

    /** What stands in the way of a body that is to move the lens's rings; empty where nothing does. */
    public Optional<Silence> silence() {
        List<Silence> all = new ArrayList<>();
        talk(body, all);
        between.forEach(p -> adapter(p)
                .ifPresentOrElse(
                        a -> {
                            if (a.passes() != MountSpeech.DRIVE || a.autofocus() == Autofocus.LOST) {
                                all.add(new Silence.Loses(p));
                            } else if (a.autofocus() == Autofocus.DEGRADED) {
                                all.add(new Silence.Worse(p));
                            }
                        },
                        () -> all.add(new Silence.Unsaid(p))));
        talk(lens, all);
        return all.stream()
                .filter(Silence.Loses.class::isInstance)
                .findFirst()
                .or(() -> all.stream().filter(Silence.Unsaid.class::isInstance).findFirst())
                .or(() -> all.stream().findFirst());
    }

    private static void talk(Placed part, List<Silence> all) {
        part.type()
                .facet(OpticalFacet.MountTalk.class)
                .ifPresentOrElse(
                        t -> {
                            if (t.speech() != MountSpeech.DRIVE) {
                                all.add(new Silence.Loses(part));
                            }
                        },
                        () -> all.add(new Silence.Unsaid(part)));
    }
}
