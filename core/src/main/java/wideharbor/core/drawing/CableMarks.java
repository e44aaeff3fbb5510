package wideharbor.core.drawing;

import java.util.List;
import wideharbor.core.analysis.OutletLoad;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.drawing.Drawing.Cable;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;

/** Cables on their estimated ways. */
final class CableMarks {
    private CableMarks() {}

    static List<PlacementId> ends(Rig rig, CableId cable) {
        CableRun run = rig.content().cable(cable).orElseThrow();
        return List.of(run.a().placement(), run.b().placement());
    }

    static List<Cable> cables(RigAnalysis analysis, Sheet view) {
        return analysis.cables().stream()
                .map(c -> new Cable(
                        c.id(),
                        ends(analysis.rig(), c.id()),
                        c.name() + ", " + c.a().part() + " to " + c.b().part(),
                        c.carries(),
                        c.way().stream().map(view::project).toList(),
                        Math.round(c.neededMm()) + " of " + Math.round(c.lengthMm()) + " mm" + amps(analysis, c.id()),
                        !c.isTooShort()))
                .toList();
    }

    /** What flows in a power cable at the end of the charge; nothing for other cables. */
    static String amps(RigAnalysis analysis, CableId cable) {
        return analysis.feeds().outlets().stream()
                .filter(o -> o.link()
                        .flatMap(FeedTree.Link::cable)
                        .filter(c -> c.id().equals(cable))
                        .isPresent())
                .findFirst()
                .flatMap(o -> OutletLoad.amps(analysis.feeds(), o))
                .map(a -> ", " + Words.one(a) + " A")
                .orElse("");
    }
}
