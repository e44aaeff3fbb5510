package wideharbor.core.catalog;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Span;

/**
 * A place where a part joins another: its frame on the link, what fits it, and how it may move.
 *
 * @param standard id of the mounting standard
 * @param link the rigid body it sits on
 * @param normal outward; {@code up} at a right angle to it. Mating puts normal on −normal and up on up
 * @param engagementMm how long a stretch this port grips when it clamps a carrier (rods, rails, dovetails)
 * @param mark what shows the one right way round ("red dot", "arrow to the lens"), at the port's up; empty when any
 *     will do
 */
@RecordBuilder
@RecordBuilder.Options(useImmutableCollections = true)
public record Port(
        String id,
        String title,
        String standard,
        Role role,
        String link,
        Vec3 at,
        Vec3 normal,
        Vec3 up,
        @RecordBuilder.Initializer("SINGLE") Occupancy occupancy,
        double engagementMm,

        @RecordBuilder.Initializer(source = Size.class, value = "STANDARD")
        Size size,

        @RecordBuilder.Initializer(source = Pins.class, value = "NONE")
        Pins pins,

        List<Screw> screws,
        List<Freedom> freedoms,

        @RecordBuilder.Initializer(source = Rating.class, value = "NONE")
        Rating rating,

        @RecordBuilder.Initializer(source = Working.class, value = "BY_SCREWS")
        Working working,

        @RecordBuilder.Initializer("NO_MARK") String mark) {

    /** Takes one joint, as most ports do. */
    public static final Occupancy SINGLE = new Occupancy.Single();

    /** Goes on either way round. */
    public static final String NO_MARK = "";

    private static final int LONGEST_MARK = 40;

    /** Which half of its standard a port is. */
    public enum Role {
        A,
        B,
        EITHER
    }

    /** How many joints a port takes. */
    public sealed interface Occupancy {
        /** Holds one part. */
        record Single() implements Occupancy {}

        /** Many joints along {@code up}, each holding its stretch; from and to are measured from the port's origin. */
        record Interval(double fromMm, double toMm, double stopMm) implements Occupancy {
            public Interval {
                Require.atLeast("End stop", stopMm, 0, "mm");
                if (toMm - fromMm < 1) {
                    throw new IllegalArgumentException("A carrier must be at least 1 mm long");
                }
            }

            public Span usable() {
                return new Span(fromMm + stopMm, toMm - stopMm);
            }
        }
    }

    /** What was measured on this piece where it differs from the standard's row; absent is as the standard. */
    public record Size(Optional<Double> diameterMm, Optional<Double> spacingMm) {
        public static final Size STANDARD = new Size(Optional.empty(), Optional.empty());

        public Size {
            diameterMm.ifPresent(d -> Require.atLeast("Port diameter", d, 0.1, "mm"));
            spacingMm.ifPresent(s -> Require.atLeast("Port spacing", s, 0.1, "mm"));
        }
    }

    /** Locating pins or the holes for them; both faces must carry the feature before it resists twist. */
    public record Pins(Kind kind, int count, double diameterMm, double spacingMm) {
        public static final Pins NONE = new Pins(Kind.NONE, 0, 0, 0);

        /** What keeps a joint from turning. */
        public enum Kind {
            NONE,
            FIXED,
            RETRACTABLE,
            HOLES
        }

        boolean matches(Pins other) {
            return count == other.count
                    && Math.abs(diameterMm - other.diameterMm) <= 0.2
                    && Math.abs(spacingMm - other.spacingMm) <= 0.2;
        }
    }

    /** Screws of one kind: every key that drives them is listed, metric and imperial; sizes are never rounded. */
    public record Screw(String thread, int count, boolean captive, List<String> keys) {
        public Screw {
            Require.text("Screw thread", thread, 20);
            Require.within("Screw count", count, 1, 20, "");
            keys = List.copyOf(keys);
        }
    }

    /** What the port may carry; absent is not rated. */
    public record Rating(Optional<Double> loadGrams, Optional<Double> momentNm) {
        public static final Rating NONE = new Rating(Optional.empty(), Optional.empty());

        public Rating {
            loadGrams.ifPresent(g -> Require.atLeast("Rated load", g, 1, "g"));
            momentNm.ifPresent(m -> Require.atLeast("Rated moment", m, 0.001, "N·m"));
        }
    }

    /**
     * How the port is worked and kept.
     *
     * @param secured a safety pin, end stop or lock keeps the part even when the clamp is loose
     * @param stages how many releases it takes to let go
     */
    public record Working(Way way, boolean secured, int stages) {
        public static final Working BY_SCREWS = new Working(Way.SCREWS, false, 1);

        /** How a joint is worked. */
        public enum Way {
            SCREWS,
            LEVER,
            THUMB_SCREW,
            FRICTION
        }

        public Working {
            Require.within("Stages of release", stages, 1, 4, "");
        }

        /** Whether hands alone do it. */
        public boolean isToolFree() {
            return way != Way.SCREWS;
        }
    }

    public Port {
        Require.id("Port id", id);
        Require.text("Port title", title, 60);
        Require.id("Port standard", standard);
        Require.atLeast("Engagement", engagementMm, 0, "mm");
        screws = List.copyOf(screws);
        freedoms = List.copyOf(freedoms);
        if (mark.length() > LONGEST_MARK) {
            throw new IllegalArgumentException(
                    "A mark must have at most " + LONGEST_MARK + " characters, but has " + mark.length());
        }
        Pose.port(at, normal, up);
    }

    public Pose frame() {
        return Pose.port(at, normal, up);
    }

    public int screwCount() {
        int count = 0;
        for (Screw screw : screws) {
            count += screw.count();
        }
        return count;
    }
}
