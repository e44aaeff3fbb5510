package wideharbor.core.analysis;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Memo;

/**
 * A job with every configuration and lens of it, each resolved when it is first asked for and then kept. Any number of
 * threads may ask.
 */
public final class JobAnalysis {
    private final Job job;
    private final Memo<ConfigurationKey, ConfigurationAnalysis> configurations = new Memo<>();

    private JobAnalysis(Job job) {
        this.job = MeasuredCells.in(job);
    }

    public static JobAnalysis of(Job job) {
        return new JobAnalysis(job);
    }

    public Job job() {
        return job;
    }

    /** @throws IllegalArgumentException when the job has no such body */
    public ConfigurationAnalysis of(ConfigurationKey key) {
        return configurations.get(
                key, k -> new ConfigurationAnalysis(this, job.gear().build(k.build()), k.configuration()));
    }

    public RigAnalysis rig(BuildId build, ConfigurationId configuration, LensId lens) {
        return of(new ConfigurationKey(build, configuration)).with(lens);
    }

    /**
     * The same job after a change. Rigs of a body that the change left as it was are taken over; of one that changed,
     * what stands as it did need not be compared anew.
     */
    public JobAnalysis after(Job changed) {
        JobAnalysis next = new JobAnalysis(changed);
        if (isBuiltAlike(changed)) {
            configurations.forEach((key, known) -> changed.gear().builds().stream()
                    .filter(b -> b.id().equals(key.build()))
                    .findFirst()
                    .ifPresent(b -> next.configurations.get(key, k -> known.in(next, b))));
        }
        return next;
    }

    /** What rigs are resolved by beside the bodies themselves. */
    private boolean isBuiltAlike(Job other) {
        HouseRules.Rule tolerance = HouseRules.Rule.INTERFERENCE;
        return job.catalogue() == other.catalogue()
                && job.rules().value(tolerance) == other.rules().value(tolerance);
    }
}
