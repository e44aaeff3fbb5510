package wideharbor.app.job;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.enums.ParameterIn;
import org.springdoc.core.annotations.ParameterObject;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.check.Judged;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;

/**
 * Where in a job someone stands: bound from the path and the query. An empty configuration or lens, or none, means the
 * build's first.
 */
@ParameterObject
public record Standpoint(
        @Parameter(in = ParameterIn.PATH, required = true) String job,
        @Parameter(in = ParameterIn.PATH, required = true) BuildId build,
        ConfigurationId configuration,
        LensId lens) {
    public Standpoint {
        configuration = configuration == null ? ConfigurationId.NONE : configuration;
        lens = lens == null ? LensId.NONE : lens;
    }

    /** The rig that is seen from here. */
    public RigAnalysis in(Judged judged) {
        Build build = requireBuild(judged.job());
        ConfigurationId worn =
                configuration.isNone() ? build.configurations().get(0).id() : configuration;
        if (build.configuration(worn).isEmpty()) {
            throw Refusal.notFound("There is no configuration '" + worn + "' of this build.");
        }
        LensId inSlot = lens.isNone() ? build.lensIds().get(0) : lens;
        if (!inSlot.isNone() && build.lens(inSlot).isEmpty()) {
            throw Refusal.notFound("There is no lens '" + inSlot + "' on this build.");
        }
        return judged.analyses().rig(build.id(), worn, inSlot);
    }

    private Build requireBuild(Job job) {
        return job.gear().builds().stream()
                .filter(b -> b.id().equals(build))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("There is no build '" + build + "' in this job."));
    }

    /** The same with another lens in the slot; none is the first. */
    public Standpoint with(LensId other) {
        return new Standpoint(job, build, configuration, other);
    }

    /** The same body and lens in another configuration; none is the first. */
    public Standpoint at(ConfigurationId other) {
        return new Standpoint(job, build, other, lens);
    }
}
