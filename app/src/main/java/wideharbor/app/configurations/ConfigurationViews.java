package wideharbor.app.configurations;

import java.util.List;
import wideharbor.app.web.Named;
import wideharbor.core.build.Build;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.changeover.ChangeoverMatrix;
import wideharbor.core.changeover.Twin;
import wideharbor.core.id.ConfigurationId;

/** What the endpoints about configurations answer with. */
public final class ConfigurationViews {
    private ConfigurationViews() {}

    record Changeovers(List<Named> configurations, List<Way> ways) {
        static Changeovers of(ChangeoverMatrix matrix, Build build, Catalogue catalogue) {
            return new Changeovers(
                    build.configurations().stream()
                            .map(c -> new Named(c.id().toString(), c.title()))
                            .toList(),
                    matrix.cells().stream().map(c -> Way.of(c, catalogue)).toList());
        }
    }

    /** A way with what the brief asks of it: minutes, 0 when it asks for nothing. */
    record Way(
            ConfigurationId from,
            ConfigurationId to,
            double minutes,
            double toolMinutes,
            boolean toolFree,
            double askedMinutes,
            boolean askedToolFree,
            boolean met,
            List<String> keys,
            List<Changeover.Step> steps,
            List<String> leftBehind,
            List<String> recheck,
            TwinView twin) {
        static Way of(ChangeoverMatrix.Cell cell, Catalogue catalogue) {
            Changeover way = cell.way();
            return new Way(
                    way.from(),
                    way.to(),
                    way.minutes(),
                    way.toolMinutes(),
                    way.isToolFree(),
                    cell.demand().map(d -> d.minutes()).orElse(0.0),
                    cell.demand().map(d -> d.toolFree()).orElse(false),
                    cell.met(),
                    way.keys(),
                    way.steps(),
                    way.leftBehind(),
                    way.recheck(),
                    TwinView.of(cell.twin(), catalogue));
        }
    }

    /** A second body left ready: what is doubled, how much of it is in the kit, and the minutes it saves. */
    record TwinView(
            List<TwinPart> parts,
            int pieces,
            int inKit,
            double extraGrams,
            double handOverMinutes,
            double savedMinutes,
            boolean worthIt) {
        static TwinView of(Twin t, Catalogue catalogue) {
            return new TwinView(
                    t.types().stream()
                            .map(r -> new TwinPart(
                                    catalogue.require(r).name(),
                                    t.doubled().getOrDefault(r, 0),
                                    t.inKit().getOrDefault(r, 0)))
                            .toList(),
                    t.pieces(),
                    t.piecesInKit(),
                    t.extraGrams(),
                    t.handOverMinutes(),
                    t.savedMinutes(),
                    t.worthIt());
        }
    }

    record TwinPart(String title, int pieces, int inKit) {}
}
