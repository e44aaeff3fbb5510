package wideharbor.app.bench;

import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What would mend a finding. */
@RestController
@RequestMapping("/api/jobs/{job}/remedies")
class RemedyController {
    private final RemedyService service;

    RemedyController(RemedyService service) {
        this.service = service;
    }

    /** {@code raised} without the trial fits that every new joint asks for; those are counted. */
    record Fix(String id, String title, List<String> cleared, List<String> raised, int trialFits) {}

    @GetMapping
    List<Fix> remedies(@PathVariable String job, @RequestParam @Size(max = 400) String finding) {
        return service.of(job, finding).stream()
                .map(x -> new Fix(
                        x.id(),
                        x.title(),
                        x.cleared(),
                        x.raised().titles(),
                        x.raised().trialFits()))
                .toList();
    }
}
