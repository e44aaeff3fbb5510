package wideharbor.app.web;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.client.j2se.MatrixToImageWriter;
import com.google.zxing.qrcode.QRCodeWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;

/** A code that a scanner reads, as a picture for a label. */
public final class CodePicture {
    private static final int DOTS = 132;
    private static final int QUIET_MODULES = 2;

    private CodePicture() {}

    /** The code as a data address, with a quiet zone. */
    public static String address(String content) {
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(png(content));
    }

    public static byte[] png(String content) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            MatrixToImageWriter.writeToStream(
                    new QRCodeWriter()
                            .encode(
                                    content,
                                    BarcodeFormat.QR_CODE,
                                    DOTS,
                                    DOTS,
                                    Map.of(EncodeHintType.MARGIN, QUIET_MODULES)),
                    "png",
                    out);
            return out.toByteArray();
        } catch (WriterException e) {
            throw new IllegalArgumentException("'" + content + "' is too long for a code", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Labels in rows of so many. */
    public static <T> List<List<T>> rows(List<T> labels, int perRow) {
        List<List<T>> rows = new ArrayList<>();
        for (int i = 0; i < labels.size(); i += perRow) {
            rows.add(labels.subList(i, Math.min(i + perRow, labels.size())));
        }
        return rows;
    }
}
