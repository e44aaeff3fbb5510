package wideharbor.core.clearance;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Vec3;

/**
 * Pieces by the cubes of space their boxes reach into. Two pieces that meet share a cube; each pair is told once, in
 * the first cube that both reach. All lies in a few arrays: a rig is sorted in anew with every look at it.
 */
final class Cells {
    /**
     * About the size of a small part, mm: larger cubes hold strangers, smaller ones hold everything many times over.
     */
    private static final double EDGE = 60;

    /** More cubes than this are never made: then they are larger, and it only costs time. */
    private static final int MOST = 1 << 16;

    private final List<Clearances.Item> solids;
    private final double edge;
    private final Vec3 corner;
    private final int[] count = new int[3];
    /** For each piece the first and the last cube of its box, six numbers. */
    private final int[] reach;
    /** Where each cube's pieces begin in {@link #inside}; one more entry than cubes. */
    private final int[] begin;

    private final int[] inside;

    Cells(List<Clearances.Item> solids) {
        this.solids = solids;
        Bounds all = solids.stream()
                .map(s -> s.solid().bounds())
                .reduce(Bounds::with)
                .orElse(new Bounds(Vec3.ZERO, Vec3.ZERO));
        this.corner = all.min();
        this.edge = edge(all.size());
        count[0] = (int) (all.size().x() / edge) + 1;
        count[1] = (int) (all.size().y() / edge) + 1;
        count[2] = (int) (all.size().z() / edge) + 1;
        this.reach = new int[6 * solids.size()];
        this.begin = new int[count[0] * count[1] * count[2] + 1];
        for (int s = 0; s < solids.size(); s++) {
            Bounds box = solids.get(s).solid().bounds();
            cell(box.min(), reach, 6 * s);
            cell(box.max(), reach, 6 * s + 3);
            eachCube(s, (piece, cube) -> begin[cube + 1]++);
        }
        for (int c = 1; c < begin.length; c++) {
            begin[c] += begin[c - 1];
        }
        this.inside = new int[begin[begin.length - 1]];
        int[] next = Arrays.copyOf(begin, begin.length);
        for (int s = 0; s < solids.size(); s++) {
            eachCube(s, (piece, cube) -> inside[next[cube]++] = piece);
        }
    }

    private static double edge(Vec3 size) {
        double edge = EDGE;
        while ((size.x() / edge + 1) * (size.y() / edge + 1) * (size.z() / edge + 1) > MOST) {
            edge *= 2;
        }
        return edge;
    }

    private interface Visit {
        void at(int piece, int cube);
    }

    private void eachCube(int piece, Visit visit) {
        int r = 6 * piece;
        for (int x = reach[r]; x <= reach[r + 3]; x++) {
            for (int y = reach[r + 1]; y <= reach[r + 4]; y++) {
                for (int z = reach[r + 2]; z <= reach[r + 5]; z++) {
                    visit.at(piece, cube(x, y, z));
                }
            }
        }
    }

    /** Pieces whose bounds share more than the tolerance, mm, with a box, each once. */
    void near(Bounds box, double tolerance, Consumer<Clearances.Item> told) {
        int[] from = new int[3];
        int[] to = new int[3];
        cell(box.min(), from, 0);
        cell(box.max(), to, 0);
        long cubes = (to[0] - from[0] + 1L) * (to[1] - from[1] + 1L) * (to[2] - from[2] + 1L);
        if (cubes > solids.size()) {
            // A long way through many cubes: looking at every piece is less work than looking into every cube.
            for (Clearances.Item solid : solids) {
                if (solid.solid().bounds().overlaps(box, tolerance)) {
                    told.accept(solid);
                }
            }
            return;
        }
        for (int x = from[0]; x <= to[0]; x++) {
            for (int y = from[1]; y <= to[1]; y++) {
                for (int z = from[2]; z <= to[2]; z++) {
                    int cube = cube(x, y, z);
                    for (int i = begin[cube]; i < begin[cube + 1]; i++) {
                        Clearances.Item solid = solids.get(inside[i]);
                        if (isFirst(from, 0, 6 * inside[i], x, y, z)
                                && solid.solid().bounds().overlaps(box, tolerance)) {
                            told.accept(solid);
                        }
                    }
                }
            }
        }
    }

    /** Tells every pair that shares a cube, once; not those of which both are among so many first pieces. */
    void pairs(int known, BiConsumer<Clearances.Item, Clearances.Item> told) {
        for (int s = known; s < solids.size(); s++) {
            eachCube(s, (piece, cube) -> meet(piece, cube, told));
        }
    }

    private void meet(int piece, int cube, BiConsumer<Clearances.Item, Clearances.Item> told) {
        int z = cube % count[2];
        int y = cube / count[2] % count[1];
        int x = cube / count[2] / count[1];
        for (int i = begin[cube]; i < begin[cube + 1] && inside[i] < piece; i++) {
            if (isFirst(reach, 6 * piece, 6 * inside[i], x, y, z)) {
                told.accept(solids.get(piece), solids.get(inside[i]));
            }
        }
    }

    /** Whether this is the lowest cube that both boxes reach. */
    private boolean isFirst(int[] lowest, int at, int other, int x, int y, int z) {
        return x == Math.max(lowest[at], reach[other])
                && y == Math.max(lowest[at + 1], reach[other + 1])
                && z == Math.max(lowest[at + 2], reach[other + 2]);
    }

    private int cube(int x, int y, int z) {
        return (x * count[1] + y) * count[2] + z;
    }

    /** The cube of a point; one outside the rig counts for the nearest. */
    private void cell(Vec3 at, int[] into, int from) {
        into[from] = within(at.x() - corner.x(), count[0]);
        into[from + 1] = within(at.y() - corner.y(), count[1]);
        into[from + 2] = within(at.z() - corner.z(), count[2]);
    }

    private int within(double mm, int cubes) {
        return Math.max(0, Math.min(cubes - 1, (int) (mm / edge)));
    }
}
