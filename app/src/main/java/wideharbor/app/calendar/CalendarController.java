package wideharbor.app.calendar;

import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.web.Download;

/** A job's days for somebody's calendar. */
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
}
