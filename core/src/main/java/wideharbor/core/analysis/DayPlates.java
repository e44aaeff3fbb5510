package wideharbor.core.analysis;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Build;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.DayOfPower;
import wideharbor.core.power.Estimates;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.KeepsOn;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;

/**
 * The battery plates of a rig with what the package holds for them. Spares and bays of one standard are dealt out in
 * turn to all plates of that standard, those of the job's other builds included: they shoot on the same day.
 */
public final class DayPlates {
    private DayPlates() {}

    /**
     * One plate.
     *
     * @param cells the fitted battery first, then this plate's share of the spares
     * @param cost watts of the batteries' own charge while all runs: at more than 0.2 C some stays inside
     * @param draw the same in a block of the brief's day, every part in its own state
     * @param bootSeconds until the slowest of what goes off is there again
     * @param off by how much the load may be more, for the charge there is, than what is told: 1 where all is exact
     * @param unknown draws or capacities not on file; then there is no day to tell
     */
    public record DayPlate(
            FeedTree.Source source,
            List<ItemType> cells,
            DayOfPower.Chargers chargers,
            KeepsOn keepsOn,
            Ranged running,
            Ranged cost,
            double idleWatts,
            ToDoubleFunction<DayBlock> draw,
            double bootSeconds,
            Span off,
            List<String> unknown) {
        public double runningWatts() {
            return running.value();
        }

        public String standard() {
            return DayPlates.standard(cells.get(0));
        }

        /** Empty when a figure is missing or nothing draws. */
        public Optional<DayOfPower.Plate> plate() {
            return plate(cells, 1);
        }

        /** With other batteries, and with so many times the draw. */
        public Optional<DayOfPower.Plate> plate(List<ItemType> other, double times) {
            boolean known = unknown.isEmpty()
                    && running.value() > 0
                    && other.stream().allMatch(t -> capacity(t).isPresent());
            return known
                    ? Optional.of(new DayOfPower.Plate(
                            block -> draw.applyAsDouble(block) * times,
                            other.stream().map(t -> capacity(t).orElseThrow()).toList(),
                            keepsOn != KeepsOn.NOTHING))
                    : Optional.empty();
        }
    }

    /** The brief's blocks, or its hours on end while nobody wrote any. */
    public static List<DayBlock> day(Brief brief) {
        List<DayBlock> blocks = brief.asks().shoot().day();
        return blocks.isEmpty()
                ? List.of(
                        new DayBlock("on", DayBlock.State.ON, brief.hoursOn(), brief.temperatureC(), false, List.of()))
                : blocks;
    }

    /** Hours of the day for which a part of this build is on. */
    public static double hoursOn(RigAnalysis analysis, PlacementId part) {
        return day(analysis.job().brief()).stream()
                .filter(b -> b.stateOf(analysis.build().id(), part) != DayBlock.State.OFF)
                .mapToDouble(DayBlock::hours)
                .sum();
    }

    public static List<DayPlate> of(RigAnalysis analysis) {
        List<DayPlate> all = new ArrayList<>();
        for (FeedTree.Source source : analysis.feeds().sources()) {
            all.add(plate(analysis, source, all));
        }
        return all;
    }

    /** This plate's share of the bays packed for its standard, at their mean watts. */
    private static DayOfPower.Chargers chargers(RigAnalysis analysis, String standard, Turn turn) {
        int bays = 0;
        double watts = 0;
        for (Map.Entry<TypeRef, Integer> spare : analysis.kit().counts().entrySet()) {
            Optional<PowerFacet.Charger> charger = analysis.catalogue()
                    .require(spare.getKey())
                    .facet(PowerFacet.Charger.class)
                    .filter(c -> c.standard().equals(standard));
            if (charger.isPresent()) {
                int more = charger.get().bays() * spare.getValue();
                watts = (bays * watts + more * charger.get().wattsPerBay()) / (bays + more);
                bays += more;
            }
        }
        int own = turn.share(bays);
        return own == 0 ? DayOfPower.Chargers.NONE : new DayOfPower.Chargers(own, watts);
    }

    private static DayPlate plate(RigAnalysis analysis, FeedTree.Source source, List<DayPlate> before) {
        FeedTree.Load load = analysis.feeds().loadOn(source);
        String standard = standard(source.battery().type());
        Turn turn = turn(analysis, standard, (int)
                before.stream().filter(p -> p.standard().equals(standard)).count());
        List<ItemType> cells = cells(analysis, source.battery().type(), turn);
        List<String> unknown = new ArrayList<>(load.unknown());
        DayOfPower.Chargers chargers = chargers(analysis, standard, turn);
        cells.stream()
                .filter(t -> capacity(t).isEmpty())
                .map(ItemType::name)
                .distinct()
                .forEach(unknown::add);
        return new DayPlate(
                source,
                List.copyOf(cells),
                chargers,
                KeepsOn.of(analysis.rig(), analysis.feeds(), source),
                load.running(),
                analysis.feeds().costOf(source),
                analysis.feeds().idleOn(source),
                draw(analysis, source),
                analysis.feeds().under(source).stream()
                        .mapToDouble(l -> l.input().bootSeconds())
                        .max()
                        .orElse(0),
                off(analysis.feeds().costOf(source), cells),
                List.copyOf(unknown));
    }

