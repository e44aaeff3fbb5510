package wideharbor.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.Grips;
import wideharbor.core.analysis.OutletLoad;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.RodFit;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.geometry.View.Point;
import wideharbor.core.quantity.Span;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

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
        List<Cable> cables) {

    /** A cable on its estimated way between two placements, with what it needs and has in length. */
    public record Cable(
            String id,
            List<String> ends,
            String title,
            Socket.Kind carries,
            List<Point> way,
            String words,
            boolean met) {}

    /** How a worn rig is borne: a lever from pad to hands with their force, or the line from hook to centre of mass. */
    public record Bearing(Point from, Point to, String words, boolean met) {}

    /** Room that a part keeps free, and who stands in it; empty when it is free. */
    public record Room(String placement, Shape.Use use, Outline outline, List<String> intruders) {}

    /** Where two parts are in the same place: the outline of what they share. */
    public record ClashMark(String a, String b, double depthMm, List<Point> border) {}

    /** A port, where it sits and a point 12 mm out along its normal. */
    public record PortMark(String ref, String title, String standard, Point at, Point out, boolean used) {}

    /**
     * A slide as seen from here: which parts move, how far they go on paper per millimetre of the setting, and how far
     * the setting may go. What it carries moves exactly and linearly until the full answer comes.
     */
    public record Track(
            String key,
            String placement,
            List<String> moves,
            Point perMm,
            double from,
            double to,
            double value,
            double step) {}

    /** A part's outlines; within a drawing parts come farthest first. */
    public record Part(String placement, String title, Category category, List<Outline> outlines) {}

    /** The centre of mass, where its plumb line meets the support's level, and where the support carries. */
    public record Plumb(Point centre, Point foot, Point datum, boolean balanced) {}

    /** Travel of the camera on its support, drawn at the slide: both ends, where it stands, where it balances. */
    public record SlideBar(Point back, Point front, Point now, Point balanced, double shiftMm, boolean inReach) {}

    /** The rod height as a dimension between axis and rod centres. */
    public record RodHeight(String rods, Point axis, Point centres, double hasMm, double needsMm, boolean met) {}

    /** A view of the rig as it stands in the world: up is up on paper, however the body is rolled. */
    private record Sheet(View view, Pose toWorld) {
        static Sheet of(Rig rig, View view) {
            return new Sheet(
                    view,
                    new Pose(rig.world().left(), rig.world().up(), rig.world().forward(), Vec3.ZERO).inverse());
        }

        Point project(Vec3 p) {
            return view.project(toWorld.apply(p));
        }

        Outline outline(Shape shape, Pose pose) {
            return Outline.of(shape, toWorld.then(pose), view);
        }
    }

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
                analysis.balance().map(b -> plumb(rig, b, view)),
                analysis.balance().flatMap(b -> slideBar(rig, b, view)),
                RodFit.of(analysis).stream().map(f -> rodHeight(f, view)).toList(),
                rooms(analysis, view),
                clashes(analysis, view),
                ports(analysis, view),
                tracks(rig, view),
                bearings(analysis, view),
                cables(analysis, view));
    }

    private static List<String> ends(Rig rig, String cable) {
        CableRun run = rig.content().cable(cable).orElseThrow();
        return List.of(run.a().placement(), run.b().placement());
    }

    private static List<Cable> cables(RigAnalysis analysis, Sheet view) {
        return analysis.cables().stream()
                .map(c -> new Cable(
                        c.id(),
                        ends(analysis.rig(), c.id()),
                        c.name() + ", " + c.a().part() + " to " + c.b().part(),
                        c.carries(),
                        c.way().stream().map(view::project).toList(),
                        Math.round(c.neededMm()) + " of " + Math.round(c.lengthMm()) + " mm" + amps(analysis, c.id()),
                        !c.isTooShort()))
                .toList();
    }

    /** What flows in a power cable at the end of the charge; nothing for other cables. */
    private static String amps(RigAnalysis analysis, String cable) {
        return analysis.feeds().outlets().stream()
                .filter(o -> o.link().filter(l -> l.cable().id().equals(cable)).isPresent())
                .findFirst()
                .flatMap(o -> OutletLoad.amps(analysis.feeds(), o))
                .map(a -> ", " + Words.one(a) + " A")
                .orElse("");
    }

    private static List<Bearing> bearings(RigAnalysis analysis, Sheet view) {
        List<Bearing> all = new ArrayList<>();
        Vec3 datum = analysis.rig().world().datum();
        Posture.of(analysis, SupportFacet.Support.Way.SHOULDER)
                .ifPresent(p -> Grips.foremost(analysis).ifPresent(grips -> {
                    double arm = Grips.padToGrips(analysis).orElseThrow();
                    double newton = Statics.handForce(p.carried().grams(), p.aheadMm(), arm);
                    String words = Words.one(Math.abs(newton)) + (newton >= 0 ? " N held up" : " N pulled down");
                    boolean met = Math.abs(newton) <= analysis.rule(HouseRules.Rule.HAND_CAUTION);
                    all.add(new Bearing(view.project(datum), view.project(grips), words, met));
                }));
        Posture.of(analysis, SupportFacet.Support.Way.HANGS)
                .filter(p -> p.upMm() < 0)
                .ifPresent(p -> {
                    double tilt = Statics.hangTilt(p.aheadMm(), -p.upMm());
                    String words = "hangs " + Words.one(Math.abs(tilt)) + "° nose " + (tilt >= 0 ? "down" : "up");
                    boolean met = Math.abs(tilt) <= analysis.rule(HouseRules.Rule.HANG_TILT);
                    all.add(new Bearing(
                            view.project(datum), view.project(p.carried().centre()), words, met));
                });
        return all;
    }

    private static List<Room> rooms(RigAnalysis analysis, Sheet view) {
        List<Room> all = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            for (Link link : placed.type().links()) {
                for (Shape shape : link.shapes()) {
                    if (shape.keepClear()) {
                        List<String> in = analysis.clearances().intrusions().stream()
                                .filter(i -> i.keeper().equals(placed.id())
                                        && i.use() == shape.use()
                                        && i.depthMm() > analysis.rule(HouseRules.Rule.ROOM_INTRUSION))
                                .map(Clearances.Intrusion::intruder)
                                .toList();
                        Outline outline = view.outline(shape, placed.pose(link.id()));
                        all.add(new Room(placed.id(), shape.use(), outline, in));
                    }
                }
            }
        }
        return all;
    }

    private static List<ClashMark> clashes(RigAnalysis analysis, Sheet view) {
        return analysis.clearances().clashes().stream()
                .map(c -> new ClashMark(
                        c.a(),
                        c.b(),
                        c.depthMm(),
                        view.outline(new Shape.Box(c.where().min(), c.where().max(), Shape.Use.SOLID), Pose.IDENTITY)
                                .border()))
                .toList();
    }

    private static List<PortMark> ports(RigAnalysis analysis, Sheet view) {
        Set<PortRef> used = new HashSet<>();
        analysis.rig().liveJoints().forEach(j -> {
            used.add(j.parent());
            used.add(j.child());
        });
        List<PortMark> all = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            for (Port port : placed.type().ports()) {
                if (!port.standard().equals(Standard.DATUM)) {
                    Pose pose = placed.portPose(port.id());
                    PortRef ref = new PortRef(placed.id(), port.id());
                    all.add(new PortMark(
                            ref.toString(),
                            port.title(),
                            analysis.standards().require(port.standard()).title(),
                            view.project(pose.at()),
                            view.project(pose.at().plus(pose.n().times(12))),
                            used.contains(ref)));
                }
            }
        }
        return all;
    }

    private static List<Track> tracks(Rig rig, Sheet view) {
        List<Track> all = new ArrayList<>();
        for (Motion motion : rig.motions()) {
            if (motion.freedom() instanceof Freedom.Slide && !motion.joint().isEmpty()) {
                Joint joint = rig.content().joint(motion.joint()).orElseThrow();
                all.add(new Track(
                        motion.key().toString(),
                        motion.key().placement(),
                        List.copyOf(rig.subtree(joint.child().placement())),
                        view.project(new Moved(rig, motion).direction()),
                        motion.range().from(),
                        motion.range().to(),
                        motion.value(),
                        motion.freedom().step()));
            }
        }
        return all;
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

    private static Plumb plumb(Rig rig, SlideBalance balance, Sheet view) {
        Vec3 up = rig.world().up();
        Vec3 centre = balance.carried().centre();
        Vec3 datum = rig.world().datum();
        Vec3 foot = centre.minus(up.times(centre.minus(datum).dot(up)));
        return new Plumb(
                view.project(centre),
                view.project(foot),
                view.project(datum),
                balance.judgement().isFine());
    }

    private static Optional<SlideBar> slideBar(Rig rig, SlideBalance balance, Sheet view) {
        return balance.slide().map(slide -> {
            Vec3 datum = rig.world().datum();
            Vec3 forward = rig.world().forward();
            Span range = slide.cameraRangeMm();
            return new SlideBar(
                    view.project(datum.plus(forward.times(range.from()))),
                    view.project(datum.plus(forward.times(range.to()))),
                    view.project(datum),
                    view.project(datum.plus(forward.times(slide.cameraShiftMm()))),
                    slide.cameraShiftMm(),
                    slide.inReach());
        });
    }

    private static RodHeight rodHeight(RodFit fit, Sheet view) {
        Pose pose = fit.rods().portPose(fit.facet().port());
        Vec3 end = pose.apply(Vec3.UP.times(fit.facet().lengthMm()));
        return new RodHeight(
                fit.rods().id(),
                view.project(new Vec3(0, 0, end.z())),
                view.project(new Vec3(0, end.y(), end.z())),
                fit.height().value(),
                fit.neededMm(),
                fit.height().isFine());
    }
}
