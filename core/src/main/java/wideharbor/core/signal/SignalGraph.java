package wideharbor.core.signal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.BFSShortestPath;
import org.jgrapht.graph.MaskSubgraph;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.jgrapht.traverse.BreadthFirstIterator;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.id.PlacementId;
import wideharbor.core.memo.Memo;
import wideharbor.core.rig.Rig;
import wideharbor.core.rig.Touch;

/**
 * Sockets joined by cables and contacts, by what passes through a part, and by radio. A signal begins at an output that
 * nothing leads to, and ends at an input. Shortest ways by breadth-first search.
 */
public final class SignalGraph {
    private final Map<PlacementId, Box> boxes;
    private final List<Hop> hops;
    private final List<CableRun> cables;
    private final List<Touch> touches;
    private final Graph<SocketRef, Hop> graph = new SimpleDirectedGraph<>(Hop.class);
    private final Map<Carried, List<SocketRef>> sources = new EnumMap<>(Carried.class);
    private final Memo<Carried, Set<SocketRef>> lit = new Memo<>();

    private SignalGraph(Collection<Box> all, List<Hop> hops, List<CableRun> cables, List<Touch> touches) {
        this.cables = cables;
        this.touches = touches;
        this.boxes = new LinkedHashMap<>();
        all.forEach(b -> boxes.put(b.id(), b));
        this.hops = List.copyOf(hops);
        for (Box box : all) {
            box.type().sockets().stream()
                    .filter(s -> s.kind() != Socket.Kind.POWER)
                    .forEach(s -> graph.addVertex(box.socket(s.id())));
        }
        for (Hop hop : hops) {
            if (graph.containsVertex(hop.from())
                    && graph.containsVertex(hop.to())
                    && !hop.from().equals(hop.to())) {
                graph.addEdge(hop.from(), hop.to(), hop);
            }
        }
        for (Carried carried : Carried.values()) {
            sources.put(carried, findSources(carried));
        }
    }

    public static SignalGraph of(Rig rig) {
        List<Box> boxes = Box.on(rig);
        List<Touch> touches = Touch.of(rig);
        return new SignalGraph(
                boxes,
                Hops.of(boxes, rig.content().cables(), touches),
                List.copyOf(rig.content().cables()),
                touches);
    }

    /** Whether a rig has just these boxes, cables and contacts: with another lens it mostly has. */
    public boolean isThatOf(Rig rig) {
        return Box.on(rig).equals(List.copyOf(boxes.values()))
                && List.copyOf(rig.content().cables()).equals(cables)
                && Touch.of(rig).equals(touches);
    }

    /** The same with boxes from beside the rig, cabled so; radio reaches them too. */
    public SignalGraph with(List<Box> beside, List<Hop> cabled) {
        List<Box> all = new ArrayList<>(boxes.values());
        all.addAll(beside);
        List<Hop> more = new ArrayList<>(
                hops.stream().filter(h -> h.kind() != Hop.Kind.RADIO).toList());
        more.addAll(cabled);
        beside.forEach(box -> more.addAll(Hops.passages(box)));
        more.addAll(Hops.radio(all));
        return new SignalGraph(all, more, cables, touches);
    }

    private boolean passesThrough(SocketRef out) {
        return hops.stream().anyMatch(h -> h.kind() == Hop.Kind.THROUGH && h.to().equals(out));
    }

    public Optional<Box> box(PlacementId id) {
        return Optional.ofNullable(boxes.get(id));
    }

    public Collection<Box> boxes() {
        return boxes.values();
    }

    public List<Hop> hops() {
        return hops;
    }

    public Optional<Carried> carried(SocketRef socket) {
        return box(socket.placement()).flatMap(b -> b.carried(socket.socket()));
    }

    /** Inputs that carry this, in the order of the rig. */
    public List<SocketRef> inputs(Carried carried) {
        return sockets(carried, Socket.Direction.IN);
    }

    public List<SocketRef> outputs(Carried carried) {
        return sockets(carried, Socket.Direction.OUT);
    }

