package wideharbor.app.bench;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Signal: who sees, hears and controls what, and what breaks when a box goes dark. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}/signals")
class SignalController {
    private final SignalService service;

    SignalController(SignalService service) {
        this.service = service;
    }

    @GetMapping
    SignalViews.Signals signals(Spot spot) {
        return service.signals(spot);
    }

    /** Labels for every cable of the configuration, with codes. */
    @GetMapping("/labels.pdf")
    ResponseEntity<byte[]> labels(Spot spot) {
        String name = ContentDisposition.attachment().filename(spot.job() + "-" + spot.build() + "-labels.pdf").build().toString();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, name)
                .body(service.labels(spot));
    }
}
