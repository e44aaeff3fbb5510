package wideharbor.app.live;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What happens while somebody looks on: a stream of server-sent events, no answer that a document could describe. */
@Hidden
@RestController
class LiveController {
    private final Streams streams;

    LiveController(Streams streams) {
        this.streams = streams;
    }

    /**
     * {@code jobs}: some job changed, for who looks at no job; {@code job}: the one looked at changed; {@code rules}:
     * all are judged anew; {@code here}: who else looks at it.
     */
    @GetMapping(path = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(
            @RequestParam @Pattern(regexp = "[0-9a-zA-Z-]{8,40}") String tab,
            @RequestParam(defaultValue = "") @Size(max = 64) String job,
            @RequestParam(defaultValue = "") @Size(max = 64) String build,
            Principal who,
            HttpServletResponse response) {
        // A proxy that gathers answers before it hands them on would hold the events back.
        response.setHeader("X-Accel-Buffering", "no");
        return streams.open(tab, who.getName(), job, build);
    }
}
