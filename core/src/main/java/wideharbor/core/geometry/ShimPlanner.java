package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Chooses shims for a height: fewest pieces within the tolerance, then the least error, then the first in the given
 * order. Sums in whole micrometres, so that ten shims of 0.1 make exactly 1.0.
 */
public final class ShimPlanner {
    private static final int MOST_PIECES = 6;

    private ShimPlanner() {}

    /** A thickness at hand and how many of it. */
    public record Shim(String id, double thicknessMm, int count) {}

    /** The ids to stack (with repeats), their sum, and what is left over (sum − target). */
    public record Plan(List<String> ids, double sumMm, double errorMm) {}

    /** Empty when no stack of up to six pieces lands within the tolerance. Tries every count, smallest stacks first. */
    public static Optional<Plan> plan(double targetMm, List<Shim> atHand, double toleranceMm) {
        long target = micro(targetMm);
        long tolerance = micro(toleranceMm);
        for (int pieces = 1; pieces <= MOST_PIECES; pieces++) {
            Search search = new Search(atHand, target, tolerance);
            search.descend(0, pieces, 0, new ArrayList<>());
            if (search.best != null) {
                return Optional.of(new Plan(search.best, search.bestSum / 1000.0, (search.bestSum - target) / 1000.0));
            }
        }
        return Optional.empty();
    }

    private static long micro(double mm) {
        return Math.round(mm * 1000);
    }

    private static final class Search {
        private final List<Shim> atHand;
        private final long target;
        private final long tolerance;
        private java.util.@org.jspecify.annotations.Nullable List<String> best;
        private long bestSum;

        Search(List<Shim> atHand, long target, long tolerance) {
            this.atHand = atHand;
            this.target = target;
            this.tolerance = tolerance;
        }

        void descend(int index, int piecesLeft, long sum, List<String> chosen) {
            if (sum > target + tolerance) {
                return;
            }
            if (piecesLeft == 0) {
                keep(sum, chosen);
                return;
            }
            if (index == atHand.size()) {
                return;
            }
            Shim shim = atHand.get(index);
            for (int take = Math.min(shim.count(), piecesLeft); take >= 0; take--) {
                List<String> next = new ArrayList<>(chosen);
                for (int i = 0; i < take; i++) {
                    next.add(shim.id());
                }
                descend(index + 1, piecesLeft - take, sum + take * micro(shim.thicknessMm()), next);
            }
        }

        private void keep(long sum, List<String> chosen) {
            long error = Math.abs(sum - target);
            if (error <= tolerance && (best == null || error < Math.abs(bestSum - target))) {
                best = List.copyOf(chosen);
                bestSum = sum;
            }
        }
    }
}
