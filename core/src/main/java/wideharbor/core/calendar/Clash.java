package wideharbor.core.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Something that several jobs want on the same days, and of which there is not enough.
 *
 * @param kind of what it is
 * @param what the person, the piece's code, or the type's id
 * @param from the first such day
 * @param to the last such day in a row
 * @param by who wants it, and for what
 * @param wanted of a type, on the worst of these days; else the number of jobs
 * @param there of a type, pieces that may go; else 1
 */
public record Clash(Kind kind, String what, LocalDate from, LocalDate to, List<WantedBy> by, int wanted, int there) {
    /** What there is not enough of. */
    public enum Kind {
        PERSON,
        PIECE,
        TYPE
    }

    /** @param as what it is there for; of a type how many */
    public record WantedBy(String job, String title, String as) {}

    public Clash {
        by = List.copyOf(by);
    }

    /**
     * All of them, the earliest first.
     *
     * @param stock by a type's id, pieces that may go; types that are not in it are not counted
     */
    public static List<Clash> of(List<Booking> bookings, Map<String, Integer> stock) {
        List<Clash> all = new ArrayList<>(single(bookings));
        all.addAll(types(bookings, stock));
        all.sort(Comparator.comparing(Clash::from).thenComparing(Clash::kind).thenComparing(Clash::what));
        return List.copyOf(all);
    }

    private record Use(Booking booking, Booking.Taken taken) {}

    /** Two jobs at a time: whoever is on three is told of each pair. */
    private static List<Clash> single(List<Booking> bookings) {
        Map<String, List<Use>> uses = new LinkedHashMap<>();
        for (Booking booking : bookings) {
            booking.takes()
                    .forEach(t -> uses.computeIfAbsent(t.key(), k -> new ArrayList<>())
                            .add(new Use(booking, t)));
        }
        List<Clash> all = new ArrayList<>();
        for (List<Use> of : uses.values()) {
            for (int i = 0; i < of.size(); i++) {
                for (int k = i + 1; k < of.size(); k++) {
                    both(of.get(i), of.get(k), all);
                }
            }
        }
        return all;
    }

    private static void both(Use a, Use b, List<Clash> all) {
        LocalDate from = later(a.taken().from(), b.taken().from());
        LocalDate to = a.taken().to().isBefore(b.taken().to())
                ? a.taken().to()
                : b.taken().to();
        if (!a.booking().job().equals(b.booking().job()) && !to.isBefore(from)) {
            Kind kind = a.taken().kind() == Booking.Kind.PERSON ? Kind.PERSON : Kind.PIECE;
            all.add(new Clash(kind, a.taken().name(), from, to, List.of(wanted(a), wanted(b)), 2, 1));
        }
    }

    private static WantedBy wanted(Use use) {
        return new WantedBy(
                use.booking().job(), use.booking().title(), use.taken().as());
    }

    private static LocalDate later(LocalDate a, LocalDate b) {
        return a.isBefore(b) ? b : a;
    }

    private static List<Clash> types(List<Booking> bookings, Map<String, Integer> stock) {
        List<Clash> all = new ArrayList<>();
        Set<String> types = bookings.stream()
                .flatMap(b -> b.wants().keySet().stream())
                .filter(stock::containsKey)
                .collect(Collectors.toCollection(TreeSet::new));
        for (String type : types) {
            List<Booking> wanting = bookings.stream()
                    .filter(b -> b.wants().getOrDefault(type, 0) > 0)
                    .toList();
            days(type, wanting, stock.getOrDefault(type, 0), all);
        }
        return all;
    }

    /** Between two days on which a job begins or has ended, nothing changes: only these are looked at. */
    private static void days(String type, List<Booking> wanting, int there, List<Clash> all) {
        Set<LocalDate> turns = new TreeSet<>();
        wanting.forEach(b -> {
            turns.add(b.from());
            turns.add(b.to().plusDays(1));
        });
        List<LocalDate> days = List.copyOf(turns);
        Shortage open = Shortage.NONE;
        for (LocalDate day : days) {
            List<Booking> now = wanting.stream()
                    .filter(b -> !day.isBefore(b.from()) && !day.isAfter(b.to()))
                    .toList();
            int wanted =
                    now.stream().mapToInt(b -> b.wants().getOrDefault(type, 0)).sum();
            // What one job wants alone is for its own checks to say.
            boolean isShort = now.size() > 1 && wanted > there;
            if (isShort) {
                open = open.on(day, now, wanted);
            } else if (!open.by().isEmpty()) {
                all.add(open.clash(type, day.minusDays(1), there));
                open = Shortage.NONE;
            }
        }
    }

    /** Days in a row on which there is not enough of a type. */
    private record Shortage(LocalDate from, Set<Booking> by, int most) {
        static final Shortage NONE = new Shortage(LocalDate.EPOCH, Set.of(), 0);

        Shortage on(LocalDate day, List<Booking> now, int wanted) {
            Set<Booking> all = new LinkedHashSet<>(by);
            all.addAll(now);
            return new Shortage(by.isEmpty() ? day : from, all, Math.max(most, wanted));
        }

        Clash clash(String type, LocalDate to, int there) {
            List<WantedBy> wanting = by.stream()
                    .map(b -> new WantedBy(
                            b.job(), b.title(), String.valueOf(b.wants().getOrDefault(type, 0))))
                    .toList();
            return new Clash(Kind.TYPE, type, from, to, wanting, most, there);
        }
    }
}
