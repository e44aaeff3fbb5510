package wideharbor.app.assembly;

import java.util.HashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.assembly.Assembled;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.quantity.Progress;

/** How far the bodies of a job are put together. */
@Component
public class StepsTicked {
    private final TickRows rows;

    StepsTicked(TickRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public Progress of(JobAnalysis job) {
        Map<ConfigurationKey, Map<String, String>> ticked = new HashMap<>();
        rows.ofJob(job.job().id()).stream()
                .filter(TickRow::isDone)
                .forEach(t ->
                        ticked.computeIfAbsent(t.rig(), k -> new HashMap<>()).put(t.step(), t.print()));
        return Assembled.of(job, ticked);
    }
}
