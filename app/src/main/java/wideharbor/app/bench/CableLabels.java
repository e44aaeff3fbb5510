package wideharbor.app.bench;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.springframework.web.util.HtmlUtils;
import wideharbor.app.web.Paper;
import wideharbor.core.signal.CableSchedule;

/** Labels for cables, three to a row: a code that a scanner reads, and the same in words. */
final class CableLabels {
    private static final int DOTS = 132;
    private static final int PER_ROW = 3;
    private static final String STYLE =
            """
            @page { size: A4; margin: 12mm 10mm; }
            body { font-family: paper; font-size: 8.5pt; color: #14262e; }
            h1 { font-size: 12pt; font-weight: normal; margin: 0 0 6pt; }
            table { width: 100%; border-collapse: collapse; table-layout: fixed; }
            td { border: 0.4pt dashed #4c5b60; padding: 4pt; vertical-align: top; height: 26mm; }
            img { width: 20mm; height: 20mm; float: left; margin-right: 5pt; }
            .soft { color: #4c5b60; }
            """;

    private CableLabels() {}

    /** What the code says: where the cable belongs, so that a scan at the return finds it. */
    static String code(String job, String build, CableSchedule.Row cable) {
        return "harbor:" + job + "/" + build + "/" + cable.id();
    }

    static byte[] pdf(String job, String build, String title, List<CableSchedule.Row> cables) {
        StringBuilder page = new StringBuilder("<html><head><style>").append(STYLE).append("</style></head><body><h1>");
        page.append(text(title)).append(", cable labels</h1><table>");
        for (int i = 0; i < cables.size(); i += PER_ROW) {
            page.append("<tr>");
            for (int k = i; k < i + PER_ROW; k++) {
                page.append(k < cables.size() ? cell(job, build, cables.get(k)) : "<td></td>");
            }
            page.append("</tr>");
        }
        return Paper.pdf(page.append("</table></body></html>").toString());
    }

    private static String cell(String job, String build, CableSchedule.Row cable) {
        return "<td><img src='data:image/png;base64,"
                + Base64.getEncoder().encodeToString(picture(code(job, build, cable)))
                + "'/><b>" + text(cable.label()) + "</b><br/>" + text(cable.name()) + "<br/><span class='soft'>"
                + text(cable.a().socket() + " to " + cable.b().socket()) + "</span></td>";
    }

    /** The code as a picture with a quiet zone of two modules. */
    static byte[] picture(String content) {
        try {
            BitMatrix bits = new QRCodeWriter()
                    .encode(content, BarcodeFormat.QR_CODE, DOTS, DOTS, Map.of(EncodeHintType.MARGIN, 2));
            BufferedImage image = new BufferedImage(bits.getWidth(), bits.getHeight(), BufferedImage.TYPE_BYTE_BINARY);
            for (int x = 0; x < bits.getWidth(); x++) {
                for (int y = 0; y < bits.getHeight(); y++) {
                    image.setRGB(x, y, bits.get(x, y) ? 0x000000 : 0xFFFFFF);
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (WriterException e) {
            throw new IllegalArgumentException("'" + content + "' is too long for a code", e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(String plain) {
        return HtmlUtils.htmlEscapeDecimal(plain);
    }
}
