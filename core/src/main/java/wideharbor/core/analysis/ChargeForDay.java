package wideharbor.core.analysis;

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
        Optional<DayPlates.DayPlate> worst = written ? darkest(analysis, plates) : Optional.empty();
        Judgement lasts = written
                ? inBlocks(analysis, plates)
                : Judgement.atLeast(onEnd(analysis, plates).plus(ROUNDING), hoursNeeded(analysis), "h");
        return new ChargeForDay(
                wattHours, watts, List.copyOf(unknown), written, unknown.isEmpty() ? lasts : lasts.unknown(), worst);
    }

    /** The rig goes dark with the first plate that is empty: each has its own charge and its own load. */
    private static Ranged onEnd(RigAnalysis analysis, List<DayPlates.DayPlate> plates) {
        return plates.stream()
                .filter(p -> p.runningWatts() > 0)
                .map(p -> hours(analysis, p))
                .reduce(Ranged::min)
                .orElse(Ranged.of(LONGEST_HOURS));
    }

    private static Ranged hours(RigAnalysis analysis, DayPlates.DayPlate plate) {
        double charge =
                plate.cells().stream().mapToDouble(c -> charge(c, analysis)).sum();
        Span off = plate.off();
        double each = RunTime.hours(charge, plate.runningWatts());
        return Ranged.of(each, each / off.to(), each / off.from()).min(Ranged.of(LONGEST_HOURS));
    }

    private static Optional<DayPlates.DayPlate> darkest(RigAnalysis analysis, List<DayPlates.DayPlate> plates) {
        DayPlates.DayPlate worst = null;
        double most = 0;
        for (DayPlates.DayPlate plate : plates) {
            double dark = dark(analysis, plate, plate.cells());
            if (dark > most + ROUNDING) {
                most = dark;
                worst = plate;
            }
        }
        return Optional.ofNullable(worst);
    }

    private static Judgement inBlocks(RigAnalysis analysis, List<DayPlates.DayPlate> plates) {
        double on = analysis.job().brief().hoursOn();
        Ranged lit = plates.stream()
                .map(p -> lit(analysis, p, on))
                .reduce(Ranged::min)
                .orElse(Ranged.of(on));
        return Judgement.atLeast(lit.plus(ROUNDING), on, "h");
    }

    private static Ranged lit(RigAnalysis analysis, DayPlates.DayPlate plate, double on) {
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
        return RunTime.usableWattHours(
                type.facet(PowerFacet.Battery.class).orElseThrow(),
                analysis.job().brief().temperatureC(),
                analysis.rules());
    }
}
