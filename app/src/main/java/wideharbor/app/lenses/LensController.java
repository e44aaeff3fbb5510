package wideharbor.app.lenses;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.Standpoint;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.sheet.FrontSheet;

/** The lens set of a body as it is, or as it would be with something left out or a box moved; nothing is stored. */
@RestController
class LensController {
    private final LensService lenses;

    LensController(LensService lenses) {
        this.lenses = lenses;
    }

    @GetMapping("/api/jobs/{job}/builds/{build}/lenses")
    LensViews.LensSheet lenses(
            Standpoint at,
            @RequestParam(defaultValue = "") @Size(max = 40) List<@Size(max = 60) String> without,
            @RequestParam(defaultValue = "0") double boxMm,
            @RequestParam(defaultValue = "") @Size(max = 20) List<@Size(max = 80) String> filters) {
        FrontSheet.Tried tried = new FrontSheet.Tried(
                Set.copyOf(without), boxMm, filters.stream().map(TypeRef::parse).toList());
        return LensViews.LensSheet.of(lenses.sheet(at, tried));
    }
}
