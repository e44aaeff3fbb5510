package wideharbor.app.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;

/** Jobs and their briefs. */
@RestController
class JobController {
    private final JobService service;

    JobController(JobService service) {
        this.service = service;
    }

    record BriefChange(@Min(1) int revision, @NotNull @Valid BriefView brief) {}

    @GetMapping("/api/jobs")
    JobViews.JobPage jobs(
            @RequestParam(defaultValue = "") @Size(max = 80) String search,
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "0") @Min(0) @Max(100_000) int page) {
        return service.list(search, archived, page);
    }

    @GetMapping("/api/jobs/{job}")
    JobViews.JobView job(@PathVariable String job) {
        return service.view(job);
    }

    /** What every check has looked at in this job, and how that ended. */
    @GetMapping("/api/jobs/{job}/checks")
    List<JobViews.Looked> checks(@PathVariable String job) {
        return service.checks(job);
    }

    @PutMapping("/api/jobs/{job}/brief")
    @Audited("changed a brief")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    JobViews.JobView changeBrief(@PathVariable String job, @Valid @RequestBody BriefChange change) {
        service.changeBrief(job, change.revision(), change.brief().toBrief());
        return service.view(job);
    }
}
