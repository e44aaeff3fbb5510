package wideharbor.core.assembly;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import wideharbor.core.assembly.Costs.Hands;

/**
 * Finds an order that keeps all that must come before what, and costs little: a beam of the cheapest beginnings, each
 * grown by one step at a time, then single steps moved as long as that wins something. Always the same for the same
 * rig: of two that cost alike the one nearer to the order of the rig is taken.
 */
final class Sequencer {
    private static final int BEAM = 48;
    private static final int ROUNDS = 40;
    private static final double LESS = 1e-9;

    private final List<Task> tasks;
    private final Costs costs;
    private final List<BitSet> needs = new ArrayList<>();

    private Sequencer(List<Task> tasks, SimpleDirectedGraph<Task, DefaultEdge> graph, Costs costs) {
        this.tasks = tasks;
        this.costs = costs;
        for (Task task : tasks) {
            BitSet before = new BitSet();
            IntStream.range(0, tasks.size())
                    .filter(i -> graph.containsEdge(tasks.get(i), task))
                    .forEach(before::set);
            needs.add(before);
        }
    }

    /** A cheap order. The graph has no circle. */
    static List<Task> order(List<Task> tasks, SimpleDirectedGraph<Task, DefaultEdge> graph, Costs costs) {
        Sequencer sequencer = new Sequencer(tasks, graph, costs);
        return sequencer.improved(sequencer.beam()).stream().map(tasks::get).toList();
    }

    /** The order of the rig, as near as what must come first lets it be: what the cheap one is held against. */
    static List<Task> plain(List<Task> tasks, SimpleDirectedGraph<Task, DefaultEdge> graph, Costs costs) {
        Sequencer sequencer = new Sequencer(tasks, graph, costs);
        List<Task> all = new ArrayList<>();
        BitSet done = new BitSet();
        while (all.size() < tasks.size()) {
            int next = IntStream.range(0, tasks.size())
                    .filter(i -> sequencer.isFree(done, i))
                    .findFirst()
                    .orElseThrow();
            done.set(next);
            all.add(tasks.get(next));
        }
        return all;
    }

    private boolean isFree(BitSet done, int task) {
        if (done.get(task)) {
            return false;
        }
        BitSet missing = (BitSet) needs.get(task).clone();
        missing.andNot(done);
        return missing.isEmpty();
    }

    /** A beginning: what is done, where things are, what it cost. */
    private record Begun(BitSet done, Hands hands, double cost, List<Integer> order) {
        Object state() {
            return List.of(done, hands);
        }
    }

    private List<Integer> beam() {
        List<Begun> now = List.of(new Begun(new BitSet(), Hands.EMPTY, 0, List.of()));
        for (int depth = 0; depth < tasks.size(); depth++) {
            Map<Object, Begun> next = new LinkedHashMap<>();
            for (Begun begun : now) {
                for (int i = 0; i < tasks.size(); i++) {
                    if (isFree(begun.done(), i)) {
                        Begun grown = grown(begun, i);
                        next.merge(grown.state(), grown, (a, b) -> b.cost() < a.cost() - LESS ? b : a);
                    }
                }
            }
            List<Begun> best = new ArrayList<>(next.values());
            best.sort(Comparator.comparingDouble((Begun b) -> Math.round(b.cost() / LESS) * LESS)
                    .thenComparing(b -> distance(b.order())));
            now = best.subList(0, Math.min(BEAM, best.size()));
        }
        return now.get(0).order();
    }

    private Begun grown(Begun begun, int i) {
        Task task = tasks.get(i);
        BitSet done = (BitSet) begun.done().clone();
        done.set(i);
        List<Integer> order = new ArrayList<>(begun.order());
        order.add(i);
        return new Begun(done, begun.hands().after(task), begun.cost() + costs.of(begun.hands(), task), order);
    }

    /** How far an order is from that of the rig. */
    private static int distance(List<Integer> order) {
        int sum = 0;
        for (int i = 0; i < order.size(); i++) {
            sum += Math.abs(order.get(i) - i);
        }
        return sum;
    }

    private List<Integer> improved(List<Integer> first) {
        List<Integer> best = first;
        double cost = cost(best);
        for (int round = 0; round < ROUNDS; round++) {
            List<Integer> better = best;
            for (int from = 0; from < best.size(); from++) {
                for (int to = 0; to < best.size(); to++) {
                    List<Integer> moved = new ArrayList<>(best);
                    moved.add(to, moved.remove(from));
                    if (from != to && cost(moved) < cost - LESS && keeps(moved)) {
                        better = moved;
                        cost = cost(moved);
                    }
                }
            }
            if (better == best) {
                return best;
            }
            best = better;
        }
        return best;
    }

    private boolean keeps(List<Integer> order) {
        BitSet done = new BitSet();
        for (int task : order) {
            if (!isFree(done, task)) {
                return false;
            }
            done.set(task);
        }
        return true;
    }

    private double cost(List<Integer> order) {
        return costs.of(order.stream().map(tasks::get).toList());
    }
}
