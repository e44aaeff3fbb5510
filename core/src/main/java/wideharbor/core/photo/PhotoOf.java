package wideharbor.core.photo;

import java.util.Locale;
import wideharbor.core.quantity.Require;

/** What a photo is of, within its job. The text form is {@code kind:id}. */
public record PhotoOf(Kind kind, String id) {
    public static final int LONGEST = 300;

    /**
     * What can be pictured; the id is the step's or test's key, the finding's key, the case's number, the piece's code.
     */
    public enum Kind {
        STEP,
        TEST,
        FINDING,
        CASE,
        PIECE,
        JOB
    }

    public PhotoOf {
        Require.text("What a photo is of", id, LONGEST);
    }

    /** @throws IllegalArgumentException naming the text that is none */
    public static PhotoOf parse(String text) {
        int at = text.indexOf(':');
        for (Kind kind : Kind.values()) {
            if (at > 0 && kind.name().equalsIgnoreCase(text.substring(0, at))) {
                return new PhotoOf(kind, text.substring(at + 1));
            }
        }
        throw new IllegalArgumentException(
                "A photo is of something written kind:id, such as step:a|fit:quick, but was '" + text + "'");
    }

    @Override
    public String toString() {
        return kind.name().toLowerCase(Locale.ROOT) + ":" + id;
    }
}
