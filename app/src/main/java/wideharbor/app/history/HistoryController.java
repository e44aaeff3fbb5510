package wideharbor.app.history;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.drawing.DrawingView;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Standpoint;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;

/** A build as it stood after an entry of its journal. */
@RestController
@RequestMapping("/api/jobs/{job}")
class HistoryController {
    private final HistoryService service;
    private final DecisionService decisions;

    HistoryController(HistoryService service, DecisionService decisions) {
        this.service = service;
        this.decisions = decisions;
    }

    /** {@code seq} 0: before the first entry. {@code against}: another entry to compare it with; 0 is what stands. */
    @GetMapping("/builds/{build}/history/{seq}")
    HistoryService.AsItWas asItWas(
            Standpoint at, @PathVariable @Min(0) int seq, @RequestParam(defaultValue = "0") @Min(0) int against) {
        return service.asItWas(at, seq, against);
    }

    @GetMapping("/builds/{build}/history/{seq}/drawing")
    DrawingView drawing(Standpoint at, @PathVariable @Min(0) int seq, @RequestParam(defaultValue = "RIGHT") View view) {
        return service.drawing(at, seq, view);
    }

    /** An empty name takes it away again. */
    record StateName(@NotNull @Size(max = 80) String name) {}

    @PutMapping("/builds/{build}/history/{seq}/name")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    Journal.Entry name(
            @PathVariable String job,
            @PathVariable BuildId build,
            @PathVariable @Min(1) int seq,
            @Valid @RequestBody StateName name,
            Principal who) {
        return service.name(job, build, seq, name.name().strip(), who.getName());
    }

    /** What was decided on this job, the latest first: why parts came off, what was waived, states that were named. */
    @GetMapping("/decisions")
    List<DecisionService.Decision> decisions(@PathVariable String job) {
        return decisions.of(job);
    }
}
