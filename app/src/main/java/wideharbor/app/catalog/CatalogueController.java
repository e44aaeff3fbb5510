package wideharbor.app.catalog;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.AuditSubject;
import wideharbor.app.security.Audited;
import wideharbor.app.web.Download;
import wideharbor.core.catalog.Category;
import wideharbor.core.geometry.View;

/** The house's parts. */
@RestController
class CatalogueController {
    private final CatalogueService service;

    CatalogueController(CatalogueService service) {
        this.service = service;
    }

    record Written(@NotNull @Size(max = 1_000_000) String text) {}

    record Stored(String ref) {}

    @GetMapping("/api/catalogue")
    CatalogueViews.PartPage list(
            @RequestParam(defaultValue = "") @Size(max = 80) String search,
            @RequestParam(defaultValue = "") @Size(max = 200) String look,
            @RequestParam Optional<Category> category,
            @RequestParam(defaultValue = "") String standard,
            @RequestParam Optional<Standing> standing,
            @RequestParam(defaultValue = "name") String sort,
            @RequestParam(defaultValue = "false") boolean down,
            @RequestParam(defaultValue = "0") int from) {
        return service.list(
                new CatalogueService.Question(search, look, category, standard, standing, sort, down, from));
    }

    @GetMapping("/api/catalogue/parts/{ref}")
    CatalogueViews.PartSheet part(@PathVariable String ref) {
        return service.part(ref);
    }

    @GetMapping("/api/catalogue/parts/{ref}/drawing")
    CatalogueViews.PartSketch drawing(@PathVariable String ref, @RequestParam(defaultValue = "LEFT") View view) {
        return service.drawing(ref, view);
    }

    @GetMapping("/api/catalogue/parts/{ref}/text")
    CatalogueViews.PartText text(@PathVariable String ref) {
        return service.text(ref);
    }

    /** What differs in this part from another, or from an earlier revision of it. */
    @GetMapping("/api/catalogue/parts/{ref}/differences")
    List<CatalogueViews.PartDifference> differences(@PathVariable String ref, @RequestParam String from) {
        return service.differences(from, ref);
    }

    @GetMapping("/api/catalogue/parts/{ref}/cross-fit")
    CatalogueViews.CrossFitTable crossFit(@PathVariable String ref) {
        return service.crossFit(ref);
    }

    @GetMapping("/api/catalogue/stack-ends")
    CatalogueViews.StackEnds stackEnds() {
        return service.stackEnds();
    }

    /** Ways of plates from a body to a support. */
    @GetMapping("/api/catalogue/stacks")
    List<CatalogueViews.StackLine> stacks(
            @RequestParam String body, @RequestParam String support, @RequestParam(defaultValue = "") String rods) {
        return service.stacks(body, support, rods);
    }

    @PostMapping("/api/catalogue/parts")
    @Audited("stored a part")
    @PreAuthorize("hasAnyRole('LEAD','TECHNICIAN')")
    @ResponseStatus(HttpStatus.CREATED)
    Stored write(@Valid @RequestBody Written written) {
        return new Stored(AuditSubject.is(service.write(written.text())));
    }

    record Stands(
            @NotNull @Size(min = 1, max = 10_000) List<@NotNull @Size(max = 80) String> ids,
            @NotNull Standing standing) {}

    /** Offers parts for new work, holds them back or retires them. */
    @PostMapping("/api/catalogue/standing")
    @Audited("offered, held or retired parts")
    @PreAuthorize("hasRole('LEAD')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stand(@Valid @RequestBody Stands stands, Principal who) {
        service.stand(stands.ids(), stands.standing(), who.getName());
    }

    @GetMapping("/api/catalogue.csv")
    @Audited("exported the catalogue as a table")
    ResponseEntity<byte[]> csv() {
        return Download.of(
                "catalogue.csv",
                new MediaType("text", "csv", StandardCharsets.UTF_8),
                service.csv().getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/api/catalogue.harbor.json")
    @Audited("exported the catalogue")
    ResponseEntity<byte[]> json() {
        return Download.of("catalogue.harbor.json", MediaType.APPLICATION_JSON, service.file());
    }
}
