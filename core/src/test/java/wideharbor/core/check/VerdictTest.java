package wideharbor.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Span;
import wideharbor.core.sheet.Requirements;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Rigs;

class VerdictTest {
    private static final CheckEngine ENGINE = CheckEngine.standard();

    private static Job accepting(Job job, List<Job.CautionRead> reads, List<Job.Waiver> waivers) {
        return new Job(job.id(), job.title(), job.brief(), job.rules(), job.catalogue(), job.gear(), reads, waivers);
    }

    @Test
    void sameInputSameFindingsInTheSameOrder() {
        Job job = Bag.onHead().window(9000, 9500).job();
        assertEquals(ENGINE.check(job), ENGINE.check(job));
    }

    /** On the head as it stands: 5.8 mm tail-heavy, a caution until it is read. */
    @Test
    void anUnreadCautionHoldsAndAReadOneDoesNot() {
        Job job = Bag.onHead().job();
        Report report = ENGINE.check(job);
        Verdict unread = Verdict.of(report, job);
        assertFalse(unread.clear());
        assertEquals("Held by 1 unread caution", unread.inWords());
        FindingKey key = report.findings().get(0).key();
        Verdict read = Verdict.of(
                report,
                accepting(job, List.of(new Job.CautionRead(key, Job.Accepted.STATEMENT, "tech", "now")), List.of()));
        assertTrue(read.clear());
        assertEquals(1, read.readCautions());
    }

    /** One fault of the base shows in two configurations: one caution; read in one of them alone it is still unread. */
    @Test
    void whatConfigurationsShareCountsOnceAsItsWeightiestStands() {
        Job job = Bag.onHead()
                .configuration(new wideharbor.core.build.Configuration(
                        ConfigurationId.of("low"),
                        "Low",
                        PlacementId.of("head"),
                        0,
                        0,
                        List.of(),
                        ConfigurationId.NONE))
                .job();
        Report report = ENGINE.check(job);
        assertEquals(2, report.findings().size());
        assertEquals("Held by 1 unread caution", Verdict.of(report, job).inWords());
        FindingKey one = report.findings().get(0).key();
        FindingKey other = report.findings().get(1).key();
        assertEquals(one.anywhere(), other.anywhere());
        assertFalse(Verdict.of(
                        report,
                        accepting(
                                job,
                                List.of(new Job.CautionRead(one, Job.Accepted.STATEMENT, "tech", "now")),
                                List.of()))
                .clear());
        Verdict both = Verdict.of(
                report,
                accepting(
                        job,
                        List.of(
                                new Job.CautionRead(one, Job.Accepted.STATEMENT, "tech", "now"),
                                new Job.CautionRead(other, Job.Accepted.STATEMENT, "tech", "now")),
                        List.of()));
        assertTrue(both.clear());
        assertEquals(1, both.readCautions());
    }

    @Test
    void somethingUncheckedAtStopSeverityHolds() {
        Job job = Bag.onRods(300).on("none").job();
        Verdict verdict = Verdict.of(ENGINE.check(job), job);
        assertTrue(verdict.open() >= 1, "the support is not there, so balance is not checked");
        assertFalse(verdict.clear());
    }

    @Test
    void aWaiverHoldsAsLongAsItIsNotWorse() {
        Finding finding = new Finding(
                new FindingKey(
                        "c",
                        "height",
                        BuildId.of("a"),
                        ConfigurationId.of("studio"),
                        LensId.NONE,
                        List.of(Subject.part(PlacementId.of("s")))),
                Severity.STOP,
                CheckState.FOUND,
                "t",
                new Evidence.Amount(83, Span.of(83), 84, 86, "mm", wideharbor.core.quantity.Figure.Source.MAKER),
                "w");
        assertEquals(1, finding.evidence().excess(), 1e-9);
        assertTrue(Verdict.isWaived(finding, List.of(waiver(finding, 1.0))));
        assertTrue(Verdict.isWaived(finding, List.of(waiver(finding, 1.5))), "better than accepted");
        assertFalse(Verdict.isWaived(finding, List.of(waiver(finding, 0.5))), "worse than accepted: open again");
        assertFalse(Verdict.isWaived(finding, List.of()));
        assertFalse(
                Verdict.isWaived(
                        finding,
                        List.of(new Job.Waiver(finding.key(), new Job.Accepted(9, "g"), "in grams", "lead", "now"))),
                "what was accepted in another unit was another thing");
    }

