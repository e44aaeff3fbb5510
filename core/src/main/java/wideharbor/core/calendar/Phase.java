package wideharbor.core.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import wideharbor.core.brief.Brief;

/**
 * A stretch of days of a job.
 *
 * @param from the first day
 * @param to the last day, the same for a single one
 */
public record Phase(Kind kind, LocalDate from, LocalDate to) {
    /** What a job is at, in this order. */
    public enum Kind {
        PREP("prep"),
        /** The last day of prep: tests at the bench, batteries on charge over night. */
        TEST("tests, charging, packing"),
        /** The day it leaves. */
        LOAD("loads out"),
        TRAVEL("on the way"),
        SHOOT("shoots"),
        BACK("comes back");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String inWords() {
            return words;
        }
    }

    public Phase {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException(
                    "Days must run from the first to the last, but were " + from + ", " + to);
        }
    }

    /** Of a job, none of them empty, one after the other; the day of leaving counts as such whatever else is on it. */
    public static List<Phase> of(Brief.Dates dates) {
        LocalDate load = dates.load().toLocalDate();
        List<Phase> all = new ArrayList<>();
        add(all, Kind.PREP, dates.prep(), load.minusDays(2));
        if (dates.prep().isBefore(load)) {
            add(all, Kind.TEST, load.minusDays(1), load.minusDays(1));
        }
        add(all, Kind.LOAD, load, load);
        LocalDate shoot = dates.shoot().isAfter(load) ? dates.shoot() : load.plusDays(1);
        add(all, Kind.TRAVEL, load.plusDays(1), shoot.minusDays(1));
        add(all, Kind.SHOOT, shoot, dates.back().minusDays(1));
        if (dates.back().isAfter(load)) {
            add(all, Kind.BACK, dates.back(), dates.back());
        }
        return List.copyOf(all);
    }

    private static void add(List<Phase> all, Kind kind, LocalDate from, LocalDate to) {
        if (!to.isBefore(from)) {
            all.add(new Phase(kind, from, to));
        }
    }
}
