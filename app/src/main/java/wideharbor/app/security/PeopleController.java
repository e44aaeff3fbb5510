package wideharbor.app.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.web.Refusal;

/** The people of the house, what was done here, and one's own account. */
@RestController
class PeopleController {
    private final People people;
    private final Audit audit;
    private final Throttle throttle;

    PeopleController(People people, Audit audit, Throttle throttle) {
        this.people = people;
        this.audit = audit;
        this.throttle = throttle;
    }

    record NewPerson(
            @NotNull @Pattern(regexp = People.USERNAME, message = People.USERNAME_IN_WORDS)
            String username,

            @NotBlank @Size(max = 80) String displayName,
            @NotEmpty Set<@NotNull Role> roles) {}

    record PersonChange(
            @NotBlank @Size(max = 80) String displayName,
            @NotEmpty Set<@NotNull Role> roles) {}

    record Suspension(boolean suspended) {}

    @GetMapping("/api/people")
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    List<People.Person> all() {
        return people.all();
    }

    @PostMapping("/api/people")
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    @ResponseStatus(HttpStatus.CREATED)
    @Audited("invited a person")
    People.Invited invite(@Valid @RequestBody NewPerson person) {
        return people.invite(
                AuditSubject.is(person.username()), person.displayName().strip(), person.roles());
    }

    @PutMapping("/api/people/{id}")
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    @Audited("changed a person’s name or roles")
    People.Person change(@PathVariable String id, @Valid @RequestBody PersonChange change) {
        return people.change(id, change.displayName().strip(), change.roles());
    }

    @PostMapping("/api/people/{id}/reset")
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    @Audited("took a person’s password away and gave a code")
    People.Invited reset(@PathVariable String id) {
        return people.reset(id);
    }

    @PostMapping("/api/people/{id}/suspended")
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    @Audited("suspended a person, or let them in again")
    People.Person suspend(@PathVariable String id, @RequestBody Suspension suspension) {
        return people.suspend(id, suspension.suspended());
    }

    /** {@code before}: the number of the last line that is known; 0 begins with the latest. */
    @GetMapping("/api/audit")
    @PreAuthorize("hasRole('ADMINISTRATOR')")
    List<Audit.AuditLine> audit(
            @RequestParam(defaultValue = "0") long before,
            @RequestParam(defaultValue = "") @Size(max = 80) String search,
            @RequestParam Optional<Audit.Kind> kind) {
        return audit.before(before, search, kind);
    }

    record Joining(
            @NotBlank @Size(max = 40) String username,
            @NotBlank @Size(max = 40) String code,
            @NotNull @Size(max = 100) String password) {}

    /** Who was given a code chooses a password by it; they sign in afterwards. */
    @PostMapping("/api/join")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void join(@Valid @RequestBody Joining joining, HttpServletRequest request) {
        String name = joining.username().strip();
        if (throttle.isClosed(name, request.getRemoteAddr())) {
            throw Refusal.tooOften();
        }
        String who = people.join(name, joining.code(), joining.password()).orElseThrow(() -> {
            audit.write(Audit.Kind.REFUSED, name, request.getRemoteAddr(), "", "a code that does not open");
            return Refusal.conflict("Name and code do not belong together, or the code has been used or is too old.");
        });
        audit.write(Audit.Kind.DONE, who, request.getRemoteAddr(), "", "chose a password by a code");
    }

    record NewPassword(
            @NotNull @Size(max = 100) String now,
            @NotNull @Size(max = 100) String next) {}

    record OwnName(@NotBlank @Size(max = 80) String displayName) {}

    @PutMapping("/api/me/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Audited("changed their password")
    void changePassword(@Valid @RequestBody NewPassword change, Principal who, HttpSession session) {
        people.changePassword(who.getName(), change.now(), change.next(), session.getId());
    }

    @PutMapping("/api/me/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Audited("is called otherwise")
    void rename(@Valid @RequestBody OwnName name, Principal who) {
        people.rename(who.getName(), name.displayName().strip());
    }

    @GetMapping("/api/me/sessions")
    List<People.OwnSession> sessions(Principal who, HttpSession session) {
        return people.sessions(who.getName(), session.getId());
    }

    /** Ends every other session of whoever asks. */
    @PostMapping("/api/me/sessions/end")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endOthers(Principal who, HttpSession session) {
        people.endSessions(who.getName(), session.getId());
    }
}
