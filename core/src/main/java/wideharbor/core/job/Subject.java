package wideharbor.core.job;

import java.util.function.Function;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.CableId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;

/** What a finding is about. The text form is {@code kind:value}, with what has a meaning in keys written as %xx. */
public sealed interface Subject {
    /** A part on the rig, by its placement. */
    record Part(PlacementId placement) implements Subject {
        @Override
        public String toString() {
            return "part:" + escaped(placement.toString().toString());
        }
    }

    /** A port of a part. */
    record Port(PortRef ref) implements Subject {
        @Override
        public String toString() {
            return "port:" + escaped(ref.toString());
        }
    }

    /** A socket of a part. */
    record Socket(SocketRef ref) implements Subject {
        @Override
        public String toString() {
            return "socket:" + escaped(ref.toString());
        }
    }

    /** A joint between two parts. */
    record Joint(JointId id) implements Subject {
        @Override
        public String toString() {
            return "joint:" + escaped(id.toString());
        }
    }

    /** A cable. */
    record Cable(CableId id) implements Subject {
        @Override
        public String toString() {
            return "cable:" + escaped(id.toString());
        }
    }

    /** A slide, an angle or a reach. */
    record Setting(SettingKey key) implements Subject {
        @Override
        public String toString() {
            return "setting:" + escaped(key.toString());
        }
    }

    /** A kind of part, whether it is on the rig or in the kit. */
    record Type(TypeRef ref) implements Subject {
        @Override
        public String toString() {
            return "type:" + escaped(ref.toString());
        }
    }

    /** Something with a name of its own: a viewer of the brief, a screw, a way of working. */
    record Named(String name) implements Subject {
        @Override
        public String toString() {
            return "named:" + escaped(name);
        }
    }

    /** The rig or the package as a whole. */
    record Whole() implements Subject {
        @Override
        public String toString() {
            return "whole:";
        }
    }

    static Subject part(PlacementId placement) {
        return new Part(placement);
    }

    static Subject port(PortRef ref) {
        return new Port(ref);
    }

    static Subject socket(SocketRef ref) {
        return new Socket(ref);
    }

    static Subject joint(JointId id) {
        return new Joint(id);
    }

    static Subject cable(CableId id) {
        return new Cable(id);
    }

    static Subject setting(SettingKey key) {
        return new Setting(key);
    }

    static Subject type(TypeRef ref) {
        return new Type(ref);
    }

    static Subject named(String name) {
        return new Named(name);
    }

    static Subject whole() {
        return new Whole();
    }

    /** What stands after the kind, as it is. */
    default String value() {
        String text = toString();
        return unescaped(text.substring(text.indexOf(':') + 1));
    }

    /**
     * Reads the text form.
     *
     * @throws IllegalArgumentException naming the text that is none
     */
    static Subject parse(String text) {
        int at = text.indexOf(':');
        String value = unescaped(text.substring(at + 1));
        return switch (at < 0 ? "" : text.substring(0, at)) {
            case "part" -> read(text, value, v -> new Part(PlacementId.of(v)));
            case "port" -> read(text, value, v -> new Port(PortRef.parse(v)));
            case "socket" -> read(text, value, v -> new Socket(SocketRef.parse(v)));
            case "joint" -> read(text, value, v -> new Joint(new JointId(v)));
            case "cable" -> read(text, value, v -> new Cable(new CableId(v)));
            case "setting" -> read(text, value, v -> new Setting(SettingKey.parse(v)));
            case "type" -> read(text, value, v -> new Type(TypeRef.parse(v)));
            case "named" -> new Named(value);
            case "whole" -> new Whole();
            default ->
                throw new IllegalArgumentException(
                        "A subject is written kind:value, such as part:rods, but was '" + text + "'");
        };
    }

    private static Subject read(String text, String value, Function<String, Subject> reader) {
        try {
            return reader.apply(value);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("Subject '" + text + "': " + e.getMessage(), e);
        }
    }

    private static String escaped(String value) {
        return value.replace("%", "%25").replace(",", "%2C").replace("|", "%7C");
    }

    private static String unescaped(String text) {
        return text.replace("%7C", "|").replace("%2C", ",").replace("%25", "%");
    }
}
