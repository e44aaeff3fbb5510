package wideharbor.app.calendar;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.Temporal;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import wideharbor.core.brief.Brief;
import wideharbor.core.calendar.Phase;
import wideharbor.core.job.Job;

/** The days of jobs as a calendar (RFC 5545); times are those of the place. */
final class JobCalendar {
    private static final Duration LOADING = Duration.ofHours(1);

    private JobCalendar() {}

    /** @param said what stands beside every day, such as how far the job is */
    record Told(Job job, String said) {}

    static String of(List<Told> jobs, Instant now) {
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Wide Harbor//Jobs//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        for (Told told : jobs) {
            for (Phase phase : Phase.of(told.job().brief().dates())) {
                calendar.add(event(told, phase, now));
            }
        }
        return calendar.toString();
    }

    private static VEvent event(Told told, Phase phase, Instant now) {
        String title = told.job().title();
        VEvent event = phase.kind() == Phase.Kind.LOAD
                ? new VEvent(told.job().brief().dates().load(), LOADING, word(phase.kind()) + ": " + title)
                : new VEvent(
                        (Temporal) phase.from(), (Temporal) phase.to().plusDays(1), word(phase.kind()) + ": " + title);
        return told(event, told, phase.kind(), now);
    }

    private static String word(Phase.Kind kind) {
        String words = kind.inWords();
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String people(Brief.Crew crew, Phase.Kind kind) {
        return switch (kind) {
            case PREP, TEST, LOAD -> crew.lead();
            case TRAVEL, BACK -> "";
            case SHOOT ->
                Stream.of(crew.operator(), crew.focusPuller())
                        .filter(n -> !n.isBlank())
                        .collect(Collectors.joining(", "));
        };
    }

    /** The same day of the same job keeps its name, so that a calendar that is fetched again moves it. */
    private static VEvent told(VEvent event, Told told, Phase.Kind kind, Instant now) {
        Job job = told.job();
        String people = people(job.brief().crew(), kind);
        event.add(new Uid(job.id() + "-" + kind.name().toLowerCase(Locale.ROOT) + "@wide-harbor"));
        event.add(new DtStamp(now));
        event.add(new Description(people.isBlank() ? told.said() : people + ". " + told.said()));
        if (!job.brief().place().isBlank()) {
            event.add(new Location(job.brief().place()));
        }
        return event;
    }
}
