package wideharbor.app.packing;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.Category;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Move;

/** Packing as the screen shows it; g. */
public final class PackingViews {
    private PackingViews() {}

    /** {@code refused}: scans of this request that could not be. */
    public record PackSheet(
            Gate.Stage stage,
            String title,
            List<PackLine> lines,
            List<PackBox> boxes,
            int packed,
            int wanted,
            int told,
            int left,
            List<Refused> refused,
            List<NotWhole> notWhole) {}

    /** What came back otherwise than whole: damaged, missing or used up. */
    record NotWhole(
            Move.Kind kind,
            String title,
            String code,
            int pieces,
            String remark,
            Optional<Double> cost,
            String who,
            Instant at) {}

    public record Refused(String scan, String code, String why) {}

    /** {@code toldApart}: each piece has a code; {@code planned}: the cases that the plan puts it into. */
    public record PackLine(
            String type,
            String title,
            Category category,
            int wanted,
            int in,
            boolean toldApart,
            List<String> codes,
            List<Integer> planned,
            int back,
            int damaged,
            int missing,
            int consumed) {}

    public record PackContent(String type, String title, int pieces, List<String> codes) {}

    /** {@code unweighed} pieces have no mass on file and count as nothing; {@code plan}: what the plan puts into it. */
    public record PackBox(
            int number,
            String name,
            List<PackContent> contents,
            List<PackContent> plan,
            double grams,
            int unweighed,
            boolean forTwo) {}
}
