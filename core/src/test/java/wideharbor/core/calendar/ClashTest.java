package wideharbor.core.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.brief.Brief;

/** What several jobs want on the same days. */
class ClashTest {
    private static LocalDate day(int day) {
        return LocalDate.of(2026, 12, 1).plusDays(day - 1);
    }

    private static Booking booking(
            String job, int from, int to, List<Booking.Taken> takes, Map<String, Integer> wants) {
        return new Booking(job, job, day(from), day(to), takes, wants);
    }

    private static Booking person(String job, String name, int from, int to) {
        return booking(
                job,
                from,
                to,
                List.of(new Booking.Taken(Booking.Kind.PERSON, name, "operator", day(from), day(to))),
                Map.of());
    }

    private static Booking wants(String job, int from, int to, int pieces) {
        return booking(job, from, to, List.of(), Map.of("battery-150", pieces));
    }

    /** From the 4th to the 8th and from the 8th to the 10th: the 8th is wanted twice. */
    @Test
    void aPersonIsOnOneJobADay() {
        List<Clash> all =
                Clash.of(List.of(person("a", "Ines Varga", 4, 8), person("b", " ines varga", 8, 10)), Map.of());
        assertEquals(1, all.size());
        assertEquals(day(8), all.get(0).from());
        assertEquals(day(8), all.get(0).to());
        assertEquals("Ines Varga", all.get(0).what());
        assertEquals(
                List.of("a", "b"),
                all.get(0).by().stream().map(Clash.WantedBy::job).toList());
        assertEquals(
                List.of(),
                Clash.of(List.of(person("a", "Ines Varga", 4, 7), person("b", "Ines Varga", 8, 10)), Map.of()));
    }

    /** 24 from the 1st to the 5th, 12 from the 4th to the 9th, 10 on the 5th: of 41 there are enough until the 5th. */
    @Test
    void thereAreSoManyOfAType() {
        List<Booking> jobs = List.of(wants("a", 1, 5, 24), wants("b", 4, 9, 12), wants("c", 5, 5, 10));
        assertEquals(List.of(), Clash.of(jobs, Map.of("battery-150", 46)));
        Clash five = Clash.of(jobs, Map.of("battery-150", 41)).get(0);
        assertEquals(day(5), five.from());
        assertEquals(day(5), five.to());
        assertEquals(46, five.wanted());
        assertEquals(41, five.there());
        Clash four = Clash.of(jobs, Map.of("battery-150", 30)).get(0);
        assertEquals(day(4), four.from());
        assertEquals(day(5), four.to());
        assertEquals(List.of(), Clash.of(jobs, Map.of()), "of what nobody counts, nothing is said");
        assertEquals(List.of(), Clash.of(List.of(wants("a", 1, 5, 99)), Map.of("battery-150", 41)), "one job alone");
    }

    /** Against counting day by day. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void isWhatCountingDayByDayFinds(int seed) {
        var random = new java.util.Random(seed);
        List<Booking> jobs = IntStream.range(0, 6)
                .mapToObj(i -> {
                    int from = 1 + random.nextInt(20);
                    return wants("j" + i, from, from + random.nextInt(6), 1 + random.nextInt(9));
                })
                .toList();
        int stock = 8 + random.nextInt(6);
        List<Clash> found = Clash.of(jobs, Map.of("battery-150", stock));
        for (int d = 1; d <= 30; d++) {
            LocalDate day = day(d);
            List<Booking> now = jobs.stream()
                    .filter(b -> !day.isBefore(b.from()) && !day.isAfter(b.to()))
                    .toList();
            int wanted =
                    now.stream().mapToInt(b -> b.wants().get("battery-150")).sum();
            boolean told = found.stream().anyMatch(c -> !day.isBefore(c.from()) && !day.isAfter(c.to()));
            assertEquals(now.size() > 1 && wanted > stock, told, day + " of " + found);
        }
    }

    /** Prep on the 1st, out on the 4th, shoots from the 6th, back on the 9th. */
    @Test
    void phasesFollowOneAnother() {
        List<Phase> all = Phase.of(new Brief.Dates(day(1), LocalDateTime.of(2026, 12, 4, 7, 0), day(6), day(9)));
        assertEquals(
                List.of(
                        new Phase(Phase.Kind.PREP, day(1), day(2)),
                        new Phase(Phase.Kind.TEST, day(3), day(3)),
                        new Phase(Phase.Kind.LOAD, day(4), day(4)),
                        new Phase(Phase.Kind.TRAVEL, day(5), day(5)),
                        new Phase(Phase.Kind.SHOOT, day(6), day(8)),
                        new Phase(Phase.Kind.BACK, day(9), day(9))),
                all);
        List<Phase> one = Phase.of(new Brief.Dates(day(4), LocalDateTime.of(2026, 12, 4, 7, 0), day(4), day(4)));
        assertEquals(List.of(new Phase(Phase.Kind.LOAD, day(4), day(4))), one);
        assertThrows(IllegalArgumentException.class, () -> new Phase(Phase.Kind.PREP, day(2), day(1)));
    }
}