    /** The battery that is on, and this plate's share of those packed that fit. */
    private static List<ItemType> cells(RigAnalysis analysis, ItemType on, Turn turn) {
        List<ItemType> cells = new ArrayList<>(List.of(on));
        int dealt = 0;
        for (Map.Entry<TypeRef, Integer> spare : analysis.kit().counts().entrySet()) {
            ItemType type = analysis.catalogue().require(spare.getKey());
            if (type.facet(PowerFacet.Battery.class).isPresent()
                    && standard(type).equals(standard(on))) {
                for (int i = 0; i < spare.getValue(); i++) {
                    if (turn.isMine(dealt++)) {
                        cells.add(type);
                    }
                }
            }
        }
        return cells;
    }

    /** The least load on the most charge, and the most load on the least charge, to what is told. */
    private static Span off(Ranged cost, List<ItemType> cells) {
        double low = 0;
        double told = 0;
        double high = 0;
        for (ItemType cell : cells) {
            Optional<Figure.Known> capacity =
                    cell.facet(PowerFacet.Battery.class).orElseThrow().capacity();
            low += capacity.map(Figure.Known::low).orElse(0.0);
            told += capacity.map(Figure.Known::value).orElse(0.0);
            high += capacity.map(Figure.Known::high).orElse(0.0);
        }
        boolean none = cost.value() <= 0 || low <= 0;
        Span watts = cost.range();
        return none
                ? Span.of(1)
                : new Span(watts.from() / cost.value() * told / high, watts.to() / cost.value() * told / low);
    }

    /** Summed up once for each block of the day: the walks through it ask again and again. */
    private static ToDoubleFunction<DayBlock> draw(RigAnalysis analysis, FeedTree.Source source) {
        Map<DayBlock, Double> known = new HashMap<>();
        for (DayBlock block : day(analysis.job().brief())) {
            double watts = analysis.feeds()
                    .drawOn(source, part -> block.stateOf(analysis.build().id(), part));
            Estimates then = Estimates.of(analysis.rules(), block.celsius());
            double share = block.state() == DayBlock.State.ON ? analysis.rule(Rule.ON_SHARE) : 1;
            known.put(block, share * then.cost(source.spec(), Ranged.of(watts)).value());
        }
        return known::get;
    }

    /** Whose turn it is when things are dealt out: this plate among so many. */
    private record Turn(int mine, int of) {
        boolean isMine(int number) {
            return number % of == mine;
        }

        int share(int things) {
            return things / of + (things % of > mine ? 1 : 0);
        }
    }

    /** How many plates of a standard the builds of the job have between them. */
    public static int sharing(RigAnalysis analysis, String standard) {
        return turn(analysis, standard, 0).of();
    }

    private static Turn turn(RigAnalysis analysis, String standard, int placeHere) {
        int before = 0;
        int all = 0;
        boolean passed = false;
        for (Build build : analysis.job().gear().builds()) {
            boolean here = build.id().equals(analysis.build().id());
            int plates = here
                    ? (int) analysis.feeds().sources().stream()
                            .filter(s -> standard(s.battery().type()).equals(standard))
                            .count()
                    : batteries(analysis, build, standard);
            passed |= here;
            before += passed ? 0 : plates;
            all += plates;
        }
        return new Turn(before + placeHere, Math.max(1, all));
    }

    private static int batteries(RigAnalysis analysis, Build build, String standard) {
        return (int) build.base().placements().stream()
                .map(p -> analysis.catalogue().require(p.type()))
                .filter(t -> t.facet(PowerFacet.Battery.class).isPresent()
                        && standard(t).equals(standard))
                .count();
    }

    /** The plate standard that a battery goes on. */
    public static String standard(ItemType battery) {
        return battery.port(
                        battery.facet(PowerFacet.Battery.class).orElseThrow().port())
                .orElseThrow()
                .standard();
    }

    /** Watt-hours with what age has left of them. */
    public static Optional<Double> capacity(ItemType battery) {
        PowerFacet.Battery spec = battery.facet(PowerFacet.Battery.class).orElseThrow();
        return spec.capacity().map(k -> k.value() * spec.health());
    }
}