    private List<SocketRef> sockets(Carried carried, Socket.Direction direction) {
        List<SocketRef> all = new ArrayList<>();
        for (Box box : boxes.values()) {
            for (SignalFacet.Signal signal : box.type().facets(SignalFacet.Signal.class)) {
                boolean runs = box.type()
                        .socket(signal.socket())
                        .filter(s -> s.direction() == direction)
                        .isPresent();
                if (signal.carried() == carried && runs) {
                    all.add(box.socket(signal.socket()));
                }
            }
        }
        return all;
    }

    /** Outputs at which a signal begins: nothing leads to them, and no radio gives it out there. */
    public List<SocketRef> sources(Carried carried) {
        return sources.getOrDefault(carried, List.of());
    }

    private List<SocketRef> findSources(Carried carried) {
        return outputs(carried).stream()
                .filter(s -> graph.containsVertex(s) && graph.inDegreeOf(s) == 0 && !isRadio(s) && !isPassage(s))
                .toList();
    }

    private boolean isRadio(SocketRef socket) {
        return require(socket).facets(SignalFacet.Radio.class).stream()
                .anyMatch(r -> r.socket().equals(socket.socket()));
    }

    private boolean isPassage(SocketRef socket) {
        return require(socket).facets(SignalFacet.Passage.class).stream().anyMatch(p -> p.to().equals(socket.socket()));
    }

    private ItemType require(SocketRef socket) {
        return box(socket.placement()).orElseThrow().type();
    }

    /** The shortest way to an input; empty when nothing reaches it. */
    public Optional<Route> to(SocketRef input) {
        Optional<Carried> carried = carried(input);
        if (carried.isEmpty() || !graph.containsVertex(input)) {
            return Optional.empty();
        }
        BFSShortestPath<SocketRef, Hop> search = new BFSShortestPath<>(graph);
        return sources(carried.get()).stream()
                .map(s -> search.getPath(s, input))
                .filter(java.util.Objects::nonNull)
                .min(Comparator.comparingInt(GraphPath::getLength))
                .map(p -> new Route(p.getStartVertex(), p.getEdgeList()));
    }

    /**
     * Every socket that this signal gets to, from wherever it begins, while some boxes have no power: one walk through
     * the graph. What only passes through a dark box as through a wire goes on.
     */
    public Set<SocketRef> reached(Carried carried, Set<PlacementId> dark) {
        return dark.isEmpty() ? lit.get(carried, c -> walk(c, dark)) : walk(carried, dark);
    }

    private Set<SocketRef> walk(Carried carried, Set<PlacementId> dark) {
        Set<SocketRef> all = new HashSet<>();
        List<SocketRef> sources = sources(carried);
        if (!sources.isEmpty()) {
            Graph<SocketRef, Hop> lit =
                    dark.isEmpty() ? graph : new MaskSubgraph<>(graph, v -> false, h -> !stays(h, dark));
            new BreadthFirstIterator<>(lit, sources).forEachRemaining(all::add);
        }
        return all;
    }

    private boolean stays(Hop hop, Set<PlacementId> dark) {
        boolean from = dark.contains(hop.from().placement());
        return switch (hop.kind()) {
            case THROUGH -> true;
            case CABLE, CONTACT -> !from || passesThrough(hop.from());
            case LIVE, RADIO -> !from && !dark.contains(hop.to().placement());
        };
    }

    /** The shortest way to any input of a box that carries this. */
    public Optional<Route> to(PlacementId box, Carried carried) {
        return inputs(carried).stream()
                .filter(s -> s.placement().equals(box))
                .flatMap(s -> to(s).stream())
                .min(Comparator.comparingInt(r -> r.hops().size()));
    }

    /**
     * Where the way to an input that nothing reaches ends, walked back from the input: the socket that nothing leads
     * to.
     */
    public SocketRef brokenAt(SocketRef input) {
        SocketRef at = input;
        for (int walked = 0; walked <= graph.vertexSet().size(); walked++) {
            Optional<Hop> into = graph.containsVertex(at)
                    ? graph.incomingEdgesOf(at).stream().findFirst()
                    : Optional.empty();
            if (into.isEmpty()) {
                return at;
            }
            at = into.get().from();
        }
        return at;
    }
}
