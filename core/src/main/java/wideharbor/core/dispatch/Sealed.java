package wideharbor.core.dispatch;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * The seal of what was signed: SHA-256 over the names and sums of its papers, in the order of their names. A byte
 * changed, a paper more or fewer makes another seal.
 */
public final class Sealed {
    private Sealed() {}

    /** 64 hexadecimal digits. */
    public static String seal(Map<String, byte[]> papers) {
        SortedMap<String, byte[]> ordered = new TreeMap<>(papers);
        MessageDigest all = sha256();
        ordered.forEach((name, content) -> {
            all.update((name + "\n").getBytes(StandardCharsets.UTF_8));
            all.update(sha256().digest(content));
        });
        return HexFormat.of().formatHex(all.digest());
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
