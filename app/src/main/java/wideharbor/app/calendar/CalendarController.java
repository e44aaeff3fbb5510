package wideharbor.app.calendar;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** A job's days for somebody's calendar. */
@RestController
class CalendarController {
    private final CalendarService service;

    CalendarController(CalendarService service) {
        this.service = service;
    }

    @GetMapping("/api/jobs/{job}/calendar.ics")
    ResponseEntity<String> calendar(@PathVariable String job) {
        String name =
                ContentDisposition.attachment().filename(job + ".ics").build().toString();
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, name)
                .body(service.of(job));
    }
}
