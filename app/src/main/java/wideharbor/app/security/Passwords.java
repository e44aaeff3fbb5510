package wideharbor.app.security;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Which passwords are good enough to be encoded; none is kept otherwise. */
@Component
class Passwords {
    private static final int SHORTEST = 10;

    /** BCrypt reads no more. */
    private static final int LONGEST_BYTES = 72;

    /** Of fewer different characters it is hardly a secret. */
    private static final int FEWEST_DIFFERENT = 5;

    /** What the lists of most used passwords have of this length, without what is added to them at the end. */
    private static final Set<String> MOST_USED = Set.of(
            "password",
            "passwort",
            "qwertyuiop",
            "qwertzuiop",
            "qwerty",
            "qwertz",
            "asdfghjkl",
            "letmein",
            "welcome",
            "iloveyou",
            "sunshine",
            "princess",
            "football",
            "baseball",
            "superman",
            "trustno",
            "dragon",
            "monkey",
            "abcdefghij",
            "zxcvbnm",
            "administrator",
            "changeme",
            "computer",
            "internet",
            "whatever",
            "starwars",
            "wideharbor",
            "camera",
            "secret");

    private final PasswordEncoder encoder;

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    /** @throws IllegalArgumentException naming what is wrong with it and the limit */
    String encoded(String username, String password) {
        if (password.length() < SHORTEST) {
            throw new IllegalArgumentException("A password must have at least " + SHORTEST
                    + " characters, but this has " + password.length() + ".");
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > LONGEST_BYTES) {
            throw new IllegalArgumentException(
                    "A password may have at most " + LONGEST_BYTES + " bytes; this has more.");
        }
        if (isGuessed(username, password)) {
            throw new IllegalArgumentException(
                    "This password is among the first that anybody guesses. Some words that do not belong together are"
                            + " better.");
        }
        return Objects.requireNonNull(encoder.encode(password));
    }

    boolean matches(String password, String encoded) {
        return encoder.matches(password, encoded);
    }

    private static boolean isGuessed(String username, String password) {
        String small = password.toLowerCase(Locale.ROOT);
        String letters = small.replaceAll("[^\\p{L}]", "");
        return small.chars().distinct().count() < FEWEST_DIFFERENT
                || letters.isEmpty() && isRow(small)
                || MOST_USED.contains(letters)
                || letters.equals(username.toLowerCase(Locale.ROOT));
    }

    /** Digits that only count up or down: 1234567890. */
    private static boolean isRow(String digits) {
        for (int i = 2; i < digits.length(); i++) {
            int step = Math.floorMod(digits.charAt(i) - digits.charAt(i - 1), 10);
            if (step != Math.floorMod(digits.charAt(1) - digits.charAt(0), 10)) {
                return false;
            }
        }
        return true;
    }
}
