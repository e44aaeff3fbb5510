package wideharbor.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.RodFit;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.geometry.View.Point;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** One elevation, ready to be drawn: outlines from the computed poses, and the marks that explain them. Paper mm. */
public record Drawing(
        View view,
        List<Part> parts,
        Point axisFrom,
        Point axisTo,
        Optional<Plumb> plumb,
        Optional<SlideBar> slideBar,
        List<RodHeight> rodHeights,
        List<Room> rooms,
        List<ClashMark> clashes,
        List<PortMark> ports,
        List<Track> tracks,
        List<Bearing> bearings,
        List<Cable> cables,
        Optional<Seen> seen) {

    /** What the lens sees; {@code pupilKnown}: not drawn from a guess of where its pupil is. */
    public record Seen(List<Point> border, boolean pupilKnown) {}

    /** A cable on its estimated way between two placements, with what it needs and has in length. */
    public record Cable(
            CableId id,
            List<PlacementId> ends,
            String title,
            Socket.Kind carries,
            List<Point> way,
            String words,
            boolean met) {}

    /** How a worn rig is borne: a lever from pad to hands with their force, or the line from hook to centre of mass. */
    public record Bearing(Point from, Point to, String words, boolean met) {}

    /** Room that a part keeps free, and who stands in it; empty when it is free. */
    public record Room(PlacementId placement, Shape.Use use, Outline outline, List<PlacementId> intruders) {}

    /** Where two parts are in the same place: the outline of what they share. */
    public record ClashMark(PlacementId a, PlacementId b, double depthMm, List<Point> border) {}

    /** A port, where it sits and a point 12 mm out along its normal. */
    public record PortMark(String ref, String title, String standard, Point at, Point out, boolean used) {}

    /**
     * A slide as seen from here: which parts move, how far they go on paper per millimetre of the setting, and how far
     * the setting may go. What it carries moves exactly and linearly until the full answer comes.
     */
    public record Track(
            String key,
            PlacementId placement,
            List<PlacementId> moves,
            Point perMm,
            double from,
            double to,
            double value,
            double step) {}

    /** A part's outlines; within a drawing parts come farthest first. */
    public record Part(PlacementId placement, String title, Category category, List<Outline> outlines) {}

    /** The centre of mass, where its plumb line meets the support's level, and where the support carries. */
    public record Plumb(Point centre, Point foot, Point datum, boolean balanced) {}

    /** Travel of the camera on its support, drawn at the slide: both ends, where it stands, where it balances. */
    public record SlideBar(Point back, Point front, Point now, Point balanced, double shiftMm, boolean inReach) {}

    /** The rod height as a dimension between axis and rod centres. */
    public record RodHeight(PlacementId rods, Point axis, Point centres, double hasMm, double needsMm, boolean met) {}

    public static Drawing of(RigAnalysis analysis, View seenFrom) {
        Rig rig = analysis.rig();
        Sheet view = Sheet.of(rig, seenFrom);
        List<Part> parts = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            parts.add(part(placed, view));
        }
        parts.sort(Comparator.comparingDouble(Drawing::depth));
        Span along = along(rig);
        return new Drawing(
                seenFrom,
                parts,
                view.project(new Vec3(0, 0, along.from())),
                view.project(new Vec3(0, 0, along.to())),
                analysis.balance().map(b -> BalanceMarks.plumb(rig, b, view)),
                analysis.balance().flatMap(b -> BalanceMarks.slideBar(rig, b, view)),
                RodFit.of(analysis).stream()
                        .map(f -> BalanceMarks.rodHeight(f, view))
                        .toList(),
                PlaceMarks.rooms(analysis, view),
                PlaceMarks.clashes(analysis, view),
                PlaceMarks.ports(analysis, view),
                PlaceMarks.tracks(rig, view),
                BalanceMarks.bearings(analysis, view),
                CableMarks.cables(analysis, view),
                LensMarks.seen(rig, view));
    }

    private static Part part(Placed placed, Sheet view) {
        List<Outline> outlines = new ArrayList<>();
        for (Link link : placed.type().links()) {
            for (Shape shape : link.shapes()) {
                if (!shape.keepClear()) {
                    outlines.add(view.outline(shape, placed.pose(link.id())));
                }
            }
        }
        outlines.sort(Comparator.comparingDouble(Outline::depthMm));
        return new Part(placed.id(), placed.title(), placed.type().category(), List.copyOf(outlines));
    }

    private static double depth(Part part) {
        return part.outlines().stream().mapToDouble(Outline::depthMm).max().orElse(0);
    }

    /** How far the carried rig runs along the axis, with room for the axis line to stand out. */
    private static Span along(Rig rig) {
        double low = -100;
        double high = 100;
        for (Placed placed : rig.attached()) {
            for (Link link : placed.type().links()) {
                for (Shape shape : link.shapes()) {
                    for (Vec3 corner : Outline.corners(shape)) {
                        double z = placed.pose(link.id()).apply(corner).z();
                        if (rig.carried().contains(placed.id())) {
                            low = Math.min(low, z);
                            high = Math.max(high, z);
                        }
                    }
                }
            }
        }
        return new Span(low - 30, high + 30);
    }
}
