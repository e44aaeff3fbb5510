package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class RemediesTest {
    private static Job tooShort() {
        return Bag.onRods(200).inKit(Bag.rods(260), 1).job();
    }

    private static Finding tooShortOf(Judged judged) {
        return judged.report().of("rods.reach").get(0);
    }

    @Test
    void triesOnlyWhileSomebodyWantsToKnow() {
        Judged judged = CheckEngine.standard().judge(tooShort());
        Finding finding = tooShortOf(judged);
        AtomicInteger asked = new AtomicInteger();
        assertEquals(List.of(), judged.remedies().of(finding, () -> asked.incrementAndGet() > 1));
        assertEquals(1, asked.get(), "given up at once");
        assertFalse(judged.remedies().of(finding).isEmpty());
    }

    /** One edit mends what is found with each of three lenses: it is judged once. */
    @Test
    void theSameEditIsJudgedOnceForAllItMends() {
        CountingCheck counting = new CountingCheck();
        List<Check> checks = new java.util.ArrayList<>(CheckEngine.standard().checks());
        checks.add(counting);
        Job job = Bag.onRods(200).inKit(Bag.rods(260), 1).job();
        Judged judged = new CheckEngine(checks).judge(job);
        Finding finding = tooShortOf(judged);
        Remedies remedies = judged.remedies();
        int before = counting.runs.get();
        List<Remedies.Fix> first = remedies.of(finding);
        int once = counting.runs.get() - before;
        List<Remedies.Fix> again = remedies.of(finding);
        assertEquals(first, again);
        assertTrue(once > 0);
        assertEquals(once, counting.runs.get() - before, "no trial was judged a second time");
    }

    @Test
    void whatWasNotLookedAtHasNoRemedy() {
        Judged judged = CheckEngine.standard().judge(Bag.onRods(300).job());
        Finding unknown = new Finding(
                new FindingKey(
                        "rods.reach",
                        "front",
                        Rigs.BUILD,
                        Rigs.STUDIO,
                        LensId.NONE,
                        List.of(Subject.part(PlacementId.of("rods-300")))),
                Severity.STOP,
                CheckState.NOT_CHECKED,
                "not looked at",
                new Evidence.Statement("nothing", "something"),
                "The lens is not there.");
        assertEquals(List.of(), judged.remedies().of(unknown));
    }

    /** What people accepted changes nothing that was found: the rigs and the reports are taken over. */
    @Test
    void acceptingKeepsWhatWasFound() {
        Judged judged = CheckEngine.standard().judge(tooShort());
        Finding finding = tooShortOf(judged);
        Job read = judged.job()
                .accepted(List.of(), List.of(new Job.Waiver(finding.key(), finding.accepted(), "why", "lead", "now")));
        Judged then = judged.accepting(read);
        assertEquals(judged.report(), then.report());
        assertSame(rig(judged).rig(), rig(then).rig());
        assertEquals(judged.verdict().stops() - 1, then.verdict().stops());
    }

    private static RigAnalysis rig(Judged judged) {
        return judged.analyses().rig(Rigs.BUILD, Rigs.STUDIO, LensId.NONE);
    }

    /** Looks at every rig and counts how often it was asked to. */
    private static final class CountingCheck implements Check {
        private final AtomicInteger runs = new AtomicInteger();

        @Override
        public CheckCard card() {
            return CheckCardBuilder.builder()
                    .id("test.counting")
                    .family("test")
                    .title("")
                    .subjects("")
                    .expectation("")
                    .because("")
                    .severity(Severity.NOTE)
                    .build();
        }

        @Override
        public void run(RigAnalysis analysis, Results results) {
            runs.incrementAndGet();
        }
    }
}
