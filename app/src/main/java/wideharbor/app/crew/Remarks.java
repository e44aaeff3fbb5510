package wideharbor.app.crew;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.live.Happened;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;

/** What people say about a job, the last first, until somebody took care of it. */
@Service
class Remarks {
    private static final int MOST = 200;

    private final RemarkRows rows;
    private final JobStore jobs;
    private final Accounts accounts;
    private final Happened happened;
    private final Clock clock;

    Remarks(RemarkRows rows, JobStore jobs, Accounts accounts, Happened happened, Clock clock) {
        this.rows = rows;
        this.jobs = jobs;
        this.accounts = accounts;
        this.happened = happened;
        this.clock = clock;
    }

    /** @param settledBy who took care of it; empty while it is open */
    record RemarkLine(long id, String who, Instant when, String words, String settledBy) {}

    @Transactional(readOnly = true)
    List<RemarkLine> of(String job) {
        return rows.of(job, Limit.of(MOST)).stream()
                .map(r -> new RemarkLine(
                        r.id(),
                        accounts.displayName(r.who()),
                        r.saidAt(),
                        r.words(),
                        r.isSettled() ? accounts.displayName(r.settledBy()) : ""))
                .toList();
    }

    @Transactional
    void say(String job, String words, String who) {
        if (!jobs.exists(job)) {
            throw Refusal.notFound("There is no job '" + job + "'.");
        }
        rows.save(new RemarkRow(job, who, now(), words));
        happened.toJob(job);
    }

    /** Who said it may take it back; otherwise somebody of the house takes care of it. */
    @Transactional
    void settle(String job, long id, String who, boolean ofHouse) {
        RemarkRow remark = rows.findById(id)
                .filter(r -> r.job().equals(job))
                .orElseThrow(() -> Refusal.notFound("There is no such remark on this job."));
        if (!ofHouse && !remark.who().equals(who)) {
            throw Refusal.conflict("Somebody of the house takes care of it, or whoever said it.");
        }
        if (!remark.isSettled()) {
            remark.settle(who, now());
            happened.toJob(job);
        }
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
