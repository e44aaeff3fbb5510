package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;
import wideharbor.core.job.Job;

/** Files of the version before still open, and mean what they meant. */
class OldKeysTest {
    private static byte[] old(String name) {
        try (InputStream in = OldKeysTest.class.getResourceAsStream("/version-1/" + name + ".harbor.json")) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * As today's checks see them: on its bare hi-hat Second Bell tips when its head is tilted, and what Kiln hangs by
     * weighs on who carries it; what Slack Water changes on its rods in six minutes needs motor and box off first.
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "second-bell|Held by 6 stops, 3 unread cautions",
                "slack-water|Held by 6 stops, 13 unread cautions",
                "kiln|Held by 7 stops, 23 unread cautions",
                "the-lift|Held by 4 stops, 8 unread cautions",
                "queens-yard|Held by 4 stops, 2 undecided, 5 unread cautions"
            })
    void aPackageOfTheVersionBeforeIsJudged(String name, String verdict) {
        Job job = new HarborCodec().read(old(name));
        assertEquals(verdict, Verdict.of(CheckEngine.standard().check(job), job).inWords());
    }

    @Test
    void everyReadOfTheDemoIsTakenOver() {
        ObjectNode tree = (ObjectNode) HarborCodec.mapper().readTree(old("second-bell"));
        Job job = new HarborCodec().read(old("second-bell"));
        assertEquals(tree.path("reads").size(), job.reads().size());
    }

    /** The axis stands low: a waiver of a key that also meant “beside” and “at an angle” is open again. */
    @Test
    void aWaiverThatMayHaveMeantAnotherFactIsOpenAgain() {
        ObjectNode tree = (ObjectNode) HarborCodec.mapper().readTree(old("slack-water"));
        Map<String, Boolean> kept =
                Map.of("rods.axis-height|a|studio||rods", false, "brief.viewers|a|studio||viewer,VIEWER", true);
        Report report = CheckEngine.standard().check(new HarborCodec().read(old("slack-water")));
        String viewer = report.of("brief.viewers").get(0).key().name();
        kept.keySet()
                .forEach(key -> ((ObjectNode) tree.withArray("waivers").addObject())
                        .put("finding", key.replace("VIEWER", viewer))
                        .put("acceptedExcess", 5.0)
                        .put("reason", "Agreed.")
                        .put("who", "lead")
                        .put("when", "2026-11-20T10:00:00Z"));
        Job job = new HarborCodec().read(HarborCodec.mapper().writeValueAsBytes(tree));
        assertEquals(
                List.of("brief.viewers"),
                job.waivers().stream().map(w -> w.finding().check()).toList());
    }

    @Test
    void whatIsWrittenNowReadsBackAsTheSame() {
        HarborCodec codec = new HarborCodec();
        Job job = codec.read(old("second-bell"));
        assertEquals(job.reads(), codec.read(codec.write(job)).reads());
        assertTrue(new String(codec.write(job), java.nio.charset.StandardCharsets.UTF_8).contains("mass.known|mass|a"));
    }

    @Test
    void aKeyThatIsNoneIsRefusedWithItsPlace() {
        ObjectNode tree = (ObjectNode)
                HarborCodec.mapper().readTree(new HarborCodec().write(new HarborCodec().read(old("kiln"))));
        ((ObjectNode) tree.withArray("reads").addObject())
                .put("finding", "mass.known|a|studio||legs")
                .put("who", "tech")
                .put("when", "now");
        HarborFormatException refused = org.junit.jupiter.api.Assertions.assertThrows(
                HarborFormatException.class,
                () -> new HarborCodec().read(HarborCodec.mapper().writeValueAsBytes(tree)));
        assertEquals("/reads/0/finding", refused.problems().get(0).place());
    }
}
