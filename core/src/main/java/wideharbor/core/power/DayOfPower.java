package wideharbor.core.power;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.quantity.Require;

/**
 * One battery plate through a day: what is fitted is drawn down block by block, empty it is changed for the fullest
 * that is left, and empties are charged wherever there is mains. Time counts while on.
 *
 * <p>What a block draws in an hour is P / (temperature factor · usable share) of a battery's own watt-hours: the cold
 * takes nothing away for good, it gives less while it lasts. A bay puts back what was drawn, not what the cold locked
 * in or what is kept in reserve: its full watts up to four fifths, half of them on average beyond, so that from empty
 * it takes about 1.2·C/P; nothing below 0 °C or above 45 °C, half below 10 °C (IEC 62133-2).
 *
 * @param turns what each battery does and when, in the order of the day
 * @param line share of the fitted battery that is left, at every change of slope
 * @param darkHours hours of the day on which nothing was left to put on
 * @param drawnWattHours energy that the devices took
 * @param takenWattHours charge that left the batteries, in their own watt-hours
 * @param missing watt-hours drawn and not put back at the end of the day in each battery that is not full, the emptiest
 *     first
 * @param rechargeHours hours until all of them are full again with the bays there are; infinite without a bay
 */
public record DayOfPower(
        List<Turn> turns,
        List<Point> line,
        List<Swap> swaps,
        double darkHours,
        double drawnWattHours,
        double takenWattHours,
        int used,
        List<Missing> missing,
        double rechargeHours) {
    private static final double EMPTY = 1e-9;
    private static final int MOST_BAYS = 64;

    /** Batteries that are not full at the end of the day. */
    public int toRecharge() {
        return missing.size();
    }

    /** What a battery of a capacity lacks, Wh. */
    public record Missing(double wattHours, double capacity) {
        /** Hours in a bay of so many watts, in a room. */
        double hours(double watts) {
            double slow = Math.min(wattHours, Charging.SLOW_SHARE * capacity);
            return (wattHours - slow) / Charging.putBack(watts) + slow / Charging.putBack(watts * Charging.SLOW);
        }
    }

    /** So many hours into the day, the share left in what is fitted. */
    public record Point(double hour, double share) {}

    /**
     * A battery, counted from the fitted one as 1, on the rig or in a bay.
     *
     * @param fromShare of its charge when that begins
     */
    public record Turn(
            int battery, boolean charging, double fromHour, double toHour, double fromShare, double toShare) {}

    /** A battery put on; interrupting when everything goes off for it. */
    public record Swap(double hour, boolean interrupting) {}

    /**
     * What hangs on a plate and what there is for it.
     *
     * @param draw watts in a block of the day
     * @param wattHours of each battery, health included; the first is fitted
     * @param hotSwap whether power goes through a change
     */
    public record Plate(ToDoubleFunction<DayBlock> draw, List<Double> wattHours, boolean hotSwap) {
        /** A rig that does one thing at a time: so many watts rolling, so many on standby. */
        public Plate(double runningWatts, double idleWatts, List<Double> wattHours, boolean hotSwap) {
            this(
                    block -> switch (block.state()) {
                        case OFF -> 0;
                        case STANDBY -> idleWatts;
                        case ON -> runningWatts;
                    },
                    wattHours,
                    hotSwap);
        }

        public Plate {
            wattHours = List.copyOf(wattHours);
            if (wattHours.isEmpty()) {
                throw new IllegalArgumentException("A plate must have a battery on it");
            }
            wattHours.forEach(w -> Require.within("Watt-hours of a battery", w, 1e-3, 10_000, "Wh"));
        }
    }

    /** Bays for these batteries, and the watts of each. */
    public record Chargers(int bays, double wattsPerBay) {
        public static final Chargers NONE = new Chargers(0, 0);
    }

    private static final class Cell {
        private final int number;
        private final double capacity;
        /** Of its own watt-hours. */
        private double left;
        /** Drawn from it and not put back, Wh. */
        private double used;

        Cell(int number, double capacity) {
            this.number = number;
            this.capacity = capacity;
            this.left = capacity;
        }

        void draw(double own, double drawn) {
            left = Math.max(0, left - own);
            used += drawn;
        }

        void putBack(double wattHours) {
            double share = used <= EMPTY ? 1 : Math.min(1, wattHours / used);
            left += (capacity - left) * share;
            used -= used * share;
        }

        /** Wh an hour that a bay of so many watts puts back now. */
        double speed(double watts) {
            return Charging.putBack(used > Charging.SLOW_SHARE * capacity + EMPTY ? watts : watts * Charging.SLOW);
        }

        /** Hours until it is full or goes on more slowly. */
        double hoursToNext(double watts) {
            double slow = Charging.SLOW_SHARE * capacity;
            double more = used > slow + EMPTY ? used - slow : used;
            return watts <= 0 ? Double.POSITIVE_INFINITY : more / speed(watts);
        }

        double share() {
            return left / capacity;
        }

        boolean isFull() {
            return used <= EMPTY;
        }
    }

    /** A battery in a bay, since when, and what it had then. */
    private record InBay(Cell cell, double since, double share) {}

    /** The state of the walk through the day. */
    private static final class Walk {
        private final Deque<Cell> full = new ArrayDeque<>();
        private final Deque<Cell> empty = new ArrayDeque<>();
        private final List<Turn> turns = new ArrayList<>();
        private final List<Point> line = new ArrayList<>();
        private final List<Swap> swaps = new ArrayList<>();
        private final Plate plate;
        private final Chargers chargers;
        private Cell fitted;
        private double hour;
        private double dark;
        private double drawn;
        private double taken;

        Walk(Plate plate, Chargers chargers) {
            this.plate = plate;
            this.chargers = chargers;
            List<Cell> cells = IntStream.range(0, plate.wattHours().size())
                    .mapToObj(i -> new Cell(i + 1, plate.wattHours().get(i)))
                    .toList();
            fitted = cells.get(0);
            full.addAll(cells.subList(1, cells.size()));
            mark();
        }

        void mark() {
            line.add(new Point(hour, fitted.share()));
        }

        /** What goes on as it did is one turn with what was before. */
        private void turn(Cell cell, boolean charging, double from, double shareBefore) {
            int last = turns.size() - 1;
            while (last >= 0 && turns.get(last).battery() != cell.number) {
                last--;
            }
            boolean same = last >= 0
                    && turns.get(last).charging() == charging
                    && from - turns.get(last).toHour() < EMPTY;
            double began = same ? turns.get(last).fromHour() : from;
            double with = same ? turns.get(last).fromShare() : shareBefore;
            Turn turn = new Turn(cell.number, charging, began, hour, with, cell.share());
            if (same) {
                turns.set(last, turn);
            } else {
                turns.add(turn);
            }
        }

        /**
         * From one event to the next: the fitted battery is empty, one in a bay is full, the block ends. Empties take
         * turns in the bays; while nothing draws, so do partly charged spares and the fitted one after them. With
         * nothing left to put on, all waits for the first that is full. At the end of the block what is charged,
         * however far, can go on.
         */
        void through(DayBlock block, double usable) {
            double watts = plate.draw().applyAsDouble(block);
            double perHour = watts / (RunTime.temperatureFactor(block.celsius()) * usable);
            double bayWatts = chargers.wattsPerBay() * Charging.share(block.celsius());
            double end = hour + block.hours();
            List<InBay> bays = new ArrayList<>();
            while (hour < end - EMPTY) {
                boolean lit = watts > 0 && (fitted.left > EMPTY || change());
                fill(bays, block.mains() && bayWatts > 0 ? chargers.bays() : 0, watts <= 0);
                double lasts = lit ? fitted.left / perHour : Double.POSITIVE_INFINITY;
                double step = bays.stream()
                        .mapToDouble(b -> b.cell().hoursToNext(bayWatts))
                        .reduce(Math.min(lasts, end - hour), Math::min);
                double begun = hour;
                double before = fitted.share();
                hour += step;
                bays.forEach(b -> b.cell().putBack(step * b.cell().speed(bayWatts)));
                if (lit) {
                    fitted.draw(step * perHour, step * watts);
                    drawn += step * watts;
                    taken += step * perHour;
                    turn(fitted, false, begun, before);
                } else if (watts > 0) {
                    dark += step;
                }
                bays.removeIf(b -> b.cell().isFull() && release(b));
                mark();
            }
            hour = end;
            bays.forEach(this::release);
            mark();
        }

        /**
         * Empties in the order in which they came off; while nothing draws, partly charged spares and the fitted one
         * too.
         */
        private void fill(List<InBay> bays, int there, boolean off) {
            while (bays.size() < there && !empty.isEmpty()) {
                Cell next = empty.poll();
                bays.add(new InBay(next, hour, next.share()));
            }
            List<Cell> partly = off
                    ? full.stream()
                            .filter(c -> !c.isFull())
                            .sorted(Comparator.comparingDouble(c -> c.left))
                            .toList()
                    : List.of();
            for (Cell next : partly.subList(0, Math.max(0, Math.min(partly.size(), there - bays.size())))) {
                full.remove(next);
                bays.add(new InBay(next, hour, next.share()));
            }
            boolean in = bays.stream().anyMatch(b -> b.cell() == fitted);
            if (off && bays.size() < there && !in && !fitted.isFull()) {
                bays.add(new InBay(fitted, hour, fitted.share()));
            }
        }

        private boolean release(InBay bay) {
            turn(bay.cell(), true, bay.since(), bay.share());
            if (bay.cell() != fitted) {
                full.add(bay.cell());
            }
            return true;
        }

        /** The fullest that is left goes on. */
        private boolean change() {
            Cell next = full.stream()
                    .filter(c -> c.left > EMPTY)
                    .max(Comparator.comparingDouble((Cell c) -> c.left))
                    .orElse(null);
            if (next == null) {
                return false;
            }
            full.remove(next);
            empty.add(fitted);
            fitted = next;
            swaps.add(new Swap(hour, !plate.hotSwap()));
            mark();
            return true;
        }

        List<Missing> missing() {
            return Stream.of(empty.stream(), full.stream(), Stream.of(fitted))
                    .flatMap(cells -> cells)
                    .filter(c -> !c.isFull())
                    .map(c -> new Missing(c.used, c.capacity))
                    .sorted(Comparator.comparingDouble(Missing::wattHours).reversed())
                    .toList();
        }
    }

    /** The bay that is free first. */
    private static int freest(double[] bays) {
        return IntStream.range(0, bays.length)
                .boxed()
                .min(Comparator.comparingDouble(i -> bays[i]))
                .orElseThrow();
    }

    /** @param usable share of a charge before devices shut off */
    public static DayOfPower of(Plate plate, List<DayBlock> day, double usable, Chargers chargers) {
        Require.within("Usable share of a charge", usable, 0.05, 1, "");
        Walk walk = new Walk(plate, chargers);
        day.forEach(block -> walk.through(block, usable));
        List<Missing> missing = walk.missing();
        return new DayOfPower(
                List.copyOf(walk.turns),
                List.copyOf(walk.line),
                List.copyOf(walk.swaps),
                walk.dark,
                walk.drawn,
                walk.taken,
                walk.swaps.size() + 1,
                missing,
                rechargeHours(missing, chargers));
    }

    /**
     * The fewest bays of these chargers, of at most {@value #MOST_BAYS}, in which all are full again within so many
     * hours.
     */
    public OptionalInt baysFor(double hours, double wattsPerBay) {
        Require.within("Watts of a bay", wattsPerBay, 1, 500, "W");
        return IntStream.rangeClosed(0, MOST_BAYS)
                .filter(bays -> rechargeHours(missing, new Chargers(bays, wattsPerBay)) <= hours + EMPTY)
                .findFirst();
    }

    /** The longest any bay works when the emptiest go in first, each into the bay that is free first. */
    private static double rechargeHours(List<Missing> missing, Chargers chargers) {
        if (missing.isEmpty()) {
            return 0;
        }
        if (chargers.bays() == 0) {
            return Double.POSITIVE_INFINITY;
        }
        double[] bays = new double[chargers.bays()];
        missing.forEach(m -> bays[freest(bays)] += m.hours(chargers.wattsPerBay()));
        return Arrays.stream(bays).max().orElse(0);
    }

    /** The fewest batteries like the fitted one that carry the day without a charger; at most 60 are tried. */
    public static int needed(Plate plate, List<DayBlock> day, double usable) {
        for (int n = 1; n < 60; n++) {
            List<Double> cells = Collections.nCopies(n, plate.wattHours().get(0));
            Plate with = new Plate(plate.draw(), cells, plate.hotSwap());
            if (of(with, day, usable, Chargers.NONE).darkHours() <= EMPTY) {
                return n;
            }
        }
        return 60;
    }
}
