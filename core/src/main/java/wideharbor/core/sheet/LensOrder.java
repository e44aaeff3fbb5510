package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.LensChoice;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.id.LensId;

/**
 * In which order the lenses of a set are put on so that changing takes least, by the minutes of the house. Sets of up
 * to nine are proved by going through every order (Held and Karp); longer ones begin with the cheapest change each
 * time.
 *
 * @param changes from each lens to the next
 * @param minutes of all changes
 * @param asListed minutes of the changes in the order of the set
 * @param proven whether no order takes less
 */
public record LensOrder(List<Change> changes, double minutes, double asListed, boolean proven) {
    private static final int MOST_PROVEN = 9;
    private static final int MOST = 16;

    /**
     * From one lens to the next.
     *
     * @param steps what is done, in words, in its order
     */
    public record Change(
            LensId from, LensId to, String fromTitle, String toTitle, double minutes, List<String> steps) {}

    static LensOrder of(RigAnalysis analysis) {
        List<LensChoice> lenses = analysis.build().lenses().stream().limit(MOST).toList();
        List<RigAnalysis> rigs =
                lenses.stream().map(l -> analysis.withLens(l.id())).toList();
        int n = lenses.size();
        Changeover[][] ways = new Changeover[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < n; k++) {
                if (i != k) {
                    ways[i][k] = Changeover.between(rigs.get(i), rigs.get(k));
                }
            }
        }
        double[][] minutes = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < n; k++) {
                minutes[i][k] = i == k ? 0 : ways[i][k].minutes();
            }
        }
        List<Integer> listed = IntStream.range(0, n).boxed().toList();
        List<Integer> least = n <= MOST_PROVEN ? best(minutes) : greedy(minutes);
        // Nobody sorts a set anew for nothing.
        List<Integer> order = sum(minutes, least) < sum(minutes, listed) - 1e-6 ? least : listed;
        List<Change> changes = new ArrayList<>();
        for (int i = 1; i < order.size(); i++) {
            LensChoice from = lenses.get(order.get(i - 1));
            LensChoice to = lenses.get(order.get(i));
            Changeover way = ways[order.get(i - 1)][order.get(i)];
            changes.add(new Change(
                    from.id(),
                    to.id(),
                    from.title(),
                    to.title(),
                    way.minutes(),
                    way.steps().stream().map(LensOrder::words).toList()));
        }
        return new LensOrder(changes, sum(minutes, order), sum(minutes, listed), n <= MOST_PROVEN);
    }

    private static String words(Changeover.Step step) {
        String where = step.where().isEmpty() ? "" : ", " + step.where();
        return switch (step.act()) {
            case UNPLUG -> "unplug " + step.part();
            case OFF -> step.part() + " off";
            case ASIDE -> step.part() + " aside";
            case OVER -> step.part() + " over" + where;
            case ON -> step.part() + " on" + where;
            case BACK -> step.part() + " back on";
            case SET -> "set " + step.part() + where;
            case PLUG -> "plug " + step.part();
        };
    }

    private static double sum(double[][] minutes, List<Integer> order) {
        double sum = 0;
        for (int i = 1; i < order.size(); i++) {
            sum += minutes[order.get(i - 1)][order.get(i)];
        }
        return sum;
    }

    /** The cheapest path through all, begun anywhere. */
    static List<Integer> best(double[][] minutes) {
        int n = minutes.length;
        if (n == 0) {
            return List.of();
        }
        double[][] cost = new double[1 << n][n];
        int[][] before = new int[1 << n][n];
        for (int set = 1; set < 1 << n; set++) {
            for (int last = 0; last < n; last++) {
                cost[set][last] = Double.POSITIVE_INFINITY;
                before[set][last] = -1;
                int rest = set & ~(1 << last);
                if ((set & 1 << last) == 0) {
                    continue;
                }
                if (rest == 0) {
                    cost[set][last] = 0;
                }
                for (int k = 0; k < n; k++) {
                    if ((rest & 1 << k) != 0 && cost[rest][k] + minutes[k][last] < cost[set][last] - 1e-9) {
                        cost[set][last] = cost[rest][k] + minutes[k][last];
                        before[set][last] = k;
                    }
                }
            }
        }
        return walkedBack(cost[(1 << n) - 1], before);
    }

    /** From the cheapest last one back to the first. */
    private static List<Integer> walkedBack(double[] whole, int[][] before) {
        int set = (1 << whole.length) - 1;
        int last = 0;
        for (int k = 1; k < whole.length; k++) {
            if (whole[k] < whole[last] - 1e-9) {
                last = k;
            }
        }
        List<Integer> order = new ArrayList<>();
        while (last >= 0) {
            order.add(0, last);
            int previous = before[set][last];
            set &= ~(1 << last);
            last = previous;
        }
        return order;
    }

    static List<Integer> greedy(double[][] minutes) {
        List<Integer> order = new ArrayList<>();
        int at = 0;
        order.add(at);
        while (order.size() < minutes.length) {
            int next = -1;
            for (int k = 0; k < minutes.length; k++) {
                if (!order.contains(k) && (next < 0 || minutes[at][k] < minutes[at][next])) {
                    next = k;
                }
            }
            order.add(next);
            at = next;
        }
        return order;
    }
}
