package wideharbor.core.benchtest;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What an instrument says: {@code READING 15.0200 kg +- 0.0050 STABLE}. Anything else is no reading, and told as what
 * it is.
 *
 * @param value in the unit that was asked for
 * @param plusMinus how far the instrument says it may be off, in the same
 */
public record ReadingLine(double value, double plusMinus) {
    private static final Pattern LINE =
            Pattern.compile("READING (-?[0-9]{1,9}(?:\\.[0-9]{1,9})?) (\\S{1,12}) \\+- ([0-9]{1,9}(?:\\.[0-9]{1,9})?) "
                    + "(STABLE|MOVING|OVER)");
    private static final int MOST_TOLD = 40;
    private static final Map<String, Map<String, Double>> IN = Map.of(
            "g", units("g", 1.0, "kg", 1000.0),
            "mm", units("mm", 1.0, "m", 1000.0),
            "W", units("W", 1.0, "kW", 1000.0),
            "Wh", units("Wh", 1.0, "kWh", 1000.0),
            "s", units("s", 1.0, "min", 60.0),
            "h", units("h", 1.0, "min", 1 / 60.0));

    private static Map<String, Double> units(String first, double one, String second, double other) {
        Map<String, Double> all = new LinkedHashMap<>();
        all.put(first, one);
        all.put(second, other);
        return all;
    }

    /**
     * Reads a line.
     *
     * @param instrument what it is called
     * @param unit that the figure is wanted in
     * @throws IllegalArgumentException when it is no reading, not at rest, or in another unit: in words
     */
    public static ReadingLine of(String line, String instrument, String unit) {
        Matcher said = LINE.matcher(line);
        if (!said.matches()) {
            throw new IllegalArgumentException(
                    instrument + " said '" + plain(line) + "', which is no reading. Nothing was stored");
        }
        if (said.group(4).equals("MOVING")) {
            throw new IllegalArgumentException(instrument + " is not at rest: wait, and read it again");
        }
        if (said.group(4).equals("OVER")) {
            throw new IllegalArgumentException(instrument + " is over what it can measure: take the load off");
        }
        Map<String, Double> known = IN.getOrDefault(unit, Map.of(unit, 1.0));
        Double factor = known.get(said.group(2));
        if (factor == null) {
            throw new IllegalArgumentException(instrument + " tells in " + plain(said.group(2)) + "; wanted is "
                    + String.join(" or ", known.keySet()) + ". Nothing was stored");
        }
        return new ReadingLine(Double.parseDouble(said.group(1)) * factor, Double.parseDouble(said.group(3)) * factor);
    }

    /** What came over the line as far as it can be shown. */
    private static String plain(String line) {
        String shown = line.replaceAll("[^\\x20-\\x7e]", "·");
        return shown.length() > MOST_TOLD ? shown.substring(0, MOST_TOLD) + "…" : shown;
    }
}
