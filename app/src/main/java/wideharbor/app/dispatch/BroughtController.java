package wideharbor.app.dispatch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.Brought;
import wideharbor.app.security.Audited;

/** What a file brought to a job, and taking it or leaving it. */
@RestController
@RequestMapping("/api/jobs/{job}/brought")
class BroughtController {
    private final BroughtService service;

    BroughtController(BroughtService service) {
        this.service = service;
    }

    /** {@code title} is the finding's; only a lead may say the same of a {@code WAIVER}. */
    record ProposalLine(String finding, Brought.Said said, String title, String reason, String who, String when) {}

    record BroughtPart(String item, String name, String maker) {}

    /**
     * {@code here} is the house's revision, 0 when it has none; by it the job is judged until a lead takes the file's.
     */
    record BroughtStandardLine(String id, String title, int revision, int here) {}

    record BroughtView(List<ProposalLine> proposals, List<BroughtPart> parts, List<BroughtStandardLine> standards) {}

    record Findings(@NotNull @NotEmpty @Size(max = 500) List<@NotNull @Size(max = 600) String> findings) {}

    @GetMapping
    BroughtView brought(@PathVariable String job) {
        return service.view(job);
    }

    /** Says the same as the file of these findings, in one's own name. */
    @PostMapping("/proposals/take")
    @Audited("took what a file proposed")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BroughtView take(@PathVariable String job, @Valid @RequestBody Findings asked, Authentication who) {
        boolean waives = who.getAuthorities().stream().anyMatch(a -> "ROLE_LEAD".equals(a.getAuthority()));
        service.take(job, asked.findings(), who.getName(), waives);
        return service.view(job);
    }

    @PostMapping("/proposals/leave")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BroughtView leave(@PathVariable String job, @Valid @RequestBody Findings asked) {
        service.leave(job, asked.findings());
        return service.view(job);
    }

    /** Makes the package's parts and standards the house's, and judges every open job anew. */
    @PostMapping("/parts/take")
    @Audited("took a package’s parts into the house")
    @PreAuthorize("hasRole('LEAD')")
    BroughtView takeParts(@PathVariable String job) {
        service.takeParts(job);
        return service.view(job);
    }

    /** Stays with the house's standards where the file has others. */
    @PostMapping("/standards/leave")
    @PreAuthorize("hasRole('LEAD')")
    BroughtView leaveStandards(@PathVariable String job) {
        service.leaveStandards(job);
        return service.view(job);
    }
}
