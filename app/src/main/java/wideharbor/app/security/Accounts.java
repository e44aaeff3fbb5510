package wideharbor.app.security;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsPasswordService;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who may sign in, and what people are called. The first accounts of an installation come from the environment, as
 * {@code user:password,…}; once anybody is there, people are invited, and a password is its person's own.
 */
@Service
@Order(1)
public class Accounts implements UserDetailsService, UserDetailsPasswordService, ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(Accounts.class);

    private record First(String displayName, Set<Role> roles) {}

    private static final Map<String, First> FIRST = Map.of(
            "admin", new First("First administrator", Set.of(Role.ADMINISTRATOR, Role.LEAD)),
            "tech", new First("Jonna Brask", Set.of(Role.TECHNICIAN)),
            "lead", new First("Mirela Osk", Set.of(Role.LEAD, Role.ADMINISTRATOR)),
            "desk", new First("Sten Ivarden", Set.of(Role.DESK)));

    private final AppUsers users;
    private final PasswordEncoder encoder;
    private final Codes codes;
    private final String configured;
    private final String rescued;
    private final String rescuedTo;

    Accounts(
            AppUsers users,
            PasswordEncoder encoder,
            Codes codes,
            @Value("${harbor.accounts}") String configured,
            @Value("${harbor.rescue}") String rescued,
            @Value("${harbor.rescue-file}") String rescuedTo) {
        this.users = users;
        this.encoder = encoder;
        this.codes = codes;
        this.configured = configured;
        this.rescued = rescued;
        this.rescuedTo = rescuedTo;
    }

    /** By the name that is typed; the principal carries the person's id, so that one person is never two. */
    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String username) {
        AppUser user = users.findByUsername(username)
                .filter(u -> !u.password().isEmpty() && !u.isSuspended())
                .orElseThrow(() -> new UsernameNotFoundException(username));
        return User.withUsername(user.id())
                .password(user.password())
                .roles(user.roles().stream().map(Enum::name).toArray(String[]::new))
                .build();
    }

    /** Their own password, encoded as it is done by now. */
    @Override
    @Transactional
    public UserDetails updatePassword(UserDetails user, @Nullable String encoded) {
        if (encoded == null) {
            return user;
        }
        users.findById(user.getUsername()).ifPresent(known -> known.password(encoded));
        return User.withUserDetails(user).password(encoded).build();
    }

    /** Every screen names people, and hardly anybody is renamed: a new name is seen within a minute. */
    private final Cache<String, String> names = Caffeine.newBuilder()
            .maximumSize(1000)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();

    /** What a person is called; what is no id of a person here stands for itself, as files from elsewhere have it. */
    public String displayName(String person) {
        String known = names.getIfPresent(person);
        if (known != null) {
            return known;
        }
        Optional<String> name = users.findById(person).map(AppUser::displayName);
        name.ifPresent(n -> names.put(person, n));
        return name.orElse(person);
    }

    /** Somebody was called otherwise. */
    void renamed(String person) {
        names.invalidate(person);
    }

    /** The name that a person signs in with. */
    public String username(String person) {
        return users.findById(person).map(AppUser::username).orElse(person);
    }

    /** The id behind a name that somebody signs in with. */
    public Optional<String> idOf(String username) {
        return users.findByUsername(username).map(AppUser::id);
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        boolean begins = users.count() == 0;
        for (String account : configured.split(",")) {
            String[] parts = account.split(":", 2);
            First first = FIRST.get(parts[0]);
            if (first == null || parts.length < 2) {
                continue;
            }
            Optional<AppUser> there = users.findByUsername(parts[0]);
            if (there.isEmpty() && begins) {
                there = Optional.of(
                        new AppUser(UUID.randomUUID().toString(), parts[0], first.displayName(), first.roles()));
            }
            there.filter(u -> u.password().isEmpty() && u.code().isEmpty()).ifPresent(u -> {
                u.password(Objects.requireNonNull(encoder.encode(parts[1])));
                users.save(u);
            });
        }
        if (!rescued.isEmpty()) {
            tell(users.findByUsername(rescued)
                    .map(user -> "Code for " + rescued + ": " + codes.give(user))
                    .orElse("Nobody here signs in as " + rescued + "."));
        }
    }

    /** To whoever has the machine; a log is read by others too. */
    private void tell(String words) {
        if (rescuedTo.isEmpty()) {
            LOG.info(words);
            return;
        }
        try {
            Path file = Files.createFile(
                    Path.of(rescuedTo),
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            Files.writeString(file, words + "\n");
        } catch (IOException e) {
            throw new UncheckedIOException("The code cannot be written to " + rescuedTo, e);
        }
    }
}
