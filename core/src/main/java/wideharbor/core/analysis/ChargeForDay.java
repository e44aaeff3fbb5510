package wideharbor.core.analysis;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.power.DayOfPower;
import wideharbor.core.power.RunTime;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Span;

/**
 * The charge at hand against the day of the brief: its blocks, each plate with its share; or, while nobody wrote any,
 * its hours on end.
 *
 * @param wattHours at hand
 * @param watts drawn while everything is on
 * @param unknown what has no draw or capacity on file
 * @param written whether the brief writes the day in blocks
 * @param lasts hours that it lasts against the hours that are asked for; of a written day, the hours with power
 * @param worst the plate that is dark for longest; empty while none is
 */
public record ChargeForDay(
        double wattHours,
        double watts,
        List<String> unknown,
        boolean written,
        Judgement lasts,
        Optional<DayPlates.DayPlate> worst) {
    private static final double ROUNDING = 1e-9;

    /** A load of nothing lasts longer than any day; this stands for it. */
    public static final double LONGEST_HOURS = 999;

    /** Hours that the charge lasts on end. */
    public double hours() {
        return RunTime.hours(wattHours, watts);
    }

    public static ChargeForDay of(RigAnalysis analysis) {
        return of(analysis, DayPlates.of(analysis));
    }

    public static ChargeForDay of(RigAnalysis analysis, List<DayPlates.DayPlate> plates) {
        double watts = 0;
        double wattHours = 0;
        Set<String> unknown = new LinkedHashSet<>();
        for (DayPlates.DayPlate plate : plates) {
            watts += plate.runningWatts();
            unknown.addAll(plate.unknown());
            for (ItemType cell : plate.cells()) {
                wattHours += charge(cell, analysis);
            }
        }
        boolean written = !analysis.job().brief().asks().shoot().day().isEmpty();
        double needed = written ? analysis.job().brief().hoursOn() : hoursNeeded(analysis);
        List<Lit> lit = plates.stream()
                .filter(p -> p.runningWatts() > 0)
                .map(p -> new Lit(p, written ? inBlocks(analysis, p) : onEnd(analysis, p)))
                .toList();
        Ranged hours =
                lit.stream().map(Lit::hours).reduce(Ranged::min).orElse(Ranged.of(written ? needed : LONGEST_HOURS));
        Judgement lasts = Judgement.atLeast(hours, needed, ROUNDING, "h");
        Optional<DayPlates.DayPlate> worst = lit.stream()
                .filter(l -> written && l.hours().value() < needed - ROUNDING)
                .min(Comparator.comparingDouble(l -> l.hours().value()))
                .map(Lit::plate);
        return new ChargeForDay(
                wattHours, watts, List.copyOf(unknown), written, unknown.isEmpty() ? lasts : lasts.unknown(), worst);
    }

    /** For how long a plate has power. The rig goes dark with the first: each has its own charge and its own load. */
    private record Lit(DayPlates.DayPlate plate, Ranged hours) {}

    private static Ranged onEnd(RigAnalysis analysis, DayPlates.DayPlate plate) {
        double celsius = analysis.job().brief().temperatureC();
        Ranged charge = plate.cells().stream()
                .map(c -> RunTime.usable(battery(c), celsius, analysis.rules()))
                .reduce(Ranged.of(0), Ranged::plus);
        return RunTime.hours(charge, plate.cost(), LONGEST_HOURS);
    }

    /** Of the written day; the most load on the least charge and the contrary, where they are not exact. */
    private static Ranged inBlocks(RigAnalysis analysis, DayPlates.DayPlate plate) {
        double on = analysis.job().brief().hoursOn();
        double middle = on - dark(analysis, plate, plate.cells());
        Span off = plate.off();
        return off.length() < ROUNDING
                ? Ranged.of(middle)
                : Ranged.of(
                        middle,
                        on - dark(analysis, plate, plate.cells(), off.to()),
                        on - dark(analysis, plate, plate.cells(), off.from()));
    }

    /** Hours of the written day with nothing left to put on a plate; none when a figure is missing. */
    public static double dark(RigAnalysis analysis, DayPlates.DayPlate plate, List<ItemType> cells) {
        return dark(analysis, plate, cells, 1);
    }

    private static double dark(RigAnalysis analysis, DayPlates.DayPlate plate, List<ItemType> cells, double times) {
        return plate.plate(cells, times * analysis.rule(Rule.RUNTIME_RESERVE))
                .map(p -> DayOfPower.of(
                                p,
                                DayPlates.day(analysis.job().brief()),
                                analysis.rule(Rule.USABLE_CHARGE),
                                plate.chargers())
                        .darkHours())
                .orElse(0.0);
    }

    /** Hours that the camera really is on, with the house's reserve. */
    public static double hoursNeeded(RigAnalysis analysis) {
        return analysis.job().brief().hoursOn() * analysis.rule(Rule.ON_SHARE) * analysis.rule(Rule.RUNTIME_RESERVE);
    }

    /** What a battery gives at the brief's temperature, Wh. */
    public static double charge(ItemType type, RigAnalysis analysis) {
        return RunTime.usableWattHours(battery(type), analysis.job().brief().temperatureC(), analysis.rules());
    }

    private static PowerFacet.Battery battery(ItemType type) {
        return type.facet(PowerFacet.Battery.class).orElseThrow();
    }
}
