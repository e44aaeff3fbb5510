package wideharbor.app.job;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far the judging anew of the open jobs has come. */
@RestController
class JudgingController {
    private final Rejudging rejudging;

    JudgingController(Rejudging rejudging) {
        this.rejudging = rejudging;
    }

    @GetMapping("/api/judging")
    Rejudging.Judging judging() {
        return rejudging.now();
    }
}
