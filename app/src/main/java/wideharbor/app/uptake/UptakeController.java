package wideharbor.app.uptake;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.core.catalog.TypeRef;

/** A part taken up in place of another, in the jobs that a person names. */
@RestController
@RequestMapping("/api/catalogue/parts/{ref}")
class UptakeController {
    private final UptakeService service;
    private final UnusedParts unused;

    UptakeController(UptakeService service, UnusedParts unused) {
        this.service = service;
        this.unused = unused;
    }

    /** A job with its revision as it was seen. */
    record JobSeen(@NotNull String job, @Min(1) int revision) {}

    /** Takes this part for {@code of} in these jobs. */
    record TakeUp(
            @NotNull TypeRef of,
            @NotNull @Size(min = 1, max = 60) List<@Valid JobSeen> jobs) {}

    /** What taking this part for another would come to, in every job that has the other; nothing is stored. */
    @GetMapping("/uptake")
    UptakeService.UptakePage foresee(@PathVariable String ref, @RequestParam String of) {
        return service.foresee(TypeRef.parse(ref), TypeRef.parse(of));
    }

    @PostMapping("/uptake")
    @Audited("took a part up in jobs")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    List<UptakeService.TakenUp> takeUp(@PathVariable String ref, @Valid @RequestBody TakeUp take, Principal who) {
        return take.jobs().stream()
                .map(job -> service.takeUp(TypeRef.parse(ref), take.of(), job, who.getName()))
                .toList();
    }

    /** Throws a part out of the catalogue, in all its revisions, while no job is built of it or ever was. */
    @DeleteMapping
    @Audited("threw a part out")
    @PreAuthorize("hasRole('LEAD')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String ref) {
        unused.delete(TypeRef.parse(ref));
    }
}
