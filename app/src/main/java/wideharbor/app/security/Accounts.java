package wideharbor.app.security;

import java.util.Map;
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

    @Override
    public UserDetails loadUserByUsername(String username) {
        AppUser user = users.findById(username).orElseThrow(() -> new UsernameNotFoundException(username));
        return User.withUsername(user.username())
                .password(user.password())
                .roles(user.role().name())
                .build();
    }

    public String displayName(String username) {
        return users.findById(username).map(AppUser::displayName).orElse(username);
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
            AppUser user = users.findById(parts[0])
                    .orElseGet(() -> new AppUser(parts[0], demo.displayName(), "", demo.role()));
            if (user.password().isEmpty() || !encoder.matches(parts[1], user.password())) {
                user.password(encoder.encode(parts[1]));
                users.save(user);
            }
        }
    }
}
