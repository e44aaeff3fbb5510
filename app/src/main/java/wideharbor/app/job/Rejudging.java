package wideharbor.app.job;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import wideharbor.app.judging.CheckVersion;
import wideharbor.app.ways.HouseState;
import wideharbor.app.web.Named;

/**
 * Judges anew, one after another and each in a transaction of its own, the open jobs whose verdict was made under other
 * rules of the house or by other checks. Whoever changes a job first does it himself; several nodes share the work.
 */
@Service
class Rejudging {
    private static final Logger LOG = LoggerFactory.getLogger(Rejudging.class);
    private static final int AT_ONCE = 20;
    private static final int MOST_TOLD = 50;

    /** Every so many looks without other rules: jobs that came back from aside, those that failed before. */
    private static final int LOOKS_TO_ALL = 10;

    private final Rows.Jobs jobs;
    private final JobChanges changes;
    private final HouseState house;
    private final CheckVersion checks;
    private final TransactionTemplate alone;
    private final AtomicBoolean ready = new AtomicBoolean();

    /** Only the one thread that judges touches these. */
    private final Set<String> failing = new HashSet<>();

    private long quietUnder;
    private int looks;

    Rejudging(Rows.Jobs jobs, JobChanges changes, HouseState house, CheckVersion checks, TransactionTemplate alone) {
        this.jobs = jobs;
        this.changes = changes;
        this.house = house;
        this.checks = checks;
        this.alone = alone;
    }

    /**
     * @param left open jobs whose verdict is of other rules or checks and is being made anew
     * @param open how many jobs have not left
     * @param turned jobs whose verdict the rules of now made another one, those that load out first; fifty at the most
     */
    record Judging(int left, int open, List<Named> turned) {}

    @Transactional(readOnly = true)
    Judging now() {
        long rules = house.rules();
        return new Judging(
                jobs.countStale(rules, checks.id()), jobs.countOpen(), jobs.turned(rules, Limit.of(MOST_TOLD)));
    }

    /** Not before what is of an older version has been taken over. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        ready.set(true);
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        ready.set(false);
    }

    @Scheduled(fixedDelay = 1000)
    void look() {
        if (!ready.get()) {
            return;
        }
        try {
            long rules = house.rules();
            if (rules != quietUnder || ++looks % LOOKS_TO_ALL == 0) {
                failing.clear();
                judgeAll();
                quietUnder = rules;
            }
        } catch (RuntimeException e) {
            LOG.debug("Jobs are judged anew later: {}", e.getMessage());
        }
    }

    /** Until nothing is left, or only what failed just now. */
    private void judgeAll() {
        List<String> left = stale();
        while (!left.isEmpty() && ready.get()) {
            left.forEach(this::judge);
            left = stale();
        }
    }

    private List<String> stale() {
        return jobs.stale(house.rules(), checks.id(), Limit.of(AT_ONCE + failing.size())).stream()
                .filter(id -> !failing.contains(id))
                .toList();
    }

    private void judge(String id) {
        if (!ready.get()) {
            return;
        }
        try {
            alone.executeWithoutResult(tx -> changes.lock(id));
        } catch (RuntimeException e) {
            failing.add(id);
            LOG.warn("Job {} could not be judged anew: {}", id, e.toString());
        }
    }
}
