package wideharbor.core.assembly;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.id.LensId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.quantity.Progress;

/**
 * How far the bodies of a job are put together: each in the configuration, and with the lens, in which least is left to
 * do. A body of which nothing is ticked counts with its first.
 */
public final class Assembled {
    private Assembled() {}

    /** @param ticked by configuration, the print that each ticked step had */
    public static Progress of(JobAnalysis job, Map<ConfigurationKey, Map<String, String>> ticked) {
        Progress all = Progress.NOTHING;
        for (Build build : job.job().gear().builds()) {
            all = all.plus(ofBody(job, build, ticked));
        }
        return all;
    }

    private static Progress ofBody(JobAnalysis job, Build build, Map<ConfigurationKey, Map<String, String>> ticked) {
        List<ConfigurationKey> begun = build.configurations().stream()
                .map(Configuration::id)
                .map(c -> new ConfigurationKey(build.id(), c))
                .filter(ticked::containsKey)
                .toList();
        if (begun.isEmpty()) {
            LensId first = build.lensIds().get(0);
            return done(
                    AssemblyPlan.of(
                            job.rig(build.id(), build.configurations().get(0).id(), first)),
                    Map.of());
        }
        return begun.stream()
                .flatMap(key ->
                        job.of(key).all().map(rig -> done(AssemblyPlan.of(rig), ticked.getOrDefault(key, Map.of()))))
                .min(Comparator.comparingInt(Progress::left))
                .orElse(Progress.NOTHING);
    }

    private static Progress done(AssemblyPlan plan, Map<String, String> prints) {
        int done = (int) plan.steps().stream()
                .filter(s -> s.print().equals(prints.get(s.key())))
                .count();
        return new Progress(done, plan.steps().size());
    }
}
