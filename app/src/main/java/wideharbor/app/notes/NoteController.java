package wideharbor.app.notes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.app.stock.Incidents;
import wideharbor.core.note.Note;

/** What people know of things. */
@RestController
@PreAuthorize("hasAnyRole('TECHNICIAN','DESK','LEAD','ADMINISTRATOR')")
public class NoteController {
    private final NoteService service;

    NoteController(NoteService service) {
        this.service = service;
    }

    /** {@code about} as "type:head-120"; {@code settled}: why it is not shown any more, empty while it is. */
    record NoteView(
            String id,
            Note.Kind kind,
            String about,
            String title,
            String words,
            String job,
            String jobTitle,
            String who,
            Instant at,
            String settled) {}

    record NotePage(List<NoteView> notes, long total, int page, int size) {}

    record JobNotes(List<NoteView> notes, List<Incidents.Incident> incidents) {}

    @GetMapping("/api/notes")
    NotePage notes(
            @RequestParam(defaultValue = "") @Size(max = 60) String text,
            @RequestParam(defaultValue = "false") boolean settled,
            @RequestParam(defaultValue = "0") @Min(0) @Max(10_000) int page) {
        return service.search(text.strip(), settled, page);
    }

    @GetMapping("/api/jobs/{job}/notes")
    JobNotes ofJob(@PathVariable String job) {
        return service.ofJob(job);
    }

    /** {@code job}: where it was learnt; empty where that was none. */
    public record NewNote(
            @NotNull @Pattern(regexp = "[0-9a-fA-F-]{36}") String id,
            @NotNull Note.Kind kind,
            @NotBlank @Size(max = 80) String about,
            @NotBlank @Size(max = Note.LONGEST) String words,
            @NotNull @Size(max = 64) String job) {}

    @PostMapping("/api/notes")
    @Audited("wrote a note")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    void write(@Valid @RequestBody NewNote note, Principal who) {
        service.write(note, who.getName());
    }

    record Settle(@NotBlank @Size(max = Note.LONGEST_REASON) String why) {}

    @PostMapping("/api/notes/{note}/settled")
    @Audited("settled a note")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    void settle(@PathVariable String note, @Valid @RequestBody Settle settle, Principal who) {
        service.settle(note, settle.why(), who.getName());
    }

    /** What was damaged or went missing, over all jobs, the last first. */
    @GetMapping("/api/incidents")
    Incidents.IncidentPage incidents(@RequestParam(defaultValue = "0") @Min(0) @Max(10_000) int page) {
        return service.incidents(page);
    }
}
