package wideharbor.core.edit;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.CableId;

/** Requests about cables, with what the journal says of them. */
final class CableRequests {
    private CableRequests() {}

    static Prepared plug(RigAnalysis analysis, CableRequest.Plug request) {
        ItemType type = PartRequests.item(analysis, request.item());
        requireThere(analysis, request.from());
        requireThere(analysis, request.to());
        return new Prepared(
                "Plug " + type.name() + " from "
                        + analysis.rig().title(request.from().placement()) + " to "
                        + analysis.rig().title(request.to().placement()),
                CableEdits.plug(analysis, request.from(), request.to(), type));
    }

    private static void requireThere(RigAnalysis analysis, SocketRef ref) {
        boolean there = analysis.rig()
                .find(ref.placement())
                .flatMap(p -> p.type().socket(ref.socket()))
                .isPresent();
        if (!there) {
            throw new EditRefused("The rig has no socket " + ref + ".");
        }
    }

    static String title(RigAnalysis analysis, CableId cable) {
        return analysis.rig()
                .content()
                .cable(cable)
                .map(c -> analysis.catalogue().require(c.type()).name() + " from "
                        + analysis.rig().title(c.a().placement()) + " to "
                        + analysis.rig().title(c.b().placement()))
                .orElse(cable.toString());
    }
}
