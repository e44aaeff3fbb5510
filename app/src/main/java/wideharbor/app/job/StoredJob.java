package wideharbor.app.job;

import java.util.Map;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;

/**
 * A job as the store has it.
 *
 * @param revision of brief and package together: what a signature is put under
 * @param stateNo goes up with every change of anything: what derived data is kept by
 * @param under the number of the house's rules that it is read with
 */
public record StoredJob(
        Job job, Gate.Stage stage, int revision, long stateNo, long under, Map<BuildId, Integer> buildRevisions) {
    /** The same state with another content, for what is only tried. */
    public StoredJob with(Job other) {
        return new StoredJob(other, stage, revision, stateNo, under, buildRevisions);
    }

    StoredJob revised(Map<BuildId, Integer> revisions) {
        return new StoredJob(job, stage, revision, stateNo, under, revisions);
    }

    public int buildRevision(BuildId build) {
        return buildRevisions.getOrDefault(build, 0);
    }
}
