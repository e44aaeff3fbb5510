package wideharbor.core.geometry;

import java.util.List;
import java.util.Optional;
import wideharbor.core.quantity.Span;

/** A round opening through a solid, from one of its ends to the other. */
record Bore(Vec3 from, Vec3 to, double radius) {
    private static final double ALONG = 1 - 1e-9;

    Bore placed(Pose pose) {
        return new Bore(pose.apply(from), pose.apply(to), radius);
    }

    Vec3 axis() {
        return to.minus(from).unit();
    }

    /** The bore that stays free when what has it goes on a way: none when it goes across. */
    Optional<Bore> swept(Vec3 by) {
        if (Math.abs(by.unit().dot(axis())) < ALONG) {
            return Optional.empty();
        }
        return Optional.of(
                by.dot(axis()) > 0 ? new Bore(from, to.plus(by), radius) : new Bore(from.plus(by), to, radius));
    }

    /** Whether a ray stays in the bore on a stretch of its way. */
    boolean holds(Vec3 start, Vec3 direction, Span stretch) {
        Vec3 past = axis().times(1e6);
        Round open = new Round(from.minus(past), to.plus(past), radius, radius);
        return Ray.throughRound(start, direction, stretch.to(), open)
                .filter(inside -> inside.encloses(stretch, 1e-9))
                .isPresent();
    }

    /**
     * How deep two solids are in each other of which one at least has a bore: the shortest of the shifts that take the
     * one out of the other past its outside, past its end, or as far as it stands beyond the bore back into it.
     */
    static double depth(Solid a, Solid b) {
        double filled = a.filled().depth(b.filled());
        if (filled <= 0) {
            return filled;
        }
        return Math.min(filled, Math.min(into(a, b), into(b, a)));
    }

    /** By how much a solid stands in the wall round another's bore; how far both overlap where there is no bore. */
    private static double into(Solid bored, Solid other) {
        Optional<Bore> bore = bored.bore();
        if (bore.isEmpty()) {
            return Double.POSITIVE_INFINITY;
        }
        Vec3 axis = bore.get().axis();
        double[] wall = bored.along(axis);
        double[] there = other.along(axis);
        double past = Math.min(wall[1] - there[0], there[1] - wall[0]);
        return Math.min(past, beyond(bore.get(), new Span(wall[0], wall[1]), other));
    }

    /** How far a solid reaches beyond the bore between the ends of its wall; 0 or less when it stays within. */
    private static double beyond(Bore bore, Span wall, Solid other) {
        Vec3 axis = bore.axis();
        double far = 0;
        Optional<Round> bar = other.round().filter(r -> Math.abs(r.axis().dot(axis)) > ALONG);
        if (bar.isPresent()) {
            far = alongside(bore, wall, bar.get());
        } else {
            List<Vec3> corners = other.corners();
            for (int i = 0; i < corners.size(); i++) {
                for (int j = i; j < corners.size(); j++) {
                    far = Math.max(far, farthest(bore, axis, wall, corners.get(i), corners.get(j)));
                }
            }
        }
        return far - bore.radius();
    }

    /** Of a bar or cone along the bore: its middle line's distance and its radius, at either end of what they share. */
    private static double alongside(Bore bore, Span wall, Round bar) {
        Vec3 axis = bore.axis();
        double start = bar.from().dot(axis);
        double end = bar.to().dot(axis);
        double far = 0;
        for (double at : new double[] {wall.from(), wall.to()}) {
            double share = Math.max(0, Math.min(1, (at - start) / (end - start)));
            Vec3 middle = bar.from().plus(bar.to().minus(bar.from()).times(share));
            double radius = bar.radius() + (bar.endRadius() - bar.radius()) * share;
            far = Math.max(far, bore.off(middle, axis) + radius);
        }
        return far;
    }

    /** Of a line between two points: how far what of it lies between the wall's ends is from the bore's middle. */
    private static double farthest(Bore bore, Vec3 axis, Span wall, Vec3 p, Vec3 q) {
        double a = p.dot(axis);
        double b = q.dot(axis);
        if (Math.max(a, b) < wall.from() || Math.min(a, b) > wall.to()) {
            return 0;
        }
        double low = share(a, b, wall.nearest(a));
        double high = share(a, b, wall.nearest(b));
        Vec3 way = q.minus(p);
        return Math.max(bore.off(p.plus(way.times(low)), axis), bore.off(p.plus(way.times(high)), axis));
    }

    private static double share(double a, double b, double at) {
        return Math.abs(b - a) < 1e-12 ? 0 : (at - a) / (b - a);
    }

    private double off(Vec3 point, Vec3 axis) {
        Vec3 from = point.minus(this.from);
        return from.minus(axis.times(from.dot(axis))).length();
    }
}
