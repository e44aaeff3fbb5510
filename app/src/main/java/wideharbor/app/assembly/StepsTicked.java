package wideharbor.app.assembly;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.assembly.AssemblyPlan;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.dispatch.Progress;
import wideharbor.core.id.LensId;

/** How far the bodies of a job are put together: each in the configuration in which most of it is ticked. */
@Component
public class StepsTicked {
    private final TickRows rows;

    StepsTicked(TickRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Progress of(JobAnalysis job) {
        Map<String, List<TickRow>> ticks = rows.ofJob(job.job().id()).stream()
                .filter(TickRow::isDone)
                .collect(Collectors.groupingBy(t -> t.build() + " " + t.configuration()));
        Progress all = new Progress(0, 0);
        for (Build build : job.job().gear().builds()) {
            all = all.plus(ofBody(job, build, ticks));
        }
        return all;
    }

    private static Progress ofBody(JobAnalysis job, Build build, Map<String, List<TickRow>> ticks) {
        Progress best = null;
        for (Configuration worn : build.configurations()) {
            List<TickRow> here = ticks.getOrDefault(build.id() + " " + worn.id(), List.of());
            if (best == null || !here.isEmpty()) {
                Progress one = fullest(job, build, worn, here);
                best = best == null || one.left() < best.left() ? one : best;
            }
        }
        return best == null ? new Progress(0, 0) : best;
    }

    /** With the lens with which least is left: a step that fits a lens is another with each. */
    private static Progress fullest(JobAnalysis job, Build build, Configuration worn, List<TickRow> ticks) {
        Map<String, String> prints = ticks.stream().collect(Collectors.toMap(TickRow::step, TickRow::print));
        Progress best = null;
        for (LensId lens : build.lensIds()) {
            AssemblyPlan plan = AssemblyPlan.of(job.rig(build.id(), worn.id(), lens));
            int done = (int) plan.steps().stream()
                    .filter(s -> s.print().equals(prints.get(s.key())))
                    .count();
            Progress one = new Progress(done, plan.steps().size());
            best = best == null || one.left() < best.left() ? one : best;
            if (ticks.isEmpty()) {
                break;
            }
        }
        return best == null ? new Progress(0, 0) : best;
    }
}
