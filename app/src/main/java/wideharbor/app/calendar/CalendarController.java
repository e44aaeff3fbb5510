package wideharbor.app.calendar;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.web.Download;
import wideharbor.core.calendar.Clash;
import wideharbor.core.calendar.Phase;
import wideharbor.core.dispatch.Gate;

/** The days of jobs: on a screen, and for somebody's calendar. */
@RestController
class CalendarController {
    private final CalendarService service;

    CalendarController(CalendarService service) {
        this.service = service;
    }

    @GetMapping("/api/jobs/{job}/calendar.ics")
    ResponseEntity<String> calendar(@PathVariable String job) {
        return Download.of(job + ".ics", Download.ICS, service.of(job));
    }

    /** {@code people}: who is on it, and as what. */
    record JobDays(String id, String title, String place, Gate.Stage stage, List<Phase> phases, List<String> people) {}

    /** {@code title}: of a type its name; {@code jobs}: only those that are booked still. */
    record ClashLine(
            Clash.Kind kind,
            String what,
            String title,
            LocalDate from,
            LocalDate to,
            List<Clash.WantedBy> by,
            int wanted,
            int there) {}

    /** {@code all}: whether no job of these days is left out. */
    record HouseDays(LocalDate from, int days, List<JobDays> jobs, List<ClashLine> clashes, boolean all) {}

    /** The jobs of so many days; from today where nothing is said. */
    @GetMapping("/api/calendar")
    @PreAuthorize("hasAnyRole('TECHNICIAN','DESK','LEAD','ADMINISTRATOR')")
    HouseDays days(
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> from,
            @RequestParam(defaultValue = "28") @Min(7) @Max(CalendarService.MOST_DAYS) int days) {
        return service.days(from, days);
    }

    /** All jobs of the next weeks, for a calendar that fetches them again. */
    @GetMapping("/api/calendar.ics")
    @PreAuthorize("hasAnyRole('TECHNICIAN','DESK','LEAD','ADMINISTRATOR')")
    ResponseEntity<String> house() {
        return Download.of("house.ics", Download.ICS, service.house());
    }
}
