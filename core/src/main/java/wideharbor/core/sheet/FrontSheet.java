package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.LensChoice;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.front.Edge;
import wideharbor.core.front.FilterFit;
import wideharbor.core.front.LensFront;
import wideharbor.core.front.Mesh;
import wideharbor.core.front.Pencil;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.media.Recorder;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.MountChain;
import wideharbor.core.rig.Placed;

/**
 * The lens set of a body in one configuration: what each lens draws, what cuts it, what turns it, and in which order
 * changing them takes least.
 *
 * @param windowWidthMm of what is recorded; empty where it is not on file
 * @param filters those that are packed
 * @param setUps how many stages of the boxes serve which lenses, the most stages first
 */
public record FrontSheet(
        Optional<Double> windowWidthMm,
        Optional<Double> windowHeightMm,
        List<LensRow> lenses,
        List<FilterRow> filters,
        List<SetUp> setUps,
        LensOrder order) {

    /**
     * What is tried without storing it.
     *
     * @param without titles of openings that are left out
     * @param boxMm how much farther forward the boxes stand; negative: nearer to the lens
     * @param filters that are put in, each once for every time it is named
     */
    public record Tried(Set<String> without, double boxMm, List<TypeRef> filters) {
        public static final Tried NOTHING = new Tried(Set.of(), 0);

        /** Without filters. */
        public Tried(Set<String> without, double boxMm) {
            this(without, boxMm, List.of());
        }

        /** A box is pushed by hand; farther than this it is another rig. */
        private static final double FARTHEST = 200;

        public Tried {
            without = Set.copyOf(without);
            filters = List.copyOf(filters);
            if (!(Math.abs(boxMm) <= FARTHEST)) {
                throw new IllegalArgumentException("A box is tried at most " + Math.round(FARTHEST)
                        + " mm farther or nearer, but this is " + boxMm);
            }
        }
    }

    /**
     * One lens.
     *
     * @param optics as they act behind the glass of an adapter, where there is any
     * @param mounting empty where the lens does not hang on the body's mount
     * @param pupil behind the rim, mm, with its range; {@code pupilAcrossMm}: for the width of the picture
     * @param circle its image circle against the window's diagonal; empty where there is nothing to judge
     * @param mostStages so many stages, the nearest first, stay clear of its corners
     * @param straight false for a lens that sees half a sphere: its view is judged instead
     */
    public record LensRow(
            LensId lens,
            String title,
            PlacementId placement,
            OpticalFacet.Lens optics,
            Optional<Double> longestMm,
            Optional<Mounting> mounting,
            Ranged pupil,
            double pupilAcrossMm,
            boolean pupilKnown,
            Optional<Double> acrossDegrees,
            Optional<Double> uprightDegrees,
            Optional<Judgement> circle,
            List<Through> edges,
            List<InBox> boxes,
            List<Turned> drives,
            int mostStages,
            FilterFit filters,
            boolean straight) {
        /** Whether nothing of it is found or open, as it is tried. */
        public boolean isFine() {
            return edges.stream().allMatch(e -> e.out() || e.stops().isFine())
                    && circle.stream().allMatch(Judgement::isFine)
                    && mounting.stream().allMatch(Mounting::isFine)
                    && boxes.stream().allMatch(InBox::isFine)
                    && drives.stream().allMatch(d -> d.state() == CheckState.FINE);
        }
    }

    /** A type of filter in the kit; {@code stages}: titles of the openings of this body's boxes that take it. */
    public record FilterRow(
            TypeRef type,
            String name,
            FrontFacet.FilterKind kind,
            String format,
            double lossStops,
            int count,
            List<String> stages) {}

    /**
     * How a lens stands on the body.
     *
     * @param through the adapters between, the one on the body first
     * @param flange the sum against the lens's own flange distance; empty where a figure of it is not on file
     * @param lossStops of light in the adapters
     */
    public record Mounting(List<String> through, Optional<MountChain.Flange> flange, double lossStops) {
        public boolean isFine() {
            return flange.map(f -> f.sum().isFine()).orElse(false);
        }
    }

    /**
     * An edge before a lens, and how it stands in its light.
     *
     * @param chiefX where the middle of the corner's pencil passes it, mm from the axis
     * @param radiusX half the pencil's width there
     * @param stops what the worst corner loses, judged
     * @param out whether it was left out of what is tried
     */
    public record Through(
            Edge edge,
            double chiefX,
            double chiefY,
            double radiusX,
            double radiusY,
            double roomMm,
            double share,
            boolean cut,
            Judgement stops,
            boolean out) {}

    /** A box before a lens: the room from its rim to the first filter, and the front it takes. */
    public record InBox(String title, Judgement room, Judgement front) {
        boolean isFine() {
            return room.isFine() && front.isFine();
        }
    }

    /** A drive on a ring of a lens. */
    public record Turned(
            String title,
            FrontFacet.Ring ring,
            double turns,
            CheckState state,
            double aheadMm,
            double overlapMm,
            List<Mesh.Rod> rods,
            double armMm,
            double driveRadiusMm,
            double gearRadiusMm) {}

    /** So many stages on the boxes, and the lenses whose corners they leave clear. */
    public record SetUp(int stages, List<String> clear, List<String> not) {}

    public static FrontSheet of(RigAnalysis analysis, Tried tried) {
        List<LensRow> rows = new ArrayList<>();
        for (LensChoice choice : analysis.build().lenses()) {
            row(analysis.withLens(choice.id()), choice, tried).ifPresent(rows::add);
        }
        Optional<OpticalFacet.Camera.Window> window = analysis.rig()
                .require(analysis.rig().content().root())
                .type()
                .facet(OpticalFacet.Camera.class)
                .flatMap(OpticalFacet.Camera::window);
        return new FrontSheet(
                window.map(OpticalFacet.Camera.Window::widthMm),
                window.map(OpticalFacet.Camera.Window::heightMm),
                rows,
                filters(analysis),
                setUps(rows),
                LensOrder.of(analysis));
    }

    /** In the mode asked that takes most of the circle, as the check judges it; else over the body's window. */
    private static Optional<Judgement> coverage(RigAnalysis analysis, LensFront front) {
        ItemType body = analysis.rig().require(analysis.rig().content().root()).type();
        List<MediaFacet.Mode> modes =
                Recorder.modesAsked(analysis.job(), analysis.build().id(), body);
        return modes.isEmpty()
                ? front.coverage()
                : modes.stream()
                        .flatMap(m -> front.coverage(m.window()).stream())
                        .max(Comparator.comparingDouble(Judgement::from));
    }

    private static Optional<LensRow> row(RigAnalysis analysis, LensChoice choice, Tried tried) {
        return LensFront.of(analysis.rig()).map(front -> {
            List<Through> edges = edges(analysis, front, tried);
            Optional<Mounting> mounting = mounting(analysis);
            return new LensRow(
                    choice.id(),
                    choice.title(),
                    front.lens().id(),
                    front.optics(),
                    front.light().flatMap(FrontFacet.Light::longestMm),
                    mounting,
                    front.pupil(),
                    front.pencil(front.pupil().value())
                            .map(Pencil::behindX)
                            .orElse(front.pupil().value()),
                    front.isPupilKnown(),
                    front.acrossDegrees(),
                    front.uprightDegrees(),
                    coverage(analysis, front),
                    edges,
                    front.boxes().stream().map(b -> inBox(b, tried)).toList(),
                    drives(analysis),
                    mostStages(edges),
                    FilterFit.of(
                            front,
                            tried.filters().stream()
                                    .flatMap(f -> analysis.catalogue().find(f).stream())
                                    .toList(),
                            tried.without(),
                            mounting.map(Mounting::lossStops).orElse(0.0),
                            mostStages(edges)),
                    front.isStraight());
        });
    }

    private static List<FilterRow> filters(RigAnalysis analysis) {
        List<FrontFacet.Opening> openings = LensFront.of(analysis.rig()).stream()
                .flatMap(f -> f.boxes().stream())
                .flatMap(b -> b.facet().openings().stream())
                .toList();
        List<FilterRow> all = new ArrayList<>();
        analysis.kit().counts().forEach((ref, count) -> {
            ItemType type = analysis.catalogue().require(ref);
            type.facet(FrontFacet.Filter.class)
                    .ifPresent(f -> all.add(new FilterRow(
                            ref,
                            type.name(),
                            f.kind(),
                            f.format(),
                            f.lossStops(),
                            count,
                            openings.stream()
                                    .filter(f::goesInto)
                                    .map(FrontFacet.Opening::title)
                                    .toList())));
        });
        return all;
    }

    private static Optional<Mounting> mounting(RigAnalysis analysis) {
        return MountChain.of(analysis.rig())
                .map(chain -> new Mounting(
                        chain.between().stream().map(Placed::title).toList(),
                        chain.flange(analysis.rig(), analysis.standards(), analysis.rule(Rule.FLANGE)),
                        chain.lossStops()));
    }

    private static List<Through> edges(RigAnalysis analysis, LensFront front, Tried tried) {
        double most = analysis.rule(Rule.CORNER_SHADE);
        List<Through> all = new ArrayList<>();
        for (Edge stored : front.edges()) {
            Edge edge = stored.moved(tried.boxMm());
            boolean out = tried.without().contains(edge.title());
            front.passing(edge, most).ifPresent(p -> {
                Pencil pencil = p.pencil();
                all.add(new Through(
                        edge,
                        (edge.aheadMm() + pencil.behindX()) * pencil.tanX(),
                        (edge.aheadMm() + pencil.behindY()) * pencil.tanY(),
                        pencil.radiusX(),
                        pencil.radiusY(),
                        p.shade().roomMm(),
                        p.shade().share(),
                        p.cut(),
                        p.stops(),
                        out));
            });
        }
        return all;
    }

    private static InBox inBox(LensFront.Box stored, Tried tried) {
        LensFront.Box box = stored.moved(tried.boxMm());
        return new InBox(box.part().title(), box.room(), box.front());
    }

    private static List<Turned> drives(RigAnalysis analysis) {
        double share = analysis.rule(Rule.GEAR_OVERLAP);
        return Mesh.of(analysis.rig(), analysis.standards()).stream()
                .map(m -> new Turned(
                        m.drive().title(),
                        m.gear().ring(),
                        m.turns(),
                        m.isOfOneModule()
                                ? Judgement.worse(
                                        m.reach().state(), m.overlap(share).state())
                                : CheckState.FOUND,
                        m.aheadMm(),
                        m.overlapMm(),
                        m.rods(),
                        m.facet().armMm(),
                        m.facet().moduleMm() * m.facet().teeth() / 2,
                        m.gear().moduleMm() * m.gear().teeth() / 2))
                .toList();
    }

    /** Stages are taken out from the front, so the nearest are counted until one does not stay clear. */
    private static int mostStages(List<Through> edges) {
        int clear = 0;
        for (Through edge : edges) {
            if (edge.edge().kind() == OpeningKind.STAGE) {
                if (!edge.stops().isFine()) {
                    return clear;
                }
                clear++;
            }
        }
        return clear;
    }

    private static List<SetUp> setUps(List<LensRow> rows) {
        int most = rows.stream().mapToInt(FrontSheet::stages).max().orElse(0);
        List<SetUp> all = new ArrayList<>();
        for (int stages = most; stages >= 1; stages--) {
            int with = stages;
            List<String> clear = rows.stream()
                    .filter(r -> r.mostStages() >= Math.min(with, stages(r)) && restIsClear(r))
                    .map(LensRow::title)
                    .toList();
            Set<String> served = new HashSet<>(clear);
            all.add(new SetUp(
                    stages,
                    clear,
                    rows.stream()
                            .map(LensRow::title)
                            .filter(t -> !served.contains(t))
                            .collect(Collectors.toList())));
        }
        return all;
    }

    private static int stages(LensRow row) {
        return (int) row.edges().stream()
                .filter(e -> e.edge().kind() == OpeningKind.STAGE)
                .count();
    }

    /** Mouth, flags and rings, which stay on however many stages there are; and the lens goes into its box. */
    private static boolean restIsClear(LensRow row) {
        return row.edges().stream()
                        .filter(e -> e.edge().kind() != OpeningKind.STAGE && !e.out())
                        .allMatch(e -> e.stops().isFine())
                && row.boxes().stream().allMatch(InBox::isFine);
    }
}
