package wideharbor.core.clearance;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;

class CellsTest {
    private static Clearances.Item solid(String id, Vec3 at, Vec3 size) {
        return new Clearances.Item(PlacementId.of(id), Shape.Use.SOLID, Solid.box(at, at.plus(size)));
    }

    private static List<Clearances.Item> scattered(long seed, int count, double room) {
        Random random = new Random(seed);
        List<Clearances.Item> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Vec3 at = new Vec3(random.nextDouble() * room, random.nextDouble() * room, random.nextDouble() * room);
            Vec3 size =
                    new Vec3(5 + random.nextDouble() * 150, 5 + random.nextDouble() * 60, 5 + random.nextDouble() * 60);
            all.add(solid("s" + i, at.minus(new Vec3(room / 2, room / 2, room / 2)), size));
        }
        return all;
    }

    private static String pair(Clearances.Item a, Clearances.Item b) {
        return a.placement().compareTo(b.placement()) < 0
                ? a.placement() + "|" + b.placement()
                : b.placement() + "|" + a.placement();
    }

    private static Set<String> overlapping(List<Clearances.Item> solids, int known) {
        Set<String> all = new HashSet<>();
        for (int i = 0; i < solids.size(); i++) {
            for (int j = Math.max(i + 1, known); j < solids.size(); j++) {
                if (solids.get(i)
                        .solid()
                        .bounds()
                        .overlaps(solids.get(j).solid().bounds(), 0)) {
                    all.add(pair(solids.get(i), solids.get(j)));
                }
            }
        }
        return all;
    }

    /** Every pair that shares space is told, none twice, and none of two that are known already. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void tellsEveryPairThatSharesSpaceOnce(long seed) {
        List<Clearances.Item> solids = scattered(seed, 120, seed % 2 == 0 ? 500 : 6000);
        for (int known : new int[] {0, 70}) {
            List<String> told = new ArrayList<>();
            new Cells(solids).pairs(known, (a, b) -> {
                if (a.solid().bounds().overlaps(b.solid().bounds(), 0)) {
                    told.add(pair(a, b));
                }
            });
            assertEquals(overlapping(solids, known), new HashSet<>(told));
            assertEquals(new HashSet<>(told).size(), told.size(), "a pair was told twice");
        }
    }

    /** What lies near a box is what a look at every piece finds: a small box, a long one, one outside the rig. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void nearABoxIsWhatALookAtEachFinds(long seed) {
        List<Clearances.Item> solids = scattered(seed, 90, 700);
        Cells cells = new Cells(solids);
        for (Solid box : List.of(
                Solid.box(new Vec3(-30, -30, -30), new Vec3(30, 30, 30)),
                Solid.box(new Vec3(-900, -20, -20), new Vec3(900, 20, 20)),
                Solid.box(new Vec3(2000, 2000, 2000), new Vec3(2100, 2100, 2100)))) {
            List<PlacementId> told = new ArrayList<>();
            cells.near(box.bounds(), 1, s -> told.add(s.placement()));
            List<PlacementId> looked = solids.stream()
                    .filter(s -> s.solid().bounds().overlaps(box.bounds(), 1))
                    .map(Clearances.Item::placement)
                    .toList();
            assertEquals(new HashSet<>(looked), new HashSet<>(told));
            assertEquals(looked.size(), told.size());
        }
    }

    @Test
    void aRigWithoutMatterHasNoPairs() {
        new Cells(List.of()).pairs(0, (a, b) -> {
            throw new AssertionError("there is nothing to pair");
        });
    }
}
