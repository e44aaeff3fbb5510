package wideharbor.core.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.id.BuildId;
import wideharbor.core.quantity.Require;

/**
 * What the shoot itself asks: how the picture stands, for how long power may not go, who looks, hears and keeps time.
 *
 * @param longestStretchHours longest stretch without power-down; 0 when any break will do
 * @param insuredValue what the package is insured for, in the house's currency, once somebody asked
 * @param day the day in blocks; none while nobody wrote it: then it is the brief's hours on end
 * @param claimedHours how long somebody says that one battery lasts, if anybody does
 * @param flyers people who take the batteries along in an aeroplane's cabin; 0 while nobody flies
 * @param focus who pulls focus, once somebody said
 * @param timecode whether recorders of several departments must agree on the time
 */
@RecordBuilder
@RecordBuilder.Options(useImmutableCollections = true)
public record Shoot(
        @RecordBuilder.Initializer("ANYHOW") Orientation orientation,
        double longestStretchHours,
        Optional<Double> insuredValue,
        @RecordBuilder.Initializer("SILENT") Sound sound,
        boolean timecode,
        @RecordBuilder.Initializer("BY_WHOEVER") Focus focus,
        List<Viewer> viewers,
        List<Recording> recordings,
        List<DayBlock> day,
        Optional<Double> claimedHours,
        int flyers) {
    public static final Orientation ANYHOW = Orientation.ANY;
    public static final Sound SILENT = Sound.NONE;
    public static final Focus BY_WHOEVER = Focus.UNSAID;

    private static final int MOST = 40;

    /** Hours of the written day in which the rig is on; empty while nobody wrote any. */
    public OptionalDouble hoursOn() {
        double on = day.stream()
                .filter(b -> b.state() != DayBlock.State.OFF)
                .mapToDouble(DayBlock::hours)
                .sum();
        return on > 0 ? OptionalDouble.of(on) : OptionalDouble.empty();
    }

    /** How the picture stands. */
    public enum Orientation {
        ANY,
        LANDSCAPE,
        PORTRAIT,
        BOTH
    }

    /** Who pulls focus. */
    public enum Focus {
        UNSAID,
        /** An assistant, with a hand on the ring. */
        AT_LENS,
        /** An assistant from a distance, by a drive. */
        REMOTE,
        /** The operator alone, by hand or by a wheel, from what they see. */
        OPERATOR,
        /** The camera itself; nobody's hand is on the ring. */
        CAMERA
    }

    /** What sound the brief asks the camera to take. */
    public enum Sound {
        NONE,
        CAMERA,
        SEPARATE
    }

    /**
     * Somebody who looks at the picture.
     *
     * @param trust what the display must be good for
     * @param byRadio no cable may lead there
     * @param build id of the build looked at; empty for the job's first
     */
    public record Viewer(String who, Trust trust, boolean byRadio, BuildId build) {
        public Viewer {
            Require.text("Viewer", who, 60);
        }

        /** Somebody who looks at the job's first build. */
        public Viewer(String who, Trust trust, boolean byRadio) {
            this(who, trust, byRadio, BuildId.NONE);
        }
    }

    /**
     * A recording mode and its rate in megabits per second.
     *
     * @param fps frames a second, once somebody said
     * @param build the body that records it; none for every body
     */
    public record Recording(String mode, double megabits, Optional<Double> fps, BuildId build) {
        public Recording {
            Require.text("Recording mode", mode, 60);
            Require.within("Rate of a recording mode", megabits, 1, 20_000, "Mbit/s");
            fps.ifPresent(f -> Require.within("Frames a second", f, 1, 10_000, ""));
        }

        /** On every body; frames are not said. */
        public Recording(String mode, double megabits) {
            this(mode, megabits, Optional.empty(), BuildId.NONE);
        }

        public boolean isFor(BuildId body) {
            return build.isNone() || build.equals(body);
        }
    }

    public static final Shoot UNASKED = ShootBuilder.builder().build();

    /** The same with people who fly. */
    public Shoot flying(int people) {
        return ShootBuilder.builder(this).flyers(people).build();
    }

    public Shoot {
        Require.within("Longest stretch without power-down", longestStretchHours, 0, 24, "h");
        claimedHours.ifPresent(h -> Require.within("Claimed run time of a battery", h, 0.1, 48, "h"));
        Require.within("People who fly with the batteries", flyers, 0, 100, "");
        insuredValue.ifPresent(v -> Require.within("Insured value", v, 1, 1e9, ""));
        if (viewers.size() > MOST || recordings.size() > MOST) {
            throw new IllegalArgumentException("A brief may name " + MOST + " viewers and " + MOST
                    + " recording modes, but names " + viewers.size() + " and " + recordings.size());
        }
        viewers = List.copyOf(viewers);
        recordings = List.copyOf(recordings);
        day = List.copyOf(day);
        double hours = day.stream().mapToDouble(DayBlock::hours).sum();
        if (hours > 24) {
            throw new IllegalArgumentException(
                    "The blocks of a day last 24 h at the most, but these last " + hours + " h");
        }
    }
}
