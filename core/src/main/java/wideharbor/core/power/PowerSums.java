package wideharbor.core.power;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.quantity.Require;

/** Power in four short sums, for who has no job before them. */
public final class PowerSums {
    /** Copper, Ω·mm²/m at 20 °C. */
    private static final double COPPER = 0.0175;

    /** Cross-sections that are made, mm². */
    private static final double[] SECTIONS = {0.14, 0.25, 0.34, 0.5, 0.75, 1.0, 1.5, 2.5};

    /**
     * A claimed run time may imply this share of what the nameplates sum up to: they are seldom reached all at once.
     */
    public static final double CLAIM_SHARE = 0.8;

    private PowerSums() {}

    /**
     * How long a battery lasts.
     *
     * @param factor by temperature
     * @param batteries for the hours asked for, without charging
     * @param usable share of a charge that was reckoned with
     * @param impliedWatts what a claimed run time would draw; 0 when none is claimed
     * @param credible whether the claim may stand beside the load
     */
    public record Lasting(
            double usableWattHours,
            double factor,
            double usable,
            double hoursEach,
            int batteries,
            double impliedWatts,
            boolean credible) {}

    /** Wh × health × temperature factor × usable share / load. */
    public static Lasting lasting(
            double wattHours,
            double health,
            double celsius,
            double usable,
            double watts,
            double hours,
            double claimedHours) {
        Require.within("Capacity", wattHours, 0.1, 10_000, "Wh");
        Require.within("Health", health, 0.01, 1, "");
        Require.within("Temperature", celsius, -60, 60, "°C");
        Require.within("Usable share", usable, 0.05, 1, "");
        Require.within("Load", watts, 0.1, 10_000, "W");
        Require.within("Hours on", hours, 0, 24, "h");
        Require.within("Claimed run time", claimedHours, 0, 1000, "h");
        double factor = RunTime.temperatureFactor(celsius);
        double there = wattHours * health * factor * usable;
        double each = there / watts;
        double implied = claimedHours > 0 ? wattHours * health * usable / claimedHours : 0;
        return new Lasting(
                there,
                factor,
                usable,
                each,
                (int) Math.max(1, Math.ceil(hours / each - 1e-9)),
                implied,
                claimedHours <= 0 || implied >= watts * CLAIM_SHARE);
    }

    /**
     * Load on an output.
     *
     * @param amps at the lowest volts, where it is most
     */
    public record OutputLoad(double watts, double amps, double limitWatts, double limitAmps) {
        public boolean isMet() {
            return watts <= limitWatts + 1e-9 && amps <= limitAmps + 1e-9;
        }
    }

    /** The devices on one output, summed; amperes at the end of the charge. */
    public static OutputLoad output(List<Double> watts, double endVolts, double limitWatts, double limitAmps) {
        Require.within("Volts at the end of the charge", endVolts, 1, 100, "V");
        Require.within("Limit of the output", limitWatts, 0.1, 10_000, "W");
        Require.within("Limit of the output", limitAmps, 0.01, 1000, "A");
        double sum = 0;
        for (double w : watts) {
            sum += Require.within("Draw of a device", w, 0, 10_000, "W");
        }
        return new OutputLoad(sum, sum / endVolts, limitWatts, limitAmps);
    }

    /** One cross-section with the volts that are left at the device; 0 where nothing holds. */
    public record Wire(double sectionMm2, double ohmPerMetre, double dropVolts, double voltsThere, boolean met) {}

    /**
     * Every cross-section that is made, thinnest first; volts there as {@link Volts#through}, 0 where the feed
     * collapses.
     */
    public static List<Wire> cable(double watts, double endVolts, double leastVolts, double lengthMm) {
        Require.within("Load", watts, 0.1, 10_000, "W");
        Require.within("Volts at the end of the charge", endVolts, 1, 100, "V");
        Require.within("Least volts of the device", leastVolts, 0.5, 100, "V");
        Require.within("Length", lengthMm, 10, 200_000, "mm");
        List<Wire> all = new ArrayList<>();
        for (double section : SECTIONS) {
            double ohm = COPPER / section;
            double there = Volts.through(endVolts, watts, 2 * lengthMm / 1000 * ohm);
            all.add(new Wire(section, ohm, endVolts - there, there, there >= leastVolts));
        }
        return all;
    }
}
