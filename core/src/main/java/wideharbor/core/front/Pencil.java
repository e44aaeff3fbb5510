package wideharbor.core.front;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import wideharbor.core.catalog.OpticalFacet;

/**
 * The pencil of light that makes a corner of the picture: it leaves the entrance pupil, as wide as the pupil, in the
 * direction of the corner. At a distance D ahead of the pupil its middle stands D·tan θ aside and over the axis, and it
 * is as wide there as in the pupil, since the subject is far. A squeezed lens sees wider and has a narrower pupil
 * across the picture, and may have it elsewhere.
 *
 * @param tanX of the angle to the side, squeeze included: width · squeeze ÷ 2f
 * @param tanY of the angle up: height ÷ 2f
 * @param behindX the pupil for the width, behind the front rim, mm
 * @param behindY the pupil for the height, behind the front rim, mm
 * @param radiusX half the pupil's width, mm: f ÷ (2 · N · squeeze)
 * @param radiusY half its height, mm: f ÷ (2 · N)
 */
public record Pencil(double tanX, double tanY, double behindX, double behindY, double radiusX, double radiusY) {
    /** A T-stop counts the light that is lost in glass; without it the stop is about this much smaller. */
    private static final double STOP_OF_T = 0.93;

    /** The pupil's rim as a polygon; its area is 0.2 % short of the ellipse's. */
    private static final int RIM = 64;

    /** Of a lens at its shortest focal length and widest stop, recording this window. */
    public static Pencil of(OpticalFacet.Lens lens, OpticalFacet.Camera.Window window, double behindX, double behindY) {
        double number = STOP_OF_T * lens.tStop();
        double radius = lens.focalMm() / (2 * number);
        return new Pencil(
                window.widthMm() * lens.squeeze() / (2 * lens.focalMm()),
                window.heightMm() / (2 * lens.focalMm()),
                behindX,
                behindY,
                radius / lens.squeeze(),
                radius);
    }

    /** How an edge stands to the worst of the four corners. */
    public Shade at(Edge edge) {
        Shade worst = corner(edge, 1, 1);
        for (int[] signs : new int[][] {{1, -1}, {-1, 1}, {-1, -1}}) {
            Shade other = corner(edge, signs[0], signs[1]);
            worst = worst.roomMm() <= other.roomMm() ? worst : other;
        }
        return worst;
    }

    private Shade corner(Edge edge, int signX, int signY) {
        double x = signX * (edge.aheadMm() + behindX) * tanX - edge.asideMm();
        double y = signY * (edge.aheadMm() + behindY) * tanY - edge.upMm();
        return edge.round() ? round(edge, x, y) : straight(edge, x, y);
    }

    private Shade straight(Edge edge, double x, double y) {
        double room = Math.min(edge.halfWidthMm() - Math.abs(x) - radiusX, edge.halfHeightMm() - Math.abs(y) - radiusY);
        boolean cut = Math.abs(x) > edge.halfWidthMm() || Math.abs(y) > edge.halfHeightMm();
        if (room >= 0) {
            return new Shade(room, 0, false);
        }
        List<double[]> rim = rim(x, y);
        List<double[]> left = clipped(rim, p -> edge.halfWidthMm() - p[0]);
        left = clipped(left, p -> edge.halfWidthMm() + p[0]);
        left = clipped(left, p -> edge.halfHeightMm() - p[1]);
        left = clipped(left, p -> edge.halfHeightMm() + p[1]);
        return new Shade(room, 1 - area(left) / area(rim), cut);
    }

    private Shade round(Edge edge, double x, double y) {
        double radius = edge.halfWidthMm();
        List<double[]> rim = rim(x, y);
        double farthest =
                rim.stream().mapToDouble(p -> Math.hypot(p[0], p[1])).max().orElse(0);
        boolean cut = Math.hypot(x, y) > radius;
        if (farthest <= radius) {
            return new Shade(radius - farthest, 0, false);
        }
        List<double[]> left = rim;
        for (int i = 0; i < RIM; i++) {
            double angle = 2 * Math.PI * i / RIM;
            left = clipped(left, p -> radius - p[0] * Math.cos(angle) - p[1] * Math.sin(angle));
        }
        return new Shade(radius - farthest, 1 - area(left) / area(rim), cut);
    }

    private List<double[]> rim(double x, double y) {
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < RIM; i++) {
            double angle = 2 * Math.PI * i / RIM;
            all.add(new double[] {x + radiusX * Math.cos(angle), y + radiusY * Math.sin(angle)});
        }
        return all;
    }

    /** What of a convex polygon lies where the function is not negative (Sutherland and Hodgman, one edge). */
    private static List<double[]> clipped(List<double[]> polygon, ToDoubleFunction<double[]> inside) {
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < polygon.size(); i++) {
            double[] from = polygon.get(i);
            double[] to = polygon.get((i + 1) % polygon.size());
            double a = inside.applyAsDouble(from);
            double b = inside.applyAsDouble(to);
            if (a >= 0) {
                all.add(from);
            }
            if (a >= 0 != b >= 0) {
                double t = a / (a - b);
                all.add(new double[] {from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])});
            }
        }
        return all;
    }

    private static double area(List<double[]> polygon) {
        double twice = 0;
        for (int i = 0; i < polygon.size(); i++) {
            double[] a = polygon.get(i);
            double[] b = polygon.get((i + 1) % polygon.size());
            twice += a[0] * b[1] - b[0] * a[1];
        }
        return Math.abs(twice) / 2;
    }
}
