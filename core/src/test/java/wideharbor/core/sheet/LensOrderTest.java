package wideharbor.core.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** The order of lenses that takes least, against every order there is. */
class LensOrderTest {
    private static double sum(double[][] minutes, List<Integer> order) {
        double sum = 0;
        for (int i = 1; i < order.size(); i++) {
            sum += minutes[order.get(i - 1)][order.get(i)];
        }
        return sum;
    }

    private static double least(double[][] minutes, List<Integer> so, List<Integer> rest) {
        if (rest.isEmpty()) {
            return sum(minutes, so);
        }
        double least = Double.POSITIVE_INFINITY;
        for (Integer next : rest) {
            List<Integer> more = new ArrayList<>(so);
            more.add(next);
            List<Integer> fewer = new ArrayList<>(rest);
            fewer.remove(next);
            least = Math.min(least, least(minutes, more, fewer));
        }
        return least;
    }

    @RepeatedTest(60)
    void noOrderTakesLess(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        int n = 1 + random.nextInt(6);
        double[][] minutes = new double[n][n];
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(i);
            for (int k = 0; k < n; k++) {
                minutes[i][k] = i == k ? 0 : random.nextInt(9);
            }
        }
        List<Integer> order = LensOrder.best(minutes);
        List<Integer> sorted = new ArrayList<>(order);
        Collections.sort(sorted);
        assertEquals(all, sorted, "each lens once");
        assertEquals(least(minutes, List.of(), all), sum(minutes, order), 1e-9);
        assertEquals(n, LensOrder.greedy(minutes).size());
    }

    /** From 0 the way to 2 is short and to 1 long; 2 to 1 is short. */
    @Test
    void theSetsOrderIsKeptWhereNothingIsWon() {
        double[][] even = {{0, 1, 1}, {1, 0, 1}, {1, 1, 0}};
        assertEquals(3, LensOrder.best(even).size());
        assertEquals(List.of(0, 2, 1), LensOrder.greedy(new double[][] {{0, 5, 1}, {5, 0, 1}, {1, 1, 0}}));
        assertEquals(List.of(), LensOrder.best(new double[0][0]));
    }
}
