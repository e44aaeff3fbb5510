package wideharbor.app.security;

import io.swagger.v3.oas.annotations.Parameter;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in; asking also hands out the CSRF cookie. */
@RestController
class SessionController {
    private final Accounts accounts;
    private final Clock clock;

    SessionController(Accounts accounts, Clock clock) {
        this.accounts = accounts;
        this.clock = clock;
    }

    record Session(
            boolean signedIn,
            LocalDate today,
            String username,
            String displayName,
            Set<Role> roles,
            boolean editsBuilds,
            boolean editsBriefs,
            boolean waives,
            boolean administers) {}

    @GetMapping("/api/session")
    Session session(@Nullable Principal principal, @Parameter(hidden = true) CsrfToken token) {
        token.getToken();
        if (!(principal instanceof Authentication who)) {
            return new Session(false, LocalDate.now(clock), "", "", Set.of(), false, false, false, false);
        }
        Set<Role> roles = Role.of(who);
        return new Session(
                true,
                LocalDate.now(clock),
                accounts.username(who.getName()),
                accounts.displayName(who.getName()),
                roles,
                roles.contains(Role.TECHNICIAN) || roles.contains(Role.LEAD),
                roles.contains(Role.DESK) || roles.contains(Role.LEAD),
                roles.contains(Role.LEAD),
                roles.contains(Role.ADMINISTRATOR));
    }
}
