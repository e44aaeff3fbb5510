package wideharbor.e2e;

import com.github.romankh3.image.comparison.ImageComparison;
import com.github.romankh3.image.comparison.model.ImageComparisonState;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/**
 * Whether a screen still looks like its picture in the docs. Both are looked at from afar, each square of four by four
 * pixels as one: how a machine smooths its letters does not count, a block that is gone or elsewhere does.
 */
final class Pictures {
    private static final Path KEPT = Path.of("..", "docs", "screenshots");
    private static final Path TOLD = Path.of("target", "pictures");
    private static final int AFAR = 4;
    private static final double TOLERANCE = 0.06;
    private static final double MOST_PERCENT = 1.5;

    private Pictures() {}

    /**
     * Whether they look alike; if not, both are kept below target/pictures, the seen one with a frame round what
     * differs.
     */
    static boolean alike(String name, byte[] seen) {
        try {
            BufferedImage now = afar(ImageIO.read(new ByteArrayInputStream(seen)));
            BufferedImage then = afar(ImageIO.read(KEPT.resolve(name + ".png").toFile()));
            var compared = new ImageComparison(then, now)
                    .setPixelToleranceLevel(TOLERANCE)
                    .setAllowingPercentOfDifferentPixels(MOST_PERCENT)
                    .compareImages();
            if (compared.getImageComparisonState() == ImageComparisonState.MATCH) {
                return true;
            }
            Files.createDirectories(TOLD);
            Files.write(TOLD.resolve(name + ".png"), seen);
            ImageIO.write(
                    compared.getResult(),
                    "png",
                    TOLD.resolve(name + "-differs.png").toFile());
            return false;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BufferedImage afar(BufferedImage near) {
        int width = near.getWidth() / AFAR;
        int height = near.getHeight() / AFAR;
        BufferedImage afar = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = afar.createGraphics();
        g.drawImage(near.getScaledInstance(width, height, Image.SCALE_AREA_AVERAGING), 0, 0, null);
        g.dispose();
        return afar;
    }
}
