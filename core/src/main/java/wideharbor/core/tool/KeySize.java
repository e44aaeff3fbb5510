package wideharbor.core.tool;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A key as it is written on screws and tools ("hex 4 mm", "hex 5/32 in", "six-lobe T15"), with its size in mm where it
 * has one. Two keys are the same only when they are written the same: 5/32 in is 3.97 mm and is not 4 mm.
 */
public record KeySize(String kind, Optional<Double> millimetres) {
    private static final Pattern METRIC = Pattern.compile("(.+) (\\d+(?:\\.\\d+)?) mm");
    private static final Pattern INCH = Pattern.compile("(.+) (\\d+)/(\\d+) in");
    private static final double NEAR = 0.3;
    private static final double INCH_MM = 25.4;

    public static KeySize parse(String written) {
        Matcher metric = METRIC.matcher(written);
        if (metric.matches()) {
            return new KeySize(metric.group(1), Optional.of(Double.parseDouble(metric.group(2))));
        }
        Matcher inch = INCH.matcher(written);
        if (inch.matches()) {
            double size = Double.parseDouble(inch.group(2)) / Double.parseDouble(inch.group(3)) * INCH_MM;
            return new KeySize(inch.group(1), Optional.of(size));
        }
        return new KeySize(written, Optional.empty());
    }

    /** Of one kind and so close in size that one is taken for the other. */
    public boolean isNear(KeySize other) {
        return kind.equals(other.kind)
                && millimetres.isPresent()
                && other.millimetres.isPresent()
                && Math.abs(millimetres.get() - other.millimetres.get()) <= NEAR;
    }
}
