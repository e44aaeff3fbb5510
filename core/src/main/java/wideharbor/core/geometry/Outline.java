package wideharbor.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wideharbor.core.geometry.View.Point;

/**
 * The silhouette of a shape in one view: the convex hull of its projected corners, and for a ring seen end-on its bore.
 *
 * @param depthMm how near the shape's middle lies to the eye; larger is nearer
 */
public record Outline(List<Point> border, List<Point> bore, double depthMm, Shape.Use use) {
    private static final int FACETS = 28;

    private static final double[] COS = new double[FACETS];
    private static final double[] SIN = new double[FACETS];

    static {
        for (int i = 0; i < FACETS; i++) {
            COS[i] = Math.cos(2 * Math.PI * i / FACETS);
            SIN[i] = Math.sin(2 * Math.PI * i / FACETS);
        }
    }

    public static Outline of(Shape shape, Pose pose, View view) {
        List<Vec3> corners = corners(shape);
        Vec3 sum = Vec3.ZERO;
        List<Point> points = new ArrayList<>(corners.size());
        for (Vec3 corner : corners) {
            Vec3 placed = pose.apply(corner);
            sum = sum.plus(placed);
            points.add(view.project(placed));
        }
        double depth = sum.times(1.0 / corners.size()).dot(view.towardsEye());
        return new Outline(hull(points), bore(shape, pose, view), depth, shape.use());
    }

    /** Corners whose convex hull is the shape; circles as polygons of 28. */
    public static List<Vec3> corners(Shape shape) {
        if (shape instanceof Shape.Box b) {
            return boxCorners(b);
        }
        if (shape instanceof Shape.Cylinder c) {
            return circles(new Round(c.from(), c.to(), c.radiusMm(), c.radiusMm()));
        }
        if (shape instanceof Shape.Cone c) {
            return circles(new Round(c.from(), c.to(), c.radiusMm(), c.endRadiusMm()));
        }
        if (shape instanceof Shape.Ring g) {
            return circles(new Round(g.from(), g.to(), g.radiusMm(), g.radiusMm()));
        }
        return ((Shape.Hull) shape).corners();
    }

    private static List<Vec3> boxCorners(Shape.Box b) {
        List<Vec3> all = new ArrayList<>(8);
        for (double x : new double[] {b.min().x(), b.max().x()}) {
            for (double y : new double[] {b.min().y(), b.max().y()}) {
                all.add(new Vec3(x, y, b.min().z()));
                all.add(new Vec3(x, y, b.max().z()));
            }
        }
        return all;
    }

    private static List<Vec3> circles(Round bar) {
        List<Vec3> all = circle(bar.from(), bar.axis(), bar.radius());
        all.addAll(circle(bar.to(), bar.axis(), bar.endRadius()));
        return all;
    }

    /** Points round a circle about an axis. */
    static List<Vec3> circle(Vec3 centre, Vec3 axis, double radius) {
        Vec3 aside =
                (Math.abs(axis.y()) < 0.9 ? Vec3.UP : Vec3.LEFT).cross(axis).unit();
        Vec3 third = axis.cross(aside);
        List<Vec3> points = new ArrayList<>(FACETS);
        for (int i = 0; i < FACETS; i++) {
            double a = radius * COS[i];
            double b = radius * SIN[i];
            points.add(new Vec3(
                    centre.x() + a * aside.x() + b * third.x(),
                    centre.y() + a * aside.y() + b * third.y(),
                    centre.z() + a * aside.z() + b * third.z()));
        }
        return points;
    }

    private static List<Point> bore(Shape shape, Pose pose, View view) {
        if (!(shape instanceof Shape.Ring g)) {
            return List.of();
        }
        Vec3 axis = pose.turn(g.to().minus(g.from()).unit());
        if (Math.abs(axis.dot(view.towardsEye())) < 0.99) {
            return List.of();
        }
        return hull(circle(g.from(), g.to().minus(g.from()).unit(), g.boreRadiusMm()).stream()
                .map(p -> view.project(pose.apply(p)))
                .toList());
    }

    /** Andrew's monotone chain, counter-clockwise. */
    static List<Point> hull(List<Point> points) {
        List<Point> sorted = new ArrayList<>(points);
        sorted.sort(Comparator.comparingDouble(Point::across).thenComparingDouble(Point::upward));
        List<Point> lower = chain(sorted);
        List<Point> reversed = new ArrayList<>(sorted);
        java.util.Collections.reverse(reversed);
        List<Point> upper = chain(reversed);
        lower.remove(lower.size() - 1);
        upper.remove(upper.size() - 1);
        lower.addAll(upper);
        return List.copyOf(lower);
    }

    private static List<Point> chain(List<Point> sorted) {
        List<Point> kept = new ArrayList<>();
        for (Point p : sorted) {
            while (kept.size() >= 2 && turn(kept.get(kept.size() - 2), kept.get(kept.size() - 1), p) <= 1e-9) {
                kept.remove(kept.size() - 1);
            }
            kept.add(p);
        }
        return kept;
    }

    private static double turn(Point a, Point b, Point c) {
        return (b.across() - a.across()) * (c.upward() - a.upward())
                - (b.upward() - a.upward()) * (c.across() - a.across());
    }
}
