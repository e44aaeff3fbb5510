package wideharbor.core.power;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.quantity.Ranged;

/**
 * What is taken for figures of power that only refine and are not on file, and how cold it is: told as ranges, so that
 * nothing is held for want of one and nothing passes on a guess.
 *
 * @param celsius of the batteries
 * @param innerDrop share of its volts that a battery loses inside at 1 C and 25 °C
 * @param dropoutVolts that an output which steps down needs over what it gives
 */
public record Estimates(double celsius, double innerDrop, double dropoutVolts) {
    private static final double[][] COLD = {{-20, 4}, {-10, 2}, {0, 1.5}, {25, 1}};
    private static final double LEAST = 0.5;
    private static final double MOST = 1.5;
    /** A battery of unknown capacity is no smaller, Wh. */
    private static final double SMALLEST = 10;

    private static final double TABLE_RATE = 0.2;
    /** Less comes out of no battery: it would have collapsed. */
    private static final double LEAST_OUT = 0.2;

    public static Estimates of(HouseRules rules, double celsius) {
        return new Estimates(celsius, rules.value(Rule.INNER_DROP), rules.value(Rule.DROPOUT));
    }

    /** As many times as much does a battery resist in the cold as at 25 °C: linear between the points, held outside. */
    public static double coldFactor(double celsius) {
        return RunTime.between(COLD, celsius);
    }

    /**
     * Inner resistance of a battery, Ω. On file, or estimated: it loses a share {@code k} of its volts at 1 C, where
     * its amperes are Wh / V, so that R = k·V² / Wh.
     */
    public Ranged innerOhm(PowerFacet.Battery battery) {
        double cold = coldFactor(celsius);
        if (battery.innerOhm().isPresent()) {
            return Ranged.of(battery.innerOhm().get() * cold);
        }
        double perWattHour = innerDrop * battery.nominalVolts() * battery.nominalVolts() * cold;
        return battery.capacity()
                .map(k -> Ranged.of(
                        perWattHour / (k.value() * battery.health()),
                        perWattHour * LEAST / (k.high() * battery.health()),
                        perWattHour * MOST / (k.low() * battery.health())))
                .orElseGet(() -> Ranged.of(perWattHour / SMALLEST / 2, 0, perWattHour / SMALLEST));
    }

    /**
     * Volts that a battery would have over those on file if nothing were drawn. Those are told at the gentle draw at
     * which its capacity is measured too, 0.2 C at 25 °C.
     */
    double overTold(PowerFacet.Battery battery, WorkingPoint.End end) {
        if (battery.innerOhm().isEmpty()) {
            // 0.2 · Wh/V · k·V²/Wh: whatever its size.
            double share = end.of(Ranged.estimated(innerDrop));
            return battery.capacity().isEmpty() ? 0 : TABLE_RATE * share * battery.nominalVolts();
        }
        double wattHours = battery.capacity()
                .map(k -> end.opposite().of(Ranged.of(k.value(), k.low(), k.high())))
                .orElse(0.0);
        return TABLE_RATE
                * wattHours
                * battery.health()
                / battery.nominalVolts()
                * battery.innerOhm().get();
    }

    /** What an output that steps down needs over the volts it gives. */
    Ranged dropout(PowerFacet.PowerOutput output) {
        return output.dropoutVolts().map(Ranged::of).orElse(Ranged.of(dropoutVolts, 0, 2 * dropoutVolts));
    }

    /**
     * Watts of its own charge that a draw costs a battery. What is on its label, and what the cold leaves of it, was
     * measured at 0.2 C; a faster draw loses more inside, (1 − I·R/V) of it comes out against (1 − I₀.₂·R/V).
     */
    public Ranged cost(PowerFacet.Battery battery, Ranged watts) {
        double ohm = innerOhm(battery).value();
        return watts.map(w -> cost(battery, w, ohm));
    }

    private static double cost(PowerFacet.Battery battery, double watts, double ohm) {
        double volts = battery.nominalVolts();
        double capacity =
                battery.capacity().map(k -> k.value() * battery.health()).orElse(0.0);
        double gentle = 1 - TABLE_RATE * capacity * ohm / (volts * volts);
        double here = Math.max(LEAST_OUT, 1 - watts * ohm / (volts * volts));
        return watts * Math.max(1, gentle / here);
    }
}
