package wideharbor.app.drawing;

import java.util.List;
import wideharbor.core.catalog.Socket;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.View;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;

/** A drawing as numbers on paper, rounded to 0.1 mm: flat lists of across, upward, across, upward … */
public record DrawingView(
        View view,
        List<Part> parts,
        List<Double> axis,
        List<Plumb> plumb,
        List<SlideBar> slideBar,
        List<RodHeight> rodHeights,
        List<KeptRoom> rooms,
        List<Clash> clashes,
        List<PortMark> ports,
        List<Track> tracks,
        List<Bearing> bearings,
        List<Cable> cables,
        List<Seen> seen) {

    /** What the lens sees; none of a fisheye, or where the recorded window is not on file. */
    record Seen(List<Double> border, boolean pupilKnown) {}

    record Cable(
            CableId id,
            List<PlacementId> ends,
            String title,
            Socket.Kind carries,
            List<Double> way,
            String words,
            boolean met) {}

    record KeptRoom(PlacementId placement, Shape.Use use, List<Double> border, List<PlacementId> intruders) {}

    record Clash(String a, String b, double depthMm, List<Double> border) {}

    record PortMark(String ref, String title, String standard, List<Double> at, List<Double> out, boolean used) {}

    /** A slide: what moves with it, and how far on paper for each millimetre. */
    record Track(
            String key,
            PlacementId placement,
            List<PlacementId> moves,
            List<Double> perMm,
            double from,
            double to,
            double value,
            double step) {}

    record Bearing(List<Double> from, List<Double> to, String words, boolean met) {}

    record Part(PlacementId placement, String title, String category, List<Border> shapes) {}

    record Border(List<Double> border, List<Double> bore) {}

    record Plumb(List<Double> centre, List<Double> foot, List<Double> datum, boolean balanced) {}

    record SlideBar(
            List<Double> back,
            List<Double> front,
            List<Double> now,
            List<Double> balanced,
            double shiftMm,
            boolean inReach) {}

    record RodHeight(String rods, List<Double> axis, List<Double> centres, double hasMm, double needsMm, boolean met) {}

    public static DrawingView of(Drawing d) {
        return new DrawingView(
                d.view(),
                d.parts().stream().map(DrawingView::part).toList(),
                flat(List.of(d.axisFrom(), d.axisTo())),
                d.plumb().stream()
                        .map(p -> new Plumb(one(p.centre()), one(p.foot()), one(p.datum()), p.balanced()))
                        .toList(),
                d.slideBar().stream().map(DrawingView::slideBar).toList(),
                d.rodHeights().stream()
                        .map(r -> new RodHeight(
                                r.rods().toString(), one(r.axis()), one(r.centres()), r.hasMm(), r.needsMm(), r.met()))
                        .toList(),
                d.rooms().stream()
                        .map(r -> new KeptRoom(
                                r.placement(), r.use(), flat(r.outline().border()), r.intruders()))
                        .toList(),
                d.clashes().stream()
                        .map(c -> new Clash(c.a().toString(), c.b().toString(), c.depthMm(), flat(c.border())))
                        .toList(),
                d.ports().stream()
                        .map(p -> new PortMark(p.ref(), p.title(), p.standard(), one(p.at()), one(p.out()), p.used()))
                        .toList(),
                d.tracks().stream().map(DrawingView::track).toList(),
                d.bearings().stream()
                        .map(b -> new Bearing(one(b.from()), one(b.to()), b.words(), b.met()))
                        .toList(),
                d.cables().stream()
                        .map(c ->
                                new Cable(c.id(), c.ends(), c.title(), c.carries(), flat(c.way()), c.words(), c.met()))
                        .toList(),
                d.seen().stream()
                        .map(s -> new Seen(flat(s.border()), s.pupilKnown()))
                        .toList());
    }

    private static SlideBar slideBar(Drawing.SlideBar s) {
        return new SlideBar(one(s.back()), one(s.front()), one(s.now()), one(s.balanced()), s.shiftMm(), s.inReach());
    }

    private static Track track(Drawing.Track t) {
        return new Track(
                t.key(),
                t.placement(),
                t.moves(),
                List.of(t.perMm().across(), t.perMm().upward()),
                t.from(),
                t.to(),
                t.value(),
                t.step());
    }

    private static Part part(Drawing.Part part) {
        return new Part(
                part.placement(),
                part.title(),
                part.category().name(),
                part.outlines().stream()
                        .map(o -> new Border(flat(o.border()), flat(o.bore())))
                        .toList());
    }

    private static List<Double> one(View.Point p) {
        return flat(List.of(p));
    }

    /** Across, upward, across, upward …, rounded as a drawing is. */
    public static List<Double> flat(List<View.Point> points) {
        return points.stream()
                .flatMap(p -> java.util.stream.Stream.of(round(p.across()), round(p.upward())))
                .toList();
    }

    /** To 0.1 mm. */
    public static double round(double mm) {
        return Math.round(mm * 10) / 10.0;
    }
}
