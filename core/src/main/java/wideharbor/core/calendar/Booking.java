package wideharbor.core.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.Build;
import wideharbor.core.build.Placement;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.job.Job;

/**
 * What a job keeps from others, and for how long.
 *
 * @param takes people and pieces, each for its days
 * @param wants pieces of types by the type's id, from the first day of prep to the day of the return
 */
public record Booking(
        String job, String title, LocalDate from, LocalDate to, List<Taken> takes, Map<String, Integer> wants) {
    /** What is kept. */
    public enum Kind {
        PERSON,
        PIECE
    }

    /**
     * One that there is only one of.
     *
     * @param as what it is there for
     */
    public record Taken(Kind kind, String name, String as, LocalDate from, LocalDate to) {
        /** The same one, however its name is written. */
        String key() {
            return kind + " " + name.strip().toLowerCase(Locale.ROOT);
        }
    }

    public Booking {
        takes = List.copyOf(takes);
        wants = Map.copyOf(wants);
    }

    public static Booking of(Job job) {
        Brief.Dates dates = job.brief().dates();
        List<Taken> takes = new ArrayList<>();
        Brief.Crew crew = job.brief().crew();
        LocalDate wrap = dates.back().isAfter(dates.shoot()) ? dates.back().minusDays(1) : dates.back();
        person(takes, crew.operator(), "operator", dates.shoot(), wrap);
        person(takes, crew.focusPuller(), "focus", dates.shoot(), wrap);
        // Whoever is in charge of a prep in the house may well be in charge of two.
        for (Build build : job.gear().builds()) {
            for (Placement part : build.base().placements()) {
                if (!part.piece().isEmpty()) {
                    takes.add(new Taken(Kind.PIECE, part.piece(), build.title(), dates.prep(), dates.back()));
                }
            }
        }
        Map<String, Integer> wants = new LinkedHashMap<>();
        PullList.of(job).forEach(l -> wants.merge(l.type().ref().id(), l.pieces(), Integer::sum));
        return new Booking(job.id(), job.title(), dates.prep(), dates.back(), takes, wants);
    }

    private static void person(List<Taken> takes, String name, String as, LocalDate from, LocalDate to) {
        if (!name.isBlank()) {
            takes.add(new Taken(Kind.PERSON, name.strip(), as, from, to));
        }
    }
}
