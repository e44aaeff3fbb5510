package wideharbor.core.job;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.AsksBuilder;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.BriefBuilder;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Worn;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Kit;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;

/** How a job begins: from a title and the day the gear leaves, or from an earlier job. */
public final class JobStart {
    private static final LocalTime LOAD = LocalTime.of(17, 0);
    private static final double ROOM_TEMPERATURE = 20;
    private static final double HOURS_ON = 10;
    private static final ConfigurationId AS_BUILT = ConfigurationId.of("as-built");

    private JobStart() {}

    /** Nothing but a title, a day and how it will be worn; all else is left unsaid. */
    public static Job fresh(
            String id, String title, LocalDate out, List<Worn> worn, Catalogue catalogue, HouseRules rules) {
        Asks asks = AsksBuilder.builder()
                .room(Asks.RoomLimit.ANY)
                .shoot(wideharbor.core.brief.Shoot.UNASKED)
                .ways(Map.of())
                .worn(worn.stream().map(Worn.Demand::new).toList())
                .build();
        Brief brief = BriefBuilder.builder()
                .dates(around(out))
                .place("")
                .temperatureC(ROOM_TEMPERATURE)
                .hoursOn(HOURS_ON)
                .massFloorGrams(0)
                .massCeilingGrams(0)
                .configurations(worn.stream().map(Worn::configuration).toList())
                .lenses(List.of())
                .crew(new Brief.Crew("", Brief.Crew.Side.RIGHT, Brief.Crew.Side.RIGHT, "", "", Profile.UNASKED))
                .notes("")
                .asks(asks)
                .build();
        return new Job(
                id,
                title,
                brief,
                rules,
                catalogue,
                new GearPackage(new Kit(Map.of()), List.of()),
                List.of(),
                List.of());
    }

    /** A bare body of a job, worn as the brief asks: in each way it names, or in one that nobody named yet. */
    public static Build body(Job job, BuildId id, String title, ItemType type) {
        if (type.category() != Category.BODY) {
            throw new EditRefused(type.name() + " is no camera body.");
        }
        Map<ConfigurationId, String> worn = new LinkedHashMap<>();
        for (ConfigurationId asked : job.brief().configurations()) {
            worn.put(asked, titleOf(job, asked));
        }
        if (worn.isEmpty()) {
            worn.put(AS_BUILT, "As built");
        }
        return Build.begin(id, title, type, worn, job.catalogue());
    }

    private static String titleOf(Job job, ConfigurationId id) {
        return job.brief()
                .asks()
                .worn(id)
                .map(d -> d.worn().title())
                .or(() -> job.gear().builds().stream()
                        .flatMap(b -> b.configuration(id).stream())
                        .map(Configuration::title)
                        .findFirst())
                .orElseGet(() -> {
                    String words = id.toString().replace('-', ' ');
                    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
                });
    }

    /** The next id of a body that none has: a, b, c, as bodies are called. */
    public static BuildId freeBody(Set<String> taken) {
        for (char letter = 'a'; letter <= 'z'; letter++) {
            if (!taken.contains(String.valueOf(letter))) {
                return BuildId.of(String.valueOf(letter));
            }
        }
        int n = 2;
        while (taken.contains("body-" + n)) {
            n++;
        }
        return BuildId.of("body-" + n);
    }

    /** The days around a load-out while nobody said others: prep the day before, the shoot after, back after that. */
    private static Brief.Dates around(LocalDate out) {
        return new Brief.Dates(out.minusDays(1), out.atTime(LOAD), out.plusDays(1), out.plusDays(2));
    }

    /**
     * An earlier job's brief and gear on other days; what people read, waived or signed of it is not taken along, nor
     * which pieces of the house it was built with.
     */
    public static Job like(Job earlier, String id, String title, LocalDate out) {
        long days = ChronoUnit.DAYS.between(earlier.brief().dates().load().toLocalDate(), out);
        return new Job(
                id,
                title,
                earlier.brief().moved(days),
                earlier.rules(),
                earlier.catalogue(),
                new GearPackage(
                        earlier.gear().kit(),
                        earlier.gear().builds().stream().map(Build::unnamed).toList()),
                List.of(),
                List.of());
    }
}
