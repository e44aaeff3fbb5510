package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import wideharbor.core.analysis.BatteryDraw;
import wideharbor.core.analysis.DayPlates;
import wideharbor.core.analysis.PackedBatteries;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.DayBlock.State;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Drawn;
import wideharbor.core.build.Holds;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.CabinRule;
import wideharbor.core.power.DayOfPower;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.power.RunTime;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;

/** Where the rig's power comes from and goes to, and how the day draws it down. */
public record PowerSheet(
        List<FeedRow> tree,
        List<DayBlock> day,
        List<PlateDay> plates,
        List<DeviceDay> devices,
        List<Flown> flown,
        List<Island> islands) {
    static final int DEEPEST = 12;

    /** Watts of a bay while no charger is packed. */
    private static final double USUAL_BAY_WATTS = 60;

    /** What a line of the feed tree is. */
    public enum Kind {
        BATTERY,
        OUTLET,
        DEVICE
    }

    /**
     * One line of the feed tree.
     *
     * @param depth 0 for a battery
     * @param through the socket, or the cable that leads to a device
     * @param volts from the end of the usable charge to full; empty where it cannot be told
     * @param nominalVolts at the battery's nominal charge
     * @param amps at the lowest volts; 0 where they are not known
     * @param limitWatts continuous; 0 for a device
     * @param free an outlet with nothing in it
     * @param state as the check of it says
     */
    public record FeedRow(
            int depth,
            Kind kind,
            PlacementId placement,
            String title,
            String through,
            Optional<Span> volts,
            Optional<Double> nominalVolts,
            double amps,
            double runningWatts,
            double peakWatts,
            double limitWatts,
            boolean free,
            CheckState state) {}

    /** What someone tries: another battery type, more batteries, more bays. */
    public record Change(Optional<ItemType> battery, int moreBatteries, int moreBays) {
        public static final Change NONE = new Change(Optional.empty(), 0, 0);

        public boolean isNone() {
            return battery.isEmpty() && moreBatteries == 0 && moreBays == 0;
        }
    }

    /**
     * What a device does and takes through the day.
     *
     * @param runningWatts empty while its draw is not on file
     * @param bootSeconds from power to work
     * @param states one for each block
     * @param own whether the brief says it of this device; else it does as the rig
     * @param wattHours what it takes in the day, without what is lost on the way
     */
    public record DeviceDay(
            PlacementId placement,
            String title,
            double idleWatts,
            Optional<Double> runningWatts,
            Optional<Double> peakWatts,
            double bootSeconds,
            List<State> states,
            List<Boolean> own,
            double wattHours) {}

    /**
     * A plate's day, as the package is and as it would be changed.
     *
     * @param runningWatts as measured where that counts
     * @param nameplateWatts that the nameplates sum up to
     * @param drawn what was measured off this battery
     * @param drawnCounts whether just the same things hang on it as then
     * @param holds what the weakest of these batteries was measured to hold
     * @param lostWatts of those by nameplates, as heat in converters
     * @param wattsPerBay of the bays there are, or of usual ones
     * @param nightHours from wrap to call
     * @param carriedHours for how long small batteries in bays carry what they are in, where they keep the rig on
     * @param bootSeconds until the slowest of what goes off for a change is there again
     * @param atHand batteries for this plate, the fitted one among them
     * @param needed of the fitted kind, without charging during the day
     * @param others types that fit the plate instead
     * @param then empty when nothing is tried
     * @param unknown draws or capacities not on file; then there is no day to tell
     */
    public record PlateDay(
            PlacementId part,
            String battery,
            String plate,
            KeepsOn keepsOn,
            OptionalDouble carriedHours,
            double bootSeconds,
            double runningWatts,
            double nameplateWatts,
            Optional<Drawn> drawn,
            boolean drawnCounts,
            Optional<Holds> holds,
            double idleWatts,
            double lostWatts,
            int atHand,
            int bays,
            double wattsPerBay,
            double nightHours,
            int needed,
            List<ItemType> others,
            Optional<DayOfPower> now,
            Optional<DayOfPower> then,
            List<String> unknown) {

        /** Whether the bays there are fill all of them by the next call. */
        public boolean isFullByMorning(DayOfPower of) {
            return of.rechargeHours() <= nightHours + 1e-9;
        }

        /** The fewest bays in which all are full again by the next call. */
        public OptionalInt baysForTheNight(DayOfPower of) {
            return of.baysFor(nightHours, wattsPerBay);
        }

        /** Minutes of the day in which everything waits for what boots after a change. */
        public double bootMinutes(DayOfPower of) {
            return of.swaps().stream().filter(DayOfPower.Swap::interrupting).count() * bootSeconds / 60;
        }
    }

    /** A kind of battery in the package, and what the usual rule says of it in an aeroplane. */
    public record Flown(String battery, double wattHours, int count, CabinRule rule, String words, int people) {}

    /** A part that runs on cells of its own and has its own plan of changes. */
    public record Island(PlacementId placement, String title, double hours, int changes) {}

    public static PowerSheet of(RigAnalysis analysis, Change change) {
        FeedTree feeds = analysis.feeds();
        List<DayBlock> day = DayPlates.day(analysis.job().brief());
        List<FeedRow> rows = new ArrayList<>();
        List<PlateDay> plates = new ArrayList<>();
        for (FeedTree.Source source : feeds.sources()) {
            rows.add(FeedRows.battery(BatteryDraw.of(analysis, source)));
            source.outlets().forEach(o -> FeedRows.outlet(analysis, o, 1, rows));
        }
        DayPlates.of(analysis).forEach(p -> plates.add(plate(analysis, p, day, change)));
        return new PowerSheet(
                List.copyOf(rows),
                day,
                List.copyOf(plates),
                devices(analysis, day),
                flown(analysis),
                islands(analysis));
    }

    private static List<DeviceDay> devices(RigAnalysis analysis, List<DayBlock> day) {
        BuildId build = analysis.build().id();
        return analysis.feeds().sources().stream()
                .flatMap(s -> analysis.feeds().under(s).stream())
                .map(link -> deviceDay(build, link.device(), link.input(), day))
                .distinct()
                .toList();
    }

    private static DeviceDay deviceDay(BuildId build, Placed placed, PowerFacet.PowerInput input, List<DayBlock> day) {
        List<State> states =
                day.stream().map(b -> b.stateOf(build, placed.id())).toList();
        double wattHours = day.stream()
                .mapToDouble(b -> b.hours() * FeedTree.draw(input, b.stateOf(build, placed.id())))
                .sum();
        return new DeviceDay(
                placed.id(),
                placed.title(),
                input.idleWatts(),
                known(input.runningWatts()),
                known(input.peakWatts()),
                input.bootSeconds(),
                states,
                day.stream().map(b -> b.own(build, placed.id()).isPresent()).toList(),
                wattHours);
    }

    private static Optional<Double> known(Figure figure) {
        return figure instanceof Figure.Known k ? Optional.of(k.value()) : Optional.empty();
    }

    private static List<Flown> flown(RigAnalysis analysis) {
        List<Flown> all = new ArrayList<>();
        PackedBatteries.of(analysis).forEach((type, count) -> {
            type.facet(PowerFacet.Battery.class)
                    .flatMap(PowerFacet.Battery::capacity)
                    .ifPresent(k -> {
                        CabinRule rule = CabinRule.of(k.value(), analysis.rules());
                        all.add(new Flown(
                                type.name(),
                                k.value(),
                                count,
                                rule,
                                rule.inWords(analysis.rules()),
                                rule.peopleFor(count, analysis.rules())));
                    });
        });
        return all;
    }

    /** Changes that the hours on take: none while one set of cells lasts. */
    private static List<Island> islands(RigAnalysis analysis) {
        return analysis.rig().attached().stream()
                .flatMap(p -> p.type().facets(SignalFacet.OwnCells.class).stream()
                        .map(c -> {
                            double on = DayPlates.hoursOn(analysis, p.id());
                            return new Island(p.id(), p.title(), c.hours(), (int)
                                    Math.max(0, Math.ceil(on / c.hours() - 1e-9) - 1));
                        }))
                .toList();
    }

    private static PlateDay plate(RigAnalysis analysis, DayPlates.DayPlate p, List<DayBlock> day, Change change) {
        double usable = analysis.rule(Rule.USABLE_CHARGE);
        Optional<DayOfPower.Plate> now = p.plate();
        return new PlateDay(
                p.source().battery().id(),
                p.source().battery().title(),
                p.source().plate().map(Placed::title).orElse(""),
                p.keepsOn(),
                KeepsOn.carriesHours(
                        analysis.rig(),
                        analysis.feeds(),
                        p.source(),
                        b -> RunTime.usableWattHours(b, analysis.job().brief().temperatureC(), analysis.rules())),
                p.bootSeconds(),
                p.runningWatts(),
                analysis.feeds().byNameplates(p.source()).runningWatts(),
                p.source().battery().placement().drawn(),
                analysis.feeds().measured(p.source()).isPresent(),
                p.source().battery().placement().holds(),
                p.idleWatts(),
                analysis.feeds().flow(p.source()).lostWatts(),
                p.cells().size(),
                p.chargers().bays(),
                p.chargers().bays() == 0 ? USUAL_BAY_WATTS : p.chargers().wattsPerBay(),
                analysis.rule(Rule.NIGHT),
                now.map(x -> DayOfPower.needed(x, day, usable)).orElse(0),
                others(analysis, p),
                now.map(x -> DayOfPower.of(x, day, usable, p.chargers())),
                now.filter(x -> !change.isNone())
                        .flatMap(x -> p.plate(changed(p.cells(), change), 1))
                        .map(x -> DayOfPower.of(x, day, usable, more(p.chargers(), change.moreBays()))),
                p.unknown());
    }

    /** The same plate with other or more batteries. */
    private static List<ItemType> changed(List<ItemType> cells, Change change) {
        List<ItemType> then = new ArrayList<>(cells);
        change.battery().ifPresent(b -> Collections.fill(then, b));
        then.addAll(Collections.nCopies(change.moreBatteries(), then.get(0)));
        return then;
    }

    /** More bays like those there are, or usual ones. */
    private static DayOfPower.Chargers more(DayOfPower.Chargers have, int bays) {
        return new DayOfPower.Chargers(have.bays() + bays, have.bays() == 0 ? USUAL_BAY_WATTS : have.wattsPerBay());
    }

    private static List<ItemType> others(RigAnalysis analysis, DayPlates.DayPlate plate) {
        ItemType fitted = plate.cells().get(0);
        return analysis.catalogue().current().stream()
                .filter(t -> t.facet(PowerFacet.Battery.class).isPresent()
                        && DayPlates.standard(t).equals(plate.standard())
                        && !t.ref().equals(fitted.ref())
                        && DayPlates.capacity(t).isPresent())
                .toList();
    }
}
