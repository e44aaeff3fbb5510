package wideharbor.app.signal;

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
import wideharbor.app.web.Paper;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.id.BuildId;
import wideharbor.core.signal.CableSchedule;

/** Labels for cables, three to a row: a code that a scanner reads, and the same in words. */
final class CableLabels {
    private static final int DOTS = 132;
    private static final int QUIET_MODULES = 2;
    private static final int PER_ROW = 3;

    private CableLabels() {}

    /** {@code code} is a picture as a data address. */
    record Label(String code, String label, String name, String ends) {}

    /** What the code says: where the cable belongs, so that a scan at the return finds it. */
    static String code(String job, BuildId build, CableSchedule.Row cable) {
        return "harbor:" + job + "/" + build + "/" + cable.id();
    }

    static byte[] pdf(Paper paper, RigAnalysis analysis) {
        String job = analysis.job().id();
        BuildId build = analysis.build().id();
        List<CableSchedule.Row> cables = analysis.cables();
        String title = analysis.job().title() + ", " + analysis.build().title() + ", "
                + analysis.rig().configuration().title();
        List<List<Label>> rows = new ArrayList<>();
        for (int i = 0; i < cables.size(); i += PER_ROW) {
            rows.add(cables.subList(i, Math.min(i + PER_ROW, cables.size())).stream()
                    .map(c -> label(job, build, c))
                    .toList());
        }
        return paper.pdf("cable-labels", Map.of("title", title, "rows", rows, "perRow", PER_ROW));
    }

    private static Label label(String job, BuildId build, CableSchedule.Row cable) {
        return new Label(
                "data:image/png;base64," + Base64.getEncoder().encodeToString(picture(code(job, build, cable))),
                cable.label(),
                cable.name(),
                cable.a().socket() + " to " + cable.b().socket());
    }

    /** The code as a picture with a quiet zone. */
    static byte[] picture(String content) {
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
}
