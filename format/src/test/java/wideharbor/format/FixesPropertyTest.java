package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wideharbor.core.build.GearPackage;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Remedies;
import wideharbor.core.check.Report;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;

/** A fix keeps its promise, on the shipped jobs as they stand and with their settings disturbed at random. */
class FixesPropertyTest {
    private static final long SEED = 20_261_124;
    private static final int DISTURBED = 8;

    private static final int FIRST = 24;

    private final CheckEngine engine = CheckEngine.standard();

    static List<String> jobs() throws IOException {
        return Disturbed.demoFiles();
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void everyFixClearsItsFindingAndAddsNoStop(String file) throws IOException {
        Job job = Disturbed.demo(file);
        int tried = keepsItsPromise(job);
        Random random = new Random(SEED + file.hashCode());
        for (int i = 0; i < DISTURBED; i++) {
            tried += keepsItsPromise(Disturbed.settingsOf(job, random));
        }
        assertTrue(tried > 0, "some fixes were offered for " + file);
    }

    /** What is told first, alone and sooner, is what stands first of all: the same act under the same name. */
    @ParameterizedTest
    @MethodSource("jobs")
    void theFirstAloneIsTheFirstOfAll(String file) throws IOException {
        Judged judged = engine.judge(Disturbed.demo(file));
        Remedies alone = judged.remedies();
        Remedies whole = judged.remedies();
        for (Finding finding : judged.report().findings().stream().limit(FIRST).toList()) {
            Remedies.Found first = alone.first(finding, () -> true);
            List<Remedies.Fix> all = whole.of(finding);
            assertEquals(all.isEmpty(), first.fixes().isEmpty(), finding.key()::toString);
            assertTrue(!first.all() || all.size() <= 1, finding.key()::toString);
            if (!all.isEmpty()) {
                assertEquals(all.get(0).commands(), first.fixes().get(0).commands());
                assertEquals(all.get(0).id(), first.fixes().get(0).id());
            }
        }
    }

    private int keepsItsPromise(Job job) {
        Judged judged = engine.judge(job);
        Report before = judged.report();
        Remedies remedies = judged.remedies();
        Set<FindingKey> stops = stops(before);
        int tried = 0;
        for (Finding finding : before.findings().stream().limit(FIRST).toList()) {
            for (Remedies.Fix fix : remedies.of(finding)) {
                GearPackage after = job.gear()
                        .apply(finding.key().build(), fix.commands(), job.catalogue())
                        .after();
                Report then = engine.check(job.with(after));
                String which = finding.key() + " by " + fix.title();
                assertTrue(then.find(finding.key()).isEmpty(), () -> "still there: " + which);
                assertEquals(
                        Set.of(),
                        stops(then).stream().filter(k -> !stops.contains(k)).collect(Collectors.toSet()),
                        () -> "stops added by clearing " + which);
                tried++;
            }
        }
        return tried;
    }

    private static Set<FindingKey> stops(Report report) {
        return report.findings().stream()
                .filter(Finding::holds)
                .map(Finding::key)
                .collect(Collectors.toSet());
    }
}
