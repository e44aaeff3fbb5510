package wideharbor.core.catalog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.interfaces.ShortestPathAlgorithm.SingleSourcePaths;
import org.jgrapht.alg.shortestpath.DijkstraShortestPath;
import org.jgrapht.alg.shortestpath.YenKShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import wideharbor.core.memo.Memo;
import wideharbor.core.standard.Standards;

/**
 * Chains of catalogue adapters that join two ports which do not mate.
 *
 * <p>A graph whose vertices are passages through an adapter (in by one port, out by another) and whose edges lead from
 * each to those whose way in mates its way out. Rods go between two clamps, in and out by the same carrier. Each piece
 * costs, and so do a tool, a joint that may turn, mass, reach from one face to the other, and a purpose of another
 * kind: two small adapters may be better than one bracket. Dijkstra's and Yen's algorithms do the search.
 */
public final class AdapterFinder {
    /** No chain has more pieces than this. */
    public static final int MOST_PIECES = 3;

    private static final int KEPT_ALIKE = 3;
    private static final double PER_PIECE = 100;
    private static final double NEEDS_TOOL = 20;
    private static final double CAN_TWIST = 60;
    private static final double PER_GRAM = 0.2;
    private static final double PER_MM = 0.3;
    /** Brackets, arms and cages are made to hold something of their own and serve as adapters at a pinch. */
    private static final double MADE_FOR_OTHERS = 60;

    private static final Set<Category> ADAPTERS = EnumSet.of(Category.ADAPTER, Category.PLATE, Category.RISER);

    private static final Step FROM = new Step("from", Optional.empty(), "", "");
    private static final Step TO = new Step("to", Optional.empty(), "", "");

    private final Standards standards;
    private final List<Step> steps;
    private final Graph<Step, DefaultWeightedEdge> graph;
    private final Memo<String, Reach> reaches = new Memo<>();

    AdapterFinder(Catalogue catalogue) {
        this.standards = catalogue.standards();
        this.steps = best(steps(catalogue));
        this.graph = new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
        steps.forEach(graph::addVertex);
        Map<String, List<Step>> byIn = new LinkedHashMap<>();
        for (Step step : steps) {
            byIn.computeIfAbsent(signature(step.inPort()), k -> new ArrayList<>())
                    .add(step);
        }
        Map<String, List<Step>> after = new LinkedHashMap<>();
        for (Step a : steps) {
            List<Step> next = after.computeIfAbsent(
                    signature(a.outPort()),
                    k -> byIn.values().stream()
                            .filter(s -> mate(a.outPort(), s.get(0).inPort()))
                            .flatMap(List::stream)
                            .toList());
            for (Step b : next) {
                if (!a.type().equals(b.type())) {
                    graph.setEdgeWeight(graph.addEdge(a, b), cost(b) + twist(a.outPort(), b.inPort()));
                }
            }
        }
    }

    /**
     * Of adapters that join the same two faces only the few cheapest are kept: a house may list thousands of them, and
     * the graph must stay small.
     */
    private List<Step> best(List<Step> all) {
        Map<String, List<Step>> alike = new LinkedHashMap<>();
        for (Step step : all) {
            alike.computeIfAbsent(signature(step.inPort()) + ">" + signature(step.outPort()), k -> new ArrayList<>())
                    .add(step);
        }
        List<Step> kept = new ArrayList<>();
        for (List<Step> steps : alike.values()) {
            steps.stream()
                    .sorted(Comparator.comparingDouble(this::cost).thenComparing(Step::id))
                    .limit(KEPT_ALIKE)
                    .forEach(kept::add);
        }
        return kept;
    }

    /** One way through an adapter. */
    record Step(String id, Optional<ItemType> type, String in, String out) {
        Port inPort() {
            return type.orElseThrow().port(in).orElseThrow();
        }

        Port outPort() {
            return type.orElseThrow().port(out).orElseThrow();
        }
    }

    /**
     * An adapter in a chain: it hangs by {@code in} on what is before it and carries by {@code out} what comes after.
     * Of rods both are the one carrier.
     */
    public record Link(ItemType type, String in, String out) {
        public boolean isCarrier() {
            return in.equals(out);
        }
    }

