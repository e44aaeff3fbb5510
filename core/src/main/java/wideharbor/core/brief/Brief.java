package wideharbor.core.brief;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.quantity.Require;

/**
 * What the job asks of the gear.
 *
 * @param hoursOn how long the camera is switched on in a day: on-time, not shooting time; once the day is written in
 *     blocks, what they sum up to
 * @param massFloorGrams least carried mass for steadiness; 0 means no floor
 * @param massCeilingGrams most carried mass for comfort; 0 means no ceiling
 * @param place empty while nobody said it
 * @param configurations ids of configurations that must be there; none while nobody said how it is worn
 * @param lenses ids of lenses the package must work with
 */
@RecordBuilder
@RecordBuilder.Options(useImmutableCollections = true)
public record Brief(
        Dates dates,
        String place,
        double temperatureC,
        double hoursOn,
        double massFloorGrams,
        double massCeilingGrams,
        List<ConfigurationId> configurations,
        List<LensId> lenses,
        Crew crew,
        @RecordBuilder.Initializer("NO_NOTES") String notes,

        @RecordBuilder.Initializer(source = Asks.class, value = "NOTHING")
        Asks asks) {
    public static final String NO_NOTES = "";

    private static final double LEAST_ON = 0.25;

    public Brief asking(Asks other) {
        return BriefBuilder.builder(this).asks(other).build();
    }

    /** The same job on other days. */
    public Brief moved(long days) {
        return BriefBuilder.builder(this).dates(dates.moved(days)).build();
    }

    /** Calendar days as the desk wrote them; load is the day and time the gear leaves. */
    public record Dates(
            java.time.LocalDate prep,
            java.time.LocalDateTime load,
            java.time.LocalDate shoot,
            java.time.LocalDate back) {
        public Dates {
            if (load.toLocalDate().isBefore(prep) || shoot.isBefore(load.toLocalDate()) || back.isBefore(shoot)) {
                throw new IllegalArgumentException("Dates must run prep, load, shoot, return, but were " + prep + ", "
                        + load + ", " + shoot + ", " + back);
            }
        }

        /** All four by so many days, earlier when negative; what lies between them stays. */
        public Dates moved(long days) {
            return new Dates(prep.plusDays(days), load.plusDays(days), shoot.plusDays(days), back.plusDays(days));
        }
    }

    /** Who works with the rig, and which side of theirs. */
    public record Crew(String operator, Side shoulder, Side eye, String focusPuller, String lead, Profile profile) {
        /** A side of a person. */
        public enum Side {
            LEFT,
            RIGHT
        }
    }

    public Brief {
        Require.atMost("Place", place, 120);
        Require.within("Temperature", temperatureC, -60, 60, "°C");
        Require.within("Hours on", hoursOn, LEAST_ON, 24, "h");
        hoursOn = Math.max(LEAST_ON, asks.shoot().hoursOn().orElse(hoursOn));
        Require.within("Lightest carried mass", massFloorGrams, 0, 200_000, "g");
        Require.within("Heaviest carried mass", massCeilingGrams, 0, 200_000, "g");
        if (massCeilingGrams > 0 && massFloorGrams > massCeilingGrams) {
            throw new IllegalArgumentException(
                    "Lightest carried mass " + massFloorGrams + " g exceeds the heaviest " + massCeilingGrams + " g");
        }
        if (notes.length() > 4000) {
            throw new IllegalArgumentException("Notes must have at most 4000 characters, but have " + notes.length());
        }
        configurations = List.copyOf(configurations);
        lenses = List.copyOf(lenses);
    }
}
