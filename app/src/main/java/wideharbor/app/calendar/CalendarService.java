package wideharbor.app.calendar;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.stock.Pieces;
import wideharbor.core.brief.Brief;
import wideharbor.core.calendar.Booking;
import wideharbor.core.calendar.Clash;
import wideharbor.core.calendar.Phase;
import wideharbor.core.dispatch.Gate;

/** The days of jobs beside one another. */
@Service
class CalendarService {
    static final int MOST_DAYS = 120;

    /** So many jobs are laid beside one another. */
    private static final int MOST_JOBS = 200;

    /** So many are looked at for those that touch the days that are asked for. */
    private static final int MOST_AROUND = 600;

    /** A job that left so long before may still be out. */
    private static final int LONGEST_OUT = 60;

    private static final int LONGEST_PREP = 30;

    private final JobStore store;
    private final Reports reports;
    private final CatalogueStore catalogue;
    private final Pieces pieces;
    private final Clock clock;

    CalendarService(JobStore store, Reports reports, CatalogueStore catalogue, Pieces pieces, Clock clock) {
        this.store = store;
        this.reports = reports;
        this.catalogue = catalogue;
        this.pieces = pieces;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    String of(String job) {
        StoredJob stored = store.load(job);
        return JobCalendar.of(List.of(new JobCalendar.Told(stored.job(), said(stored))), clock.instant());
    }

    private String said(StoredJob stored) {
        return "Revision " + stored.revision() + ", " + Gate.word(stored.stage()) + ". "
                + reports.of(stored).verdict().inWords() + ".";
    }

    @Transactional(readOnly = true)
    String house() {
        LocalDate today = LocalDate.now(clock);
        return JobCalendar.of(
                around(today, MOST_DAYS).stream()
                        .filter(j -> j.stage() != Gate.Stage.RECONCILED)
                        .map(j -> new JobCalendar.Told(
                                j.job(), "Revision " + j.revision() + ", " + Gate.word(j.stage()) + "."))
                        .toList(),
                clock.instant());
    }

    private List<StoredJob> around(LocalDate from, int days) {
        return store
                .loadingOut(
                        from.minusDays(LONGEST_OUT).atStartOfDay(),
                        from.plusDays(days + LONGEST_PREP).atStartOfDay(),
                        MOST_AROUND)
                .stream()
                .filter(j -> touches(j.job().brief().dates(), from, from.plusDays(days - 1L)))
                .toList();
    }

    private static boolean touches(Brief.Dates dates, LocalDate from, LocalDate to) {
        return !dates.prep().isAfter(to) && !dates.back().isBefore(from);
    }

    @Transactional(readOnly = true)
    CalendarController.HouseDays days(Optional<LocalDate> asked, int days) {
        LocalDate from = asked.orElseGet(() -> LocalDate.now(clock));
        List<StoredJob> there = around(from, days);
        List<StoredJob> shown = new ArrayList<>(there.subList(0, Math.min(MOST_JOBS, there.size())));
        shown.sort(Comparator.comparing((StoredJob j) -> j.job().brief().dates().prep()));
        List<Booking> bookings = shown.stream()
                .filter(j -> j.stage() != Gate.Stage.RECONCILED)
                .map(j -> Booking.of(j.job()))
                .toList();
        Set<String> types =
                bookings.stream().flatMap(b -> b.wants().keySet().stream()).collect(Collectors.toSet());
        Map<String, String> names = catalogue.catalogue().names();
        return new CalendarController.HouseDays(
                from,
                days,
                shown.stream().map(CalendarService::line).toList(),
                Clash.of(bookings, pieces.mayGo(types)).stream()
                        .filter(c -> !c.to().isBefore(from))
                        .map(c -> line(c, names))
                        .toList(),
                there.size() <= MOST_JOBS);
    }

    private static CalendarController.JobDays line(StoredJob stored) {
        Brief brief = stored.job().brief();
        List<String> people = new ArrayList<>();
        person(people, "operator", brief.crew().operator());
        person(people, "focus", brief.crew().focusPuller());
        person(people, "technician", brief.crew().lead());
        return new CalendarController.JobDays(
                stored.job().id(),
                stored.job().title(),
                brief.place(),
                stored.stage(),
                Phase.of(brief.dates()),
                people);
    }

    private static void person(List<String> people, String as, String name) {
        if (!name.isBlank()) {
            people.add(name + ", " + as);
        }
    }

    private static CalendarController.ClashLine line(Clash c, Map<String, String> names) {
        return new CalendarController.ClashLine(
                c.kind(),
                c.what(),
                names.getOrDefault(c.what(), c.what()),
                c.from(),
                c.to(),
                c.by(),
                c.wanted(),
                c.there());
    }
}
