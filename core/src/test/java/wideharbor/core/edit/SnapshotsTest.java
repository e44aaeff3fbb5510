package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** A rig comes back to its marks. */
class SnapshotsTest {
    private static RigAnalysis look(Job job) {
        return RigAnalysis.of(job, job.gear().build(Rigs.BUILD), Rigs.STUDIO, LensId.NONE);
    }

    private static Job apply(Job job, List<Scoped> edit) {
        return job.with(job.gear().apply(Rigs.BUILD, edit, job.catalogue()).after());
    }

    @Test
    void everySlideIsAMarkWithItsPartAndUnit() {
        List<Snapshots.Mark> marks = Snapshots.marks(Bag.onRods(300).resolve());
        assertEquals(
                List.of("rods:rods:0 -50.0 mm", "box:rods:0 200.0 mm"),
                marks.stream()
                        .filter(m -> m.value() != 0)
                        .map(m -> m.key() + " " + m.value() + " " + m.unit())
                        .toList());
        assertEquals(
                "box",
                marks.stream()
                        .filter(m -> m.key().placement().equals(PlacementId.of("box")))
                        .findFirst()
                        .orElseThrow()
                        .part());
    }

    @Test
    void whatIsGoneIsToldAndCannotComeBack() {
        Job job = Bag.onRods(300).job();
        List<Snapshots.Mark> left = Snapshots.marks(look(job).rig());
        Job bare = apply(job, List.of(Scoped.base(new Command.Remove(PlacementId.of("box")))));
        List<Snapshots.Difference> differences =
                Snapshots.differences(look(bare).rig(), left);
        assertEquals(1, differences.size());
        assertTrue(differences.get(0).now().isEmpty());
        assertEquals(List.of(), Snapshots.comeBack(look(bare), left));
    }

    /** Whatever was pushed about, the way back makes every number what it was. */
    @ParameterizedTest
    @ValueSource(longs = {1, 7, 42, 20261125})
    void theWayBackIsExact(long seed) {
        Random random = new Random(seed);
        Job job = Bag.onRods(300).job();
        List<Snapshots.Mark> left = Snapshots.marks(look(job).rig());
        Job pushed = job;
        for (Snapshots.Mark mark : left) {
            double by = Math.round(random.nextDouble() * 40) / 2.0;
            pushed = apply(
                    pushed,
                    List.of(Scoped.base(
                            new Command.Set(SettingKey.parse(mark.key().toString()), mark.value() + by, false))));
        }
        Job back = apply(pushed, Snapshots.comeBack(look(pushed), left));
        assertEquals(left, Snapshots.marks(look(back).rig()), "seed " + seed);
        assertEquals(List.of(), Snapshots.comeBack(look(back), left));
    }
}
