package wideharbor.app.lenses;

import java.util.List;
import java.util.Optional;
import wideharbor.app.web.FactView;
import wideharbor.core.catalog.FrontFacet.OpeningKind;
import wideharbor.core.catalog.FrontFacet.Ring;
import wideharbor.core.front.Edge;
import wideharbor.core.front.FilterFit;
import wideharbor.core.front.Mesh;
import wideharbor.core.quantity.CheckState;
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
            List<FrontSheet.FilterRow> filters,
            List<StageSetUp> setUps,
            ChangeOrder order) {
        static LensSheet of(FrontSheet sheet) {
            return new LensSheet(
                    sheet.windowWidthMm(),
                    sheet.windowHeightMm(),
                    sheet.lenses().stream().map(LensRow::of).toList(),
                    sheet.filters(),
                    sheet.setUps().stream()
                            .map(s -> new StageSetUp(s.stages(), s.clear(), s.not()))
                            .toList(),
                    ChangeOrder.of(sheet.order()));
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
            Optional<FactView> circle,
            List<LensEdge> edges,
            List<LensBox> boxes,
            List<LensDrive> drives,
            int mostStages,
            FilterFit glass,
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
                    r.circle().map(FactView::atLeast),
                    r.edges().stream().map(LensEdge::of).toList(),
                    r.boxes().stream()
                            .map(b -> new LensBox(b.title(), FactView.atLeast(b.room()), FactView.atMost(b.front())))
                            .toList(),
                    r.drives().stream().map(LensDrive::of).toList(),
                    r.mostStages(),
                    r.filters(),
                    r.straight(),
                    r.isFine());
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
            FactView stops,
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
                    FactView.atMost(t.stops()),
                    t.out());
        }
    }

    /** Room from the rim to the first filter, and the front against what goes in. */
    record LensBox(String title, FactView room, FactView front) {}

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
