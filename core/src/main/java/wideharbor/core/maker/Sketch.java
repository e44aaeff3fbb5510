package wideharbor.core.maker;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Port.Role;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.Socket;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Span;

/** A part while a template draws it: matter, faces, sockets and what it can do. One rigid body. */
final class Sketch {
    static final Vec3 DOWN = Vec3.UP.negated();
    static final Vec3 BACK = Vec3.FORWARD.negated();
    static final Vec3 RIGHT = Vec3.LEFT.negated();

    private static final String LINK = "main";

    /** The keys of the screws that a face brings, by its standard. */
    private static final Map<String, Port.Screw> SCREWS = Map.of(
            "thread-1-4", new Port.Screw("1/4-20", 1, true, List.of("hex 5/32 in", "flat blade")),
            "thread-3-8", new Port.Screw("3/8-16", 1, true, List.of("hex 3/16 in", "flat blade")),
            "m3-pair", new Port.Screw("M3", 2, false, List.of("hex 2.5 mm")),
            "m4-pair", new Port.Screw("M4", 2, false, List.of("hex 3 mm")),
            "m4-double", new Port.Screw("M4", 4, false, List.of("hex 3 mm")),
            "m6", new Port.Screw("M6", 1, true, List.of("hex 5 mm")),
            "rosette-31.8", new Port.Screw("M6", 1, true, List.of("hex 5 mm")),
            "side-tie", new Port.Screw("M4", 2, false, List.of("hex 3 mm")),
            "flat-base", new Port.Screw("3/8-16", 4, false, List.of("hex 3/16 in")));

    private final List<Shape> shapes = new ArrayList<>();
    private final List<Port> ports = new ArrayList<>();
    private final List<Socket> sockets = new ArrayList<>();
    private final List<Facet> facets = new ArrayList<>();
    private final Set<Capability> can = EnumSet.noneOf(Capability.class);

    static Vec3 at(double x, double y, double z) {
        return new Vec3(x, y, z);
    }

    /** A box over a point: so wide, so high upwards, so long about it. */
    Sketch box(double wide, double high, double lengthy, Vec3 bottomMiddle) {
        shapes.add(new Shape.Box(
                bottomMiddle.plus(at(-wide / 2, 0, -lengthy / 2)),
                bottomMiddle.plus(at(wide / 2, high, lengthy / 2)),
                Shape.Use.SOLID));
        return this;
    }

    Sketch cylinder(Vec3 from, Vec3 to, double diameter) {
        shapes.add(new Shape.Cylinder(from, to, diameter / 2, Shape.Use.SOLID));
        return this;
    }

    Sketch ring(Vec3 from, Vec3 to, double diameter, double bore) {
        shapes.add(new Shape.Ring(from, to, diameter / 2, bore / 2, Shape.Use.SOLID));
        return this;
    }

    /** What looks along a normal has its up ahead, unless it looks ahead or back: then up is up. */
    static Vec3 upOf(Vec3 normal) {
        return Math.abs(normal.z()) > 0.5 ? Vec3.UP : Vec3.FORWARD;
    }

    private PortBuilder begun(String id, String title, String standard, Role role, Vec3 at, Vec3 normal) {
        return PortBuilder.builder()
                .id(id)
                .title(title)
                .standard(standard)
                .role(role)
                .link(LINK)
                .at(at)
                .normal(normal)
                .up(upOf(normal))
                .occupancy(Port.SINGLE)
                .engagementMm(0)
                .size(Port.Size.STANDARD)
                .pins(Port.Pins.NONE)
                .screws(List.of())
                .freedoms(List.of())
                .rating(Port.Rating.NONE)
                .working(Port.Working.BY_SCREWS)
                .mark(Port.NO_MARK);
    }

    /** A face of a standard; the half that screws brings its screws with their keys. */
    Sketch face(String id, String title, String standard, Role role, Vec3 at, Vec3 normal) {
        return face(id, title, standard, role, at, normal, 1);
    }

    Sketch face(String id, String title, String standard, Role role, Vec3 at, Vec3 normal, int screws) {
        List<Port.Screw> brought = role == Role.B
                ? List.of()
                : Optional.ofNullable(SCREWS.get(standard)).map(s -> as(s, screws)).stream()
                        .toList();
        ports.add(begun(id, title, standard, role, at, normal).screws(brought).build());
        return this;
    }

    /** So many of a screw that comes singly; what comes in a pattern comes as that. */
    private static Port.Screw as(Port.Screw screw, int count) {
        return count > 1 && screw.count() == 1
                ? new Port.Screw(screw.thread(), count, screw.captive(), screw.keys())
                : screw;
    }

    /** A thread in the underside, by which most boxes are held. */
    Sketch onThread(Answers a) {
        return face("foot", "underside, " + a.titled("thread"), a.text("thread"), Role.B, Vec3.ZERO, DOWN);
    }

    /** A face whose standard and half were asked for under its own id. */
    Sketch asked(Answers a, String id, String where, Vec3 at, Vec3 normal, int screws) {
        return face(id, where + a.titled(id), a.text(id), Role.valueOf(a.text(id + "Half")), at, normal, screws);
    }

    /** What clamps a carrier over so long a stretch. */
    Sketch clamp(String id, String title, String standard, Vec3 at, Vec3 normal, double grip) {
        ports.add(begun(id, title, standard, Role.B, at, normal)
                .engagementMm(grip)
                .working(new Port.Working(Port.Working.Way.LEVER, false, 1))
                .build());
        return this;
    }

    /** What carries clamps anywhere along its up, within a span from its place. */
    Sketch carrier(String id, String title, String standard, Role role, Vec3 at, Vec3 normal, Span within) {
        return carrier(id, title, standard, role, at, normal, within, 0);
    }

    /** The same, with a stop so far from each end. */
    Sketch carrier(
            String id, String title, String standard, Role role, Vec3 at, Vec3 normal, Span within, double stop) {
        ports.add(begun(id, title, standard, role, at, normal)
                .occupancy(new Port.Occupancy.Interval(within.from(), within.to(), stop))
                .build());
        return this;
    }

    /** A face that may be set along or about an axis of its own. */
    Sketch moving(String id, String title, String standard, Role role, Vec3 at, Vec3 normal, Freedom freedom) {
        ports.add(begun(id, title, standard, role, at, normal)
                .freedoms(List.of(freedom))
                .working(new Port.Working(Port.Working.Way.LEVER, false, 1))
                .build());
        return this;
    }

    /** A point of support. */
    Sketch datum(Vec3 at, Vec3 up) {
        ports.add(
                begun("datum", "point of support", "datum", Role.EITHER, at, up).build());
        return this;
    }

    Sketch socket(
            String id, String title, Socket.Kind kind, Socket.Direction direction, String plug, Vec3 at, Vec3 out) {
        String[] both = plug.split("\\|", 2);
        sockets.add(new Socket(
                id, title, kind, direction, both[0], both.length > 1 ? both[1] : "standard", at, Optional.of(out)));
        return this;
    }

    Sketch facet(Facet facet) {
        facets.add(facet);
        return this;
    }

    Sketch can(Capability... all) {
        can.addAll(List.of(all));
        return this;
    }

    List<Shape> shapes() {
        return List.copyOf(shapes);
    }

    List<Port> ports() {
        return List.copyOf(ports);
    }

    List<Socket> sockets() {
        return List.copyOf(sockets);
    }

    List<Facet> facets() {
        return List.copyOf(facets);
    }

    Set<Capability> capabilities() {
        return can;
    }
}
