package wideharbor.app.bench;

import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.core.check.Remedies;

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

    /** @param all false where there may be others */
    record Mending(List<Fix> fixes, boolean all) {}

    /** {@code first}: the best one alone, found sooner. */
    @GetMapping
    Mending remedies(
            @PathVariable String job,
            @RequestParam @Size(max = 400) String finding,
            @RequestParam(defaultValue = "false") boolean first) {
        Remedies.Found found = first ? service.first(job, finding) : new Remedies.Found(service.of(job, finding), true);
        return new Mending(told(found.fixes()), found.all());
    }

    private static List<Fix> told(List<Remedies.Fix> fixes) {
        return fixes.stream()
                .map(x -> new Fix(
                        x.id(),
                        x.title(),
                        x.cleared(),
                        x.raised().titles(),
                        x.raised().trialFits()))
                .toList();
    }
}
