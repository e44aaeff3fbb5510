package wideharbor.core.media;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.job.Job;

/**
 * A day worked through card by card: recorded on until it is full, read when a slot is free, freed by somebody, and
 * back in the pool. What comes out first is read first; at wrap all cards come out.
 */
final class CardRun {
    private static final double MEGABYTES = 1000;
    private static final double SECONDS = 60;
    private static final double TINY = 1e-6;
    /** No day asks for more; beyond it something is wrong, and the day is left as it is then. */
    private static final int MOST_EVENTS = 20_000;

    private final List<Stretch> day;
    private final End end;
    private final double passes;
    private final double clearMinutes;
    private final double usable;
    private final List<CardStock> pool = new ArrayList<>();
    private final List<Camera> cameras = new ArrayList<>();
    private final List<Reading> slots = new ArrayList<>();
    private final Deque<Out> queue = new ArrayDeque<>();
    private final List<Freed> clearing = new ArrayList<>();
    private final List<Roll> rolls = new ArrayList<>();
    private final Map<String, Integer> numbers = new HashMap<>();
    private final Clock clock = new Clock();

    private static final class Clock {
        double now;
    }

    /** What a camera holds and how it fared. */
    private static final class Camera {
        final Recorder recorder;
        double left;
        double of;
        double since;
        double waited;
        double firstWait = -1;
        double recorded;
        Optional<CardStock> type = Optional.empty();

        Camera(Recorder recorder) {
            this.recorder = recorder;
        }
    }

    private record Out(
            String roll, boolean second, Camera from, CardStock type, double share, double since, double outAt) {
        /** Cards that are free when this one is read: a mirror's other card holds the same. */
        int cards() {
            return second || from.recorder.isPair() ? 1 : from.recorder.together();
        }
    }

    private record Freed(double at, CardStock type, int cards) {}

    private static final class Reading {
        final ReaderSlot slot;
        double until;
        Optional<Out> card = Optional.empty();
        double from;

        Reading(ReaderSlot slot) {
            this.slot = slot;
        }
    }

    /** How a camera fared: minutes for which it wanted to record and had no card, and when that began. */
    record Fared(Recorder recorder, double waited, Optional<Double> firstWait, double gigabytes) {}

    /** {@code done}: when the last card is free again; empty where some are never read. */
    record Result(List<Fared> cameras, List<Roll> rolls, Optional<Double> done) {
        double waited() {
            return cameras.stream().mapToDouble(Fared::waited).sum();
        }
    }

    private CardRun(Job job, List<CardStock> cards, List<Stretch> day, End end) {
        this.day = day;
        this.end = end;
        this.passes = job.rules().value(Rule.COPY_PASSES);
        this.clearMinutes = job.rules().value(Rule.CARD_CLEAR);
        this.usable = job.rules().value(Rule.CARD_USABLE);
        cards.stream().filter(c -> c.gigabytes().isPresent()).forEach(pool::add);
    }

    static Result of(
            Job job,
            List<Recorder> recorders,
            List<CardStock> cards,
            List<ReaderSlot> readers,
            List<Stretch> day,
            End end) {
        CardRun run = new CardRun(job, cards, day, end);
        recorders.forEach(r -> run.cameras.add(new Camera(r)));
        readers.stream().filter(r -> r.megabytes().isPresent()).forEach(r -> run.slots.add(new Reading(r)));
        return run.work();
    }

    private Result work() {
        cameras.forEach(this::load);
        int events = 0;
        for (Stretch stretch : day) {
            double pace = end.little(stretch.rolled()) / stretch.minutes();
            while (clock.now < stretch.toMinute() - TINY && events++ < MOST_EVENTS) {
                goOn(Math.min(stretch.toMinute(), next(pace)), pace);
            }
        }
        cameras.forEach(c -> takeOut(c, true));
        goOn(clock.now, 0);
        while ((!queue.isEmpty() || busy()) && events++ < MOST_EVENTS) {
            double at = next(0);
            if (at == Double.POSITIVE_INFINITY) {
                break;
            }
            goOn(at, 0);
        }
        boolean all = queue.isEmpty() && !busy();
        Optional<Double> done = all ? Optional.of(clock.now) : Optional.empty();
        return new Result(cameras.stream().map(this::fared).toList(), List.copyOf(rolls), done);
    }

    private Fared fared(Camera c) {
        double gigabytes = c.recorded * c.recorder.megabits() * SECONDS / 8 / MEGABYTES;
        return new Fared(
                c.recorder, c.waited, c.firstWait < 0 ? Optional.empty() : Optional.of(c.firstWait), gigabytes);
    }

