package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wideharbor.core.build.SocketRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;

/** What a badge says, and what counts as what. */
class VerdictInWordsTest {
    private static Finding finding(String configuration, Severity severity, CheckState state, double measured) {
        return new Finding(
                new FindingKey(
                        "power.output-load",
                        "running",
                        BuildId.of("a"),
                        ConfigurationId.of(configuration),
                        LensId.NONE,
                        List.of(Subject.socket(new SocketRef(PlacementId.of("plate"), "out-1")))),
                severity,
                state,
                "title",
                Evidence.Amount.atMost(measured, 50, "W"),
                "why");
    }

    private static Job job() {
        return Bag.powered().job();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1|0|0|Held by 1 stop",
                "2|0|0|Held by 2 stops",
                "0|1|0|Held by 1 undecided",
                "0|0|1|Held by 1 unread caution",
                "3|1|2|Held by 3 stops, 1 undecided, 2 unread cautions",
                "0|2|2|Held by 2 undecided, 2 unread cautions",
                "0|0|0|Clear"
            })
    void numbersFirst(int stops, int open, int unread, String words) {
        assertEquals(words, new Verdict(stops + open + unread == 0, stops, open, unread, 5, 6, 7).inWords());
    }

    /** In two configurations it is one fault; as a stop in one of them, it stops. */
    @Test
    void aSharedFaultCountsOnceAsTheWeightiest() {
        Verdict verdict = Verdict.of(
                List.of(
                        finding("studio", Severity.CAUTION, CheckState.FOUND, 60),
                        finding("shoulder", Severity.STOP, CheckState.FOUND, 60)),
                job());
        assertEquals(1, verdict.stops());
        assertEquals(0, verdict.unreadCautions());
    }

    @Test
    void whatIsNotCheckedAtStopSeverityIsOpen() {
        Verdict verdict = Verdict.of(List.of(finding("studio", Severity.STOP, CheckState.NOT_CHECKED, 60)), job());
        assertEquals(1, verdict.open());
        assertFalse(verdict.clear());
    }

    @Test
    void notesHoldNothing() {
        Verdict verdict = Verdict.of(List.of(finding("studio", Severity.NOTE, CheckState.FOUND, 60)), job());
        assertTrue(verdict.clear());
        assertEquals(1, verdict.notes());
    }

    /** Accepted at 60 W, 20 % over: within 2 % of that it stays waived, at 75 it opens again. */
    @Test
    void aWaiverOpensWhereItGetsWorse() {
        Finding accepted = finding("studio", Severity.STOP, CheckState.FOUND, 60);
        List<Job.Waiver> waivers = List.of(new Job.Waiver(
                accepted.key(),
                new Job.Accepted(accepted.evidence().excess(), "W"),
                "tried on the bench",
                "lead",
                "2026-11-24T09:00:00Z"));
        assertTrue(Verdict.isWaived(accepted, waivers));
        assertTrue(
                Verdict.isWaived(finding("studio", Severity.STOP, CheckState.FOUND, 55), waivers),
                "better than accepted");
        assertFalse(Verdict.isWaived(finding("studio", Severity.STOP, CheckState.FOUND, 75), waivers));
        assertFalse(
                Verdict.isWaived(finding("shoulder", Severity.STOP, CheckState.FOUND, 60), waivers),
                "elsewhere nobody accepted it");
    }
}
