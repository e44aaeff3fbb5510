package wideharbor.core.dispatch;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.LensChoice;
import wideharbor.core.id.LensId;
import wideharbor.core.rig.Rig;
import wideharbor.core.tool.ToolList;
import wideharbor.core.tool.ToolList.Fastener;

/**
 * Screws of a whole package and what drives them: per make, over the builds in use together, the largest number any
 * configuration and lens needs at once.
 */
public final class FastenerList {
    private FastenerList() {}

    /** Screws without a key first, then by thread and keys. */
    public static List<Fastener> of(JobAnalysis analyses) {
        Map<String, Fastener> all = new LinkedHashMap<>();
        for (Build build : analyses.job().gear().builds()) {
            most(build, analyses)
                    .forEach((make, f) -> all.merge(make, f, (a, b) -> joined(a, b, a.count() + b.count())));
        }
        List<Fastener> sorted = new ArrayList<>(all.values());
        sorted.sort(java.util.Comparator.comparing((Fastener f) -> !f.held().isEmpty())
                .thenComparing(Fastener::thread)
                .thenComparing(Fastener::id));
        return sorted;
    }

    private static Map<String, Fastener> most(Build build, JobAnalysis analyses) {
        Map<String, Fastener> most = new LinkedHashMap<>();
        List<LensId> lenses = new ArrayList<>(List.of(LensId.NONE));
        build.lenses().stream().map(LensChoice::id).forEach(lenses::add);
        for (Configuration configuration : build.configurations()) {
            for (LensId lens : lenses) {
                Rig rig = analyses.rig(build.id(), configuration.id(), lens).rig();
                for (Fastener f : ToolList.of(rig, analyses.job().gear().kit())) {
                    most.merge(make(f), f, (a, b) -> joined(a, b, Math.max(a.count(), b.count())));
                }
            }
        }
        return most;
    }

    private static String make(Fastener f) {
        return f.thread() + "|" + f.keys() + "|" + f.captive();
    }

    private static Fastener joined(Fastener a, Fastener b, int count) {
        Set<String> where = new LinkedHashSet<>(a.where());
        where.addAll(b.where());
        return new Fastener(a.thread(), count, a.captive(), a.keys(), a.held(), a.near(), List.copyOf(where));
    }
}
