package wideharbor.core.media;

import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;

/**
 * What a day records, whether cards suffice for it, and when the last copy is made.
 *
 * @param rolls in the order in which they were copied
 * @param waits minutes for which some body would record and has no card, over the day; none is wanted
 * @param firstWait when that begins, minutes since the day did
 * @param late minutes from wrap until the last card is free; not known while some card is never read
 * @param days from the first one to the return: on so many at most is recorded
 */
public record MediaDay(
        List<Recorder> recorders,
        List<CardStock> cards,
        List<ReaderSlot> readers,
        List<Stretch> day,
        List<Roll> rolls,
        List<Recorded> recorded,
        Judgement waits,
        Optional<Double> firstWait,
        Judgement late,
        int days) {
    private static final double ROUNDING = 1e-6;

    public MediaDay {
        recorders = List.copyOf(recorders);
        cards = List.copyOf(cards);
        readers = List.copyOf(readers);
        day = List.copyOf(day);
        rolls = List.copyOf(rolls);
        recorded = List.copyOf(recorded);
    }

    /**
     * What one body records in the day.
     *
     * @param minutesEach that a card of the largest type lasts, or two of a pair; empty while no size is on file
     */
    public record Recorded(Recorder recorder, Ranged gigabytes, Optional<Ranged> minutesEach) {}

    /** What is tried without storing it: so many cards more of the type packed most, so many reader's slots fewer. */
    public record Tried(int moreCards, int fewerSlots) {
        public static final Tried NOTHING = new Tried(0, 0);
    }

    /** Empty while the brief names no recording mode of any body, or no day. */
    public static Optional<MediaDay> of(Job job) {
        return of(job, Tried.NOTHING);
    }

    public static Optional<MediaDay> of(Job job, Tried tried) {
        List<Recorder> recorders = Recorder.of(job);
        List<Stretch> day = Stretch.of(job);
        if (recorders.isEmpty() || day.isEmpty()) {
            return Optional.empty();
        }
        List<ReaderSlot> packed = ReaderSlot.packed(job);
        int slots = Math.max(0, packed.size() - Math.max(0, tried.fewerSlots()));
        return Optional.of(
                new Sum(job, recorders, more(CardStock.packed(job), tried.moreCards()), packed.subList(0, slots), day)
                        .all());
    }

    private static List<CardStock> more(List<CardStock> cards, int more) {
        Optional<CardStock> most = most(cards);
        return cards.stream()
                .map(c -> most.filter(m -> m.equals(c)).isPresent() ? c.of(Math.max(0, c.count() + more)) : c)
                .toList();
    }

    /** The type of which most are packed, among those whose size is on file. */
    static Optional<CardStock> most(List<CardStock> cards) {
        return cards.stream().filter(c -> c.gigabytes().isPresent()).reduce((a, b) -> b.count() > a.count() ? b : a);
    }

    public Ranged gigabytes() {
        return recorded.stream().map(Recorded::gigabytes).reduce(Ranged.of(0), Ranged::plus);
    }

    /** Cards that go into something here and that no reader takes. */
    public List<CardStock> unread() {
        return cards.stream()
                .filter(c -> recorders.stream().anyMatch(c::mayGoInto))
                .filter(c -> readers.stream().noneMatch(r -> r.takes(c.told())))
                .toList();
    }

    /**
     * Room on the drives for each copy beyond what all days record at most, GB, with the drives shared out evenly: a
     * copy lies on drives of its own.
     *
     * @return empty where none is packed, or the size of one is not on file
     */
    public Optional<Judgement> room(List<DriveStock> drives, int copies) {
        Ranged all = Ranged.of(0);
        for (DriveStock stock : drives) {
            Optional<Ranged> each = stock.gigabytes();
            if (each.isEmpty()) {
                return Optional.empty();
            }
            all = all.plus(each.get().times(stock.count()));
        }
        Ranged left = all.times(1.0 / copies).plus(gigabytes().times(-days));
        return drives.isEmpty() ? Optional.empty() : Optional.of(Judgement.atLeast(left, 0, ROUNDING, "GB"));
    }

    /** The whole day, at each end of what is known. */
    private record Sum(
            Job job, List<Recorder> recorders, List<CardStock> cards, List<ReaderSlot> readers, List<Stretch> day) {

        MediaDay all() {
            CardRun.Result best = run(End.BEST);
            CardRun.Result middle = run(End.MIDDLE);
            CardRun.Result worst = run(End.WORST);
            Judgement waits =
                    Judgement.atMost(span(middle.waited(), best.waited(), worst.waited()), 0, ROUNDING, "min");
            return new MediaDay(
                    recorders,
                    cards,
                    readers,
                    day,
                    middle.rolls(),
                    recorders.stream()
                            .map(r -> new Recorded(r, gigabytes(r), minutesEach(r)))
                            .toList(),
                    cards.isEmpty() || most(cards).isPresent() ? waits : waits.unknown(),
                    middle.cameras().stream()
                            .flatMap(c -> c.firstWait().stream())
                            .min(Double::compare),
                    late(best, middle, worst),
                    days(job.brief()));
        }

        private CardRun.Result run(End end) {
            return CardRun.of(job, recorders, cards, readers, day, end);
        }

        private Ranged gigabytes(Recorder recorder) {
            Ranged rolled = day.stream().map(Stretch::rolled).reduce(Ranged.of(0), Ranged::plus);
            return rolled.times(CardSums.gigabytes(1, recorder.megabits()));
        }

        private Optional<Ranged> minutesEach(Recorder recorder) {
            double usable = job.rules().value(Rule.CARD_USABLE);
            return cards.stream()
                    .filter(c -> c.mayGoInto(recorder))
                    .flatMap(c -> c.gigabytes().stream())
                    .findFirst()
                    .map(gb -> gb.map(g -> CardSums.minutes(g * usable, recorder.megabitsEach())));
        }

        private Judgement late(CardRun.Result best, CardRun.Result middle, CardRun.Result worst) {
            double wrap = day.get(day.size() - 1).toMinute();
            double most = job.rules().value(Rule.COPIES_LATE);
            if (middle.done().isEmpty() || best.done().isEmpty() || worst.done().isEmpty()) {
                return Judgement.atMost(Ranged.of(0), most, "min").unknown();
            }
            return Judgement.atMost(
                    span(
                            Math.max(0, middle.done().get() - wrap),
                            Math.max(0, best.done().get() - wrap),
                            Math.max(0, worst.done().get() - wrap)),
                    most,
                    ROUNDING,
                    "min");
        }

        private static int days(Brief brief) {
            return (int) Math.max(
                    1,
                    ChronoUnit.DAYS.between(brief.dates().shoot(), brief.dates().back()));
        }

        /** Three runs need not come out in the order of their ends. */
        private static Ranged span(double middle, double a, double b) {
            return Ranged.of(middle, Math.min(middle, Math.min(a, b)), Math.max(middle, Math.max(a, b)));
        }
    }
}
