package wideharbor.app.security;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.web.Refusal;

/**
 * The people of the house: invited, given roles, reset, suspended; each looks after their own password and sessions.
 */
@Service
public class People {
    /** What somebody may sign in as. */
    public static final String USERNAME = "[\\p{L}\\p{N}][\\p{L}\\p{N}._-]{1,38}";

    public static final String USERNAME_IN_WORDS = "must be 2 to 39 letters, digits, points, lines or hyphens";

    private final AppUsers users;
    private final Accounts accounts;
    private final Codes codes;
    private final Passwords passwords;
    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final Clock clock;

    People(
            AppUsers users,
            Accounts accounts,
            Codes codes,
            Passwords passwords,
            FindByIndexNameSessionRepository<? extends Session> sessions,
            Clock clock) {
        this.users = users;
        this.accounts = accounts;
        this.codes = codes;
        this.passwords = passwords;
        this.sessions = sessions;
        this.clock = clock;
    }

    /** How a person stands. */
    public enum State {
        /** Has a password. */
        HERE,
        /** Has a code that still works. */
        INVITED,
        /** Has neither: needs a new code. */
        LOCKED_OUT,
        SUSPENDED
    }

    /** Somebody who may sign in. */
    public record Person(String id, String username, String displayName, Set<Role> roles, State state, int sessions) {}

    /** A person with the code that lets them choose a password; it is told once. */
    public record Invited(Person person, String code) {}

    /** {@code current}: the one that asks. */
    record OwnSession(String id, Instant since, Instant last, boolean current) {}

    @Transactional(readOnly = true)
    List<Person> all() {
        Map<String, Integer> open = new HashMap<>();
        users.sessions().forEach(s -> open.put((String) s[0], ((Number) s[1]).intValue()));
        return users.findAll().stream()
                .sorted(Comparator.comparing(AppUser::displayName))
                .map(u -> person(u, open.getOrDefault(u.id(), 0)))
                .toList();
    }

    /** One whose sessions, if there were any, have just ended or do not matter. */
    private Person person(AppUser u) {
        return person(u, 0);
    }

    private Person person(AppUser u, int open) {
        State state;
        if (u.isSuspended()) {
            state = State.SUSPENDED;
        } else if (!u.password().isEmpty()) {
            state = State.HERE;
        } else {
            state = u.hasCodeAt(clock.instant()) ? State.INVITED : State.LOCKED_OUT;
        }
        return new Person(u.id(), u.username(), u.displayName(), u.roles(), state, open);
    }

    @Transactional
    public Invited invite(String username, String displayName, Set<Role> roles) {
        if (users.findByUsername(username).isPresent()) {
            throw Refusal.conflict("Somebody here signs in as '" + username + "' already.");
        }
        AppUser user = new AppUser(UUID.randomUUID().toString(), username, displayName, roles);
        String code = codes.give(user);
        users.saveAndFlush(user);
        return new Invited(person(user), code);
    }

    /** Whether somebody is that and nothing else. */
    @Transactional(readOnly = true)
    public boolean isOnly(String id, Role role) {
        return require(id).roles().equals(Set.of(role));
    }

    /** Other roles end a person's sessions: those hold the roles of their beginning. */
    @Transactional
    Person change(String id, String displayName, Set<Role> roles) {
        AppUser user = require(id);
        if (!roles.contains(Role.ADMINISTRATOR)) {
            requireAnother(user);
        }
        user.call(displayName);
        accounts.renamed(id);
        if (!user.roles().equals(roles)) {
            user.may(roles);
            endSessions(id, "");
        }
        return person(user);
    }

    @Transactional
    Invited reset(String id) {
        AppUser user = require(id);
        String code = codes.give(user);
        endSessions(id, "");
        return new Invited(person(user), code);
    }

    @Transactional
    Person suspend(String id, boolean off) {
        AppUser user = require(id);
        if (off) {
            requireAnother(user);
            endSessions(id, "");
        }
        user.suspend(off);
        return person(user);
    }

    /** Somebody must be left who can look after the people. */
    private void requireAnother(AppUser user) {
        boolean last = user.roles().contains(Role.ADMINISTRATOR)
                && users.findAll().stream()
                        .noneMatch(u -> !u.id().equals(user.id())
                                && !u.isSuspended()
                                && !u.password().isEmpty()
                                && u.roles().contains(Role.ADMINISTRATOR));
        if (last) {
            throw Refusal.conflict(
                    user.displayName() + " is the only administrator who can sign in. Make another person one first.");
        }
    }

    private AppUser require(String id) {
        return users.findById(id).orElseThrow(() -> Refusal.notFound("There is no such person here."));
    }

    /**
     * Chooses a password by a code.
     *
     * @return whose it is now; none when name and code do not belong together
     */
    @Transactional
    Optional<String> join(String username, String code, String password) {
        Optional<AppUser> user = users.findByUsername(username).filter(u -> !u.isSuspended() && codes.opens(u, code));
        user.ifPresent(u -> u.password(passwords.encoded(username, password)));
        return user.map(AppUser::id);
    }

    /** Ends every other session of the person. */
    @Transactional
    void changePassword(String id, String now, String next, String session) {
        AppUser user = require(id);
        if (!passwords.matches(now, user.password())) {
            throw Refusal.conflict("The password you have now is another.");
        }
        user.password(passwords.encoded(user.username(), next));
        endSessions(id, session);
    }

    @Transactional
    void rename(String id, String displayName) {
        require(id).call(displayName);
        accounts.renamed(id);
    }

    List<OwnSession> sessions(String id, String current) {
        return sessions.findByPrincipalName(id).values().stream()
                .map(s -> new OwnSession(
                        s.getId().substring(0, 8),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(current)))
                .sorted(Comparator.comparing(OwnSession::last).reversed())
                .toList();
    }

    /** Ends the sessions of a person but one; none named: all of them. */
    void endSessions(String id, String but) {
        sessions.findByPrincipalName(id).keySet().stream()
                .filter(s -> !s.equals(but))
                .forEach(sessions::deleteById);
    }
}
