package wideharbor.core.brief;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.quantity.Require;

/** A way a camera is worn or mounted, as crews name it: what has to carry it, and what else it cannot do without. */
public enum Worn {
    STICKS(
            "On sticks",
            EnumSet.of(Way.TILTS),
            "a head on legs, the centre of mass within the slide, a finder or screen"),
    HIHAT(
            "On the hi-hat",
            EnumSet.of(Way.TILTS),
            "a head on a hi-hat or board that does not tip, a screen seen from above"),
    SHOULDER(
            "On the shoulder", EnumSet.of(Way.SHOULDER), "a pad, two grips, a finder at the eye, a run switch at hand"),
    VEST(
            "Hung from a vest",
            EnumSet.of(Way.HANGS, Way.PIVOT),
            "a hook or post over the centre of mass, two grips, a screen"),
    HANDLE_LOW(
            "Low, by the handle",
            EnumSet.of(Way.HANGS),
            "a top handle over the centre of mass, a screen seen from above"),
    GIMBAL(
            "On a gimbal",
            EnumSet.of(Way.GIMBAL),
            "mass within its payload, three axes in balance, a screen, lens control by radio"),
    STABILISER(
            "On a stabiliser",
            EnumSet.of(Way.PIVOT),
            "mass within the arm’s lift, a drop time, lens control and picture by radio"),
    VEHICLE(
            "On a car or crash rig",
            EnumSet.of(Way.STANDS, Way.TILTS),
            "every part held twice, a safety line, picture and run by radio"),
    REMOTE_HEAD(
            "On a remote head",
            EnumSet.of(Way.STANDS, Way.GIMBAL, Way.TILTS),
            "power and picture through the head, lens control by wire or radio"),
    TIGHT_ROOM(
            "For a tight room",
            EnumSet.allOf(Way.class),
            "little depth behind the mount, a short lens, cables that bend off"),
    PORTRAIT("Portrait", EnumSet.allOf(Way.class), "a plate under the body’s side, the screen turned along");

    private final String title;
    private final Set<Way> carriedBy;
    private final String needs;

    Worn(String title, Set<Way> carriedBy, String needs) {
        this.title = title;
        this.carriedBy = carriedBy;
        this.needs = needs;
    }

    public String title() {
        return title;
    }

    /** What it cannot do without, in words. */
    public String needs() {
        return needs;
    }

    public boolean isCarriedBy(Way way) {
        return carriedBy.contains(way);
    }

    /** How what carries it has to bear, in words; empty where any way will do. */
    public List<String> carriers() {
        return carriedBy.size() == Way.values().length
                ? List.of()
                : carriedBy.stream().map(Worn::bears).toList();
    }

    /** How a support bears a rig, after "something that". */
    public static String bears(Way way) {
        return switch (way) {
            case STANDS -> "stands";
            case TILTS -> "tilts";
            case SHOULDER -> "lies on a shoulder";
            case HANGS -> "the rig hangs from";
            case GIMBAL -> "holds it on three axes";
            case PIVOT -> "lets it hang below a free pivot";
        };
    }

    /** The configuration that is made for it when a job begins. */
    public ConfigurationId configuration() {
        return ConfigurationId.of(name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    /**
     * How a configuration is to be worn, and between which masses, where the job's own window is not meant; 0 is no
     * limit.
     */
    public record Demand(ConfigurationId configuration, Worn worn, double floorGrams, double ceilingGrams) {
        public Demand {
            if (configuration.isNone()) {
                throw new IllegalArgumentException("A way of being worn must name its configuration");
            }
            Require.given("Way of being worn", worn);
            Require.within("Lightest carried mass", floorGrams, 0, 200_000, "g");
            Require.within("Heaviest carried mass", ceilingGrams, 0, 200_000, "g");
            if (ceilingGrams > 0 && floorGrams > ceilingGrams) {
                throw new IllegalArgumentException("Lightest carried mass " + Math.round(floorGrams)
                        + " g exceeds the heaviest " + Math.round(ceilingGrams) + " g");
            }
        }

        public Demand(Worn worn) {
            this(worn.configuration(), worn, 0, 0);
        }

        public boolean hasWindow() {
            return floorGrams > 0 || ceilingGrams > 0;
        }
    }
}
