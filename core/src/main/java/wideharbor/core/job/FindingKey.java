package wideharbor.core.job;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;

/**
 * What was found, and of what; never how bad it is: so that reads and waivers stay with it, and with nothing else.
 *
 * @param aspect which fact of the check's: one check may find several things out about one subject
 * @param lens empty when the answer is the same with every lens
 */
public record FindingKey(
        String check, String aspect, BuildId build, ConfigurationId configuration, LensId lens, List<Subject> subjects)
        implements Comparable<FindingKey> {
    private static final int PARTS = 6;
    private static final Comparator<FindingKey> ORDER = Comparator.comparing(FindingKey::check)
            .thenComparing(FindingKey::build)
            .thenComparing(FindingKey::configuration)
            .thenComparing(FindingKey::lens)
            .thenComparing(FindingKey::subjectText)
            .thenComparing(FindingKey::aspect);

    public FindingKey {
        subjects = List.copyOf(subjects);
    }

    private String subjectText() {
        return subjects.stream().map(Subject::toString).collect(Collectors.joining(","));
    }

    /** The stable text form, as files and addresses carry it. */
    @Override
    public String toString() {
        return String.join(
                "|", check, aspect, build.toString(), configuration.toString(), lens.toString(), subjectText());
    }

    /**
     * Reads the text form.
     *
     * @throws IllegalArgumentException naming what is wrong with it
     */
    public static FindingKey parse(String text) {
        String[] parts = text.split("\\|", -1);
        if (parts.length != PARTS) {
            throw new IllegalArgumentException("A finding's key is written "
                    + "check|aspect|build|configuration|lens|subjects, but was '" + text + "'");
        }
        List<Subject> subjects = parts[5].isEmpty()
                ? List.of()
                : Arrays.stream(parts[5].split(",")).map(Subject::parse).toList();
        return new FindingKey(
                parts[0], parts[1], BuildId.of(parts[2]), ConfigurationId.of(parts[3]), LensId.of(parts[4]), subjects);
    }

    /** The same thing in any configuration: what a fault in the parts they share has in common. */
    public FindingKey anywhere() {
        return new FindingKey(check, aspect, build, ConfigurationId.NONE, lens, subjects);
    }

    public boolean is(String which) {
        return aspect.equals(which);
    }

    /** Placements among the subjects, in their order. */
    public List<PlacementId> parts() {
        return each(Subject.Part.class).map(Subject.Part::placement).toList();
    }

    /** The first part that is a subject; its check sees to it that there is one. */
    public PlacementId part() {
        return one(Subject.Part.class).placement();
    }

    public JointId joint() {
        return one(Subject.Joint.class).id();
    }

    public CableId cable() {
        return one(Subject.Cable.class).id();
    }

    public PortRef port() {
        return one(Subject.Port.class).ref();
    }

    public SocketRef socket() {
        return one(Subject.Socket.class).ref();
    }

    public SettingKey setting() {
        return one(Subject.Setting.class).key();
    }

    public TypeRef type() {
        return one(Subject.Type.class).ref();
    }

    public String name() {
        return one(Subject.Named.class).name();
    }

    private <T extends Subject> T one(Class<T> kind) {
        Optional<T> first = each(kind).findFirst();
        return first.orElseThrow(
                () -> new IllegalArgumentException("'" + this + "' is not about a " + kind.getSimpleName()));
    }

    private <T extends Subject> java.util.stream.Stream<T> each(Class<T> kind) {
        return subjects.stream().filter(kind::isInstance).map(kind::cast);
    }

    @Override
    public int compareTo(FindingKey other) {
        return ORDER.compare(this, other);
    }
}
