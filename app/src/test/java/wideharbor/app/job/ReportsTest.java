package wideharbor.app.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.mockito.Answers.CALLS_REAL_METHODS;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mockStatic;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.MockedStatic;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Rig;
import wideharbor.core.sheet.Meters;
import wideharbor.core.sheet.PowerSheet;
import wideharbor.core.sheet.Requirements;
import wideharbor.core.sheet.SignalSheet;
import wideharbor.format.HarborCodec;

/** One state of a job is resolved and judged once, whoever looks at it. */
class ReportsTest {
    private static final int LENSES = 3;
    /** Whether a rig stands is asked while a lens is changed, too. */
    private static final int EMPTY_SLOT = 1;

    private final Reports reports = new Reports(CheckEngine.standard());
    private final Map<List<Object>, Integer> resolved = new HashMap<>();
    private StoredJob stored;

    @BeforeEach
    void read() throws Exception {
        Job job = new HarborCodec().read(Files.readAllBytes(Path.of("..", "demo", "slack-water.harbor.json")));
        stored = new StoredJob(job, Gate.Stage.DRAFT, 1, 1, 1, Map.of(BuildId.of("a"), 1));
    }

    private GearPackage slid(double to) {
        return stored.job()
                .gear()
                .apply(
                        BuildId.of("a"),
                        List.of(Scoped.base(new Command.Set(SettingKey.parse("rods:rods:0"), to, false))),
                        stored.job().catalogue())
                .after();
    }

    /** Everything that a screen may show of one configuration with one lens. */
    private void lookEverywhere(Judged judged) {
        Build build = judged.job().gear().build(BuildId.of("a"));
        build.configurations()
                .forEach(c -> build.lensIds().forEach(lens -> {
                    RigAnalysis seen = new Standpoint("job", BuildId.of("a"), c.id(), lens).in(judged);
                    Meters.of(seen);
                    Drawing.of(seen, View.RIGHT);
                    PowerSheet.of(seen, PowerSheet.Change.NONE);
                    SignalSheet.of(seen);
                }));
        Requirements.of(judged);
    }

    private void counting(Runnable work) {
        try (MockedStatic<Rig> rigs = mockStatic(Rig.class, CALLS_REAL_METHODS)) {
            rigs.when(() -> Rig.resolve(any(), any(), any(), any())).thenAnswer(call -> {
                resolved.merge(List.of(call.getArgument(0), call.getArgument(1), call.getArgument(2)), 1, Integer::sum);
                return call.callRealMethod();
            });
            work.run();
        }
    }

    private void assertEachOnce(int rigs) {
        assertEquals(rigs, resolved.size());
        resolved.forEach((what, n) -> assertEquals(1, n, () -> what.subList(1, 3) + " resolved " + n + " times"));
    }

    @Test
    void aStateThatIsLookedAtEverywhereIsResolvedOnce() {
        counting(() -> {
            lookEverywhere(reports.of(stored));
            lookEverywhere(reports.of(stored));
        });
        assertEachOnce(2 * (LENSES + EMPTY_SLOT));
    }

    /** The edit itself, every check, and all that is shown of it then: each configuration and lens once. */
    @Test
    void anEditResolvesEachConfigurationAndLensOnce() {
        reports.of(stored);
        GearPackage after = slid(-55);
        counting(() -> lookEverywhere(reports.change(stored, after)));
        assertEachOnce(2 * (LENSES + EMPTY_SLOT));
    }

    /** What was tried while the part was in the hand is what the edit then is. */
    @Test
    void whatWasForeseenIsNotJudgedAgain() {
        GearPackage after = slid(-55);
        ConfigurationKey here = new ConfigurationKey(BuildId.of("a"), ConfigurationId.of("studio"));
        Judged then = reports.foresee(stored, after, here);
        counting(() -> {
            assertSame(then, reports.foresee(stored, slid(-55), here));
            assertSame(then, reports.change(stored, after));
        });
        // The other configuration with two of its lenses and with none: with the first, a change between the two was
        // looked at before.
        assertEachOnce(2 + EMPTY_SLOT);
    }

    /** A foretold verdict takes the other configurations as they are. */
    @Test
    void whatIsForetoldIsJudgedInOneConfigurationOnly() {
        GearPackage after = slid(-55);
        ConfigurationKey here = new ConfigurationKey(BuildId.of("a"), ConfigurationId.of("studio"));
        Judged now = reports.of(stored);
        Judged then = reports.foresee(stored, after, here);
        Reports.Told told = reports.foretold(stored, then, here);
        assertEquals(
                now.of(new ConfigurationKey(BuildId.of("a"), ConfigurationId.of("shoulder")))
                        .findings(),
                told.report()
                        .of(BuildId.of("a"), ConfigurationId.of("shoulder"))
                        .findings());
        assertEquals(
                then.of(here).findings(),
                told.report().of(BuildId.of("a"), ConfigurationId.of("studio")).findings());
    }

    @Test
    void eachStateIsJudgedOnce() {
        Judged first = reports.of(stored);
        assertSame(first, reports.of(stored));
        StoredJob next = new StoredJob(stored.job(), Gate.Stage.DRAFT, 1, 2, 1, Map.of(BuildId.of("a"), 1));
        assertNotSame(first, reports.of(next));
        StoredJob otherRules = new StoredJob(stored.job(), Gate.Stage.DRAFT, 1, 2, 2, Map.of(BuildId.of("a"), 1));
        assertNotSame(reports.of(next), reports.of(otherRules), "a judgement is by the rules that it was made under");
        assertNotSame(first, reports.anew(stored.job()));
    }
}
