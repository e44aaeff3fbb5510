package wideharbor.app.security;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Codes that let a person choose a password, once and within a week. Only what they are encoded to is kept. */
@Component
class Codes {
    static final Duration LASTS = Duration.ofDays(7);

    /** Without letters that are read wrongly off a paper. */
    private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private static final int LENGTH = 12;

    private final SecureRandom random = new SecureRandom();
    private final PasswordEncoder encoder;
    private final Clock clock;

    Codes(PasswordEncoder encoder, Clock clock) {
        this.encoder = encoder;
        this.clock = clock;
    }

    /** Gives a person a new code in place of any password; told here and never again. */
    String give(AppUser user) {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < LENGTH; i++) {
            if (i > 0 && i % 4 == 0) {
                code.append('-');
            }
            code.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        user.code(
                Objects.requireNonNull(encoder.encode(code)),
                clock.instant().plus(LASTS).truncatedTo(ChronoUnit.MICROS));
        return code.toString();
    }

    /** Whether this is the code that is out for a person. */
    boolean opens(AppUser user, String code) {
        return user.hasCodeAt(clock.instant()) && encoder.matches(code.strip(), user.code());
    }
}
