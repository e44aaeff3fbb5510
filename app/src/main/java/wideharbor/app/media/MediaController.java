package wideharbor.app.media;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.web.Download;
import wideharbor.app.web.Paper;
import wideharbor.core.media.MediaDay;
import wideharbor.core.media.RollLog;

/** What a job records, as it is and with something tried; and the log of its rolls. */
@RestController
@RequestMapping("/api/jobs/{job}")
class MediaController {
    private static final String UUID = "[0-9a-fA-F-]{36}";

    private final MediaService media;
    private final Rolls rolls;
    private final Paper paper;

    MediaController(MediaService media, Rolls rolls, Paper paper) {
        this.media = media;
        this.rolls = rolls;
        this.paper = paper;
    }

    @GetMapping("/media")
    MediaViews.Media media(
            @PathVariable String job,
            @RequestParam(defaultValue = "0") @Min(-80) @Max(80) int moreCards,
            @RequestParam(defaultValue = "0") @Min(0) @Max(64) int fewerSlots) {
        return media.media(job, new MediaDay.Tried(moreCards, fewerSlots));
    }

    /** The last begun first. */
    @GetMapping("/rolls")
    List<MediaViews.RollLine> rolls(@PathVariable String job) {
        return rolls.of(job);
    }

    /** {@code card}: its code or what is written on it. */
    record NewRoll(
            @NotNull @Pattern(regexp = UUID) String id,
            @NotBlank @Size(max = 64) String build,
            @NotBlank @Size(max = 40) String card,
            @NotNull @Size(max = 60) String mode) {}

    @PostMapping("/rolls")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','CREW')")
    List<MediaViews.RollLine> begin(@PathVariable String job, @Valid @RequestBody NewRoll roll, Principal who) {
        rolls.begin(job, roll, who.getName());
        return rolls.of(job);
    }

    /** The next stage, or the one before; {@code id} of the move, so that one sent twice is one. */
    record RollMove(
            @NotNull @Pattern(regexp = UUID) String id,
            @NotNull RollLog.Stage stage) {}

    @PostMapping("/rolls/{roll}")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','CREW')")
    List<MediaViews.RollLine> move(
            @PathVariable String job, @PathVariable String roll, @Valid @RequestBody RollMove move, Principal who) {
        rolls.move(job, roll, move, who.getName());
        return rolls.of(job);
    }

    /** Labels to tape to cards, the next of every body first. */
    @GetMapping(value = "/roll-labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(@PathVariable String job) {
        return Download.pdf(job + "-roll-labels.pdf", RollLabels.pdf(paper, media.title(job), rolls.coming(job)));
    }
}
