package wideharbor.core.geometry;

import java.util.Optional;
import wideharbor.core.quantity.Span;

/** Where a ray is inside a solid: from and to, in lengths of its direction, the start being 0. */
final class Ray {
    private static final double LEVEL = 1e-9;

    private Ray() {}

    /** Between pairs of faces: along each normal the solid lies from one figure to the next. */
    static Optional<Span> throughFaces(Vec3 from, Vec3 direction, double within, Vec3[] normals, double[] reach) {
        double enter = 0;
        double leave = within;
        for (int i = 0; i < normals.length && enter <= leave; i++) {
            double start = from.dot(normals[i]);
            double speed = direction.dot(normals[i]);
            double low = reach[2 * i] - start;
            double high = reach[2 * i + 1] - start;
            if (Math.abs(speed) < LEVEL) {
                if (low > 0 || high < 0) {
                    return Optional.empty();
                }
            } else {
                enter = Math.max(enter, Math.min(low / speed, high / speed));
                leave = Math.min(leave, Math.max(low / speed, high / speed));
            }
        }
        return enter <= leave ? Optional.of(new Span(enter, leave)) : Optional.empty();
    }

    /**
     * Through a bar or a cone, from one end's middle to the other's: where |off the axis| ≤ radius there, a quadratic
     * in the length of way, between its ends.
     */
    static Optional<Span> throughRound(Vec3 from, Vec3 direction, double within, Round bar) {
        Vec3 axis = bar.axis();
        Vec3[] ends = {axis};
        double start = bar.from().dot(axis);
        double[] reach = {start, start + bar.length()};
        Optional<Span> between = throughFaces(from, direction, within, ends, reach);
        if (between.isEmpty()) {
            return between;
        }
        double s0 = from.dot(axis) - start;
        double ds = direction.dot(axis);
        Vec3 q0 = from.minus(bar.from()).minus(axis.times(s0));
        Vec3 q = direction.minus(axis.times(ds));
        double r0 = bar.radius() + bar.slope() * s0;
        double dr = bar.slope() * ds;
        // a·t² + 2·b·t + c ≤ 0
        double a = q.dot(q) - dr * dr;
        double b = q0.dot(q) - r0 * dr;
        double c = q0.dot(q0) - r0 * r0;
        return quadratic(a, b, c, between.get());
    }

    private static Optional<Span> quadratic(double a, double b, double c, Span between) {
        if (Math.abs(a) < 1e-12) {
            return linear(b, c, between);
        }
        double root = b * b - a * c;
        if (root < 0) {
            return a > 0 ? Optional.empty() : Optional.of(between);
        }
        double t1 = (-b - Math.sqrt(root)) / a;
        double t2 = (-b + Math.sqrt(root)) / a;
        if (a > 0) {
            return shared(between, t1, t2);
        }
        // Both nappes of the cone: only one lies between the ends.
        return shared(between, Double.NEGATIVE_INFINITY, Math.min(t1, t2))
                .or(() -> shared(between, Math.max(t1, t2), Double.POSITIVE_INFINITY));
    }

    private static Optional<Span> linear(double b, double c, Span between) {
        if (Math.abs(b) < 1e-12) {
            return c <= 0 ? Optional.of(between) : Optional.empty();
        }
        double t = -c / (2 * b);
        return b > 0 ? shared(between, Double.NEGATIVE_INFINITY, t) : shared(between, t, Double.POSITIVE_INFINITY);
    }

    private static Optional<Span> shared(Span between, double from, double to) {
        double enter = Math.max(between.from(), from);
        double leave = Math.min(between.to(), to);
        return enter <= leave ? Optional.of(new Span(enter, leave)) : Optional.empty();
    }
}
