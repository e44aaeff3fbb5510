package wideharbor.core.clearance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import wideharbor.core.geometry.Convex;
import wideharbor.core.geometry.Vec3;

/**
 * Pieces by the cubes of space their boxes reach into. Two pieces that meet share a cube; each pair is told once, in the
 * first cube that both reach.
 */
final class Cells {
    /** About the size of a small part: larger cubes hold strangers, smaller ones hold everything many times over. */
    private static final double EDGE = 60;

    private final Map<Long, List<Clearances.Solid>> cells = new HashMap<>();
    private final List<Clearances.Solid> solids;

    Cells(List<Clearances.Solid> solids) {
        this.solids = solids;
    }

    /** Pieces whose bounds share more than the tolerance, mm, with a box, each once. Only after {@link #pairs}. */
    void near(Convex.Bounds box, double tolerance, Consumer<Clearances.Solid> told) {
        if (reaches(box) > solids.size()) {
            // A long way through many cubes: looking at every piece is less work than looking into every cube.
            solids.stream()
                    .filter(s -> s.convex().bounds().overlaps(box, tolerance))
                    .forEach(told);
            return;
        }
        int[] from = cell(box.min());
        int[] to = cell(box.max());
        for (int x = from[0]; x <= to[0]; x++) {
            for (int y = from[1]; y <= to[1]; y++) {
                for (int z = from[2]; z <= to[2]; z++) {
                    for (Clearances.Solid solid : cells.getOrDefault(key(x, y, z), List.of())) {
                        Convex.Bounds bounds = solid.convex().bounds();
                        if (bounds.overlaps(box, tolerance) && isFirst(bounds.min(), from, x, y, z)) {
                            told.accept(solid);
                        }
                    }
                }
            }
        }
    }

    /** How many cubes a box reaches into. */
    private static long reaches(Convex.Bounds box) {
        int[] from = cell(box.min());
        int[] to = cell(box.max());
        return (to[0] - from[0] + 1L) * (to[1] - from[1] + 1L) * (to[2] - from[2] + 1L);
    }

    /** Sorts the pieces in, and tells every pair that shares a cube, once, in the order of the pieces. */
    void pairs(BiConsumer<Clearances.Solid, Clearances.Solid> told) {
        for (Clearances.Solid solid : solids) {
            Convex.Bounds box = solid.convex().bounds();
            int[] from = cell(box.min());
            int[] to = cell(box.max());
            for (int x = from[0]; x <= to[0]; x++) {
                for (int y = from[1]; y <= to[1]; y++) {
                    for (int z = from[2]; z <= to[2]; z++) {
                        List<Clearances.Solid> here = cells.computeIfAbsent(key(x, y, z), k -> new ArrayList<>());
                        for (Clearances.Solid other : here) {
                            if (isFirst(other.convex().bounds().min(), from, x, y, z)) {
                                told.accept(solid, other);
                            }
                        }
                        here.add(solid);
                    }
                }
            }
        }
    }

    /** Whether this is the lowest cube that both boxes reach. */
    private static boolean isFirst(Vec3 otherMin, int[] from, int x, int y, int z) {
        int[] other = cell(otherMin);
        return x == Math.max(from[0], other[0]) && y == Math.max(from[1], other[1]) && z == Math.max(from[2], other[2]);
    }

    private static int[] cell(Vec3 at) {
        return new int[] {floor(at.x()), floor(at.y()), floor(at.z())};
    }

    private static int floor(double mm) {
        return (int) Math.floor(mm / EDGE);
    }

    /** Twenty-one bits for each direction: room enough for a rig of a hundred kilometres. */
    private static long key(int x, int y, int z) {
        long mask = (1L << 21) - 1;
        return (x & mask) << 42 | (y & mask) << 21 | z & mask;
    }
}
