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
import wideharbor.app.job.Journal;
import wideharbor.core.edit.EditRequest;
import wideharbor.core.geometry.View;

/** The Bench: one build in one configuration with one lens, and everything that may be done to it. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}")
class BenchController {
    private final BenchService service;
    private final BenchEdits edits;
    private final ConfigurationService configurations;
    private final LeftStates states;

    BenchController(BenchService service, BenchEdits edits, ConfigurationService configurations, LeftStates states) {
        this.states = states;
        this.service = service;
        this.edits = edits;
        this.configurations = configurations;
    }

    /** Where someone stands, and the revision they have seen. */
    record Edit(
            @Min(1) int revision,
            @NotNull @Size(max = 64) String configuration,
            @NotNull @Size(max = 64) String lens,
            boolean only,
            @NotNull EditRequest request) {
        BenchEdits.Asked asked() {
            return new BenchEdits.Asked(request, only);
        }
    }

    /** {@code anyway}: also when the entry is another person's. */
    record Step(
            @Min(1) int revision,
            @NotNull @Size(max = 64) String configuration,
            @NotNull @Size(max = 64) String lens,
            boolean anyway) {}

    @GetMapping("/bench")
    BenchViews.Bench bench(Spot spot) {
        return service.bench(spot);
    }

    @GetMapping("/drawing")
    DrawingView drawing(Spot spot, @RequestParam(defaultValue = "RIGHT") View view) {
        return service.drawing(spot, view);
    }

    @GetMapping("/ports")
    List<BenchViews.PortView> ports(Spot spot) {
        return service.freePorts(spot);
    }

    @GetMapping("/fit")
    BenchViews.FitPage fit(
            Spot spot,
            @RequestParam String port,
            @RequestParam(defaultValue = "") @Size(max = 80) String search,
            @RequestParam(defaultValue = "0") int from) {
        return service.offers(spot, port, search, from);
    }

    @GetMapping("/budget")
    List<BenchViews.FaceView> budget(Spot spot) {
        return service.budget(spot);
    }

    /** The configuration looked at beside another of the same build. */
    @GetMapping("/compare")
    ConfigurationViews.Compared compare(Spot spot, @RequestParam String with) {
        return configurations.compare(spot, with);
    }

    /** The balance with every lens, and what slides and other batteries would make of it. */
    @GetMapping("/balance")
    ConfigurationViews.Balance balance(Spot spot) {
        return configurations.balance(spot);
    }

    /** What every change from one configuration to another takes. */
    @GetMapping("/changeovers")
    ConfigurationViews.Changeovers changeovers(Spot spot) {
        return configurations.changeovers(spot);
    }

    /** What there is to hold, where the finder is from the eye, and what touches the table. */
    @GetMapping("/hands")
    HandsView hands(Spot spot) {
        return configurations.hands(spot);
    }

    /** How this configuration was left before, the latest first, and what is not so any more. */
    @GetMapping("/left")
    List<LeftStates.Left> left(Spot spot) {
        return states.latest(spot);
    }

    @GetMapping("/left/{id}/drawing")
    DrawingView leftDrawing(Spot spot, @PathVariable long id) {
        return states.drawing(spot, id);
    }

    record Remember(
            @NotNull @Size(max = 64) String configuration,
            @NotNull @Size(max = 64) String lens,
            @NotNull @Size(max = 200) String note) {}

    @PostMapping("/left")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    List<LeftStates.Left> remember(
            @PathVariable String job, @PathVariable String build, @Valid @RequestBody Remember asked, Principal who) {
        return states.remember(new Spot(job, build, asked.configuration(), asked.lens()), asked.note(), who.getName());
    }

    @GetMapping("/own-parts")
    List<BenchViews.OwnPart> ownParts(Spot spot) {
        return service.ownParts(spot);
    }

    @GetMapping("/journal")
    List<Journal.Entry> journal(@PathVariable String job, @PathVariable String build) {
        return service.journal(job, build);
    }

    @PostMapping("/edits")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench edit(
            @PathVariable String job, @PathVariable String build, @Valid @RequestBody Edit edit, Principal who) {
        Spot spot = new Spot(job, build, edit.configuration(), edit.lens());
        return service.afterEdit(edits.edit(spot, edit.revision(), edit.asked(), who.getName()));
    }

    /** What an edit would come to, without making it: asked for while something is still in the hand. */
    @PostMapping("/trials")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench trial(
            @PathVariable String job, @PathVariable String build, @Valid @RequestBody Edit edit, Principal who) {
        return edits.trial(
                new Spot(job, build, edit.configuration(), edit.lens()), edit.revision(), edit.asked(), who.getName());
    }

    @PostMapping("/undo")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench undo(
            @PathVariable String job, @PathVariable String build, @Valid @RequestBody Step step, Principal who) {
        Spot spot = new Spot(job, build, step.configuration(), step.lens());
        return service.afterEdit(edits.undo(spot, step.revision(), step.anyway(), who.getName()));
    }

    @PostMapping("/redo")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchViews.Bench redo(
            @PathVariable String job, @PathVariable String build, @Valid @RequestBody Step step, Principal who) {
        Spot spot = new Spot(job, build, step.configuration(), step.lens());
        return service.afterEdit(edits.redo(spot, step.revision(), who.getName()));
    }
}
