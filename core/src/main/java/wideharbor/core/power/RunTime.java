package wideharbor.core.power;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.quantity.Ranged;

/** How long a charge lasts: Wh × health × temperature factor × usable share / load. */
public final class RunTime {
    private static final double[][] FACTORS = {{-20, 0.60}, {-10, 0.76}, {0, 0.88}, {10, 0.95}, {25, 1.00}};

    /** Below it nobody has measured what is left, °C. */
    public static final double COLDEST = FACTORS[0][0];

    private RunTime() {}

    /** Share of the capacity that is left at a temperature: linear between the points, held outside them. */
    public static double temperatureFactor(double celsius) {
        return between(FACTORS, celsius);
    }

    /** Linear between the points, held outside them; each point is degrees and what holds there. */
    static double between(double[][] points, double celsius) {
        if (celsius <= points[0][0]) {
            return points[0][1];
        }
        for (int i = 1; i < points.length; i++) {
            if (celsius <= points[i][0]) {
                double part = (celsius - points[i - 1][0]) / (points[i][0] - points[i - 1][0]);
                return points[i - 1][1] + part * (points[i][1] - points[i - 1][1]);
            }
        }
        return points[points.length - 1][1];
    }

    /** Watt-hours that one battery really gives at a temperature; an unknown capacity gives 0. */
    public static double usableWattHours(PowerFacet.Battery battery, double celsius, HouseRules rules) {
        return usable(battery, celsius, rules).value();
    }

    /** The same with the range of its capacity. */
    public static Ranged usable(PowerFacet.Battery battery, double celsius, HouseRules rules) {
        return battery.capacity()
                .map(k -> Ranged.of(k.value(), k.low(), k.high()))
                .orElse(Ranged.of(0))
                .times(battery.health() * temperatureFactor(celsius) * rules.value(HouseRules.Rule.USABLE_CHARGE));
    }

    /** Hours at a load; a load of nothing lasts for ever and is told as infinity. */
    public static double hours(double wattHours, double watts) {
        return watts <= 0 ? Double.POSITIVE_INFINITY : wattHours / watts;
    }

    /** The same of what is known within ranges, each by itself; no longer than {@code most}. */
    public static Ranged hours(Ranged wattHours, Ranged watts, double most) {
        return Ranged.of(
                Math.min(most, hours(wattHours.value(), watts.value())),
                Math.min(most, hours(wattHours.range().from(), watts.range().to())),
                Math.min(most, hours(wattHours.range().to(), watts.range().from())));
    }
}
