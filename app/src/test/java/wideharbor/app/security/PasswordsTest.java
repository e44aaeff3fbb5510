package wideharbor.app.security;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

class PasswordsTest {
    private final Passwords passwords = new Passwords(new BCryptPasswordEncoder(4));

    @ParameterizedTest
    @ValueSource(
            strings = {
                "short",
                "aaaaaaaaaa",
                "ababababab",
                "1234567890",
                "0987654321",
                "Password123!",
                "qwertyuiop",
                "WideHarbor1",
                "ines-varga-1"
            })
    void refusesWhatAnybodyGuesses(String password) {
        assertThrows(IllegalArgumentException.class, () -> passwords.encoded("inesvarga", password), password);
    }

    @ParameterizedTest
    @ValueSource(strings = {"four plates on ice", "8417 2290 6635", "qwertyuiop harbour"})
    void takesTheRest(String password) {
        assertTrue(passwords.matches(password, passwords.encoded("ines", password)));
    }

    @Test
    void namesTheLimitsAndNotThePassword() {
        IllegalArgumentException longer =
                assertThrows(IllegalArgumentException.class, () -> passwords.encoded("ines", "ä".repeat(40)));
        assertTrue(longer.getMessage().contains("at most 72 bytes"), longer.getMessage());
        assertFalse(longer.getMessage().contains("ä"), longer.getMessage());
    }
}
