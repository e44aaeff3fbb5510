package wideharbor.app.catalog;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port;
import wideharbor.core.maker.ExtraFace;

/** Parts made of what can be measured. */
@RestController
@RequestMapping("/api/catalogue/maker")
class MakerController {
    private final MakerService service;

    MakerController(MakerService service) {
        this.service = service;
    }

    record AskOption(String id, String title) {}

    record AskView(
            String id,
            String title,
            String how,
            String kind,
            String unit,
            String start,
            boolean optional,
            List<AskOption> options) {}

    record TemplateView(String id, String title, String about, Category category, List<AskView> asks) {}

    record TemplateGroup(String title, List<TemplateView> templates) {}

    record FaceAsked(
            @NotNull ExtraFace.Side side,
            @NotNull @Size(max = 40) String standard,
            @NotNull Port.Role half,
            double across,
            double along) {
        ExtraFace toFace() {
            return new ExtraFace(side, standard, half, across, along);
        }
    }

    record Measured(
            @NotNull @Size(max = 40) String template,
            @NotNull @Size(max = 60) Map<@Size(max = 40) String, @NotNull @Size(max = 200) String> answers,
            @NotNull @Size(max = 24) List<@NotNull @Valid FaceAsked> faces) {}

    record DoubtView(String field, String text, boolean blocks) {}

    /** {@code text}: the part as package files have it, to be stored when it is ready. */
    record MadeView(
            String ref,
            String name,
            Category category,
            boolean ready,
            List<DoubtView> doubts,
            double width,
            double height,
            double length,
            List<CatalogueViews.PartSketch> drawings,
            List<CatalogueViews.PortLine> ports,
            String text) {}

    @GetMapping("/templates")
    List<TemplateGroup> templates() {
        return service.templates();
    }

    /** Draws and judges what was measured so far; stores nothing. */
    @PostMapping("/try")
    @PreAuthorize("hasAnyRole('LEAD','TECHNICIAN')")
    MadeView make(@Valid @RequestBody Measured measured) {
        return service.make(measured);
    }
}
