package wideharbor.app.book;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wideharbor.core.catalog.Category;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.View.Point;
import wideharbor.core.id.PlacementId;

/** An elevation in ink: parts over one another as they are seen, each with its number at the side. */
final class Elevation {
    private static final double MARGIN = 22;
    private static final double BALLOON = 12;
    private static final Color INK = new Color(0x14, 0x26, 0x2e);
    private static final Color SHADE = new Color(0xf1, 0xf3, 0xf3);
    private static final BasicStroke OUTLINE = new BasicStroke(0.6f);
    private static final BasicStroke LEADER = new BasicStroke(0.3f);

    /** In the order of the table: the first part has number 1. */
    private final List<PlacementId> numbered;

    private final List<Drawing.Part> parts;

    Elevation(Drawing drawing, List<PlacementId> numbered, boolean legs) {
        this.numbered = List.copyOf(numbered);
        this.parts = drawing.parts().stream()
                .filter(p -> legs || p.category() != Category.LEGS)
                .toList();
    }

    /** Fits the elevation into a field of so many points. */
    void draw(Graphics2D g, double width, double height) {
        Rectangle2D bounds = bounds();
        double scale = Math.min(
                (width - 2 * MARGIN) / Math.max(1, bounds.getWidth()), (height - 8) / Math.max(1, bounds.getHeight()));
        AffineTransform paper = new AffineTransform();
        paper.translate(width / 2, height / 2);
        paper.scale(scale, -scale);
        paper.translate(-bounds.getCenterX(), -bounds.getCenterY());
        g.setStroke(OUTLINE);
        for (Drawing.Part part : parts) {
            for (Outline outline : part.outlines()) {
                if (outline.use() == Shape.Use.SOLID) {
                    Area shape = shape(outline, paper);
                    g.setPaint(SHADE);
                    g.fill(shape);
                    g.setPaint(INK);
                    g.draw(shape);
                }
            }
        }
        balloons(g, width, height, paper);
    }

    private Rectangle2D bounds() {
        Rectangle2D all = new Rectangle2D.Double();
        boolean first = true;
        for (Drawing.Part part : parts) {
            for (Outline outline : part.outlines()) {
                for (Point p : outline.border()) {
                    if (first) {
                        all = new Rectangle2D.Double(p.across(), p.upward(), 0, 0);
                        first = false;
                    }
                    all.add(p.across(), p.upward());
                }
            }
        }
        return all;
    }

    private static Area shape(Outline outline, AffineTransform paper) {
        Area shape = new Area(path(outline.border(), paper));
        if (!outline.bore().isEmpty()) {
            shape.subtract(new Area(path(outline.bore(), paper)));
        }
        return shape;
    }

    private static Path2D path(List<Point> border, AffineTransform paper) {
        Path2D path = new Path2D.Double();
        for (int i = 0; i < border.size(); i++) {
            Point2D p = at(border.get(i), paper);
            if (i == 0) {
                path.moveTo(p.getX(), p.getY());
            } else {
                path.lineTo(p.getX(), p.getY());
            }
        }
        path.closePath();
        return path;
    }

    private static Point2D at(Point p, AffineTransform paper) {
        return paper.transform(new Point2D.Double(p.across(), p.upward()), new Point2D.Double());
    }

    private record Balloon(int number, Point2D at) {}

    /** In two columns beside the rig, each at the height of its part as near as there is room. */
    private void balloons(Graphics2D g, double width, double height, AffineTransform paper) {
        List<Balloon> left = new ArrayList<>();
        List<Balloon> right = new ArrayList<>();
        for (Drawing.Part part : parts) {
            int number = numbered.indexOf(part.placement()) + 1;
            if (number > 0 && !part.outlines().isEmpty()) {
                Point2D middle = at(middle(part), paper);
                (middle.getX() < width / 2 ? left : right).add(new Balloon(number, middle));
            }
        }
        g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 7));
        column(g, left, BALLOON / 2, height);
        column(g, right, width - BALLOON / 2, height);
    }

    private static Point middle(Drawing.Part part) {
        Outline largest = part.outlines().stream()
                .max(Comparator.comparingDouble(Elevation::size))
                .orElseThrow();
        double across = 0;
        double upward = 0;
        for (Point p : largest.border()) {
            across += p.across() / largest.border().size();
            upward += p.upward() / largest.border().size();
        }
        return new Point(across, upward);
    }

    private static double size(Outline outline) {
        Path2D path = path(outline.border(), new AffineTransform());
        return path.getBounds2D().getWidth() * path.getBounds2D().getHeight();
    }

    private static void column(Graphics2D g, List<Balloon> balloons, double x, double height) {
        balloons.sort(Comparator.comparingDouble(b -> b.at().getY()));
        double[] heights = new double[balloons.size()];
        double step = Math.min(BALLOON, height / Math.max(1, balloons.size()));
        for (int i = 0; i < heights.length; i++) {
            double least = i == 0 ? BALLOON / 2 : heights[i - 1] + step;
            heights[i] = Math.max(least, balloons.get(i).at().getY());
        }
        for (int i = heights.length - 1; i >= 0; i--) {
            double most = i == heights.length - 1 ? height - BALLOON / 2 : heights[i + 1] - step;
            heights[i] = Math.min(most, heights[i]);
        }
        for (int i = 0; i < heights.length; i++) {
            balloon(g, balloons.get(i), x, heights[i]);
        }
    }

    private static void balloon(Graphics2D g, Balloon balloon, double x, double y) {
        double r = BALLOON / 2 - 1;
        g.setStroke(LEADER);
        g.setPaint(INK);
        g.draw(new Line2D.Double(
                x < balloon.at().getX() ? x + r : x - r,
                y,
                balloon.at().getX(),
                balloon.at().getY()));
        g.fill(new Ellipse2D.Double(balloon.at().getX() - 1, balloon.at().getY() - 1, 2, 2));
        Ellipse2D circle = new Ellipse2D.Double(x - r, y - r, 2 * r, 2 * r);
        g.setPaint(Color.WHITE);
        g.fill(circle);
        g.setPaint(INK);
        g.draw(circle);
        String number = String.valueOf(balloon.number());
        FontMetrics metrics = g.getFontMetrics();
        g.drawString(number, (float) (x - metrics.stringWidth(number) / 2.0), (float) (y + 2.4));
    }
}
