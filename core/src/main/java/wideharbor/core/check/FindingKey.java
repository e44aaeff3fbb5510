package wideharbor.core.check;

import java.util.Comparator;
import java.util.List;

/** What a finding is about, never how bad it is: so that reads and waivers stay with it. */
public record FindingKey(String check, String build, String configuration, String lens, List<String> subjects)
        implements Comparable<FindingKey> {
    private static final Comparator<FindingKey> ORDER = Comparator.comparing(FindingKey::check)
            .thenComparing(FindingKey::build)
            .thenComparing(FindingKey::configuration)
            .thenComparing(FindingKey::lens)
            .thenComparing(k -> String.join(",", k.subjects()));

    public FindingKey {
        subjects = List.copyOf(subjects);
    }

    /** The stable text form, as files and addresses carry it. */
    @Override
    public String toString() {
        return check + "|" + build + "|" + configuration + "|" + lens + "|" + String.join(",", subjects);
    }

    /** The same thing in any configuration: what a fault in the parts they share has in common. */
    public String shared() {
        return shared(toString());
    }

    /** The same of a key in its text form. */
    public static String shared(String key) {
        String[] parts = key.split("\\|", 5);
        return parts.length < 5 ? key : String.join("|", parts[0], parts[1], parts[3], parts[4]);
    }

    @Override
    public int compareTo(FindingKey other) {
        return ORDER.compare(this, other);
    }
}
