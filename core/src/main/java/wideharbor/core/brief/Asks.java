package wideharbor.core.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.quantity.Require;

/**
 * What a brief may ask beyond dates, climate, masses and lists: nothing is asked where a list is empty or a figure 0.
 *
 * @param changes how quickly one configuration must become another
 * @param room how much room there is where it is worn
 * @param spares what must be in the kit beside what is on the rig
 * @param tapes distances taped between the camera and what it looks at
 * @param ways where this job works otherwise than the house: option by way
 * @param worn how a configuration is to be worn, once somebody said
 * @param own demands in words that no check can judge: a named person ticks each
 * @param shoot what the shoot itself asks
 */
@RecordBuilder
@RecordBuilder.Options(useImmutableCollections = true)
public record Asks(
        List<ChangeDemand> changes,

        @RecordBuilder.Initializer(source = RoomLimit.class, value = "ANY")
        RoomLimit room,

        List<Spare> spares,
        List<Tape> tapes,
        Map<String, String> ways,
        List<Worn.Demand> worn,
        List<String> own,

        @RecordBuilder.Initializer(source = Shoot.class, value = "UNASKED")
        Shoot shoot) {
    public static final Asks NOTHING = AsksBuilder.builder().build();

    private static final int MOST = 60;
    private static final int LONGEST_DEMAND = 120;

    /** From one configuration to another within so many minutes; without tools when that is asked. */
    public record ChangeDemand(ConfigurationId from, ConfigurationId to, double minutes, boolean toolFree) {
        public ChangeDemand {
            if (from.isNone() || to.isNone()) {
                throw new IllegalArgumentException("A change must lead from one configuration to another");
            }
            Require.within("Minutes for a change", minutes, 0.5, 480, "minutes");
            if (from.equals(to)) {
                throw new IllegalArgumentException("A change must lead from '" + from + "' to another configuration");
            }
        }
    }

    /** Depth along the optical axis and height, mm; it binds these configurations, or all when none is named. */
    public record RoomLimit(double depthMm, double heightMm, List<ConfigurationId> configurations) {
        public static final RoomLimit ANY = new RoomLimit(0, 0, List.of());

        public RoomLimit {
            Require.within("Depth of the room", depthMm, 0, 100_000, "mm");
            Require.within("Height of the room", heightMm, 0, 100_000, "mm");
            configurations = List.copyOf(configurations);
        }

        public boolean binds(ConfigurationId configuration) {
            return configurations.isEmpty() || configurations.contains(configuration);
        }
    }

    /** Of every type of this category that is on a rig, so many more in the kit. Categories by their catalogue name. */
    public record Spare(String category, int pieces) {
        public Spare {
            Require.text("Category of a spare", category, 40);
            Require.within("Spares of a type", pieces, 1, 100, "pieces");
        }
    }

    /** A distance from the sensor plane to a subject, with one lens or (empty) with any. */
    public record Tape(String what, double distanceMm, LensId lens) {
        public Tape {
            Require.text("What was taped", what, 60);
            Require.within("Taped distance", distanceMm, 10, 1_000_000, "mm");
        }
    }

    public Asks {
        ways = new Preferences(Map.of(), Map.of(), ways).job();
        worn = bounded("ways of being worn", worn);
        changes = bounded("changes", changes);
        spares = bounded("spares", spares);
        tapes = bounded("taped distances", tapes);
        own = bounded("demands of its own", own);
        own.forEach(words -> Require.text("A demand in words", words, LONGEST_DEMAND));
        if (own.stream().distinct().count() < own.size()) {
            throw new IllegalArgumentException("A demand in words stands twice");
        }
    }

    /** How a configuration is to be worn; empty while nobody said. */
    public Optional<Worn.Demand> worn(ConfigurationId configuration) {
        return worn.stream()
                .filter(d -> d.configuration().equals(configuration))
                .findFirst();
    }

    private static <T> List<T> bounded(String what, List<T> all) {
        if (all.size() > MOST) {
            throw new IllegalArgumentException(
                    "A brief may ask for " + MOST + " " + what + ", but asks for " + all.size());
        }
        return List.copyOf(all);
    }
}
