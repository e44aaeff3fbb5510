package wideharbor.app.crew;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.app.security.People;

/** The crew of a job, and what is said about it. */
@RestController
@RequestMapping("/api/jobs/{job}")
class CrewController {
    private final Crew crew;
    private final Remarks remarks;

    CrewController(Crew crew, Remarks remarks) {
        this.crew = crew;
        this.remarks = remarks;
    }

    record NewMember(
            @NotNull @Pattern(regexp = People.USERNAME, message = People.USERNAME_IN_WORDS)
            String username,

            @NotBlank @Size(max = 80) String displayName) {}

    record NewRemark(@NotBlank @Size(max = 1000) String words) {}

    @GetMapping("/crew")
    List<Crew.CrewMember> crew(@PathVariable String job) {
        return crew.of(job);
    }

    @PostMapping("/crew")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    @ResponseStatus(HttpStatus.CREATED)
    @Audited("invited somebody of a crew")
    Crew.CrewInvited invite(@PathVariable String job, @Valid @RequestBody NewMember member, Principal who) {
        return crew.invite(job, member.username(), member.displayName().strip(), who.getName());
    }

    @DeleteMapping("/crew/{user}")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Audited("ended what somebody of a crew may see")
    void end(@PathVariable String job, @PathVariable String user) {
        crew.end(job, user);
    }

    @GetMapping("/remarks")
    List<Remarks.RemarkLine> remarks(@PathVariable String job) {
        return remarks.of(job);
    }

    @PostMapping("/remarks")
    @ResponseStatus(HttpStatus.CREATED)
    void say(@PathVariable String job, @Valid @RequestBody NewRemark remark, Principal who) {
        remarks.say(job, remark.words().strip(), who.getName());
    }

    @PostMapping("/remarks/{id}/settled")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void settle(@PathVariable String job, @PathVariable long id, Authentication who) {
        remarks.settle(job, id, who.getName(), !Crew.isOutside(who));
    }
}
