package wideharbor.core.benchtest;

import java.time.Instant;
import java.util.Optional;

/**
 * What somebody found. Results are only ever added: a correction is a new one.
 *
 * @param test key of what was tried
 * @param print of the test as it was then
 * @param value where it was measured
 * @param plusMinus how far the instrument may be off, in the unit of the value
 * @param unit of the value; empty where nothing was measured
 * @param instrument that said so; empty where it was read and typed in
 * @param revision of the job at which it was found
 * @param remark why it failed or is left out; may be empty for what passed
 */
public record TestResult(
        String test,
        String print,
        Outcome outcome,
        Optional<Double> value,
        double plusMinus,
        String unit,
        String instrument,
        int revision,
        String who,
        Instant at,
        String remark) {
    /** What a single result says. */
    public enum Outcome {
        PASSED,
        FAILED,
        /** The figure's uncertainty reaches over a limit. */
        UNDECIDED,
        /** Left out, for a reason. */
        WAIVED
    }
}
