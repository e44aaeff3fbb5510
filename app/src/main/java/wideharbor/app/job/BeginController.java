package wideharbor.app.job;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.AuditSubject;
import wideharbor.app.security.Audited;
import wideharbor.core.brief.Worn;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;

/** Jobs that begin, their bodies, and jobs laid aside. */
@RestController
class BeginController {
    private static final int LONGEST_TITLE = 80;
    private static final int LONGEST_BODY = 60;

    private final JobBeginnings beginnings;
    private final JobService service;

    BeginController(JobBeginnings beginnings, JobService service) {
        this.beginnings = beginnings;
        this.service = service;
    }

    /** {@code like}: id of an earlier job that it is made after; empty for one from nothing. */
    record NewJob(
            @NotBlank @Size(max = LONGEST_TITLE) String title,
            @NotNull LocalDate out,
            @NotNull @Size(max = 20) List<@NotNull Worn> worn,
            @NotNull @Size(max = 64) String like) {}

    record Begun(String job) {}

    /** {@code like}: a body of this job that it is built as; empty for a bare one. */
    record NewBody(
            @Min(1) int revision,
            @NotBlank @Size(max = LONGEST_BODY) String title,
            @NotNull TypeRef item,
            @NotNull BuildId like) {}

    record JobTitled(
            @Min(1) int revision,
            @NotBlank @Size(max = LONGEST_TITLE) String title) {}

    record BodyTitled(
            @Min(1) int revision,
            @NotBlank @Size(max = LONGEST_BODY) String title) {}

    record SeenRevision(@Min(1) int revision) {}

    /** A way of being worn, as it is offered when a job begins. */
    record WayWorn(Worn id, String configuration, String title, String needs) {}

    @GetMapping("/api/worn")
    List<WayWorn> worn() {
        return Arrays.stream(Worn.values())
                .map(w -> new WayWorn(w, w.configuration().toString(), w.title(), w.needs()))
                .toList();
    }

    @PostMapping("/api/jobs")
    @Audited("began a job")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    @ResponseStatus(HttpStatus.CREATED)
    Begun begin(@Valid @RequestBody NewJob asked) {
        return new Begun(AuditSubject.is(beginnings.begin(asked.title(), asked.out(), asked.worn(), asked.like())));
    }

    @PutMapping("/api/jobs/{job}/title")
    @Audited("renamed a job")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    JobViews.JobView rename(@PathVariable String job, @Valid @RequestBody JobTitled asked) {
        beginnings.rename(job, asked.revision(), asked.title());
        return service.view(job);
    }

    /** Deleted; for 30 days it can be brought back, then it is forgotten. */
    @DeleteMapping("/api/jobs/{job}")
    @Audited("deleted a job")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String job, Principal who) {
        beginnings.delete(job, who.getName());
    }

    /** Laid aside: out of the list and the week, and kept. */
    @PostMapping("/api/jobs/{job}/archive")
    @Audited("archived a job")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable String job, Principal who) {
        beginnings.archive(job, who.getName());
    }

    @PostMapping("/api/jobs/{job}/bring-back")
    @Audited("brought a job back")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable String job) {
        beginnings.bringBack(job);
    }

    @PostMapping("/api/jobs/{job}/bodies")
    @Audited("added a body")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','DESK')")
    JobViews.JobView addBody(@PathVariable String job, @Valid @RequestBody NewBody asked) {
        beginnings.addBody(job, asked.revision(), asked.title(), asked.item(), asked.like());
        return service.view(job);
    }

    @PutMapping("/api/jobs/{job}/bodies/{build}/title")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','DESK')")
    JobViews.JobView titleBody(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody BodyTitled asked) {
        beginnings.titleBody(job, asked.revision(), build, asked.title());
        return service.view(job);
    }

    @PostMapping("/api/jobs/{job}/bodies/{build}/take-off")
    @Audited("took a body off")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    JobViews.JobView takeOff(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody SeenRevision seen) {
        beginnings.takeOff(job, seen.revision(), build, true);
        return service.view(job);
    }

    @PostMapping("/api/jobs/{job}/bodies/{build}/put-back")
    @Audited("put a body back")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    JobViews.JobView putBack(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody SeenRevision seen) {
        beginnings.takeOff(job, seen.revision(), build, false);
        return service.view(job);
    }
}
