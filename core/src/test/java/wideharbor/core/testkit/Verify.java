package wideharbor.core.testkit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import wideharbor.core.build.GearPackage;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Remedies;
import wideharbor.core.check.Report;
import wideharbor.core.check.Severity;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;

/** Reads as the rule: {@code verify(new OutputLoad()).given(rig).finds(…)}. */
public final class Verify {
    private final Check check;
    private Job job;

    private Verify(Check check, Job job) {
        this.check = check;
        this.job = job;
    }

    public static Verify verify(Check check) {
        return new Verify(
                check,
                Rigs.rig().with("body", Parts.part("body").make()).on("none").job());
    }

    public Verify given(Rigs rigs) {
        job = rigs.job();
        return this;
    }

    public Report report() {
        return new CheckEngine(List.of(check)).check(job);
    }

    /** Looked at something, and all of it is fine. */
    public void holds() {
        Report report = report();
        assertEquals(List.of(), report.findings(), "no findings expected");
        assertEquals(CheckState.FINE, report.stateOf(check.card().id()));
    }

    /** Found nothing because there was nothing to look at: that is not green. */
    public void looksAtNothing() {
        Report report = report();
        assertEquals(List.of(), report.findings());
        assertEquals(0, report.looked().get(check.card().id()));
        assertEquals(CheckState.NOT_CHECKED, report.stateOf(check.card().id()));
    }

    public Finding finds(Severity severity, CheckState state) {
        List<Finding> findings = report().findings();
        assertEquals(1, findings.size(), () -> "one finding expected, but " + findings);
        assertEquals(severity, findings.get(0).severity());
        assertEquals(state, findings.get(0).state());
        return findings.get(0);
    }

    /** Exactly one finding with exactly these numbers. */
    public Finding finds(Severity severity, double measured, double from, double to, String unit) {
        Finding finding = finds(severity, CheckState.FOUND);
        Evidence.Amount amount = (Evidence.Amount) finding.evidence();
        assertEquals(measured, amount.measured(), 0.005, "measured");
        if (!Double.isInfinite(from) || !Double.isInfinite(amount.neededFrom())) {
            assertEquals(from, amount.neededFrom(), 0.005, "needed from");
        }
        if (!Double.isInfinite(to) || !Double.isInfinite(amount.neededTo())) {
            assertEquals(to, amount.neededTo(), 0.005, "needed to");
        }
        assertEquals(unit, amount.unit());
        return finding;
    }

    /** With all checks on: a fix of this kind is offered, and applying it clears the finding and adds no stop. */
    public Remedies.Fix isMendedBy(String kind) {
        CheckEngine engine = CheckEngine.standard();
        Report before = engine.check(job);
        Finding finding = before.of(check.card().id()).get(0);
        List<Remedies.Fix> fixes = engine.judge(job).remedies().of(finding);
        Optional<Remedies.Fix> fix =
                fixes.stream().filter(f -> f.kind().equals(kind)).findFirst();
        assertTrue(fix.isPresent(), () -> "a fix of kind " + kind + " expected, but offered are " + fixes);
        GearPackage after = job.gear()
                .apply(Rigs.BUILD, fix.get().commands(), job.catalogue())
                .after();
        Report then = engine.check(job.with(after));
        assertTrue(then.find(finding.key()).isEmpty(), "the fix clears its finding");
        long stopsBefore = before.findings().stream().filter(Finding::holds).count();
        long stopsAfter = then.findings().stream().filter(Finding::holds).count();
        assertTrue(stopsAfter < stopsBefore || finding.severity() != Severity.STOP, "one stop fewer");
        return fix.get();
    }

    public List<Remedies.Fix> fixes() {
        CheckEngine engine = CheckEngine.standard();
        Finding finding = engine.check(job).of(check.card().id()).get(0);
        return engine.judge(job).remedies().of(finding);
    }
}
