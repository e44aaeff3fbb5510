package wideharbor.core.changeover;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

/** Every change between the configurations of a build, against what the brief asks. */
class ChangeoverMatrixTest {
    private static Rigs rigs() {
        return Bag.onHead()
                .configuration(new Configuration(
                        ConfigurationId.of("bare"),
                        "Bare",
                        PlacementId.of("none"),
                        0,
                        0,
                        List.of(
                                new Command.Remove(PlacementId.of("dovetail")),
                                new Command.Remove(PlacementId.of("head"))),
                        ConfigurationId.NONE))
                .configuration(new Configuration(
                        ConfigurationId.of("body"),
                        "Body",
                        PlacementId.of("none"),
                        0,
                        0,
                        List.of(
                                new Command.Remove(PlacementId.of("quick")),
                                new Command.Remove(PlacementId.of("bridge")),
                                new Command.Remove(PlacementId.of("dovetail")),
                                new Command.Remove(PlacementId.of("head"))),
                        ConfigurationId.NONE));
    }

    private static ChangeoverMatrix matrix(Asks.ChangeDemand... demands) {
        Job job = rigs().asking(AsksBuilder.builder().changes(List.of(demands)).build())
                .job();
        return ChangeoverMatrix.of(
                job,
                job.gear().build(Rigs.BUILD).configurations().stream()
                        .map(c -> RigAnalysis.of(job, job.gear().build(Rigs.BUILD), c.id(), LensId.NONE))
                        .toList());
    }

    private static ChangeoverMatrix.Cell cell(ChangeoverMatrix matrix, String from, String to) {
        return matrix.cells().stream()
                .filter(c -> c.way().from().toString().equals(from)
                        && c.way().to().toString().equals(to))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyOrderedPairOnce() {
        ChangeoverMatrix matrix = matrix();
        assertEquals(
                List.of("studio", "bare", "body"),
                matrix.configurations().stream().map(Object::toString).toList());
        assertEquals(6, matrix.cells().size());
        assertTrue(matrix.cells().stream().allMatch(ChangeoverMatrix.Cell::met), "nobody asks for anything");
    }

    /** Off the bridge's lever: no tool. Down to the body two screws with a key: 1.5 minutes. */
    @Test
    void minutesAndToolsAreHeldAgainstTheDemand() {
        ChangeoverMatrix asked = matrix(
                new Asks.ChangeDemand(ConfigurationId.of("studio"), ConfigurationId.of("bare"), 5, true),
                new Asks.ChangeDemand(ConfigurationId.of("studio"), ConfigurationId.of("body"), 5, true));
        assertTrue(cell(asked, "studio", "bare").met());
        assertFalse(cell(asked, "studio", "body").met(), "it takes a key");
        assertTrue(cell(
                        matrix(new Asks.ChangeDemand(
                                ConfigurationId.of("studio"), ConfigurationId.of("body"), 5, false)),
                        "studio",
                        "body")
                .met());
        assertFalse(
                cell(
                                matrix(new Asks.ChangeDemand(
                                        ConfigurationId.of("studio"), ConfigurationId.of("body"), 1, false)),
                                "studio",
                                "body")
                        .met(),
                "1.5 minutes");
        assertTrue(cell(asked, "body", "studio").demand().isEmpty(), "the way back is another demand");
    }
}
