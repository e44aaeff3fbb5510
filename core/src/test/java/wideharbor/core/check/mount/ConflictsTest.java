package wideharbor.core.check.mount;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static wideharbor.core.testkit.Verify.verify;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Port;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** Changes of a configuration or a lens that lie on what is gone. */
class ConflictsTest {
    private static final Command LOST = new Command.Set(SettingKey.parse("gone:slide:0"), 5, false);
    private static final Command KEPT = new Command.Remove(PlacementId.of("lamp"));

    private static Rigs rigs() {
        return Rigs.rig()
                .with(
                        "body",
                        Parts.part("body")
                                .port("mount", "mount-pl", Port.Role.A, Vec3.ZERO, Vec3.FORWARD, Vec3.UP)
                                .make())
                .with("lamp", Parts.part("lamp").make())
                .on("none");
    }

    @Test
    void withoutAnyAllIsFine() {
        verify(new Conflicts()).given(rigs()).holds();
    }

    /** Only what is lost is dropped; what the configuration changes beside it stays. */
    @Test
    void aConfigurationThatChangesWhatIsGoneIsNamed() {
        Rigs rigs = rigs().configuration(new Configuration(
                ConfigurationId.of("low"),
                "Low",
                PlacementId.of("none"),
                0,
                0,
                List.of(KEPT, LOST),
                ConfigurationId.NONE));
        Finding finding = verify(new Conflicts()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("Low changes what is no longer there", finding.title());
        var candidates = new Conflicts()
                .candidates(
                        finding,
                        wideharbor.core.analysis.RigAnalysis.of(
                                rigs.job(),
                                rigs.job().gear().build(Rigs.BUILD),
                                ConfigurationId.of("low"),
                                wideharbor.core.id.LensId.NONE));
        assertEquals(1, candidates.size());
        assertEquals("Drop this change of Low", candidates.get(0).title());
        assertEquals(
                List.of(KEPT),
                ((Command.ReplaceOverlay) candidates.get(0).commands().get(0).command()).commands());
    }

    @Test
    void aLensThatChangesWhatIsGoneIsNamed() {
        Rigs rigs = rigs().lens("l", Bag.lens("lens", 1000, 50, 100), "body:mount", "mount", LOST);
        Finding finding = verify(new Conflicts()).given(rigs).finds(Severity.STOP, CheckState.FOUND);
        assertEquals("l changes what is no longer there", finding.title());
        var candidates = new Conflicts().candidates(finding, rigs.analysis());
        assertEquals("Drop this change of l", candidates.get(0).title());
        assertEquals(
                2,
                ((Command.ReplaceOverlay) candidates.get(0).commands().get(0).command())
                        .commands()
                        .size());
    }
}
