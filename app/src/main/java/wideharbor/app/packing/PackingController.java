package wideharbor.app.packing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.web.Download;
import wideharbor.app.web.Paper;
import wideharbor.core.dispatch.Move;

/** Pieces into cases, and back. */
@RestController
public class PackingController {
    private final PackingService service;
    private final Paper paper;

    PackingController(PackingService service, Paper paper) {
        this.service = service;
        this.paper = paper;
    }

    /** A label for each case, with a code that opens it on Packing. */
    @GetMapping(value = "/api/jobs/{job}/case-labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(@PathVariable String job) {
        return Download.pdf(
                job + "-case-labels.pdf", CaseLabels.pdf(paper, service.sheet(job, List.of()), service.loadsOut(job)));
    }

    @GetMapping("/api/jobs/{job}/packing")
    PackingViews.PackSheet packing(@PathVariable String job) {
        return service.sheet(job, List.of());
    }

    /**
     * One scan.
     *
     * @param id made where it is scanned: one that is sent twice counts once
     * @param code of a piece, or the type of what is only counted
     * @param count how many; 1 of a piece
     * @param box number of the case that it goes into or, of what is counted, comes out of; else 0
     * @param cost 0 where nobody knows it
     */
    public record Scan(
            @NotNull @Pattern(regexp = "[0-9a-fA-F-]{36}") String id,
            @NotNull Move.Kind kind,
            @NotBlank @Size(max = 64) String code,
            @Min(1) @Max(500) int count,
            @Min(0) @Max(Move.MOST_BOXES) int box,
            @NotNull @Size(max = 300) String remark,
            @DecimalMin("0") @DecimalMax("10000000") double cost) {}

    /** In the order in which they were made; those made without a network come together. */
    record Scans(@NotNull @Size(min = 1, max = 500) List<@Valid @NotNull Scan> scans) {}

    /** What can be is counted; what cannot is told, scan by scan, and nothing of it is stored. */
    @PostMapping("/api/jobs/{job}/packing/scans")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    PackingViews.PackSheet scan(@PathVariable String job, @Valid @RequestBody Scans scans, Principal who) {
        return service.sheet(job, service.scan(job, scans.scans(), who.getName()));
    }
}
