package wideharbor.app.dispatch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.app.web.Download;
import wideharbor.app.web.Paper;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Handover;

/** The way to the door: what to pull, who signs, when it leaves. */
@RestController
@RequestMapping("/api/jobs/{job}")
public class DispatchController {
    private final DispatchService service;
    private final Paper paper;

    DispatchController(DispatchService service, Paper paper) {
        this.service = service;
        this.paper = paper;
    }

    record Line(
            String item,
            String category,
            String maker,
            String name,
            int onRig,
            int inKit,
            int pieces,
            double eachGrams,
            double lineGrams,
            boolean massKnown,
            List<String> serves) {}

    /**
     * Screws of one make; {@code held} says which packed tool has which key, {@code near} what is taken for a key that
     * is missing.
     */
    record Screws(
            String thread,
            int count,
            boolean captive,
            List<String> keys,
            List<String> held,
            List<String> near,
            List<String> where) {}

    record PackedView(String item, String name, String category, int pieces) {}

    /** {@code inKit} false: the kit has no such case left, the house would add it. */
    record CaseView(
            int number,
            String name,
            boolean inKit,
            List<PackedView> contents,
            double grams,
            double fill,
            boolean unweighed,
            boolean forTwo) {}

    record Signed(String who, Instant when) {}

    /** What the signatures are put to; {@code changed}: what is no longer so. */
    record Seal(String sum, List<String> papers, List<String> changed) {}

    /** Who took it over; {@code drawn} as an SVG path on a field of 600 by 200. */
    record HandedOver(String to, String drawn, String by, Instant at) {}

    /** To whom a package is given, and how they signed: an SVG path on a field of 600 by 200. */
    public record HandOver(
            @NotBlank @Size(max = Handover.LONGEST_NAME) String to,
            @NotNull @Size(max = Handover.LONGEST_DRAWING) String drawn) {}

    /** How much of something is done. */
    record Done(int done, int of) {}

    /**
     * {@code why…} are empty when the step can be taken now by who asks; {@code stageNote} says why it is not as far as
     * it was, {@code failedTests} are those that failed or decided nothing.
     */
    record Dispatch(
            String job,
            String title,
            int revision,
            Gate.Stage stage,
            String stageNote,
            Done steps,
            Done tests,
            List<String> failedTests,
            Done packed,
            int casesPacked,
            Done returned,
            boolean clear,
            String verdict,
            List<String> heldBy,
            List<Signed> signatures,
            String whyNotBuilt,
            String whyNotChecked,
            String whyNotSign,
            String whyNotPacked,
            String whyNotDispatch,
            String whyNotReconciled,
            String whyNotOpenedAgain,
            Optional<Seal> seal,
            Optional<HandedOver> handedOver,
            List<Line> lines,
            List<Screws> screws,
            List<CaseView> cases,
            List<PackedView> loose,
            Optional<Double> insuredValue,
            double totalGrams,
            int unweighed,
            boolean teamLift,
            double teamLiftGrams) {}

    @GetMapping("/dispatch")
    Dispatch dispatch(@PathVariable String job, Principal who) {
        return service.view(job, who.getName());
    }

    @GetMapping("/pull-list.csv")
    ResponseEntity<String> csv(@PathVariable String job) {
        return Download.of(job + "-pull-list.csv", Download.CSV, service.csv(job));
    }

    /** What goes into which case. */
    @GetMapping("/packing-list.csv")
    ResponseEntity<String> packingCsv(@PathVariable String job) {
        return Download.of(job + "-packing-list.csv", Download.CSV, service.packingCsv(job));
    }

    @GetMapping("/pull-list.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String job, Principal who) {
        return Download.pdf(job + "-pull-list.pdf", PullPaper.pdf(paper, service.view(job, who.getName())));
    }

    /** A paper as it was signed under the present revision. */
    @GetMapping("/signed/{name}")
    ResponseEntity<byte[]> signed(@PathVariable String job, @PathVariable @Size(max = 120) String name) {
        byte[] content = service.signed(job, name);
        return name.endsWith(".pdf")
                ? Download.pdf(job + "-signed-" + name, content)
                : Download.of(job + "-signed-" + name, MediaType.APPLICATION_JSON, content);
    }

    @PostMapping("/built")
    @Audited("marked a job built")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    Dispatch built(@PathVariable String job, Principal who) {
        service.built(job);
        return service.view(job, who.getName());
    }

    @PostMapping("/checked")
    @Audited("marked a job checked at the bench")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    Dispatch checked(@PathVariable String job, Principal who) {
        service.checked(job);
        return service.view(job, who.getName());
    }

    @PostMapping("/packed")
    @Audited("marked a job packed")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    Dispatch packed(@PathVariable String job, Principal who) {
        service.packed(job);
        return service.view(job, who.getName());
    }

    @PostMapping("/reconciled")
    @Audited("closed a job's return")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    Dispatch reconciled(@PathVariable String job, Principal who) {
        service.reconciled(job);
        return service.view(job, who.getName());
    }

    @PostMapping("/sign")
    @Audited("signed a job")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    Dispatch sign(@PathVariable String job, Principal who) {
        service.sign(job, who.getName());
        return service.view(job, who.getName());
    }

    @PostMapping("/dispatch")
    @Audited("dispatched a job")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    Dispatch leave(@PathVariable String job, @Valid @RequestBody HandOver given, Principal who) {
        service.leave(job, given, who.getName());
        return service.view(job, who.getName());
    }

    @PostMapping("/recall")
    @Audited("recalled a job")
    @PreAuthorize("hasRole('LEAD')")
    Dispatch recall(@PathVariable String job, Principal who) {
        service.recall(job);
        return service.view(job, who.getName());
    }
}
