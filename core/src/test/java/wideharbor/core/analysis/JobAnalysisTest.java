package wideharbor.core.analysis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.mockito.Answers.CALLS_REAL_METHODS;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mockStatic;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mockito.MockedStatic;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Judged;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class JobAnalysisTest {
    /** A change of one body leaves the rigs of the other as they are. */
    @Test
    void anotherBodysRigsAreTakenOver() {
        Job job = twoBodies();
        JobAnalysis before = JobAnalysis.of(job);
        Rig a = before.rig(Rigs.BUILD, Rigs.STUDIO, LensId.NONE).rig();
        Rig b = before.rig(BuildId.of("b"), Rigs.STUDIO, LensId.NONE).rig();
        Job changed = slid(job);
        JobAnalysis after = before.after(changed);
        assertSame(b, after.rig(BuildId.of("b"), Rigs.STUDIO, LensId.NONE).rig());
        assertNotSame(a, after.rig(Rigs.BUILD, Rigs.STUDIO, LensId.NONE).rig());
        assertSame(changed, after.rig(BuildId.of("b"), Rigs.STUDIO, LensId.NONE).job());
    }

    /** What stands still is not compared anew, and the answer is the fresh one. */
    @Test
    void overlapsAfterAChangeAreThoseOfAFreshLook() {
        Job job = twoBodies();
        JobAnalysis before = JobAnalysis.of(job);
        before.rig(Rigs.BUILD, Rigs.STUDIO, LensId.NONE).clearances();
        Job changed = slid(job);
        Clearances carried =
                before.after(changed).rig(Rigs.BUILD, Rigs.STUDIO, LensId.NONE).clearances();
        Clearances fresh = JobAnalysis.of(changed)
                .rig(Rigs.BUILD, Rigs.STUDIO, LensId.NONE)
                .clearances();
        assertEquals(fresh.clashes(), carried.clashes());
        assertEquals(fresh.intrusions(), carried.intrusions());
    }

    /** Every check of every configuration, and what checks ask of other configurations: each resolved once. */
    @Test
    void eachConfigurationAndLensIsResolvedOnce() {
        Job job = twoBodies();
        Map<List<Object>, Integer> times = new HashMap<>();
        try (MockedStatic<Rig> rigs = mockStatic(Rig.class, CALLS_REAL_METHODS)) {
            rigs.when(() -> Rig.resolve(any(), any(), any(), any())).thenAnswer(call -> {
                times.merge(List.of(call.getArgument(0), call.getArgument(1), call.getArgument(2)), 1, Integer::sum);
                return call.callRealMethod();
            });
            Judged judged = CheckEngine.standard().judge(job);
            judged.report();
            judged.verdicts();
            judged.after(slid(job)).report();
        }
        assertEquals(3, times.size(), "two bodies, and the one that changed once more");
        times.forEach((what, n) -> assertEquals(1, n, () -> "resolved " + n + " times: " + what));
    }

    private static Job twoBodies() {
        Job job = Bag.onRods(260).job();
        Build a = job.gear().build(Rigs.BUILD);
        Build b = new Build(BuildId.of("b"), "B", a.base(), a.configurations(), a.lenses());
        return job.with(new GearPackage(job.gear().kit(), List.of(a, b)));
    }

    private static Job slid(Job job) {
        return job.with(job.gear()
                .apply(
                        Rigs.BUILD,
                        List.of(Scoped.base(new Command.Set(SettingKey.parse("box:rods:0"), 150, false))),
                        job.catalogue())
                .after());
    }
}
