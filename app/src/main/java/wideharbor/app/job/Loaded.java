package wideharbor.app.job;

import java.util.Map;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.job.Job;

/**
 * A job as the store has it.
 *
 * @param revision of brief and package together: what a signature is put under
 * @param stateNo goes up with every change of anything: what derived data is kept by
 */
public record Loaded(Job job, Gate.Stage stage, int revision, long stateNo, Map<String, Integer> buildRevisions) {
    /** The same state with another content, for what is only tried. */
    public Loaded with(Job other) {
        return new Loaded(other, stage, revision, stateNo, buildRevisions);
    }

    public int buildRevision(String build) {
        return buildRevisions.getOrDefault(build, 0);
    }
}
