package wideharbor.core.quantity;

/** The one way checks write numbers: a point, one decimal for millimetres, no trailing noise. */
public final class Words {
    private Words() {}

    /** What a refusal says of itself. */
    public static String reason(Throwable refusal) {
        String said = refusal.getMessage();
        return said == null ? refusal.toString() : said;
    }

    public static String mm(double value) {
        return fixed(value, 1) + " mm";
    }

    /** Whole millimetres for lengths that are cut, not set. */
    public static String length(double value) {
        return fixed(value, 0) + " mm";
    }

    public static String one(double value) {
        return fixed(value, 1);
    }

    public static String two(double value) {
        return fixed(value, 2);
    }

    public static String kg(double grams) {
        return fixed(grams / 1000, 2) + " kg";
    }

    public static String watts(double value) {
        return fixed(value, 0) + " W";
    }

    public static String volts(double value) {
        return fixed(value, 1) + " V";
    }

    /** Hours as "7 h 16". */
    public static String hours(double hours) {
        if (Double.isInfinite(hours)) {
            return "no load";
        }
        long minutes = (long) Math.floor(hours * 60 + 1e-6);
        return minutes / 60 + " h " + (minutes % 60 < 10 ? "0" : "") + minutes % 60;
    }

    /**
     * Rounded half away from zero to so many decimals, a zero without a sign. By hand: findings are worded anew for
     * every candidate that is tried, and a general formatter would be most of the cost.
     */
    private static String fixed(double value, int decimals) {
        if (Double.isInfinite(value) || Double.isNaN(value) || Math.abs(value) > 1e12) {
            return Double.toString(value);
        }
        long scale = decimals == 0 ? 1 : decimals == 1 ? 10 : 100;
        long units = Math.round(Math.abs(value) * scale + 1e-9);
        String sign = value < 0 && units > 0 ? "−" : "";
        if (decimals == 0) {
            return sign + units;
        }
        long rest = units % scale;
        return sign + units / scale + "." + (decimals == 2 && rest < 10 ? "0" : "") + rest;
    }
}
