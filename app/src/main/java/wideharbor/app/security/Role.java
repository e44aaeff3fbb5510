package wideharbor.app.security;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.AuthorityUtils;

/**
 * What a person may do: technicians edit builds, leads everything of jobs and house, desks edit briefs and read builds,
 * administrators look after the people. One person may be several. A crew comes from outside and sees the job that it
 * was invited to.
 */
public enum Role {
    TECHNICIAN,
    LEAD,
    DESK,
    ADMINISTRATOR,
    CREW;

    private String authority() {
        return "ROLE_" + name();
    }

    /** The roles that somebody signed in with; none for who did not. */
    public static Set<Role> of(Authentication who) {
        Set<String> authorities = AuthorityUtils.authorityListToSet(who.getAuthorities());
        return Stream.of(values())
                .filter(r -> authorities.contains(r.authority()))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Role.class)));
    }
}