    private static Job.Waiver waiver(Finding finding, double excess) {
        return new Job.Waiver(finding.key(), new Job.Accepted(excess, "mm"), "seen on the bench", "lead", "now");
    }

    @Test
    void requirementsFollowTheFindings() {
        Job job = Bag.onHead()
                .lens("long", Bag.lens("long", 20_000, 300, 400), "body:mount", "mount")
                .window(5000, 9000)
                .job();
        var list = Requirements.of(ENGINE.judge(job));
        assertEquals(Requirements.Status.NOT_MET, status(list, "lens-long"));
        assertEquals(Requirements.Status.NOT_MET, status(list, "mass"));
        assertEquals(Requirements.Status.UNDECIDED, status(list, "day"), "no battery to look at");
    }

    /**
     * Who reads "met" sees by what: the lens by its name, the window by the mass that lies in it, the day by its
     * batteries.
     */
    @Test
    void aMetRequirementNamesWhatMeetsIt() {
        Job job = Bag.onHead()
                .lens("short", Bag.lens("prime-35", 1500, 60, 120), "body:mount", "mount")
                .inKit(Bag.battery("battery-100", wideharbor.core.quantity.Figure.maker(100)), 3)
                .set("dovetail:rail:0", -7)
                .window(2000, 9000)
                .job();
        var list = Requirements.of(ENGINE.judge(job));
        assertEquals(List.of("prime-35"), decidedBy(list, "lens-short"));
        assertEquals(1, decidedBy(list, "mass").size());
        String mass = decidedBy(list, "mass").get(0);
        assertTrue(mass.startsWith("Studio: ") && mass.endsWith(" kg"), mass);
        assertEquals(Requirements.Status.MET, status(list, "mass"));
    }

    private static List<String> decidedBy(List<Requirements.Requirement> list, String id) {
        return list.stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow()
                .decidedBy();
    }

    private static Requirements.Status status(List<Requirements.Requirement> list, String id) {
        return list.stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow()
                .status();
    }

    @Test
    void aReportTellsWhatAnEditCleared() {
        Job job = Bag.onHead().job();
        Job slid = Bag.onHead().set("dovetail:rail:0", -7).job();
        Report.Change change = ENGINE.check(slid).since(ENGINE.check(job));
        assertEquals(1, change.cleared().size());
        assertEquals(0, change.raised().size());
    }

    /** Every fix offered for any finding clears it and adds no stop. */
    @Test
    void everyOfferedFixIsOneThatWorks() {
        Job job = Bag.onRods(200)
                .inKit(Bag.rods(260), 1)
                .inKit(Bag.spacer("riser-2", 2, false), 1)
                .inKit(Bag.spacer("shim", 1, true), 2)
                .job();
        Judged judged = ENGINE.judge(job);
        Report before = judged.report();
        Remedies remedies = judged.remedies();
        int tried = 0;
        for (Finding finding : before.findings()) {
            for (Remedies.Fix fix : remedies.of(finding)) {
                Report after = ENGINE.check(job.with(job.gear()
                        .apply(Rigs.BUILD, fix.commands(), job.catalogue())
                        .after()));
                assertTrue(after.find(finding.key()).isEmpty(), fix.title());
                assertTrue(after.since(before).raised().stream().noneMatch(Finding::holds), fix.title());
                tried++;
            }
        }
        assertEquals(5, tried, "rods; riser and shims, each under the body and under the quick plate");
    }
}
