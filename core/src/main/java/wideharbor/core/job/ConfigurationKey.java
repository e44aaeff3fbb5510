package wideharbor.core.job;

import java.util.List;
import wideharbor.core.build.Build;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;

/**
 * A configuration of one body: what is judged as a whole. Bodies of a job may have configurations of one id; a brief
 * that names an id asks it of every body that has it.
 */
public record ConfigurationKey(BuildId build, ConfigurationId configuration) {

    /** Every configuration of every body, in the order of the job. */
    public static List<ConfigurationKey> all(Job job) {
        return job.gear().builds().stream()
                .flatMap(b -> b.configurations().stream().map(c -> new ConfigurationKey(b.id(), c.id())))
                .toList();
    }

    /** The bodies that a configuration named by the brief is asked of. */
    public static List<Build> bodies(Job job, ConfigurationId configuration) {
        return job.gear().builds().stream()
                .filter(b -> b.configuration(configuration).isPresent())
                .toList();
    }
}
