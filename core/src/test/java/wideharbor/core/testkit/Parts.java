package wideharbor.core.testkit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.InternalJoint;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.PortBuilder;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;

/** Makes item types in a line or two, so that a test shows only the numbers that matter to it. */
public final class Parts {
    public static final Vec3 DOWN = Vec3.UP.negated();
    public static final Vec3 BACK = Vec3.FORWARD.negated();
    public static final Vec3 RIGHT = Vec3.LEFT.negated();

    private final String id;
    private Category category = Category.OTHER;
    private Figure mass = Figure.maker(0);
    private Vec3 centre = Vec3.ZERO;
    private final List<Port> ports = new ArrayList<>();
    private final List<Socket> sockets = new ArrayList<>();
    private final List<Facet> facets = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();
    private final List<InternalJoint> hinges = new ArrayList<>();
    private final List<Capability> capabilities = new ArrayList<>();
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Relation> relations = new ArrayList<>();

    private Parts(String id) {
        this.id = id;
    }

    public static Parts part(String id) {
        return new Parts(id);
    }

    public static TypeRef ref(String id) {
        return new TypeRef(id, 1);
    }

    public Parts is(Category of) {
        category = of;
        return this;
    }

    public Parts can(Capability capability) {
        capabilities.add(capability);
        return this;
    }

    public Parts weighs(double grams, Vec3 at) {
        return weighs(Figure.maker(grams), at);
    }

    public Parts weighs(Figure grams, Vec3 at) {
        mass = grams;
        centre = at;
        return this;
    }

    public Parts shaped(Shape shape) {
        shapes.add(shape);
        return this;
    }

    public Parts link(String link, double grams, Vec3 at, Shape... shaped) {
        links.add(new Link(link, Figure.maker(grams), at, List.of(shaped)));
        return this;
    }

    public Parts hinge(String joint, String parent, String child, Vec3 at, Freedom freedom) {
        hinges.add(new InternalJoint(joint, parent, child, at, Vec3.FORWARD, Vec3.UP, freedom));
        return this;
    }

    public Parts port(Port port) {
        ports.add(port);
        return this;
    }

    public Parts port(String port, String standard, Port.Role role, Vec3 at, Vec3 normal, Vec3 up) {
        return port(plain(port, standard, role, at, normal, up));
    }

    /** A stretch along {@code up} that others slide on. */
    public Parts carrier(String port, String standard, Port.Role role, Vec3 at, Vec3 normal, double from, double to) {
        Port p = plain(port, standard, role, at, normal, Vec3.FORWARD);
        return port(PortBuilder.builder(p)
                .occupancy(new Port.Occupancy.Interval(from, to, 0))
                .build());
    }

    /** A clamp that grips a carrier over a length. */
    public Parts clamp(String port, String standard, Port.Role role, Vec3 at, Vec3 normal, double length) {
        Port p = plain(port, standard, role, at, normal, Vec3.FORWARD);
        return port(PortBuilder.builder(p).engagementMm(length).build());
    }

    /** A screwed face: so many screws, these pins. */
    public Parts face(String port, Port.Role role, Vec3 at, Vec3 normal, Vec3 up, int screws, Port.Pins pins) {
        List<Port.Screw> kinds =
                screws == 0 ? List.of() : List.of(new Port.Screw("3/8-16", screws, true, List.of("hex 3/16 in")));
        return port(PortBuilder.builder()
                .id(port)
                .title(port)
                .standard("thread-3-8")
                .role(role)
                .link("main")
                .at(at)
                .normal(normal)
                .up(up)
                .pins(pins)
                .screws(kinds)
                .build());
    }

    public Parts moving(String port, String standard, Port.Role role, Vec3 at, Vec3 normal, Vec3 up, Freedom freedom) {
        Port p = plain(port, standard, role, at, normal, up);
        return port(PortBuilder.builder(p).freedoms(List.of(freedom)).build());
    }

    public Parts socket(String socket, Socket.Direction direction, String connector, String pinOut) {
        sockets.add(new Socket(
                socket, socket, Socket.Kind.POWER, direction, connector, pinOut, Vec3.ZERO, Optional.empty()));
        return this;
    }

    public Parts socket(Socket socket) {
        sockets.add(socket);
        return this;
    }

    /** A power socket whose plug comes out along a direction. */
    public Parts plug(String socket, Socket.Direction direction, Vec3 at, Vec3 out) {
        sockets.add(new Socket(
                socket, socket, Socket.Kind.POWER, direction, "circular 2-pin", "1+ 2−", at, Optional.of(out)));
        return this;
    }

    /** The same port with a rating and a way of working. */
    public static Port worked(Port p, Port.Rating rating, Port.Working working) {
        return PortBuilder.builder(p).rating(rating).working(working).build();
    }

    /** A plain port with a mark at its up. */
    public Parts marked(
            String port, String standard, Port.Role role, Vec3 at, Vec3 normal, String mark, Freedom... free) {
        Port p = plain(port, standard, role, at, normal, Vec3.FORWARD);
        return port(PortBuilder.builder(p).freedoms(List.of(free)).mark(mark).build());
    }

    public Parts wants(Relation.Kind kind, String other) {
        relations.add(new Relation(kind, other, "so the maker says"));
        return this;
    }

    public Parts facet(Facet facet) {
        facets.add(facet);
        return this;
    }

    public ItemType make() {
        List<Link> all = links.isEmpty() ? List.of(new Link("main", mass, centre, shapes)) : links;
        return ItemTypeBuilder.builder()
                .ref(ref(id))
                .maker("Tarnwick")
                .name(id)
                .category(category)
                .capabilities(Set.copyOf(capabilities))
                .links(all)
                .internalJoints(hinges)
                .ports(ports)
                .sockets(sockets)
                .facets(facets)
                .relations(relations)
                .build();
    }

    public static Port plain(String port, String standard, Port.Role role, Vec3 at, Vec3 normal, Vec3 up) {
        return PortBuilder.builder()
                .id(port)
                .title(port)
                .standard(standard)
                .role(role)
                .link("main")
                .at(at)
                .normal(normal)
                .up(up)
                .build();
    }

    public static Port.Pins pins(Port.Pins.Kind kind) {
        return new Port.Pins(kind, 2, 4, 12);
    }
}
