package wideharbor.core.check;

import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;

/**
 * What a check has to say of its subjects.
 *
 * @param state FOUND, UNDECIDED or NOT_CHECKED
 * @param title numbers first, short
 * @param why one sentence
 */
public record Finding(
        FindingKey key, Severity severity, CheckState state, String title, Evidence evidence, String why) {

    /** How bad it is now, for whoever accepts it. */
    public Job.Accepted accepted() {
        return new Job.Accepted(evidence.excess(), evidence.unit());
    }

    /** Whether it stands in the way of a clear verdict on its own. */
    public boolean holds() {
        return severity == Severity.STOP;
    }
}
