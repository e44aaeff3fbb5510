package wideharbor.format;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Report;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Subject;

/**
 * Finds what a finding's key of the form before this one, {@code check|build|configuration|lens|subjects}, meant: it
 * did not say which fact, nor of what kind its subjects were.
 */
public final class OldKeys {
    private static final int PARTS = 5;

    /** Checks that told several facts of one subject under one key. */
    private static final Set<String> SEVERAL_FACTS = Set.of(
            "lens.support",
            "ports.load",
            "power.output-load",
            "power.battery-load",
            "power.volts",
            "joints.close",
            "rods.axis-height",
            "rods.reach",
            "settings.range",
            "changeover.demand",
            "access.set-down");

    /** Words that stood for a subject where there was none. */
    private static final List<String> FILLERS =
            List.of("rig", "room", "picture", "viewer", "spare", "plates", "grips", "change-to");

    private OldKeys() {}

    public static boolean isOld(String key) {
        return key.split("\\|", -1).length == PARTS;
    }

    /** The finding that the key meant, when there is exactly one. */
    public static Optional<Finding> find(String key, Report report) {
        String[] parts = key.split("\\|", PARTS);
        List<Finding> fitting = report.findings().stream()
                .filter(f -> f.key().check().equals(parts[0])
                        && f.key().build().equals(BuildId.of(parts[1]))
                        && f.key().configuration().equals(ConfigurationId.of(parts[2]))
                        && f.key().lens().equals(LensId.of(parts[3])))
                .filter(f -> written(f.key()).anyMatch(parts[4]::equals))
                .toList();
        return fitting.size() == 1 ? Optional.of(fitting.get(0)) : Optional.empty();
    }

    /**
     * The same for a waiver: empty, too, where the key may have been given for another fact than the one that is there.
     */
    public static Optional<Finding> findWaived(String key, Report report) {
        return find(key, report).filter(f -> !SEVERAL_FACTS.contains(f.key().check()));
    }

    /** The ways in which the subjects of a key may have been written. */
    private static Stream<String> written(FindingKey key) {
        String subjects = key.subjects().stream()
                .map(Subject::value)
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(","));
        String aspect = key.aspect();
        if (subjects.isEmpty()) {
            return Stream.concat(Stream.of(aspect, "set-down"), FILLERS.stream().map(f -> f + "," + aspect));
        }
        return Stream.concat(
                Stream.of(subjects, subjects + "," + aspect, aspect + "," + subjects, tailed(key)),
                FILLERS.stream().map(f -> f + "," + subjects));
    }

    /** A part with a word joined to it: what it needs, or the tape that it is too near for. */
    private static String tailed(FindingKey key) {
        if (key.subjects().size() != 2) {
            return "";
        }
        String first = key.subjects().get(0).value();
        String second = key.subjects().get(1).value();
        return key.is("needs") ? first + "," + first + ":" + second : first + "," + key.aspect() + "-" + second;
    }
}
