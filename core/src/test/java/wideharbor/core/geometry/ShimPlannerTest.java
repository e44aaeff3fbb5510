package wideharbor.core.geometry;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.geometry.ShimPlanner.Shim;

class ShimPlannerTest {
    private static final List<Shim> BOX =
            List.of(new Shim("0.5", 0.5, 2), new Shim("1.0", 1.0, 3), new Shim("2.0", 2.0, 2), new Shim("5.0", 5.0, 1));

    /** Worked: 7.3 within 0.25: 5.0 + 2.0 misses by 0.3, with 0.5 more it is 0.2 over. */
    @Test
    void workedExample() {
        ShimPlanner.Plan plan = ShimPlanner.plan(7.3, BOX, 0.25).orElseThrow();
        assertEquals(7.5, plan.sumMm(), 1e-9);
        assertEquals(3, plan.ids().size());
        assertEquals(0.2, plan.errorMm(), 1e-9);
    }

    @Test
    void fewestPiecesFirst() {
        assertEquals(
                List.of("2.0"), ShimPlanner.plan(2.0, BOX, 0.25).orElseThrow().ids());
    }

    @Test
    void noneIsNone() {
        assertTrue(ShimPlanner.plan(40, BOX, 0.25).isEmpty());
        assertTrue(ShimPlanner.plan(2, List.of(), 0.25).isEmpty());
    }

    /** Ten of 0.1 make exactly 1.0: sums in whole micrometres. */
    @Test
    void sumsAreExact() {
        ShimPlanner.Plan plan =
                ShimPlanner.plan(0.6, List.of(new Shim("0.1", 0.1, 10)), 0).orElseThrow();
        assertEquals(0, plan.errorMm());
        assertEquals(6, plan.ids().size());
    }

    /** The plan is as good as trying every stack of the box. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16})
    void equalsExhaustiveSearch(long seed) {
        Random random = new Random(seed);
        double target = Math.round(random.nextDouble() * 100) / 10.0;
        Optional<ShimPlanner.Plan> plan = ShimPlanner.plan(target, BOX, 0.25);
        int fewest = Integer.MAX_VALUE;
        double least = Double.MAX_VALUE;
        for (int[] take : everyStack()) {
            double sum = 0.5 * take[0] + take[1] + 2 * take[2] + 5 * take[3];
            int pieces = take[0] + take[1] + take[2] + take[3];
            double error = Math.abs(sum - target);
            if (pieces > 0 && pieces <= 6 && error <= 0.25 + 1e-9) {
                if (pieces < fewest || pieces == fewest && error < least) {
                    fewest = pieces;
                    least = error;
                }
            }
        }
        assertEquals(fewest == Integer.MAX_VALUE, plan.isEmpty(), "seed " + seed);
        if (plan.isPresent()) {
            assertEquals(fewest, plan.get().ids().size(), "seed " + seed);
            assertEquals(least, Math.abs(plan.get().errorMm()), 1e-9, "seed " + seed);
        }
    }

    private static List<int[]> everyStack() {
        List<int[]> all = new ArrayList<>();
        for (int a = 0; a <= 2; a++) {
            for (int b = 0; b <= 3; b++) {
                for (int c = 0; c <= 2; c++) {
                    for (int d = 0; d <= 1; d++) {
                        all.add(new int[] {a, b, c, d});
                    }
                }
            }
        }
        return all;
    }
}
