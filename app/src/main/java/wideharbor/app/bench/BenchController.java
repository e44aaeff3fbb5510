package wideharbor.app.bench;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.drawing.DrawingView;
import wideharbor.app.drawing.SpaceView;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Standpoint;
import wideharbor.core.edit.ByHand;
import wideharbor.core.edit.EditRequest;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;

/** The Bench: one build in one configuration with one lens, and everything that may be done to it. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}")
class BenchController {
    private final BenchService service;
    private final BenchEdits edits;

    BenchController(BenchService service, BenchEdits edits) {
        this.service = service;
        this.edits = edits;
    }

    /** Where someone stands, and the revision they have seen. */
    record Edit(
            @Min(1) int revision,
            @NotNull ConfigurationId configuration,
            @NotNull LensId lens,
            boolean only,
            @NotNull EditRequest request) {
        BenchEdits.Asked asked() {
            return new BenchEdits.Asked(request, only);
        }
    }

    /** {@code anyway}: also when the entry is another person's. */
    record UndoStep(
            @Min(1) int revision,
            @NotNull ConfigurationId configuration,
            @NotNull LensId lens,
            boolean anyway) {}

    @GetMapping("/bench")
    BenchViews.Bench bench(Standpoint at) {
        return service.bench(at);
    }

    @GetMapping("/drawing")
    DrawingView drawing(Standpoint at, @RequestParam(defaultValue = "RIGHT") View view) {
        return service.drawing(at, view);
    }

    /** The rig in space, to be turned. */
    @GetMapping("/space")
    SpaceView space(Standpoint at) {
        return service.space(at);
    }

    @GetMapping("/ports")
    List<BenchViews.PortView> ports(Standpoint at) {
        return service.freePorts(at);
    }

    @GetMapping("/fit")
    BenchViews.FitPage fit(
            Standpoint at,
            @RequestParam String port,
            @RequestParam(defaultValue = "") @Size(max = 80) String search,
            @RequestParam(defaultValue = "0") int from) {
        return service.offers(at, port, search, from);
    }

    @GetMapping("/budget")
    List<BenchViews.FaceView> budget(Standpoint at) {
        return service.budget(at);
    }

    /** What may be done by hand with a part, and what each way would cost. */
    @GetMapping("/by-hand")
    BenchViews.HandPage byHand(
            Standpoint at,
            @RequestParam PlacementId part,
            @RequestParam ByHand.Deed deed,
            @RequestParam(defaultValue = "") @Size(max = 80) String search) {
        return service.byHand(at, part, deed, search);
    }

    /** Lenses that go on this body and are not in its set. */
    @GetMapping("/lens-offers")
    BenchViews.HandPage lensOffers(Standpoint at, @RequestParam(defaultValue = "") @Size(max = 80) String search) {
        return service.lensOffers(at, search);
    }

    @GetMapping("/own-parts")
    List<BenchViews.OwnPart> ownParts(Standpoint at) {
        return service.ownParts(at);
    }

    @GetMapping("/journal")
    List<Journal.Entry> journal(@PathVariable String job, @PathVariable BuildId build) {
        return service.journal(job, build);
    }

    @PostMapping("/edits")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench edit(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody Edit edit, Principal who) {
        Standpoint at = new Standpoint(job, build, edit.configuration(), edit.lens());
        return service.afterEdit(edits.edit(at, edit.revision(), edit.asked(), who.getName()));
    }

    /** What an edit would come to, without making it: asked for while something is still in the hand. */
    @PostMapping("/trials")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench trial(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody Edit edit, Principal who) {
        return edits.trial(
                new Standpoint(job, build, edit.configuration(), edit.lens()),
                edit.revision(),
                edit.asked(),
                who.getName());
    }

    @PostMapping("/undo")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench undo(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody UndoStep step, Principal who) {
        Standpoint at = new Standpoint(job, build, step.configuration(), step.lens());
        return service.afterEdit(edits.undo(at, step.revision(), step.anyway(), who.getName()));
    }

    /** {@code seq}: the entry of the journal before which the build shall stand again. */
    record BackStep(
            @Min(1) int revision,
            @NotNull ConfigurationId configuration,
            @NotNull LensId lens,
            @Min(1) int seq) {}

    @PostMapping("/back")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench back(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody BackStep step, Principal who) {
        Standpoint at = new Standpoint(job, build, step.configuration(), step.lens());
        return service.afterEdit(edits.back(at, step.revision(), step.seq(), who.getName()));
    }

    @PostMapping("/redo")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench redo(
            @PathVariable String job, @PathVariable BuildId build, @Valid @RequestBody UndoStep step, Principal who) {
        Standpoint at = new Standpoint(job, build, step.configuration(), step.lens());
        return service.afterEdit(edits.redo(at, step.revision(), who.getName()));
    }
}
