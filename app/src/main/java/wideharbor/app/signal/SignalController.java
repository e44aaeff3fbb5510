package wideharbor.app.signal;

import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.Standpoint;
import wideharbor.app.web.Download;
import wideharbor.core.edit.CableEdits;

/** Signal: who sees, hears and controls what, and what breaks when a box goes dark. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}/signals")
class SignalController {
    private final SignalService service;

    SignalController(SignalService service) {
        this.service = service;
    }

    @GetMapping
    SignalViews.Signals signals(Standpoint at) {
        return service.signals(at);
    }

    /** What may be plugged into an open socket, part:socket. */
    @GetMapping("/offers")
    List<CableEdits.Offer> offers(Standpoint at, @RequestParam @Size(max = 140) String from) {
        return service.offers(at, from);
    }

    /** Labels for every cable of the configuration, with codes. */
    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(Standpoint at) {
        return Download.pdf(at.job() + "-" + at.build() + "-labels.pdf", service.labels(at));
    }
}
