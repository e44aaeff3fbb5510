package wideharbor.core.front;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.MountChain;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * The lens on a body with what stands before it.
 *
 * @param optics as they act behind the glass of an adapter, where there is any; so is the image circle of the light
 * @param rimMm of its front, ahead of the body's mount
 * @param edges that its light must pass, the nearest first
 */
public record LensFront(
        Placed lens,
        OpticalFacet.Lens optics,
        Optional<FrontFacet.Light> light,
        Optional<Window> window,
        double rimMm,
        List<Box> boxes,
        List<Edge> edges) {
    /** A box looks along the lens when its axis is this near to the lens's, as a cosine. */
    private static final double ALONG = 0.995;

    private static final double CIRCLE_SLACK = 0.05;
    private static final double ROUNDING = 1e-6;

    public LensFront {
        boxes = List.copyOf(boxes);
        edges = List.copyOf(edges);
    }

    /**
     * A box before the lens; {@code aheadMm}: its origin, of the lens's rim; {@code frontMm}: over the lens's front.
     */
    public record Box(Placed part, FrontFacet.MatteBox facet, double aheadMm, double frontMm) {
        /** The same so much farther ahead. */
        public Box moved(double mm) {
            return new Box(part, facet, aheadMm + mm, frontMm);
        }

        /** Between the lens's rim and the first filter; the lens stands in it where that is negative. */
        public Judgement room() {
            return Judgement.atLeast(aheadMm + facet.foremostFrontMm(), 0, ROUNDING, "mm");
        }

        /** How thick the lens's front is, against what goes in. */
        public Judgement front() {
            return Judgement.atMost(frontMm, facet.largestFrontMm(), ROUNDING, "mm");
        }

        /** The lens's front against what is clamped, within a band; empty of a box on rods. */
        public Optional<Judgement> clamp(double bandMm) {
            return facet.clampMm().map(c -> Judgement.within(frontMm, c - bandMm, c + bandMm, ROUNDING, "mm"));
        }
    }

    /**
     * Empty when there is no lens on the body. One that sees half a sphere or so has no pencils; its view is judged.
     */
    public static Optional<LensFront> of(Rig rig) {
        return rig.fittedLens().map(lens -> of(rig, lens));
    }

    private static LensFront of(Rig rig, Placed lens) {
        double factor = MountChain.factor(rig);
        OpticalFacet.Lens optics =
                lens.type().facet(OpticalFacet.Lens.class).orElseThrow().times(factor);
        double rim = lens.pose().at().z() + optics.lengthMm();
        List<Box> boxes = new ArrayList<>();
        for (Placed part : rig.attached()) {
            part.type()
                    .facet(FrontFacet.MatteBox.class)
                    .filter(f -> part.pose().n().dot(Vec3.FORWARD) > ALONG)
                    .ifPresent(f -> boxes.add(new Box(part, f, part.pose().at().z() - rim, optics.frontDiameterMm())));
        }
        List<Edge> edges = new ArrayList<>();
        boxes.forEach(b -> b.facet().openings().forEach(o -> edges.add(edge(b, o))));
        edges.sort(Comparator.comparingDouble(Edge::aheadMm));
        return new LensFront(
                lens,
                optics,
                lens.type().facet(FrontFacet.Light.class).map(l -> l.times(factor)),
                rig.require(rig.content().root())
                        .type()
                        .facet(OpticalFacet.Camera.class)
                        .flatMap(OpticalFacet.Camera::window),
                rim,
                boxes,
                edges);
    }

    private static Edge edge(Box box, FrontFacet.Opening opening) {
        Pose pose = box.part().pose();
        return new Edge(
                box.part().id(),
                opening.title(),
                opening.kind(),
                box.aheadMm() + opening.atMm(),
                pose.at().x(),
                pose.at().y(),
                opening.widthMm() / 2,
                opening.heightMm() / 2,
                opening.round());
    }

    /** Whether it draws straight lines straight, so that a corner has a direction with a tangent. */
    public boolean isStraight() {
        return lens.type().facet(OpticalFacet.Fisheye.class).isEmpty();
    }

    /** Where the pupil is, behind the rim; not on file: anywhere from the front glass to the flange. */
    public Ranged pupil() {
        return light.flatMap(FrontFacet.Light::pupil)
                .orElseGet(() -> Ranged.of(optics.lengthMm() / 2, 0, optics.lengthMm()));
    }

    /** Whether the place of the pupil is on file. */
    public boolean isPupilKnown() {
        return light.flatMap(FrontFacet.Light::pupil).isPresent();
    }

    /**
     * How one edge stands in the light of the corners.
     *
     * @param stops that the worst corner is darker, judged against what the house allows
     * @param cut whether the corner is surely cut, whatever is not certain
     * @param pencil with the figures as they are on file
     * @param shade by that pencil
     */
    public record Passing(Edge edge, Judgement stops, boolean cut, Pencil pencil, Shade shade) {}

    /** Empty where the window is not on file or the lens has no pencils. */
    public Optional<Passing> passing(Edge edge, double mostStops) {
        Ranged pupil = pupil();
        return pencil(pupil.value()).map(pencil -> {
            Shade near = pencil(pupil.range().from()).orElse(pencil).at(edge);
            Shade far = pencil(pupil.range().to()).orElse(pencil).at(edge);
            Shade shade = pencil.at(edge);
            Judgement stops =
                    Judgement.atMost(Ranged.of(shade.stops(), near.stops(), far.stops()), mostStops, ROUNDING, "stops");
            return new Passing(edge, stops, near.cut() && far.cut(), pencil, shade);
        });
    }

    /** The light of the corners with the pupil there, mm behind the rim; empty where the window is not on file. */
    public Optional<Pencil> pencil(double pupilMm) {
        return window.filter(w -> isStraight()).map(w -> pencil(w, pupilMm));
    }

    private Pencil pencil(Window recorded, double pupilMm) {
        double sideways = light.flatMap(FrontFacet.Light::sidewaysPupilMm).orElse(pupilMm);
        return Pencil.of(optics, recorded, sideways, pupilMm);
    }

    /** The image circle against the diagonal of the window; empty where neither a circle nor a window is to be told. */
    public Optional<Judgement> coverage() {
        return window.flatMap(this::coverage);
    }

    /** The same of another window, of a mode that records less of the sensor. */
    public Optional<Judgement> coverage(Window recorded) {
        if (light.isEmpty() || !isStraight()) {
            return Optional.empty();
        }
        double diagonal = Math.hypot(recorded.widthMm(), recorded.heightMm());
        if (light.get().imageCircleMm() instanceof Figure.Known circle) {
            return Optional.of(Judgement.atLeast(
                    Ranged.of(circle.value(), circle.low(), circle.high()), diagonal, CIRCLE_SLACK, "mm"));
        }
        return Optional.of(Judgement.atLeast(0, diagonal, 0, "mm").unknown());
    }

    /** Full angle of view across the picture, degrees. */
    public Optional<Double> acrossDegrees() {
        return window.filter(w -> isStraight())
                .map(w -> 2 * Math.toDegrees(Math.atan(w.widthMm() * optics.squeeze() / (2 * optics.focalMm()))));
    }

    /** Full angle of view from top to bottom, degrees. */
    public Optional<Double> uprightDegrees() {
        return window.filter(w -> isStraight())
                .map(w -> 2 * Math.toDegrees(Math.atan(w.heightMm() / (2 * optics.focalMm()))));
    }
}
