package wideharbor.core.analysis;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wideharbor.core.build.Build;
import wideharbor.core.job.Job;

/** One configuration of a build with each of its lenses, each resolved when it is first asked for and then kept. */
public final class ConfigurationAnalysis {
    private final Job job;
    private final Build build;
    private final String configuration;
    private final Map<String, RigAnalysis> resolved = new HashMap<>();

    private ConfigurationAnalysis(Job job, Build build, String configuration) {
        this.job = job;
        this.build = build;
        this.configuration = configuration;
    }

    public static ConfigurationAnalysis of(Job job, String build, String configuration) {
        return new ConfigurationAnalysis(job, job.gear().build(build), configuration);
    }

    /** The same after an edit; when that left the build as it was, the rigs are kept and only the package is new. */
    public ConfigurationAnalysis after(Job changed) {
        ConfigurationAnalysis next = of(changed, build.id(), configuration);
        if (next.build == build) {
            lenses().forEach(lens -> next.resolved.put(lens, with(lens).in(changed)));
        }
        return next;
    }

    public List<String> lenses() {
        return build.lensIds();
    }

    public RigAnalysis with(String lens) {
        RigAnalysis known = resolved.get(lens);
        if (known == null) {
            String first = lenses().get(0);
            known = lens.equals(first)
                    ? RigAnalysis.of(job, build, configuration, lens)
                    : with(first).with(lens);
            resolved.put(lens, known);
        }
        return known;
    }

    public Stream<RigAnalysis> all() {
        return lenses().stream().map(this::with);
    }
}
