package wideharbor.core.power;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.quantity.Figure;

/** How long a charge lasts: Wh × health × temperature factor × usable share / load. */
public final class RunTime {
    private static final double[][] FACTORS = {{-20, 0.60}, {-10, 0.76}, {0, 0.88}, {10, 0.95}, {25, 1.00}};

    private RunTime() {}

    /** Share of the capacity that is left at a temperature: linear between the points, held outside them. */
    public static double temperatureFactor(double celsius) {
        if (celsius <= FACTORS[0][0]) {
            return FACTORS[0][1];
        }
        for (int i = 1; i < FACTORS.length; i++) {
            if (celsius <= FACTORS[i][0]) {
                double part = (celsius - FACTORS[i - 1][0]) / (FACTORS[i][0] - FACTORS[i - 1][0]);
                return FACTORS[i - 1][1] + part * (FACTORS[i][1] - FACTORS[i - 1][1]);
            }
        }
        return FACTORS[FACTORS.length - 1][1];
    }

    /** Whether a temperature lies outside what the factors were measured for. */
    public static boolean isOutsideTable(double celsius) {
        return celsius < FACTORS[0][0] || celsius > FACTORS[FACTORS.length - 1][0] + 25;
    }

    /**
     * Watt-hours that one battery really gives at a temperature; NaN is never returned: an unknown capacity gives 0.
     */
    public static double usableWattHours(PowerFacet.Battery battery, double celsius, HouseRules rules) {
        return battery.capacity().map(Figure.Known::value).orElse(0.0)
                * battery.health()
                * temperatureFactor(celsius)
                * rules.value(HouseRules.Rule.USABLE_CHARGE);
    }

    /** Hours at a load; a load of nothing lasts for ever and is told as infinity. */
    public static double hours(double wattHours, double watts) {
        return watts <= 0 ? Double.POSITIVE_INFINITY : wattHours / watts;
    }
}
