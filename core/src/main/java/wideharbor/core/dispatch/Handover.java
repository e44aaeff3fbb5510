package wideharbor.core.dispatch;

import java.util.regex.Pattern;
import wideharbor.core.quantity.Require;

/**
 * A package is given into somebody's hands.
 *
 * @param to whose
 * @param drawn what they drew for it, as lines of an SVG path on a field of 600 by 200; empty where nobody drew
 */
public record Handover(String to, String drawn) {
    public static final int LONGEST_NAME = 80;
    public static final int LONGEST_DRAWING = 20_000;
    private static final Pattern LINES = Pattern.compile("(M\\d{1,3} \\d{1,3}(L\\d{1,3} \\d{1,3})*+)*+");

    public Handover {
        Require.text("Name of who takes it over", to, LONGEST_NAME);
        Require.atMost("Drawn signature", drawn, LONGEST_DRAWING);
        if (!LINES.matcher(drawn).matches()) {
            throw new IllegalArgumentException(
                    "A drawn signature must be lines such as 'M10 20L30 40' on a field of 600 by 200");
        }
    }
}
