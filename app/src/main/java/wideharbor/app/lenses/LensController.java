package wideharbor.app.lenses;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.core.sheet.FrontSheet;

/** The lens set of a body as it is, or as it would be with something left out or a box moved; nothing is stored. */
@RestController
class LensController {
    private final JobStore store;
    private final Reports reports;

    LensController(JobStore store, Reports reports) {
        this.store = store;
        this.reports = reports;
    }

    @GetMapping("/api/jobs/{job}/builds/{build}/lenses")
    @Transactional(readOnly = true)
    LensViews.LensSheet lenses(
            Standpoint at,
            @RequestParam(defaultValue = "") @Size(max = 40) List<@Size(max = 60) String> without,
            @RequestParam(defaultValue = "0") double boxMm) {
        FrontSheet.Tried tried = new FrontSheet.Tried(Set.copyOf(without), boxMm);
        return LensViews.LensSheet.of(FrontSheet.of(at.in(reports.of(store.load(at.job()))), tried));
    }
}
