package wideharbor.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Report;
import wideharbor.core.job.Job;

/** What other rules of the house would come to in its open jobs, before anybody sets them. */
@Service
public class JobForesight {
    /** Judged while somebody waits; of more jobs, those that load out first. */
    private static final int MOST_JOBS = 40;

    private static final int MOST_TOLD = 6;

    private final JobStore store;
    private final Reports reports;

    JobForesight(JobStore store, Reports reports) {
        this.store = store;
        this.reports = reports;
    }

    /** Titles of findings that come and go, each once, six at the most; the counts are of all. */
    public record JobForeseen(
            String id,
            String title,
            String before,
            String after,
            List<String> raised,
            int raisedCount,
            List<String> cleared,
            int clearedCount) {}

    /**
     * @param judged how many open jobs were looked at
     * @param open how many there are
     */
    public record Foreseen(int judged, int open, List<JobForeseen> changed) {}

    @Transactional(readOnly = true)
    public Foreseen under(UnaryOperator<HouseRules> change) {
        List<String> open = store.open();
        List<JobForeseen> changed = new ArrayList<>();
        List<String> first = open.subList(0, Math.min(MOST_JOBS, open.size()));
        for (String id : first) {
            StoredJob stored = store.load(id);
            Job then = stored.job().with(change.apply(stored.job().rules()));
            if (then.rules().equals(stored.job().rules())) {
                continue;
            }
            Judged before = reports.of(stored);
            Judged after = reports.anew(then);
            JobForeseen told = told(stored.job(), before, after);
            if (told.raisedCount() > 0
                    || told.clearedCount() > 0
                    || !before.verdict().equals(after.verdict())) {
                changed.add(told);
            }
        }
        return new Foreseen(first.size(), open.size(), changed);
    }

    /** What one state of a job has against another, for people. */
    public static JobForeseen told(Job job, Judged before, Judged after) {
        Report.Change difference = after.report().since(before.report());
        List<String> raised = titles(difference.raised());
        List<String> cleared = titles(difference.cleared());
        return new JobForeseen(
                job.id(),
                job.title(),
                before.verdict().inWords(),
                after.verdict().inWords(),
                raised.stream().limit(MOST_TOLD).toList(),
                raised.size(),
                cleared.stream().limit(MOST_TOLD).toList(),
                cleared.size());
    }

    private static List<String> titles(List<Finding> findings) {
        return findings.stream().map(Finding::title).distinct().toList();
    }
}
