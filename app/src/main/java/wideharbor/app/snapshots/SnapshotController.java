package wideharbor.app.snapshots;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.drawing.DrawingView;
import wideharbor.app.job.Standpoint;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** How configurations were left. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}")
class SnapshotController {
    private final SnapshotService snapshots;

    SnapshotController(SnapshotService snapshots) {
        this.snapshots = snapshots;
    }

    /** How this configuration was left before, the latest first, and what is not so any more. */
    @GetMapping("/left")
    List<SnapshotService.Left> left(Standpoint at) {
        return snapshots.latest(at);
    }

    @GetMapping("/left/{id}/drawing")
    DrawingView leftDrawing(Standpoint at, @PathVariable long id) {
        return snapshots.drawing(at, id);
    }

    record Remember(
            @NotNull ConfigurationId configuration,
            @NotNull LensId lens,
            @NotNull @Size(max = 200) String note) {}

    @PostMapping("/left")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    List<SnapshotService.Left> remember(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody Remember asked, Principal who) {
        return snapshots.remember(
                new Standpoint(job, build, asked.configuration(), asked.lens()), asked.note(), who.getName());
    }
}
