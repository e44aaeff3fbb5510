package wideharbor.app.photos;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import wideharbor.core.photo.Mark;

/** A photo for paper: small enough, with what is pointed at drawn into it, dark on a light edge. */
final class MarkedPicture {
    private static final int LONG_SIDE = 900;
    private static final double HEAD = 0.022;
    private static final double WING = 0.5;

    private MarkedPicture() {}

    /** @param jpeg as it is kept */
    static byte[] draw(byte[] jpeg, List<Mark> marks) {
        try {
            BufferedImage kept = ImageIO.read(new ByteArrayInputStream(jpeg));
            double scale = Math.min(1, LONG_SIDE / (double) Math.max(kept.getWidth(), kept.getHeight()));
            BufferedImage image = Thumbnails.of(kept)
                    .scale(scale)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            Graphics2D g = image.createGraphics();
            g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            marks.forEach(m -> draw(g, m, image.getWidth(), image.getHeight()));
            g.dispose();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "jpg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void draw(Graphics2D g, Mark mark, int width, int height) {
        float unit = Math.max(width, height) / 1000f;
        if (mark.kind() == Mark.Kind.ARROW) {
            stroke(g, arrow(mark, width, height), 9 * unit, 4 * unit);
        }
        if (!mark.words().isEmpty()) {
            TextLayout text = new TextLayout(
                    mark.words(),
                    new Font(Font.SANS_SERIF, Font.BOLD, Math.round(26 * unit)),
                    g.getFontRenderContext());
            double length = text.getBounds().getWidth();
            double x = Math.max(0, Math.min(width - length, mark.fromX() * width - length / 2));
            double below = mark.kind() == Mark.Kind.ARROW && mark.toY() < mark.fromY() ? 28 * unit : -8 * unit;
            double y = Math.max(text.getAscent(), Math.min(height - text.getDescent(), mark.fromY() * height + below));
            Shape letters = text.getOutline(AffineTransform.getTranslateInstance(x, y));
            g.setColor(Color.WHITE);
            g.setStroke(new BasicStroke(6 * unit, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(letters);
            g.setColor(Color.BLACK);
            g.fill(letters);
        }
    }

    private static void stroke(Graphics2D g, Shape line, float edge, float ink) {
        g.setColor(Color.WHITE);
        g.setStroke(new BasicStroke(edge, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(line);
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke(ink, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(line);
    }

    private static Shape arrow(Mark mark, int width, int height) {
        double toX = mark.toX() * width;
        double toY = mark.toY() * height;
        double along = Math.atan2(toY - mark.fromY() * height, toX - mark.fromX() * width);
        double head = HEAD * Math.max(width, height);
        Path2D path = new Path2D.Double();
        path.moveTo(mark.fromX() * width, mark.fromY() * height);
        path.lineTo(toX, toY);
        path.moveTo(toX - head * Math.cos(along + WING), toY - head * Math.sin(along + WING));
        path.lineTo(toX, toY);
        path.lineTo(toX - head * Math.cos(along - WING), toY - head * Math.sin(along - WING));
        return path;
    }
}