    private boolean busy() {
        return slots.stream().anyMatch(s -> s.card.isPresent()) || !clearing.isEmpty();
    }

    /** When something happens next. */
    private double next(double pace) {
        double at = Double.POSITIVE_INFINITY;
        for (Camera c : cameras) {
            if (c.type.isPresent() && pace > 0) {
                at = Math.min(at, clock.now + c.left / pace);
            }
        }
        for (Reading s : slots) {
            if (s.card.isPresent()) {
                at = Math.min(at, s.until);
            }
        }
        for (Freed f : clearing) {
            at = Math.min(at, f.at);
        }
        return at;
    }

    private void goOn(double to, double pace) {
        double minutes = to - clock.now;
        for (Camera c : cameras) {
            if (c.type.isPresent()) {
                c.left -= minutes * pace;
                c.recorded += minutes * pace;
            } else if (pace > 0) {
                c.waited += minutes;
                c.firstWait = c.firstWait < 0 ? clock.now : c.firstWait;
            }
        }
        clock.now = to;
        cameras.stream().filter(c -> c.type.isPresent() && c.left < TINY).forEach(c -> takeOut(c, false));
        slots.stream()
                .filter(s -> s.card.isPresent() && s.until < clock.now + TINY)
                .forEach(this::readThrough);
        clearing.stream().filter(f -> f.at < clock.now + TINY).toList().forEach(this::free);
        slots.forEach(this::read);
        cameras.stream().filter(c -> c.type.isEmpty()).forEach(this::load);
    }

    /** The largest cards that go in and are free; as many as go in together, of one type. */
    private void load(Camera c) {
        for (int i = 0; i < pool.size(); i++) {
            CardStock stock = pool.get(i);
            if (stock.count() >= c.recorder.together() && stock.mayGoInto(c.recorder)) {
                pool.set(i, stock.of(stock.count() - c.recorder.together()));
                c.type = Optional.of(stock.of(1));
                c.of = CardSums.minutes(end.much(stock.gigabytes().orElseThrow()) * usable, c.recorder.megabitsEach());
                c.left = c.of;
                c.since = clock.now;
                return;
            }
        }
    }

    private void takeOut(Camera c, boolean atWrap) {
        if (c.type.isEmpty()) {
            return;
        }
        CardStock type = c.type.get();
        double share = 1 - Math.max(0, c.left) / c.of;
        c.type = Optional.empty();
        if (share < TINY) {
            free(new Freed(clock.now, type, c.recorder.together()));
            return;
        }
        String roll = RollLog.name(c.recorder.letter(), numbers.merge(c.recorder.letter(), 1, Integer::sum));
        queue.add(new Out(roll, false, c, type, share, c.since, clock.now));
        if (c.recorder.isPair()) {
            queue.add(new Out(roll, true, c, type, share, c.since, clock.now));
        }
        if (!atWrap) {
            load(c);
        }
    }

    private void read(Reading s) {
        if (s.card.isPresent()) {
            return;
        }
        for (Out out : queue) {
            if (s.slot.takes(out.type.told()) && out.type.reads().isPresent()) {
                queue.remove(out);
                s.card = Optional.of(out);
                s.from = clock.now;
                s.until = clock.now + copyMinutes(out, s.slot);
                return;
            }
        }
    }

    private double copyMinutes(Out out, ReaderSlot slot) {
        double gigabytes = end.much(out.type.gigabytes().orElseThrow()) * usable * out.share;
        double megabytes = Math.min(
                end.much(slot.megabytes().orElseThrow()),
                end.much(out.type.reads().orElseThrow()));
        return gigabytes * MEGABYTES / megabytes * passes / SECONDS;
    }

    private void readThrough(Reading s) {
        Out out = s.card.orElseThrow();
        s.card = Optional.empty();
        double clear = clock.now + clearMinutes;
        clearing.add(new Freed(clear, out.type, out.cards()));
        rolls.add(new Roll(
                out.roll,
                out.second,
                out.from.recorder.build(),
                out.type.type().name(),
                out.since,
                out.outAt,
                s.from,
                clock.now,
                clear,
                out.share));
    }

    private void free(Freed freed) {
        clearing.remove(freed);
        for (int i = 0; i < pool.size(); i++) {
            if (pool.get(i).type().ref().equals(freed.type.type().ref())) {
                pool.set(i, pool.get(i).of(pool.get(i).count() + freed.cards));
            }
        }
    }
}
