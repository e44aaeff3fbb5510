package wideharbor.core.check;

import java.util.Locale;

/** The one way checks write numbers: a point, one decimal for millimetres, no trailing noise. */
public final class Say {
    private Say() {}

    public static String mm(double value) {
        return String.format(Locale.ROOT, "%.1f mm", clean(value, 0.05));
    }

    /** Whole millimetres for lengths that are cut, not set. */
    public static String length(double value) {
        return String.format(Locale.ROOT, "%.0f mm", value);
    }

    public static String one(double value) {
        return String.format(Locale.ROOT, "%.1f", clean(value, 0.05));
    }

    public static String two(double value) {
        return String.format(Locale.ROOT, "%.2f", clean(value, 0.005));
    }

    public static String kg(double grams) {
        return String.format(Locale.ROOT, "%.2f kg", grams / 1000);
    }

    public static String watts(double value) {
        return String.format(Locale.ROOT, "%.0f W", value);
    }

    public static String volts(double value) {
        return String.format(Locale.ROOT, "%.1f V", value);
    }

    /** Hours as "7 h 16". */
    public static String hours(double hours) {
        if (Double.isInfinite(hours)) {
            return "no load";
        }
        long minutes = (long) Math.floor(hours * 60 + 1e-6);
        return minutes / 60 + " h " + String.format(Locale.ROOT, "%02d", minutes % 60);
    }

    private static double clean(double value, double half) {
        return Math.abs(value) < half ? 0 : value;
    }
}
