package wideharbor.app.photos;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import wideharbor.app.web.Refusal;

/**
 * A picture as it is kept: JPEG, the right way up, without anything that the camera wrote into it (place, time, serial
 * numbers), at most 2400 pixels long; and a small one for lists.
 */
final class Picture {
    static final int MOST_BYTES = 15_000_000;
    private static final long MOST_PIXELS = 40_000_000;
    private static final int LONG_SIDE = 2400;
    private static final int SMALL_SIDE = 360;
    /** Finer than twice what is kept nothing is read: a large picture does not fill the memory. */
    private static final int READ_SIDE = 2 * LONG_SIDE;

    private static final double QUALITY = 0.85;
    private static final Set<String> KINDS = Set.of("jpeg", "jpg", "png", "webp");

    private final byte[] large;
    private final byte[] small;
    private final int widthPx;
    private final int heightPx;

    private Picture(BufferedImage image) throws IOException {
        this.large = jpeg(image);
        this.small = jpeg(sized(image, SMALL_SIDE));
        this.widthPx = image.getWidth();
        this.heightPx = image.getHeight();
    }

    byte[] large() {
        return large;
    }

    byte[] small() {
        return small;
    }

    int widthPx() {
        return widthPx;
    }

    int heightPx() {
        return heightPx;
    }

    /** @throws Refusal naming what is wrong with it and the limit */
    static Picture read(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw noPicture();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, false);
                return read(reader);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw noPicture();
        }
    }

    private static Refusal noPicture() {
        return new Refusal(
                HttpStatus.BAD_REQUEST,
                "This is no picture that can be read: JPEG, PNG and WebP are. Nothing was stored.");
    }

    private static Picture read(ImageReader reader) throws IOException {
        if (!KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
            throw noPicture();
        }
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
            throw new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "This picture has " + pixels / 1_000_000 + " megapixels; at most 40 are read. Nothing was stored.");
        }
        int longSide = Math.max(reader.getWidth(0), reader.getHeight(0));
        int step = Math.max(1, longSide / READ_SIDE);
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(step, step, 0, 0);
        BufferedImage image = turned(reader.read(0, param), orientation(reader));
        return new Picture(sized(image, LONG_SIDE));
    }

    private static @Nullable Orientation orientation(ImageReader reader) {
        try {
            return ExifUtils.getExifOrientation(reader, 0);
        } catch (IOException | RuntimeException e) {
            // What the camera wrote beside the picture is broken; the picture is not.
            return null;
        }
    }

    private static BufferedImage turned(BufferedImage image, @Nullable Orientation orientation) {
        return orientation == null
                ? image
                : ExifFilterUtils.getFilterForOrientation(orientation).apply(image);
    }

    private static BufferedImage sized(BufferedImage image, int most) throws IOException {
        double scale = Math.min(1, most / (double) Math.max(image.getWidth(), image.getHeight()));
        return Thumbnails.of(image)
                .scale(scale)
                .imageType(BufferedImage.TYPE_INT_RGB)
                .asBufferedImage();
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
        return out.toByteArray();
    }
}
