package wideharbor.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.CheckContext;
import wideharbor.core.power.DayOfPower;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Volts;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Span;

/** Where the rig's power comes from and goes to, and how the day draws it down. */
public record PowerSheet(List<Row> tree, List<DayBlock> day, List<PlateDay> plates) {
    private static final int DEEPEST = 12;

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
     * @param amps at the lowest volts; 0 where they are not known
     * @param limitWatts continuous; 0 for a device
     * @param free an outlet with nothing in it
     */
    public record Row(
            int depth,
            Kind kind,
            String placement,
            String title,
            String through,
            Optional<Span> volts,
            double amps,
            double runningWatts,
            double peakWatts,
            double limitWatts,
            boolean free,
            boolean met) {}

    /** What someone tries: another battery type, more batteries, more bays. */
    public record Change(Optional<ItemType> battery, int moreBatteries, int moreBays) {
        public static final Change NONE = new Change(Optional.empty(), 0, 0);

        public boolean isNone() {
            return battery.isEmpty() && moreBatteries == 0 && moreBays == 0;
        }
    }

    /**
     * A plate's day, as the package is and as it would be changed.
     *
     * @param atHand batteries for this plate, the fitted one among them
     * @param needed of the fitted kind, without charging during the day
     * @param others types that fit the plate instead
     * @param then empty when nothing is tried
     * @param unknown draws or capacities not on file; then there is no day to tell
     */
    public record PlateDay(
            String battery,
            String plate,
            boolean hotSwap,
            double runningWatts,
            double idleWatts,
            int atHand,
            int bays,
            int needed,
            List<ItemType> others,
            Optional<DayOfPower> now,
            Optional<DayOfPower> then,
            List<String> unknown) {}

    public static PowerSheet of(CheckContext context, Change change) {
        FeedTree feeds = context.feeds();
        List<DayBlock> day = day(context.job().brief());
        List<Row> rows = new ArrayList<>();
        List<PlateDay> plates = new ArrayList<>();
        for (FeedTree.Source source : feeds.sources()) {
            rows.add(battery(feeds, source));
            source.outlets().forEach(o -> outlet(feeds, o, 1, rows));
            plates.add(plate(context, source, day, change));
        }
        return new PowerSheet(List.copyOf(rows), day, List.copyOf(plates));
    }

    /** The brief's blocks, or its hours on end while nobody wrote any. */
    public static List<DayBlock> day(Brief brief) {
        List<DayBlock> blocks = brief.asks().shoot().day();
        return blocks.isEmpty()
                ? List.of(new DayBlock("on", DayBlock.State.ON, brief.hoursOn(), brief.temperatureC(), false))
                : blocks;
    }

    private static Row battery(FeedTree feeds, FeedTree.Source source) {
        FeedTree.Load load = feeds.loadOn(source);
        Facet.Battery spec = source.spec();
        return new Row(
                0,
                Kind.BATTERY,
                source.battery().id(),
                source.battery().title(),
                source.plate().map(p -> "on " + p.title()).orElse("on nothing"),
                Optional.of(new Span(spec.endVolts(), spec.fullVolts())),
                load.runningWatts() / spec.endVolts(),
                load.runningWatts(),
                load.peakWatts(),
                spec.continuousWatts(),
                false,
                load.runningWatts() <= spec.continuousWatts() && load.peakWatts() <= spec.peakWatts());
    }

    private static void outlet(FeedTree feeds, FeedTree.Outlet outlet, int depth, List<Row> rows) {
        FeedTree.Load load = feeds.loadOn(outlet);
        Optional<Span> volts = Volts.atOutlet(feeds, outlet);
        double amps = volts.filter(v -> v.from() > 0).map(v -> load.runningWatts() / v.from()).orElse(0.0);
        Facet.PowerOutput spec = outlet.spec();
        rows.add(new Row(
                depth,
                Kind.OUTLET,
                outlet.placed().id(),
                outlet.placed().type().socket(spec.socket()).map(s -> s.title()).orElse(spec.socket()),
                outlet.placed().type().socket(spec.socket()).map(s -> s.connector()).orElse(""),
                volts,
                amps,
                load.runningWatts(),
                load.peakWatts(),
                spec.continuousWatts(),
                outlet.link().isEmpty(),
                load.runningWatts() <= spec.continuousWatts() && load.peakWatts() <= spec.peakWatts() && amps <= spec.continuousAmps()));
        outlet.link().ifPresent(link -> device(feeds, outlet, link, depth + 1, rows));
    }

    private static void device(
            FeedTree feeds, FeedTree.Outlet outlet, FeedTree.Link link, int depth, List<Row> rows) {
        FeedTree.Load load = feeds.loadOf(link.device(), link.input());
        Optional<Span> volts = Volts.atDevice(feeds, outlet);
        rows.add(new Row(
                depth,
                Kind.DEVICE,
                link.device().id(),
                link.device().title(),
                "by " + Math.round(link.wire().lengthMm()) + " mm of cable",
                volts,
                volts.filter(v -> v.from() > 0).map(v -> load.runningWatts() / v.from()).orElse(0.0),
                load.runningWatts(),
                load.peakWatts(),
                0,
                false,
                volts.map(v -> v.from() >= link.input().minVolts() && v.to() <= link.input().maxVolts()).orElse(true)));
        if (depth < DEEPEST) {
            feeds.outlets().stream()
                    .filter(o -> o.placed().id().equals(link.device().id()))
                    .forEach(o -> outlet(feeds, o, depth + 1, rows));
        }
    }

