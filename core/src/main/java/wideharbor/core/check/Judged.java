package wideharbor.core.check;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Lazy;
import wideharbor.core.memo.Memo;

/**
 * One state of a job: its rigs and what the checks say of them, each configuration judged when it is first asked for.
 * Any number of threads may ask.
 */
public final class Judged {
    private final CheckEngine engine;
    private final JobAnalysis analyses;
    private final Memo<ConfigurationKey, Report> each = new Memo<>();
    private final Lazy<Report> whole = new Lazy<>();
    private final Lazy<Map<ConfigurationKey, Verdict>> verdicts = new Lazy<>();

    private final Optional<Judged> asFound;

    Judged(CheckEngine engine, JobAnalysis analyses) {
        this(engine, analyses, Optional.empty());
    }

    private Judged(CheckEngine engine, JobAnalysis analyses, Optional<Judged> asFound) {
        this.engine = engine;
        this.analyses = analyses;
        this.asFound = asFound;
    }

    public JobAnalysis analyses() {
        return analyses;
    }

    public Job job() {
        return analyses.job();
    }

    /** The state after a change; what the change leaves as it was is not resolved again. */
    public Judged after(Job changed) {
        return engine.judge(analyses.after(changed));
    }

    /** Every check of one configuration, with each of its lenses. */
    public Report of(ConfigurationKey key) {
        return each.get(key, k -> engine.check(analyses.of(k)));
    }

    public Report report() {
        return whole.get(() -> engine.together(engine.workers().map(ConfigurationKey.all(analyses.job()), this::of)));
    }

    public Verdict verdict() {
        return Verdict.of(report(), job());
    }

    /** The verdict of each configuration by itself, in the order of the job. */
    public Map<ConfigurationKey, Verdict> verdicts() {
        return verdicts.get(() -> {
            Map<ConfigurationKey, Verdict> all = new LinkedHashMap<>();
            ConfigurationKey.all(job()).forEach(k -> all.put(k, Verdict.of(of(k), job())));
            return all;
        });
    }

    /** What would mend the findings; who judged this may try with other threads. */
    public Remedies remedies() {
        return new Remedies(engine, this);
    }

    /** The same rigs and findings in a job of which only what people accepted is different. */
    public Judged accepting(Job accepted) {
        Judged next = new Judged(engine, analyses.after(accepted), Optional.of(asFound()));
        each.forEach((key, report) -> next.each.get(key, k -> report));
        return next;
    }

    /**
     * The state in which the findings came up: one and the same through all that people accept of them, so that what
     * was tried to mend them stands meanwhile.
     */
    public Judged asFound() {
        return asFound.orElse(this);
    }
}
