package wideharbor.app.signal;

import java.util.List;
import java.util.Map;
import wideharbor.app.web.CodePicture;
import wideharbor.app.web.Paper;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.id.BuildId;
import wideharbor.core.signal.CableSchedule;

/** Labels for cables, three to a row: a code that a scanner reads, and the same in words. */
final class CableLabels {
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
        List<Label> labels = cables.stream().map(c -> label(job, build, c)).toList();
        List<List<Label>> rows = CodePicture.rows(labels, PER_ROW);
        return paper.pdf("cable-labels", Map.of("title", title, "rows", rows, "perRow", PER_ROW));
    }

    private static Label label(String job, BuildId build, CableSchedule.Row cable) {
        return new Label(
                CodePicture.address(code(job, build, cable)),
                cable.label(),
                cable.name(),
                cable.a().socket() + " to " + cable.b().socket());
    }
}
