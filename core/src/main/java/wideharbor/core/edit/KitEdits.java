package wideharbor.core.edit;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;

/** What goes into the kit beside what is on the rigs. */
final class KitEdits {
    private KitEdits() {}

    static Prepared pack(RigAnalysis analysis, ItemType type, int count) {
        int now = analysis.kit().count(type.ref());
        if (now == count) {
            throw new EditRefused("The kit holds " + count + " of " + type.name() + " already.");
        }
        return new Prepared(
                type.name() + " in the kit: " + count + " instead of " + now,
                List.of(Scoped.kit(new Command.AddKit(type.ref(), count - now))));
    }
}