    /**
     * Adapters in order, from the carrying side on.
     *
     * @param heightMm how much they put between the two faces
     * @param massGrams of the adapters whose mass is known
     */
    public record Chain(List<Link> links, boolean toolFree, boolean twistProof, double massGrams, double heightMm) {
        /** Names in order, "A, then B". */
        public String title() {
            return String.join(
                    ", then ", links.stream().map(l -> l.type().name()).toList());
        }

        /** One key for each kind of screw the adapters bring, in order; empty when all go on without a tool. */
        public List<String> keys() {
            return links.stream()
                    .flatMap(l -> Stream.of(l.in(), l.out()).flatMap(port -> l.type().port(port).stream()))
                    .filter(p -> !p.working().isToolFree())
                    .flatMap(p -> p.screws().stream())
                    .flatMap(s -> s.keys().stream().limit(1))
                    .distinct()
                    .toList();
        }
    }

    private static List<Step> steps(Catalogue catalogue) {
        List<Step> all = new ArrayList<>();
        for (ItemType type : catalogue.current()) {
            type.facet(RiggingFacet.Rods.class)
                    .ifPresent(
                            r -> all.add(new Step(type.ref() + ":" + r.port(), Optional.of(type), r.port(), r.port())));
            if (type.can(Capability.ADAPTS)) {
                for (Port in : type.ports()) {
                    for (Port out : type.ports()) {
                        if (!in.id().equals(out.id())) {
                            all.add(new Step(
                                    type.ref() + ":" + in.id() + ">" + out.id(), Optional.of(type), in.id(), out.id()));
                        }
                    }
                }
            }
        }
        return all;
    }

    private boolean mate(Port a, Port b) {
        return Mating.mates(a, b, standards);
    }

    private double cost(Step step) {
        ItemType type = step.type().orElseThrow();
        return PER_PIECE
                + (isToolFree(step) ? 0 : NEEDS_TOOL)
                + PER_GRAM * grams(type)
                + PER_MM * step.outPort().at().minus(step.inPort().at()).length()
                + (isAdapter(type) ? 0 : MADE_FOR_OTHERS);
    }

    private static boolean isAdapter(ItemType type) {
        return ADAPTERS.contains(type.category())
                && type.relations(Relation.Kind.MADE_FOR).isEmpty();
    }

    private double twist(Port a, Port b) {
        return Mating.resistsTwist(a, b, standards) ? 0 : CAN_TWIST;
    }

    private static boolean isToolFree(Step step) {
        return (step.inPort().working().isToolFree() || step.inPort().screws().isEmpty())
                && (step.outPort().working().isToolFree()
                        || step.outPort().screws().isEmpty());
    }

    private static double grams(ItemType type) {
        double sum = 0;
        for (wideharbor.core.catalog.Link link : type.links()) {
            sum += link.massGrams() instanceof wideharbor.core.quantity.Figure.Known k ? k.value() : 0;
        }
        return sum;
    }

    private static double height(ItemType type, String in, String out) {
        Port a = type.port(in).orElseThrow();
        Port b = type.port(out).orElseThrow();
        return Math.abs(b.at().minus(a.at()).dot(a.normal().unit()));
    }

    /** The best chains between two ports, the best first, at most so many; empty when three adapters do not do it. */
    public List<Chain> between(Port carrying, Port carried, int most) {
        return between(carrying, carried, most, MOST_PIECES);
    }

    /** The same with chains of up to so many pieces. */
    public List<Chain> between(Port carrying, Port carried, int most, int pieces) {
        Graph<Step, DefaultWeightedEdge> open = withEnds(carrying, Optional.of(carried));
        List<Chain> chains = new ArrayList<>();
        if (!open.containsVertex(TO) || open.inDegreeOf(TO) == 0 || open.outDegreeOf(FROM) == 0) {
            return chains;
        }
        for (GraphPath<Step, DefaultWeightedEdge> path : new YenKShortestPath<>(open).getPaths(FROM, TO, most * 3)) {
            boolean holds = isLongEnough(path.getVertexList(), carrying, carried);
            if (holds && path.getLength() <= pieces + 1 && chains.size() < most) {
                chains.add(chain(path.getVertexList(), carrying, carried));
            }
        }
        return chains;
    }

