package wideharbor.core.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wideharbor.core.catalog.Piece;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Every place where matter of two parts overlaps, and where matter stands in room kept free by another part.
 *
 * <p>Broad phase: the boxes around the pieces are sorted into cubes of space, and only pieces that share a cube are
 * looked at, so that the cost grows with the pieces and with how many really come close. Narrow phase: separating axes.
 * Parts that are joined may overlap, but only inside the joint's engagement zone; bores are openings.
 */
public final class Clearances {
    private final List<Item> solids;
    private final Cells cells;
    private final Map<PlacementId, List<Solid>> matter = new LinkedHashMap<>();
    private final Map<PlacementId, Set<Shape.Use>> rooms = new HashMap<>();
    private final List<Clash> clashes;
    private final List<Intrusion> intrusions;
    private final Rig rig;

    /** A placed piece of a part. */
    record Item(PlacementId placement, Shape.Use use, Solid solid) {}

    /** Two parts in each other by so many millimetres, and the box that they share, rig frame. */
    public record Clash(PlacementId a, PlacementId b, double depthMm, Bounds where) {}

    /** Matter of one part in the room that another keeps for something. */
    public record Intrusion(PlacementId keeper, Shape.Use use, PlacementId intruder, double depthMm, Bounds where) {}

    private Clearances(Rig rig, List<Item> solids, Cells cells, List<Clash> clashes, List<Intrusion> intrusions) {
        this.rig = rig;
        this.solids = solids;
        this.cells = cells;
        this.clashes = clashes;
        this.intrusions = intrusions;
        for (Item solid : solids) {
            if (solid.use() == Shape.Use.SOLID) {
                matter.computeIfAbsent(solid.placement(), k -> new ArrayList<>())
                        .add(solid.solid());
            } else {
                rooms.computeIfAbsent(solid.placement(), k -> EnumSet.noneOf(Shape.Use.class))
                        .add(solid.use());
            }
        }
    }

    /** Overlaps deeper than the tolerance, mm; the deepest of each pair of parts (and use) stands for the pair. */
    public static Clearances of(Rig rig, double toleranceMm) {
        return of(rig, toleranceMm, Known.NOTHING);
    }

    /**
     * The same of a rig that differs in a few parts only, such as the lens in the slot: what stands as it did is not
     * compared anew with what else does. Both with the same tolerance.
     */
    public Clearances with(Rig other, double toleranceMm) {
        Set<PlacementId> still = Standing.in(rig, other);
        return of(
                other,
                toleranceMm,
                new Known(
                        still,
                        solids.stream()
                                .filter(s -> still.contains(s.placement()))
                                .toList(),
                        clashes.stream()
                                .filter(c -> still.contains(c.a()) && still.contains(c.b()))
                                .toList(),
                        intrusions.stream()
                                .filter(i -> still.contains(i.keeper()) && still.contains(i.intruder()))
                                .toList()));
    }

    /** What was found before of parts that stand still. */
    private record Known(Set<PlacementId> still, List<Item> solids, List<Clash> clashes, List<Intrusion> intrusions) {
        static final Known NOTHING = new Known(Set.of(), List.of(), List.of(), List.of());
    }

    private static Clearances of(Rig rig, double toleranceMm, Known known) {
        List<Item> solids = new ArrayList<>(known.solids());
        addSolids(rig, known.still(), solids);
        Meeting found = new Meeting(toleranceMm, new Zones(rig), new LinkedHashMap<>(), new LinkedHashMap<>());
        Cells cells = new Cells(solids);
        cells.pairs(known.solids().size(), found::pair);
        return new Clearances(
                rig,
                solids,
                cells,
                Stream.concat(known.clashes().stream(), found.clashes().values().stream())
                        .sorted(Comparator.comparing(Clash::a).thenComparing(Clash::b))
                        .toList(),
                Stream.concat(known.intrusions().stream(), found.intrusions().values().stream())
                        .sorted(Comparator.comparing(Intrusion::keeper)
                                .thenComparing(Intrusion::use)
                                .thenComparing(Intrusion::intruder))
                        .toList());
    }

    private static void addSolids(Rig rig, Set<PlacementId> still, List<Item> to) {
        for (Placed placed : rig.attached()) {
            if (!still.contains(placed.id())) {
                for (Piece piece : rig.catalogue().pieces(placed.type())) {
                    to.add(new Item(placed.id(), piece.use(), piece.solid().placed(placed.pose(piece.link()))));
                }
            }
        }
    }

    private static boolean mayMatter(Item a, Item b) {
        boolean someMatter = a.use() == Shape.Use.SOLID || b.use() == Shape.Use.SOLID;
        return someMatter && !a.placement().equals(b.placement());
    }

