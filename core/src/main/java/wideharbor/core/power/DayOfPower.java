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
 * One battery plate through a day: what is fitted is drawn down block by block, empty it is changed for the fullest that
 * is left, and empties are charged wherever there is mains. Time counts while on.
 *
 * <p>What a block draws in an hour is P / (temperature factor · usable share) of a battery's own watt-hours: the cold
 * takes nothing away for good, it gives less while it lasts.
 *
 * @param line share of the fitted battery that is left, at every change of slope
 * @param darkHours hours of the day on which nothing was left to put on
 * @param drawnWattHours energy that the devices took
 * @param takenWattHours charge that left the batteries, in their own watt-hours
 * @param missing watt-hours missing at the end of the day in each battery that is not full, the emptiest first
 * @param rechargeHours hours until all of them are full again with the bays there are; infinite without a bay
 */
public record DayOfPower(
        List<Point> line,
        List<Swap> swaps,
        double darkHours,
        double drawnWattHours,
        double takenWattHours,
        int used,
        List<Double> missing,
        double rechargeHours) {
    private static final double EMPTY = 1e-9;
    private static final int MOST_BAYS = 64;

    /** Batteries that are not full at the end of the day. */
    public int toRecharge() {
        return missing.size();
    }

    /** So many hours into the day, the share left in what is fitted. */
    public record Point(double hour, double share) {}

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
            wattHours.forEach(w -> Require.within("Watt-hours of a battery", w, 0.1, 10_000, "Wh"));
        }
    }

    /** Bays for these batteries, and the watts of each. */
    public record Chargers(int bays, double wattsPerBay) {
        public static final Chargers NONE = new Chargers(0, 0);
    }

    private static final class Cell {
        private final double capacity;
        private double left;

        Cell(double capacity) {
            this.capacity = capacity;
            this.left = capacity;
        }
    }

    /** The state of the walk through the day. */
    private static final class Walk {
        private final Deque<Cell> full = new ArrayDeque<>();
        private final List<Cell> empty = new ArrayList<>();
        private final List<Point> line = new ArrayList<>();
        private final List<Swap> swaps = new ArrayList<>();
        private final Plate plate;
        private Cell fitted;
        private double hour;
        private double dark;
        private double drawn;
        private double taken;

        Walk(Plate plate) {
            this.plate = plate;
            List<Cell> cells = plate.wattHours().stream().map(Cell::new).toList();
            fitted = cells.get(0);
            full.addAll(cells.subList(1, cells.size()));
            mark();
        }

        void mark() {
            line.add(new Point(hour, fitted.left / fitted.capacity));
        }

        void through(DayBlock block, double usable, Chargers chargers) {
            double watts = plate.draw().applyAsDouble(block);
            double end = hour + block.hours();
            double perHour = watts / (Runtime.temperatureFactor(block.celsius()) * usable);
            double begun = hour;
            while (watts > 0 && hour < end - EMPTY) {
                if (fitted.left <= EMPTY && !change()) {
                    dark += end - hour;
                    break;
                }
                double lasts = Math.min(end - hour, fitted.left / perHour);
                hour += lasts;
                fitted.left = Math.max(0, fitted.left - lasts * perHour);
                drawn += lasts * watts;
                taken += lasts * perHour;
                mark();
            }
            hour = end;
            if (block.mains()) {
                charge(chargers, end - begun, watts <= 0);
            }
            mark();
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

        /**
         * Empties take turns in the bays; what is charged, however far, can go on again. While everything is off the
         * fitted one takes its turn too, after them.
         */
        private void charge(Chargers chargers, double hours, boolean off) {
            double[] bays = new double[chargers.bays()];
            for (Cell cell : List.copyOf(empty)) {
                if (!charge(cell, bays, chargers, hours)) {
                    return;
                }
                empty.remove(cell);
                full.add(cell);
            }
            if (off) {
                charge(fitted, bays, chargers, hours);
            }
        }

        /** In the bay that is free first; false when none is free any more. */
        private static boolean charge(Cell cell, double[] bays, Chargers chargers, double hours) {
            int bay = freest(bays);
            if (bay < 0 || bays[bay] >= hours) {
                return false;
            }
            double needs = (cell.capacity - cell.left) / chargers.wattsPerBay();
            double gets = Math.min(needs, hours - bays[bay]);
            bays[bay] += gets;
            cell.left += gets * chargers.wattsPerBay();
            return true;
        }

        private static int freest(double[] bays) {
            int best = -1;
            for (int i = 0; i < bays.length; i++) {
                if (best < 0 || bays[i] < bays[best]) {
                    best = i;
                }
            }
            return best;
        }

        List<Double> missing() {
            return Stream.of(empty.stream(), full.stream(), Stream.of(fitted))
                    .flatMap(cells -> cells)
                    .map(c -> c.capacity - c.left)
                    .filter(m -> m > EMPTY)
                    .sorted(Comparator.reverseOrder())
                    .toList();
        }
    }

    /** @param usable share of a charge before devices shut off */
    public static DayOfPower of(Plate plate, List<DayBlock> day, double usable, Chargers chargers) {
        Require.within("Usable share of a charge", usable, 0.05, 1, "");
        Walk walk = new Walk(plate);
        day.forEach(block -> walk.through(block, usable, chargers));
        List<Double> missing = walk.missing();
        return new DayOfPower(
                List.copyOf(walk.line),
                List.copyOf(walk.swaps),
                walk.dark,
                walk.drawn,
                walk.taken,
                walk.swaps.size() + 1,
                missing,
                rechargeHours(missing, chargers));
    }

    /** The fewest bays of these chargers, of at most {@value #MOST_BAYS}, in which all are full again within so many hours. */
    public OptionalInt baysFor(double hours, double wattsPerBay) {
        Require.within("Watts of a bay", wattsPerBay, 1, 500, "W");
        return IntStream.rangeClosed(0, MOST_BAYS)
                .filter(bays -> rechargeHours(missing, new Chargers(bays, wattsPerBay)) <= hours + EMPTY)
                .findFirst();
    }

    /** The longest any bay works when the emptiest go in first, each into the bay that is free first. */
    private static double rechargeHours(List<Double> missing, Chargers chargers) {
        if (missing.isEmpty()) {
            return 0;
        }
        if (chargers.bays() == 0) {
            return Double.POSITIVE_INFINITY;
        }
        double[] bays = new double[chargers.bays()];
        missing.forEach(m -> bays[Walk.freest(bays)] += m / chargers.wattsPerBay());
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
