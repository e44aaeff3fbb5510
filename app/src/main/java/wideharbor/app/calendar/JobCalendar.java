package wideharbor.app.calendar;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.Temporal;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import wideharbor.core.brief.Brief;
import wideharbor.core.job.Job;

/** Prep, load-out, shoot and return of a job as a calendar (RFC 5545); times are those of the place. */
final class JobCalendar {
    private static final Duration LOADING = Duration.ofHours(1);

    private JobCalendar() {}

    /** @param said what stands beside every day, such as how far the job is */
    static String of(Job job, String said, Instant now) {
        Brief.Dates dates = job.brief().dates();
        LocalDate out = dates.load().toLocalDate();
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Wide Harbor//Jobs//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        if (dates.prep().isBefore(out)) {
            calendar.add(told(days("Prep: ", job, dates.prep(), out), job, "prep", said, now));
        }
        VEvent load = new VEvent(dates.load(), LOADING, "Loads out: " + job.title());
        calendar.add(told(load, job, "load", said, now));
        calendar.add(told(days("Shoot: ", job, dates.shoot(), shootEnds(dates)), job, "shoot", said, now));
        calendar.add(told(days("Comes back: ", job, dates.back(), dates.back().plusDays(1)), job, "back", said, now));
        return calendar.toString();
    }

    /** A day at least; the return is a day of its own. */
    private static LocalDate shootEnds(Brief.Dates dates) {
        return dates.back().isAfter(dates.shoot())
                ? dates.back()
                : dates.shoot().plusDays(1);
    }

    private static VEvent days(String what, Job job, LocalDate from, LocalDate until) {
        return new VEvent((Temporal) from, (Temporal) until, what + job.title());
    }

    /** The same day of the same job keeps its name, so that a calendar that is fetched again moves it. */
    private static VEvent told(VEvent event, Job job, String which, String said, Instant now) {
        event.add(new Uid(job.id() + "-" + which + "@wide-harbor"));
        event.add(new DtStamp(now));
        event.add(new Description(said));
        if (!job.brief().place().isBlank()) {
            event.add(new Location(job.brief().place()));
        }
        return event;
    }
}
