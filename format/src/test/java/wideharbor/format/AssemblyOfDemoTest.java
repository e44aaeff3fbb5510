package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.assembly.Act;
import wideharbor.core.assembly.AssemblyPlan;
import wideharbor.core.assembly.AssemblyPlan.Step;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.catalog.Category;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;

/** Every configuration of the demo jobs, put together in an order. */
class AssemblyOfDemoTest {
    private static final Set<Category> FRAGILE =
            Set.of(Category.LENS, Category.MONITOR, Category.BATTERY, Category.TRANSMISSION, Category.VIEWFINDER);

    private static List<RigAnalysis> rigs(String demo) {
        Job job = new HarborCodec().read(HarborCodecTest.demo(demo));
        JobAnalysis analyses = JobAnalysis.of(job);
        List<RigAnalysis> all = new ArrayList<>();
        for (Build build : job.gear().builds()) {
            for (Configuration configuration : build.configurations()) {
                LensId lens = build.lenses().isEmpty()
                        ? LensId.NONE
                        : build.lenses().get(0).id();
                all.add(analyses.rig(build.id(), configuration.id(), lens));
            }
        }
        return all;
    }

    @ParameterizedTest
    @ValueSource(strings = {"second-bell", "slack-water", "kiln", "the-lift", "queens-yard"})
    void everyOrderKeepsWhatMustComeFirst(String demo) {
        for (RigAnalysis rig : rigs(demo)) {
            AssemblyPlan plan = AssemblyPlan.of(rig);
            Set<String> done = new HashSet<>();
            for (Step step : plan.steps()) {
                step.before().forEach(b -> assertTrue(done.contains(b.key()), step.title() + " before " + b.title()));
                assertTrue(done.add(step.key()), step.key() + " twice");
            }
            assertEquals(
                    rig.rig().attached().size(),
                    plan.steps().stream()
                            .filter(s -> s.part().isPresent() && s.act() != Act.TRY)
                            .count());
            assertEquals(plan, AssemblyPlan.of(rig), "the same rig, the same order");
            assertTrue(plan.leastSetUp() <= plan.setUp() + 1e-9);
            assertTrue(plan.setUp() <= plan.plainSetUp() + 1e-9, plan.setUp() + " of " + plan.plainSetUp());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"second-bell", "slack-water", "kiln", "the-lift", "queens-yard"})
    void nothingFragileIsTurnedOver(String demo) {
        for (RigAnalysis rig : rigs(demo)) {
            for (Step step : AssemblyPlan.of(rig).steps()) {
                if (step.act() == Act.TURN) {
                    step.on()
                            .forEach(p -> assertTrue(
                                    !FRAGILE.contains(
                                            rig.rig().require(p).type().category()),
                                    step.title() + " with " + rig.rig().title(p)));
                }
            }
        }
    }
}
