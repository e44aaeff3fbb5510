package wideharbor.app.dispatch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;

/** Cautions marked read, and stops that a lead waives. */
@RestController
@RequestMapping("/api/jobs/{job}")
class AcceptanceController {
    private final AcceptanceService service;

    AcceptanceController(AcceptanceService service) {
        this.service = service;
    }

    record Read(@NotBlank @Size(max = 600) String finding) {}

    record Waive(
            @NotBlank @Size(max = 600) String finding,
            @NotBlank @Size(max = 500) String reason) {}

    @PostMapping("/reads")
    @Audited("read a caution")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void read(@PathVariable String job, @Valid @RequestBody Read read, Principal who) {
        service.markRead(job, read.finding(), who.getName());
    }

    /** What the brief demands in words is ticked by whoever knows it, of a crew as well. */
    @PostMapping("/ticks")
    @Audited("ticked a demand")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','CREW')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(@PathVariable String job, @Valid @RequestBody Read tick, Principal who) {
        service.tick(job, tick.finding(), who.getName());
    }

    @PostMapping("/waivers")
    @Audited("waived a stop")
    @PreAuthorize("hasRole('LEAD')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void waive(@PathVariable String job, @Valid @RequestBody Waive waive, Principal who) {
        service.waive(job, waive.finding(), waive.reason(), who.getName());
    }

    @PostMapping("/waivers/withdraw")
    @Audited("withdrew a waiver")
    @PreAuthorize("hasRole('LEAD')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdraw(@PathVariable String job, @Valid @RequestBody Read waiver) {
        service.withdraw(job, waiver.finding());
    }
}
