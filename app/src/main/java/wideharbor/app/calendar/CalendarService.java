package wideharbor.app.calendar;

import java.time.Clock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.core.dispatch.Gate;

/** Writes calendars. */
@Service
class CalendarService {
    private final JobStore store;
    private final Reports reports;
    private final Clock clock;

    CalendarService(JobStore store, Reports reports, Clock clock) {
        this.store = store;
        this.reports = reports;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    String of(String job) {
        StoredJob stored = store.load(job);
        String said = "Revision " + stored.revision() + ", " + Gate.word(stored.stage()) + ". "
                + reports.of(stored).verdict().inWords() + ".";
        return JobCalendar.of(stored.job(), said, clock.instant());
    }
}
