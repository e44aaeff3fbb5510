package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.Hands;
import wideharbor.core.sheet.Meters;
import wideharbor.core.sheet.MountBudget;
import wideharbor.core.sheet.OwnParts;
import wideharbor.core.sheet.PowerSheet;
import wideharbor.core.sheet.SignalSheet;

/** Whatever somebody looks at in the demo's jobs, with whatever lens, is told. */
class EverySheetTest {
    static List<String> jobs() throws IOException {
        return Disturbed.demoFiles();
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void everyRigIsToldInEverySheet(String file) throws IOException {
        JobAnalysis analyses = JobAnalysis.of(Disturbed.demo(file));
        for (ConfigurationKey key : ConfigurationKey.all(analyses.job())) {
            analyses.of(key).all().forEach(rig -> {
                int lenses = rig.build().lensIds().size();
                BalanceSheet.of(rig)
                        .ifPresent(sheet -> sheet.slides()
                                .forEach(s -> assertEquals(lenses, s.perMm().size(), s.part())));
                Hands.of(rig);
                MountBudget.of(rig);
                OwnParts.of(rig);
                PowerSheet.of(rig, PowerSheet.Change.NONE);
                SignalSheet.of(rig);
                assertTrue(Meters.of(rig).mass().carried() > 0);
                for (View view : View.values()) {
                    assertTrue(!Drawing.of(rig, view).parts().isEmpty());
                }
            });
        }
    }

    /** A lens support that comes with one lens slides under that lens alone. */
    @Test
    void whatComesWithALensMovesNothingUnderAnother() throws IOException {
        JobAnalysis analyses = JobAnalysis.of(Disturbed.demo("slack-water.harbor.json"));
        RigAnalysis long135 = analyses.rig(BuildId.of("a"), ConfigurationId.of("shoulder"), LensId.of("a135"));
        Optional<BalanceSheet.Slide> support = BalanceSheet.of(long135).orElseThrow().slides().stream()
                .filter(s -> s.key().placement().equals(PlacementId.of("support")))
                .findFirst();
        List<Double> perMm = support.orElseThrow().perMm();
        assertEquals(List.of(0.0, 0.0), perMm.subList(0, 2), "with the shorter lenses it is not on the rig");
        assertTrue(Math.abs(perMm.get(2)) > 0.001, perMm.toString());
    }
}
