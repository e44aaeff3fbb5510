package wideharbor.app.dispatch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.core.catalog.TypeRef;

/** The kit by hand: counts of types, and lists pasted from elsewhere. */
@RestController
@RequestMapping("/api/jobs/{job}/kit")
class KitController {
    private static final int LONGEST_PASTE = 200_000;

    private final KitService service;

    KitController(KitService service) {
        this.service = service;
    }

    record KitCount(
            @NotNull TypeRef item, @Min(0) @Max(10_000) int count) {}

    record KitChange(
            @Min(1) int revision, @NotNull @Size(max = 500) List<@NotNull @Valid KitCount> lines) {}

    record PastedList(@NotNull @Size(max = LONGEST_PASTE) String text) {}

    /** A row as it was read; {@code item} is empty where it is not plain which part is meant. */
    record KitRead(int row, String text, String item, String name, int count, String problem) {}

    /** What a pasted list means; stores nothing. */
    @PostMapping("/read")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    List<KitRead> read(@PathVariable String job, @Valid @RequestBody PastedList pasted) {
        return service.read(job, pasted.text());
    }

    /** Puts these counts in place of what the kit has of these types; what is not named stays. */
    @PutMapping
    @Audited("changed a kit")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable String job, @Valid @RequestBody KitChange change, Principal who) {
        service.change(job, change, who.getName());
    }
}
