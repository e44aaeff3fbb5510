package wideharbor.app.assembly;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.Standpoint;
import wideharbor.app.web.Download;

/** The order in which a rig is put together, and the ticks of those who do it. */
@RestController
public class AssemblyController {
    private final AssemblyService service;

    AssemblyController(AssemblyService service) {
        this.service = service;
    }

    /** {@code back}: how it is taken apart again; nobody ticks that. */
    @GetMapping("/api/jobs/{job}/builds/{build}/assembly")
    AssemblyViews.AssemblySheet assembly(Standpoint at, @RequestParam(defaultValue = "false") boolean back) {
        return service.sheet(at, back);
    }

    @GetMapping(value = "/api/jobs/{job}/builds/{build}/assembly.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(Standpoint at) {
        return Download.pdf(at.job() + "-" + at.build() + "-assembly.pdf", service.pdf(at));
    }

    /**
     * A step done, or its tick taken back.
     *
     * @param id made where the tick is made: one that is sent twice counts once
     * @param print of the step as it was seen
     * @param minutes that it took; 0 where nobody measured
     */
    public record Tick(
            @NotNull @Pattern(regexp = "[0-9a-fA-F-]{36}") String id,
            @NotNull @Size(min = 1, max = 160) String step,
            @NotNull @Size(max = 16) String print,
            boolean done,
            @DecimalMin("0") @DecimalMax("600") double minutes,
            @NotNull @Size(max = 300) String remark) {}

    /** Several at once: those made without a network come together. */
    record Ticks(@NotNull @Size(min = 1, max = 200) List<@Valid @NotNull Tick> ticks) {}

    @PostMapping("/api/jobs/{job}/builds/{build}/assembly/ticks")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    AssemblyViews.AssemblySheet tick(Standpoint at, @Valid @RequestBody Ticks ticks, Principal who) {
        service.tick(at, ticks.ticks(), who.getName());
        return service.sheet(at, false);
    }
}