    private static PlateDay plate(
            CheckContext context, FeedTree.Source source, List<DayBlock> day, Change change) {
        FeedTree.Load load = context.feeds().loadOn(source);
        String standard = plug(source.battery().type());
        List<ItemType> cells = new ArrayList<>(List.of(source.battery().type()));
        List<String> unknown = new ArrayList<>(load.unknown());
        DayOfPower.Chargers chargers = DayOfPower.Chargers.NONE;
        for (Map.Entry<TypeRef, Integer> spare : context.kit().counts().entrySet()) {
            ItemType type = context.catalogue().require(spare.getKey());
            if (type.facet(Facet.Battery.class).isPresent() && plug(type).equals(standard)) {
                cells.addAll(Collections.nCopies(spare.getValue(), type));
            }
            Optional<Facet.Charger> charger =
                    type.facet(Facet.Charger.class).filter(c -> c.standard().equals(standard));
            if (charger.isPresent()) {
                chargers = more(chargers, charger.get(), charger.get().bays() * spare.getValue());
            }
        }
        cells.stream().filter(t -> capacity(t).isEmpty()).map(ItemType::name).distinct().forEach(unknown::add);
        boolean hotSwap = source.plate().filter(p -> p.type().can(Capability.HOT_SWAPS)).isPresent();
        double idle = context.feeds().idleOn(source);
        double usable = context.rule(Rule.USABLE_CHARGE);
        Optional<DayOfPower.Plate> now = unknown.isEmpty() && load.runningWatts() > 0
                ? Optional.of(asPlate(load.runningWatts(), idle, cells, hotSwap))
                : Optional.empty();
        DayOfPower.Chargers bays = chargers;
        return new PlateDay(
                source.battery().title(),
                source.plate().map(p -> p.title()).orElse(""),
                hotSwap,
                load.runningWatts(),
                idle,
                cells.size(),
                chargers.bays(),
                now.map(p -> DayOfPower.needed(p, day, usable)).orElse(0),
                others(context, source.battery().type(), standard),
                now.map(p -> DayOfPower.of(p, day, usable, bays)),
                now.filter(p -> !change.isNone())
                        .flatMap(p -> changed(p, cells, change))
                        .map(p -> DayOfPower.of(p, day, usable, more(bays, change.moreBays()))),
                unknown);
    }

    private static DayOfPower.Plate asPlate(double running, double idle, List<ItemType> cells, boolean hotSwap) {
        return new DayOfPower.Plate(
                running, idle, cells.stream().map(t -> capacity(t).orElseThrow()).toList(), hotSwap);
    }

    /** The same plate with other or more batteries; empty when the other's capacity is not on file. */
    private static Optional<DayOfPower.Plate> changed(DayOfPower.Plate plate, List<ItemType> cells, Change change) {
        List<ItemType> then = new ArrayList<>(cells);
        change.battery().ifPresent(b -> Collections.fill(then, b));
        then.addAll(Collections.nCopies(change.moreBatteries(), then.get(0)));
        return then.stream().allMatch(t -> capacity(t).isPresent())
                ? Optional.of(asPlate(plate.runningWatts(), plate.idleWatts(), then, plate.hotSwap()))
                : Optional.empty();
    }

    private static DayOfPower.Chargers more(DayOfPower.Chargers have, Facet.Charger charger, int bays) {
        int all = have.bays() + bays;
        double watts = (have.bays() * have.wattsPerBay() + bays * charger.wattsPerBay()) / all;
        return new DayOfPower.Chargers(all, watts);
    }

    /** More bays like those there are; 60 W where there are none. */
    private static DayOfPower.Chargers more(DayOfPower.Chargers have, int bays) {
        return new DayOfPower.Chargers(have.bays() + bays, have.bays() == 0 ? 60 : have.wattsPerBay());
    }

    private static List<ItemType> others(CheckContext context, ItemType fitted, String standard) {
        return context.catalogue().current().stream()
                .filter(t -> t.facet(Facet.Battery.class).isPresent()
                        && plug(t).equals(standard)
                        && !t.ref().equals(fitted.ref())
                        && capacity(t).isPresent())
                .toList();
    }

    private static String plug(ItemType battery) {
        return battery.port(battery.facet(Facet.Battery.class).orElseThrow().port()).orElseThrow().standard();
    }

    /** Watt-hours with what age has left of them. */
    private static Optional<Double> capacity(ItemType battery) {
        Facet.Battery spec = battery.facet(Facet.Battery.class).orElseThrow();
        return spec.wattHours() instanceof Figure.Known known ? Optional.of(known.value() * spec.health()) : Optional.empty();
    }
}