    /** What of the pairs that are looked at is too deep in each other. */
    private record Meeting(
            double toleranceMm, Zones zones, Map<String, Clash> clashes, Map<String, Intrusion> intrusions) {
        void pair(Item a, Item b) {
            if (mayMatter(a, b) && a.solid().bounds().overlaps(b.solid().bounds(), toleranceMm)) {
                look(a, b);
            }
        }

        private void look(Item a, Item b) {
            // The excuse is cheaper to see than the depth, and most that overlap are joined there.
            Bounds where = a.solid().bounds().shared(b.solid().bounds());
            if (zones.excuse(a.placement(), b.placement(), where)) {
                return;
            }
            double depth = a.solid().depth(b.solid());
            if (depth <= toleranceMm) {
                return;
            }
            if (a.use() == Shape.Use.SOLID && b.use() == Shape.Use.SOLID) {
                boolean inOrder = a.placement().compareTo(b.placement()) < 0;
                PlacementId first = inOrder ? a.placement() : b.placement();
                PlacementId second = inOrder ? b.placement() : a.placement();
                clashes.merge(
                        first + "|" + second,
                        new Clash(first, second, depth, where),
                        (x, y) -> y.depthMm() > x.depthMm() ? y : x);
            } else {
                boolean isMatter = a.use() == Shape.Use.SOLID;
                Item keeper = isMatter ? b : a;
                Item intruder = isMatter ? a : b;
                intrusions.merge(
                        keeper.placement() + "|" + keeper.use() + "|" + intruder.placement(),
                        new Intrusion(keeper.placement(), keeper.use(), intruder.placement(), depth, where),
                        (x, y) -> y.depthMm() > x.depthMm() ? y : x);
            }
        }
    }

    public List<Clash> clashes() {
        return clashes;
    }

    public List<Intrusion> intrusions() {
        return intrusions;
    }

    /** Uses for which a part keeps room free. */
    public Set<Shape.Use> roomsOf(PlacementId placement) {
        return rooms.getOrDefault(placement, Set.of());
    }

    /** Matter of other parts in a box of free room, each part once, by id. */
    public List<PlacementId> standIn(Solid room, Set<PlacementId> except, double toleranceMm) {
        return standIn(List.of(room), except, toleranceMm);
    }

    /** Matter of other parts in any of several boxes that belong together, each part once, by id. */
    public List<PlacementId> standIn(List<Solid> rooms, Set<PlacementId> except, double toleranceMm) {
        return standIn(
                rooms.stream().map(Solid::bounds).toList(),
                except,
                toleranceMm,
                (solid, i) -> solid.isDeeperIn(rooms.get(i), toleranceMm));
    }

    /** Matter of other parts in the straight way of several solids that move together, each part once, by id. */
    public List<PlacementId> inWay(List<Solid> moved, Vec3 by, Set<PlacementId> except, double toleranceMm) {
        // Most ways are free by their boxes alone.
        Solid[] swept = new Solid[moved.size()];
        return standIn(
                moved.stream().map(piece -> piece.bounds().swept(by)).toList(), except, toleranceMm, (solid, i) -> {
                    if (swept[i] == null) {
                        swept[i] = moved.get(i).swept(by);
                    }
                    return solid.isDeeperIn(swept[i], toleranceMm);
                });
    }

    /** Whether a solid, whose bounds reach into those of a room, stands in that very room. */
    private interface Meets {
        boolean in(Solid solid, int room);
    }

    private List<PlacementId> standIn(List<Bounds> rooms, Set<PlacementId> except, double toleranceMm, Meets meets) {
        if (rooms.isEmpty()) {
            return List.of();
        }
        Set<PlacementId> found = new TreeSet<>();
        Bounds all = rooms.stream().reduce(Bounds::with).orElseThrow();
        cells.near(all, toleranceMm, solid -> {
            PlacementId part = solid.placement();
            if (solid.use() == Shape.Use.SOLID && !except.contains(part) && !found.contains(part)) {
                for (int i = 0; i < rooms.size(); i++) {
                    if (solid.solid().bounds().overlaps(rooms.get(i), toleranceMm) && meets.in(solid.solid(), i)) {
                        found.add(part);
                        return;
                    }
                }
            }
        });
        return List.copyOf(found);
    }

    /**
     * A part whose matter a ray meets within so many millimetres, of several the first by id; empty when the way is
     * free.
     */
    public Optional<PlacementId> metBy(Vec3 from, Vec3 direction, double within, Set<PlacementId> except) {
        return solids.stream()
                .filter(met(from, direction, within, except))
                .map(Item::placement)
                .min(Comparator.naturalOrder());
    }

    /** Whether a ray meets nothing within so many millimetres. */
    public boolean isFree(Vec3 from, Vec3 direction, double within, Set<PlacementId> except) {
        boolean[] blocked = new boolean[1];
        cells.near(Bounds.of(from, from.plus(direction.times(within))), -1, solid -> {
            blocked[0] = blocked[0]
                    || solid.use() == Shape.Use.SOLID
                            && !except.contains(solid.placement())
                            && solid.solid().isMetBy(from, direction, within);
        });
        return !blocked[0];
    }

    private static Predicate<Item> met(Vec3 from, Vec3 direction, double within, Set<PlacementId> except) {
        Bounds way = Bounds.of(from, from.plus(direction.times(within)));
        return s -> s.use() == Shape.Use.SOLID
                && s.solid().bounds().overlaps(way, -1)
                && !except.contains(s.placement())
                && s.solid().isMetBy(from, direction, within);
    }

    /** Pieces of matter of one part, rig frame. */
    public List<Solid> matterOf(PlacementId placement) {
        return matter.getOrDefault(placement, List.of());
    }
}
