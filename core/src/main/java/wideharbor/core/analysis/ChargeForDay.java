package wideharbor.core.analysis;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.power.Runtime;

/** Watt-hours at hand and watts drawn; {@code unknown} names what has no draw or capacity on file. */
public record ChargeForDay(double wattHours, double watts, List<String> unknown) {
    /** Hours that the charge lasts on end. */
    public double hours() {
        return Runtime.hours(wattHours, watts);
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
        return new ChargeForDay(wattHours, watts, List.copyOf(unknown));
    }

    /** Hours that the camera really is on, with the house's reserve. */
    public static double hoursNeeded(RigAnalysis analysis) {
        return analysis.job().brief().hoursOn() * analysis.rule(Rule.ON_SHARE) * analysis.rule(Rule.RUNTIME_RESERVE);
    }

    /** What a battery gives at the brief's temperature, Wh. */
    public static double charge(ItemType type, RigAnalysis analysis) {
        return Runtime.usableWattHours(
                type.facet(Facet.Battery.class).orElseThrow(),
                analysis.job().brief().temperatureC(),
                analysis.rules());
    }
}
