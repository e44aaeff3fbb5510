package wideharbor.app.lenses;

import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.FrontFacet.FilterKind;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.FrontFacet.Ring;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.front.Edge;
import wideharbor.core.front.FilterFit;
import wideharbor.core.front.Mesh;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.MountChain;
import wideharbor.core.sheet.FrontSheet;
import wideharbor.core.sheet.LensOrder;

/** A lens set as the screen shows it; millimetres, degrees, stops, minutes. */
final class LensViews {
    private LensViews() {}

    record LensSheet(
            Optional<Double> windowWidthMm,
            Optional<Double> windowHeightMm,
            List<LensRow> lenses,
            List<LensFilter> filters,
            List<StageSetUp> setUps,
            ChangeOrder order) {
        static LensSheet of(FrontSheet sheet) {
            return new LensSheet(
                    sheet.windowWidthMm(),
                    sheet.windowHeightMm(),
                    sheet.lenses().stream().map(LensRow::of).toList(),
                    sheet.filters().stream().map(LensFilter::of).toList(),
                    sheet.setUps().stream()
                            .map(s -> new StageSetUp(s.stages(), s.clear(), s.not()))
                            .toList(),
                    ChangeOrder.of(sheet.order()));
        }
    }

    /** A fact with how it stands; {@code need}: the least or the most that is wanted. */
    record LensFact(CheckState state, double value, Span range, double need) {
        static LensFact atLeast(Judgement fact) {
            return new LensFact(fact.state(), fact.value(), fact.range(), fact.from());
        }

        static LensFact atMost(Judgement fact) {
            return new LensFact(fact.state(), fact.value(), fact.range(), fact.to());
        }
    }

    record LensRow(
            String lens,
            String title,
            String placement,
            double focalMm,
            Optional<Double> longestMm,
            double tStop,
            double squeeze,
            double lengthMm,
            double frontMm,
            Optional<Double> closeFocusMm,
            Optional<LensMounting> mounting,
            double pupilMm,
            double pupilAcrossMm,
            Span pupilRange,
            boolean pupilKnown,
            Optional<Double> acrossDegrees,
            Optional<Double> uprightDegrees,
            Optional<LensFact> circle,
            List<LensEdge> edges,
            List<LensBox> boxes,
            List<LensDrive> drives,
            int mostStages,
            LensGlass glass,
            boolean straight,
            boolean fine) {
        static LensRow of(FrontSheet.LensRow r) {
            return new LensRow(
                    r.lens().toString(),
                    r.title(),
                    r.placement().toString(),
                    r.optics().focalMm(),
                    r.longestMm(),
                    r.optics().tStop(),
                    r.optics().squeeze(),
                    r.optics().lengthMm(),
                    r.optics().frontDiameterMm(),
                    r.optics().closeFocusMm(),
                    r.mounting().map(LensMounting::of),
                    r.pupil().value(),
                    r.pupilAcrossMm(),
                    r.pupil().range(),
                    r.pupilKnown(),
                    r.acrossDegrees(),
                    r.uprightDegrees(),
                    r.circle().map(LensFact::atLeast),
                    r.edges().stream().map(LensEdge::of).toList(),
                    r.boxes().stream()
                            .map(b -> new LensBox(b.title(), LensFact.atLeast(b.room()), LensFact.atMost(b.front())))
                            .toList(),
                    r.drives().stream().map(LensDrive::of).toList(),
                    r.mostStages(),
                    LensGlass.of(r.filters()),
                    r.straight(),
                    r.isFine());
        }
    }

    /** A type of filter that is packed, and the openings that take it. */
    record LensFilter(
            TypeRef type,
            String name,
            FilterKind kind,
            String format,
            double lossStops,
            int count,
            List<String> stages) {
        static LensFilter of(FrontSheet.FilterRow f) {
            return new LensFilter(f.type(), f.name(), f.kind(), f.format(), f.lossStops(), f.count(), f.stages());
        }
    }

    /** Filters as tried: in which opening each is, which have none, and what all glass costs. */
    record LensGlass(List<FilterFit.InStage> placed, List<String> left, double lossStops, int stages, boolean clear) {
        static LensGlass of(FilterFit f) {
            return new LensGlass(f.placed(), f.left(), f.lossStops(), f.stages(), f.clear());
        }
    }

    /** What is between body and lens; {@code flangeErrorMm}: over the lens's own, short of infinity. */
    record LensMounting(List<String> through, CheckState flange, Optional<Double> flangeErrorMm, double lossStops) {
        static LensMounting of(FrontSheet.Mounting m) {
            return new LensMounting(
                    m.through(),
                    m.flange().map(f -> f.sum().state()).orElse(CheckState.NOT_CHECKED),
                    m.flange().map(MountChain.Flange::errorMm),
                    m.lossStops());
        }
    }

    /** An edge, and where the pencil of the picture's corner passes it; {@code out}: left out of what is tried. */
    record LensEdge(
            String title,
            OpeningKind kind,
            double aheadMm,
            double asideMm,
            double upMm,
            double halfWidthMm,
            double halfHeightMm,
            boolean round,
            double chiefX,
            double chiefY,
            double radiusX,
            double radiusY,
            double roomMm,
            double share,
            boolean cut,
            LensFact stops,
            boolean out) {
        static LensEdge of(FrontSheet.Through t) {
            Edge e = t.edge();
            return new LensEdge(
                    e.title(),
                    e.kind(),
                    e.aheadMm(),
                    e.asideMm(),
                    e.upMm(),
                    e.halfWidthMm(),
                    e.halfHeightMm(),
                    e.round(),
                    t.chiefX(),
                    t.chiefY(),
                    t.radiusX(),
                    t.radiusY(),
                    t.roomMm(),
                    t.share(),
                    t.cut(),
                    LensFact.atMost(t.stops()),
                    t.out());
        }
    }

    /** Room from the rim to the first filter, and the front against what goes in. */
    record LensBox(String title, LensFact room, LensFact front) {}

    record LensDrive(
            String title,
            Ring ring,
            double turns,
            CheckState state,
            double aheadMm,
            double overlapMm,
            List<DriveRod> rods,
            double armMm,
            double driveRadiusMm,
            double gearRadiusMm) {
        static LensDrive of(FrontSheet.Turned t) {
            return new LensDrive(
                    t.title(),
                    t.ring(),
                    t.turns(),
                    t.state(),
                    t.aheadMm(),
                    t.overlapMm(),
                    t.rods().stream().map(DriveRod::of).toList(),
                    t.armMm(),
                    t.driveRadiusMm(),
                    t.gearRadiusMm());
        }
    }

    /** A rod seen from the front of the lens, and the directions in which the arm meshes. */
    record DriveRod(double xMm, double yMm, List<Double> swings) {
        static DriveRod of(Mesh.Rod rod) {
            return new DriveRod(rod.xMm(), rod.yMm(), rod.swings());
        }
    }

    record StageSetUp(int stages, List<String> clear, List<String> not) {}

    record ChangeOrder(List<LensChange> changes, double minutes, double asListed, boolean proven) {
        static ChangeOrder of(LensOrder order) {
            return new ChangeOrder(
                    order.changes().stream()
                            .map(c -> new LensChange(c.fromTitle(), c.toTitle(), c.minutes(), c.steps()))
                            .toList(),
                    order.minutes(),
                    order.asListed(),
                    order.proven());
        }
    }

    record LensChange(String from, String to, double minutes, List<String> steps) {}
}
