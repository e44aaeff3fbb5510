package wideharbor.app.security;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people who may sign in. The demo accounts come from the environment, as {@code user:password,…}. */
@Service
@Order(1)
public class Accounts implements UserDetailsService, ApplicationRunner {
    private record Demo(String displayName, Role role) {}

    private static final Map<String, Demo> DEMO = Map.of(
            "tech", new Demo("Jonna Brask", Role.TECHNICIAN),
            "lead", new Demo("Mirela Osk", Role.LEAD),
            "desk", new Demo("Sten Ivarden", Role.DESK));

    private final AppUsers users;
    private final PasswordEncoder encoder;
    private final String configured;

    Accounts(AppUsers users, PasswordEncoder encoder, @Value("${harbor.accounts}") String configured) {
        this.users = users;
        this.encoder = encoder;
        this.configured = configured;
    }

    /** By the name that is typed; the principal carries the person's id, so that one person is never two. */
    @Override
    public UserDetails loadUserByUsername(String username) {
        AppUser user = users.findByUsername(username).orElseThrow(() -> new UsernameNotFoundException(username));
        return User.withUsername(user.id())
                .password(user.password())
                .roles(user.role().name())
                .build();
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

    /** The name that a person signs in with. */
    String username(String person) {
        return users.findById(person).map(AppUser::username).orElse(person);
    }

    /** The id behind a name that somebody signs in with. */
    public Optional<String> idOf(String username) {
        return users.findByUsername(username).map(AppUser::id);
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        for (String account : configured.split(",")) {
            String[] parts = account.split(":", 2);
            Demo demo = DEMO.get(parts[0]);
            if (demo == null || parts.length < 2) {
                continue;
            }
            AppUser user = users.findByUsername(parts[0])
                    .orElseGet(() ->
                            new AppUser(UUID.randomUUID().toString(), parts[0], demo.displayName(), "", demo.role()));
            if (user.password().isEmpty() || !encoder.matches(parts[1], user.password())) {
                user.password(Objects.requireNonNull(encoder.encode(parts[1])));
                users.save(user);
            }
        }
    }
}
