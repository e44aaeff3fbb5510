package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class ProposerTest {
    private final CheckEngine engine = CheckEngine.standard();

    /** Many findings of one unlooked-at kind: the first are answered for, the rest are not said to have no fix. */
    @Test
    void onlyTheFirstFindingsAreTried() {
        Job job = Bag.onRods(300).job();
        List<Finding> many = IntStream.range(0, 30)
                .mapToObj(i -> new Finding(
                        new FindingKey(
                                "rods.reach", "front", Rigs.BUILD, Rigs.STUDIO, "", List.of(Subject.part("rods-" + i))),
                        Severity.STOP,
                        CheckState.NOT_CHECKED,
                        "not looked at",
                        new Evidence.Statement("nothing", "something"),
                        "The lens is not there."))
                .toList();
        var fixes = new Proposer(engine).propose(job, new Report(many, Map.of()));
        assertEquals(Proposer.MOST_FINDINGS, fixes.size());
        assertTrue(fixes.containsKey(many.get(23).key()));
        assertFalse(fixes.containsKey(many.get(24).key()));
    }
}
