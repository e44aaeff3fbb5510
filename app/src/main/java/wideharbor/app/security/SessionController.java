package wideharbor.app.security;

import io.swagger.v3.oas.annotations.Parameter;
import java.security.Principal;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in; asking also hands out the CSRF cookie. */
@RestController
class SessionController {
    private final Accounts accounts;

    SessionController(Accounts accounts) {
        this.accounts = accounts;
    }

    record Session(
            boolean signedIn,
            String username,
            String displayName,
            String role,
            boolean editsBuilds,
            boolean editsBriefs,
            boolean waives) {}

    @GetMapping("/api/session")
    Session session(@Nullable Principal principal, @Parameter(hidden = true) CsrfToken token) {
        token.getToken();
        if (!(principal instanceof Authentication who)) {
            return new Session(false, "", "", "", false, false, false);
        }
        String role = who.getAuthorities().stream()
                .map(a -> String.valueOf(a.getAuthority()))
                .filter(a -> a.startsWith("ROLE_"))
                .map(a -> a.substring(5))
                .findFirst()
                .orElse("");
        return new Session(
                true,
                accounts.username(who.getName()),
                accounts.displayName(who.getName()),
                role.toLowerCase(java.util.Locale.ROOT),
                !role.equals(Role.DESK.name()),
                !role.equals(Role.TECHNICIAN.name()),
                role.equals(Role.LEAD.name()));
    }
}
