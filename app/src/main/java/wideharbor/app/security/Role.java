package wideharbor.app.security;

import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.core.Authentication;

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

    private static final String PREFIX = "ROLE_";

    /** The roles that somebody signed in with. */
    public static Set<Role> of(Authentication who) {
        return who.getAuthorities().stream()
                .map(a -> String.valueOf(a.getAuthority()))
                .filter(a -> a.startsWith(PREFIX))
                .map(a -> valueOf(a.substring(PREFIX.length())))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Role.class)));
    }
}