    /** From one port to anything: the cheapest way to each passage is found once and serves every part asked about. */
    public Reach from(Port carrying) {
        Graph<Step, DefaultWeightedEdge> open = withEnds(carrying, Optional.empty());
        return new Reach(carrying, new DijkstraShortestPath<>(open).getPaths(FROM));
    }

    /** The same, kept: a house asks it of the same few faces again and again. */
    Reach reach(Port carrying) {
        return reaches.get(signature(carrying), k -> from(carrying));
    }

    /** What can be reached from one port through adapters. */
    public final class Reach {
        private final Port carrying;
        private final SingleSourcePaths<Step, DefaultWeightedEdge> paths;
        private final Memo<String, Optional<Chain>> known = new Memo<>();

        private Reach(Port carrying, SingleSourcePaths<Step, DefaultWeightedEdge> paths) {
            this.carrying = carrying;
            this.paths = paths;
        }

        /** The best chain to a part's port; ports of one make share the answer. */
        public Optional<Chain> to(Port carried) {
            return known.get(signature(carried), k -> find(carried));
        }

        private Optional<Chain> find(Port carried) {
            GraphPath<Step, DefaultWeightedEdge> best = null;
            double least = Double.POSITIVE_INFINITY;
            for (Step step : steps) {
                double cost = paths.getWeight(step);
                if (cost < least && mate(step.outPort(), carried)) {
                    double whole = cost + twist(step.outPort(), carried);
                    GraphPath<Step, DefaultWeightedEdge> path = paths.getPath(step);
                    boolean holds =
                            path.getLength() <= MOST_PIECES && isLongEnough(path.getVertexList(), carrying, carried);
                    if (holds && whole < least) {
                        least = whole;
                        best = path;
                    }
                }
            }
            return Optional.ofNullable(best).map(p -> chain(p.getVertexList(), carrying, carried));
        }
    }

    /** What of a port decides whether it mates. */
    static String signature(Port port) {
        return port.standard() + "|" + port.role() + "|" + port.size() + "|" + port.pins() + "|" + port.screwCount();
    }

    private Graph<Step, DefaultWeightedEdge> withEnds(Port carrying, Optional<Port> carried) {
        SimpleDirectedWeightedGraph<Step, DefaultWeightedEdge> open =
                new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
        org.jgrapht.Graphs.addGraph(open, graph);
        open.addVertex(FROM);
        open.addVertex(TO);
        for (Step step : steps) {
            if (mate(carrying, step.inPort())) {
                open.setEdgeWeight(open.addEdge(FROM, step), cost(step) + twist(carrying, step.inPort()));
            }
            if (carried.isPresent() && mate(step.outPort(), carried.get())) {
                open.setEdgeWeight(open.addEdge(step, TO), 1 + twist(step.outPort(), carried.get()));
            }
        }
        return open;
    }

    /** Whether both clamps of every pair of rods in a chain have room on them. */
    private static boolean isLongEnough(List<Step> vertices, Port carrying, Port carried) {
        List<Step> steps = vertices.stream().filter(s -> s.type().isPresent()).toList();
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            if (step.in().equals(step.out()) && step.inPort().occupancy() instanceof Port.Occupancy.Interval rods) {
                Port before = i == 0 ? carrying : steps.get(i - 1).outPort();
                Port after = i == steps.size() - 1 ? carried : steps.get(i + 1).inPort();
                double room = rods.toMm() - rods.fromMm() - 2 * rods.stopMm();
                if (before.engagementMm() + after.engagementMm() > room) {
                    return false;
                }
            }
        }
        return true;
    }

    private Chain chain(List<Step> vertices, Port carrying, Port carried) {
        List<Link> links = new ArrayList<>();
        boolean toolFree = true;
        boolean twistProof = true;
        double mass = 0;
        double height = 0;
        Port above = carrying;
        for (Step step : vertices) {
            if (step.type().isEmpty()) {
                continue;
            }
            ItemType type = step.type().get();
            links.add(new Link(type, step.in(), step.out()));
            toolFree &= isToolFree(step);
            twistProof &= Mating.resistsTwist(above, step.inPort(), standards);
            mass += grams(type);
            height += height(type, step.in(), step.out());
            above = step.outPort();
        }
        twistProof &= Mating.resistsTwist(above, carried, standards);
        return new Chain(List.copyOf(links), toolFree, twistProof, mass, height);
    }
}
