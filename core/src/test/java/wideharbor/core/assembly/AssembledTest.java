package wideharbor.core.assembly;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.quantity.Progress;
import wideharbor.core.testkit.Bag;

/** How far a body is, by the prints of the steps that are ticked. */
class AssembledTest {
    private final RigAnalysis rig = Bag.onHead().analysis();
    private final AssemblyPlan plan = AssemblyPlan.of(rig);
    private final Map<ConfigurationKey, Map<String, String>> ticked = new HashMap<>();

    private Progress now() {
        return Assembled.of(rig.whole(), ticked);
    }

    private Map<String, String> here() {
        return ticked.computeIfAbsent(rig.key(), k -> new HashMap<>());
    }

    @Test
    void everyStepCountsOnceAsItWasTicked() {
        int all = plan.steps().size();
        assertEquals(new Progress(0, all), now());
        plan.steps().stream().limit(2).forEach(s -> here().put(s.key(), s.print()));
        assertEquals(new Progress(2, all), now());
        here().put(plan.steps().get(0).key(), "of another step");
        assertEquals(new Progress(1, all), now(), "what was changed since is to be done again");
        here().put("fit:nothing", "x");
        assertEquals(new Progress(1, all), now(), "a step that is no more counts for nothing");
        plan.steps().forEach(s -> here().put(s.key(), s.print()));
        assertEquals(0, now().left());
    }
}
